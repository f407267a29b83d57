package vantbreeze.core.layer;

import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.core.die.DieShape;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/**
 * A circle, measured exactly: drawn in as it is in short straight edges, a border measured square to those would be a
 * hair off. Its size is brought to the ruler's marks by making it smaller, as that of a rectangle is.
 */
record Round(Coordinate middle, Length across) {

    /** The shape as a circle, or null when it is none. */
    static @Nullable Round of(Polygon shape) {
        if (shape.getNumInteriorRing() > 0
                || DieShape.of(shape).filter(one -> one == DieShape.CIRCLE).isEmpty()) {
            return null;
        }
        Envelope box = shape.getEnvelopeInternal();
        return new Round(box.centre(), Length.nearest(box.getWidth()));
    }

    /** Drawn in by {@code border} all round and brought to a mark; null when nothing is left. */
    @Nullable
    Round inset(Length border, Ruler ruler) {
        Length exact = across.minus(border.times(2));
        if (!exact.isPositive()) {
            return null;
        }
        Length marked = ruler.below(exact).length();
        // thinner than a mark: it is left as it is
        return new Round(middle, marked.isPositive() ? marked : exact);
    }

    /** As many corners as a circle has. */
    Polygon polygon() {
        double radius = across.millimetres() / 2;
        return (Polygon) AffineTransformation.translationInstance(middle.x - radius, middle.y - radius)
                .transform(DieShape.CIRCLE.outline(new Size(across, across)));
    }
}
