package vantbreeze.core.layer;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.plane.Rings;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Precision;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/**
 * A rectangle whose edges run level and upright on the sheet, measured exactly. Its size is brought to the ruler's
 * marks by making it smaller; what that frees goes to the edge at a fold, so that edges only ever move away from a
 * fold.
 */
public record Upright(Length left, Length foot, Length right, Length head) {

    private static final double NEAR = Precision.SAME_PLACE;

    /** The shape as such a rectangle, or null when it is none. */
    public static @Nullable Upright of(Polygon shape) {
        Envelope box = shape.getEnvelopeInternal();
        if (shape.getNumInteriorRing() > 0
                || Math.abs(box.getArea() - shape.getArea()) > NEAR * (box.getWidth() + box.getHeight())) {
            return null;
        }
        return new Upright(
                Length.nearest(box.getMinX()),
                Length.nearest(box.getMinY()),
                Length.nearest(box.getMaxX()),
                Length.nearest(box.getMaxY()));
    }

    /** Its width and height. */
    public Size size() {
        return new Size(right.minus(left), head.minus(foot));
    }

    /** Drawn in by {@code border} all round and brought to marks; null when nothing is left. */
    @Nullable
    Upright inset(Length border, Ruler ruler, List<LineString> folds) {
        Upright exact = new Upright(left.plus(border), foot.plus(border), right.minus(border), head.minus(border));
        if (!exact.size().width().isPositive() || !exact.size().height().isPositive()) {
            return null;
        }
        Length across = ruler.below(exact.size().width()).length();
        Length up = ruler.below(exact.size().height()).length();
        // thinner than a mark: it is left as it is
        Length spareAcross = across.isPositive() ? exact.size().width().minus(across) : Length.ZERO;
        Length spareUp = up.isPositive() ? exact.size().height().minus(up) : Length.ZERO;
        Length fromLeft =
                share(spareAcross, isFold(left, foot, left, head, folds), isFold(right, foot, right, head, folds));
        Length fromFoot =
                share(spareUp, isFold(left, foot, right, foot, folds), isFold(left, head, right, head, folds));
        return new Upright(
                exact.left.plus(fromLeft),
                exact.foot.plus(fromFoot),
                exact.right.minus(spareAcross.minus(fromLeft)),
                exact.head.minus(spareUp.minus(fromFoot)));
    }

    /** Borders that {@code inner} leaves of this: left, foot, right, head. */
    List<Length> borders(Upright inner) {
        return List.of(
                inner.left.minus(left), inner.foot.minus(foot), right.minus(inner.right), head.minus(inner.head));
    }

    /** The rectangle of this size in the middle of this one. */
    Upright middle(Size size) {
        Length x = left.plus(right).minus(size.width()).dividedBy(2);
        Length y = foot.plus(head).minus(size.height()).dividedBy(2);
        return new Upright(x, y, x.plus(size.width()), y.plus(size.height()));
    }

    Polygon polygon(Polygon like) {
        List<Spot> corners =
                List.of(new Spot(left, foot), new Spot(right, foot), new Spot(right, head), new Spot(left, head));
        return like.getFactory().createPolygon(Rings.closed(corners, Spot::millimetres));
    }

    private static Length share(Length spare, boolean foldBefore, boolean foldAfter) {
        return foldBefore == foldAfter ? spare.dividedBy(2) : foldBefore ? spare : Length.ZERO;
    }

    /** Whether the middle of an edge lies on a fold. */
    private static boolean isFold(Length x0, Length y0, Length x1, Length y1, List<LineString> folds) {
        Coordinate middle =
                new Coordinate((x0.millimetres() + x1.millimetres()) / 2, (y0.millimetres() + y1.millimetres()) / 2);
        return folds.stream()
                .anyMatch(fold -> fold.distance(fold.getFactory().createPoint(middle)) < Precision.ON_LINE);
    }
}
