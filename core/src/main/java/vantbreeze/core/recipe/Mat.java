package vantbreeze.core.recipe;

import java.util.List;
import vantbreeze.core.paper.Size;

/**
 * A mat or layer that a recipe asks for.
 *
 * @param size as written, width first
 * @param count how many
 * @param start where it stands in the text
 * @param end where that ends
 * @param places what it is for, in the recipe's words ("front", "sides"); none where that is not told
 */
public record Mat(Size size, int count, int start, int end, List<String> places) {

    public Mat {
        places = List.copyOf(places);
    }
}
