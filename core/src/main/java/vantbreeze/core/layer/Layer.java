package vantbreeze.core.layer;

import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.bulk.Added;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Cardstock;

/**
 * One layer where it lies.
 *
 * @param dressed which entry of the dressing it belongs to, from 0
 * @param level how many layers lie beneath it
 * @param part which part of its face, from 0
 * @param face on which face
 * @param choice what the maker chose
 * @param paper what it is cut from
 * @param shape on the panel's sheet, millimetres
 * @param least the narrowest border it leaves of what lies beneath; negative when it reaches over
 * @param most the widest; wider than the narrowest where rounding to the ruler moved an edge away from a fold
 * @param up which way is up on the panel's sheet where it is seen, degrees anticlockwise from across
 */
public record Layer(
        int dressed,
        int level,
        int part,
        Face face,
        LayerChoice choice,
        Cardstock paper,
        Polygon shape,
        Length least,
        Length most,
        double up) {

    /** What it adds to the closed stack. */
    Added added() {
        // pads cover all of the layer
        double grams = paper.grams(shape.getArea()) + Added.foamGrams(shape, choice.pad());
        return new Added(
                paper.name(), face.panel(), face.side(), shape, paper.caliper().plus(choice.pad()), grams);
    }
}
