package vantbreeze.core.layer;

import java.util.List;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.Face;

/**
 * Where a face can be dressed.
 *
 * @param face which
 * @param parts on its sheet, millimetres; none when nothing of it can
 * @param glued whether glue takes all of it
 */
public record Ground(Face face, List<Polygon> parts, boolean glued) {

    public Ground {
        parts = List.copyOf(parts);
    }

    /** Whether anything can lie here. */
    public boolean isFree() {
        return !parts.isEmpty();
    }

    /** Whether something of its largest part is left when so many millimetres are taken off all round. */
    public boolean leaves(double millimetres) {
        return isFree() && !Inset.of(parts.get(0), millimetres).isEmpty();
    }

    /** Square millimetres of all parts. */
    public double area() {
        return parts.stream().mapToDouble(Polygon::getArea).sum();
    }
}
