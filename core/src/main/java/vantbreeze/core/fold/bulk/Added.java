package vantbreeze.core.fold.bulk;

import java.util.List;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;

/**
 * Something on a panel that adds to its thickness: a layer, a foam pad, an embellishment.
 *
 * @param name what the maker calls it
 * @param panel the panel it is on, by index
 * @param side which side of it
 * @param area its corners, on the panel's sheet
 * @param height how far it stands up
 * @param grammage grams in a square metre
 */
public record Added(String name, int panel, Side side, List<Spot> area, Length height, int grammage) {

    public Added {
        area = List.copyOf(area);
    }
}
