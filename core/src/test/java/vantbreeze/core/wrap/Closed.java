package vantbreeze.core.wrap;

import java.util.List;
import java.util.Map;
import java.util.Set;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.fold.bulk.BulkMap;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.fold.bulk.Weight;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Structure;

/** Closed cards of which only the bulk is of interest. */
final class Closed {

    private Closed() {}

    /** One sheet of this size that is as thick as it is said to be. */
    static ClosedCard of(double width, double height, BulkMap bulk) {
        FoldGraph sheet = FoldGraph.of(Assembly.of(Strip.ofHeight("Kite", Length.nearest(height))
                .panel("Kite", Length.nearest(width))
                .piece()));
        return ClosedCard.of(FoldedForm.of(sheet, Pose.open()), bulk, new Weight(List.of(), 0));
    }

    /** A wrap round a card that has no other, on a ruler of millimetres. */
    static Measures round(Structure wrap, ClosedCard card, Measures before, Set<String> kept) {
        return Wraps.round((WrapStructure) wrap, card, new Measures(Map.of()), before, kept, Ruler.MM_1);
    }
}
