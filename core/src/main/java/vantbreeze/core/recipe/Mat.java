package vantbreeze.core.recipe;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Side;
import vantbreeze.core.paper.Size;

/**
 * A mat or layer that a recipe asks for.
 *
 * @param size as written, width first
 * @param count how many
 * @param start where it stands in the text
 * @param end where that ends
 * @param places what it is for, in the recipe's words ("front", "sides"); none where that is not told
 * @param on the panel that it lies on, where that is told by number; else null
 */
public record Mat(Size size, int count, int start, int end, List<String> places, @Nullable On on) {

    /**
     * A side of a panel, as the recipe counts panels and pieces, but from 0.
     *
     * @param panel of its piece
     * @param piece of the card
     * @param side of the panel
     */
    public record On(int panel, int piece, Side side) {}

    public Mat {
        places = List.copyOf(places);
    }
}
