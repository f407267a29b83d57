package vantbreeze.core.recognition;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Structure;

/**
 * A structure that a card is, or nearly is.
 *
 * @param structure which
 * @param measures with which it is, or would be, this card; what follows as usual is not said
 * @param isGlued whether it was compared as it is glued, too; otherwise only its pieces were
 * @param deviation the one figure that is another; null where none is
 * @param panels the structure's panel for each of the drawn card's
 * @param isTurnedOver whether the structure's decorated side is the drawn card's other one
 */
public record Likeness(
        Structure structure,
        Measures measures,
        boolean isGlued,
        @Nullable Deviation deviation,
        Map<PanelRef, PanelRef> panels,
        boolean isTurnedOver) {

    public Likeness {
        panels = Map.copyOf(panels);
    }

    /** Whether it is that structure, figure by figure. */
    public boolean isExact() {
        return deviation == null;
    }
}
