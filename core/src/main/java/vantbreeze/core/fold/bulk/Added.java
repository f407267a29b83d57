package vantbreeze.core.fold.bulk;

import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Length;

/**
 * Something on a panel that adds to its thickness: a layer, a foam pad, an embellishment.
 *
 * @param name what the maker calls it
 * @param panel the panel it is on, by index
 * @param side which side of it
 * @param shape what it covers on the panel's sheet, holes and all, millimetres
 * @param height how far it stands up
 * @param grams what it weighs
 */
public record Added(String name, int panel, Side side, Polygon shape, Length height, double grams) {}
