package vantbreeze.core.plan;

import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Structure;

/** A card of any structure, 152 × 108 mm, with nothing laid on it: what tests of layers begin with. */
public final class BarePlan {

    private BarePlan() {}

    public static Plan of(Structure structure) {
        return Plan.of(
                "Kite day",
                structure.id(),
                structure.proportioned(Size.ofMillimetres(152, 108), Ruler.MM_1),
                Ruler.MM_1);
    }
}
