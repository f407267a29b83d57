package vantbreeze.core.counter;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fold.Lazy;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.Wrapping;
import vantbreeze.core.post.Obstacle;
import vantbreeze.core.post.PostItem;
import vantbreeze.core.post.PostService;
import vantbreeze.core.post.PostTable;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/** The counter of a postal area: which service takes a card as it shall be sent, and what would make it cheaper. */
public final class Counter {

    /** So many ways to each cheaper service are told. */
    private static final int WAYS = 3;

    private final PostTable table;
    private final Sending sending;
    private final Mailing mailing;
    private final PostItem item;
    private final Lazy<List<Tried>> tried = new Lazy<>(this::tried);

    /** A card handed in where these services are. */
    public Counter(PostTable table, Sending sending) {
        this.table = table;
        this.sending = sending;
        this.mailing = sending.mailing();
        this.item = mailing.item(sending.card().tools().allowances());
    }

    /** A change, and what would be handed in then. */
    private record Tried(Saving saving, PostItem item) {}

    /** What is handed in. */
    public PostItem item() {
        return item;
    }

    /** Every service, the cheapest first, and what stands in its way. */
    public List<PostTable.Asked> services() {
        return table.ask(item);
    }

    /** The cheapest that takes it; nothing where none does. */
    public Optional<PostService> cheapest() {
        return table.cheapest(item);
    }

    /**
     * For each service that would be cheaper the changes of the card by each of which it would take it, by its id; none
     * where no single change is enough.
     */
    public Map<String, List<Saving>> ways() {
        Map<String, List<Saving>> ways = new TreeMap<>();
        for (PostTable.Asked cheaper : table.cheaper(item)) {
            boolean isToBeSaved = cheaper.obstacles().stream().allMatch(Counter::canBeSaved);
            List<Saving> found = isToBeSaved
                    ? tried.get().stream()
                            .filter(one -> cheaper.service().against(one.item()).isEmpty())
                            .map(Tried::saving)
                            .limit(WAYS)
                            .toList()
                    : List.of();
            ways.put(cheaper.service().id(), found);
        }
        return ways;
    }

    private static boolean canBeSaved(Obstacle obstacle) {
        return obstacle.beyond() > 0
                && (obstacle.limit() == Obstacle.Limit.THICKNESS || obstacle.limit() == Obstacle.Limit.WEIGHT);
    }

    private List<Tried> tried() {
        return Savings.of(sending.card()).stream()
                .flatMap(saving -> tried(saving).stream())
                .toList();
    }

    /** Nothing of what can't be made so: it is no way. */
    private Optional<Tried> tried(Saving saving) {
        try {
            return Optional.of(new Tried(saving, sending.after(saving).item()));
        } catch (ValidationException impossible) {
            return Optional.empty();
        }
    }

    /** What may happen to it on its way, in sentences for the maker. */
    public List<String> risks() {
        Ruler ruler = sending.card().ruler();
        Allowances allowances = sending.card().tools().allowances();
        List<String> risks = new ArrayList<>();
        if (item.stiff()) {
            risks.add("At %s it does not bend round a roller: it is sorted by hand and may cost more. Ask first."
                    .formatted(Figure.estimate(item.thickness(), ruler).inWords()));
        }
        if (item.uneven()) {
            risks.add(("It is %s thicker in one place than beside it, more than %s: rollers press there. "
                            + "Lay a sheet of card over it, or send it padded.")
                    .formatted(
                            Figure.estimate(mailing.unevenness(), ruler).inWords(),
                            Figure.of(allowances.of(Allowance.POST_EVEN), ruler).inWords()));
        }
        if (sending.envelope() == null && sending.wraps().stream().noneMatch(wrap -> Wrapping.isEnvelope(wrap))) {
            risks.add("It has no envelope: edges and layers rub and catch on the way.");
        }
        return risks;
    }
}
