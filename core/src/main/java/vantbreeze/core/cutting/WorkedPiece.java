package vantbreeze.core.cutting;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.paper.Size;

/**
 * All that follows about one piece of a plan as it lies open.
 *
 * @param panels its panels and hinges
 * @param first the number of its first panel among those of the whole card
 * @param cut the rectangle it is cut as
 * @param scores as read off a board
 * @param turned the level ones, read with its foot against the fence
 * @param yield how many come out of the sheet in hand, or null when no sheet is chosen
 */
public record WorkedPiece(
        Panels panels,
        int first,
        Size cut,
        List<BoardScore> scores,
        List<BoardScore> turned,
        @Nullable SheetYield yield) {

    public WorkedPiece {
        scores = List.copyOf(scores);
        turned = List.copyOf(turned);
    }
}
