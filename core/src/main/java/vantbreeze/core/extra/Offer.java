package vantbreeze.core.extra;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Side;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.tool.Allowances;

/**
 * A kind of thing that can be set on a face of a card.
 *
 * @param kind id of what it is
 * @param name what the maker calls it
 * @param meaning what it does, in a few plain words
 * @param to the panels, by index, on whose same side its other end can be glued; none where it has but one end
 */
public record Offer(String kind, String name, String meaning, List<Integer> to) {

    public Offer {
        to = List.copyOf(to);
    }

    /** Everything that can be set on a card, wherever there is room. */
    public static List<Offer> all() {
        return ExtraKinds.ALL.stream().map(kind -> of(kind, List.of())).toList();
    }

    private static Offer of(ExtraKind kind, List<Integer> to) {
        return new Offer(kind.id(), kind.name(), kind.meaning(), to);
    }

    /** What can be set on one side of a panel of a closed card, whether or not there is room for it. */
    public static List<Offer> on(int panel, Side side, FoldedForm closed, Allowances allowances) {
        List<Offer> offers = new ArrayList<>();
        FoldGraph graph = closed.graph();
        for (ExtraKind kind : ExtraKinds.ALL) {
            if (kind.reach() == ExtraKind.Reach.ONE) {
                offers.add(of(kind, List.of()));
                continue;
            }
            List<Integer> others = IntStream.range(0, graph.panels().size())
                    .filter(other -> other != panel)
                    .filter(other -> Fitted.of(
                                    new Extra(
                                            "extra-1",
                                            kind.name(),
                                            kind.id(),
                                            FaceId.of(panel, side, graph),
                                            FaceId.of(other, side, graph)),
                                    closed,
                                    new Measures(Map.of()),
                                    allowances)
                            .isPresent())
                    .boxed()
                    .toList();
            if (!others.isEmpty()) {
                offers.add(of(kind, others));
            }
        }
        return List.copyOf(offers);
    }
}
