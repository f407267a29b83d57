package vantbreeze.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import vantbreeze.core.counter.Counter;
import vantbreeze.core.counter.Sending;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Suggestion;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.plan.Wrapping;
import vantbreeze.core.post.PostTable;
import vantbreeze.core.post.PostTables;
import vantbreeze.core.structure.Structure;

/**
 * Every structure dressed all over, in all wraps of the house and at the counter, warm, a card of another size each.
 */
final class WrapBench {

    private static final int SIZES = 6;
    private static final int ROUNDS = 4;
    private static final double LIMIT = 200;
    private static final double COUNTER_LIMIT = 5;
    private static final List<String> SENT_IN = List.of("belly-band", "rectangle-envelope");

    private WrapBench() {}

    static List<Row> run() throws Exception {
        Workshop workshop = Workshop.standard();
        List<Row> rows = new ArrayList<>();
        for (Structure structure : workshop.catalogue().all()) {
            List<WorkedPlan> dressed = new ArrayList<>();
            for (int i = 0; i < SIZES; i++) {
                WorkedPlan bare = workshop.work(Plan.of(
                        "Kite day",
                        structure.id(),
                        structure.proportioned(Size.ofMillimetres(132 + 7 * i, 100 + 5 * i), Ruler.MM_1),
                        Ruler.MM_1));
                Suggestion suggestion = new Suggestion(workshop, bare);
                dressed.add(bare.withDressing(suggestion.dressing(suggestion.usualStack()))
                        .whole());
            }
            rows.add(Yardstick.UNIONS.beside(() -> wrapped(workshop, structure, dressed)));
            List<Sending> sendings = dressed.stream().map(WrapBench::sent).toList();
            rows.add(Yardstick.UNIONS.beside(() -> handedIn(structure, sendings)));
        }
        return rows;
    }

    private static Row wrapped(Workshop workshop, Structure structure, List<WorkedPlan> dressed) {
        int wraps = workshop.wraps().all().size();
        double[] times = taken(dressed, card -> {
            for (Structure wrap : workshop.wraps().all()) {
                Wrapping wrapping = made(wrap.id(), card, List.of());
                if (wrapping.drawn().steps().isEmpty() || wrapping.closed().footprint() == null) {
                    throw new IllegalStateException(wrap.id() + " does not go round " + structure.id());
                }
                wrapping.findings();
            }
        });
        return Row.median("%s, its %s wraps all together".formatted(structure.name(), wraps), times, LIMIT);
    }

    private static Wrapping made(String wrap, WorkedPlan card, List<WorkedPlan> others) {
        return Wrapping.of(card, others, card.workshop().work(Wrapping.begun(wrap, card, others)));
    }

    /** With its band and its envelope, all of them worked out. */
    private static Sending sent(WorkedPlan card) {
        List<WorkedPlan> worn = new ArrayList<>();
        for (String wrap : SENT_IN) {
            worn.add(made(wrap, card, List.copyOf(worn)).wrap().whole());
        }
        return new Sending(card, worn, null, 1);
    }

    private static Row handedIn(Structure structure, List<Sending> sendings) {
        PostTable table = PostTables.all().get(0);
        double[] times = taken(sendings, sending -> {
            if (new Counter(table, sending).services().isEmpty()) {
                throw new IllegalStateException("nothing was asked of " + structure.id());
            }
        });
        return Row.median(structure.name() + ", which service takes it", times, COUNTER_LIMIT);
    }

    private static <T> double[] taken(List<T> each, Consumer<T> work) {
        double[] taken = new double[SIZES * (ROUNDS - 1)];
        for (int i = 0; i < SIZES * ROUNDS; i++) {
            T one = each.get(i % SIZES);
            long begun = System.nanoTime();
            work.accept(one);
            if (i >= SIZES) {
                taken[i - SIZES] = (System.nanoTime() - begun) / 1e6;
            }
        }
        return taken;
    }
}
