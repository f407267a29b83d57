package vantbreeze.core.cutting;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.core.die.DieShape;

/** What makers call a shape that is spoken of by its width and height. */
public enum CutKind {
    RECTANGLE("rectangle"),
    CIRCLE("circle"),
    OVAL("oval"),
    LABEL("label"),
    RING("ring"),
    TRIANGLE("triangle"),
    TRAPEZIUM("trapezium"),
    SHAPED("shaped");

    /** Edges whose directions differ by less, as a sine, run side by side. */
    private static final double PARALLEL = 1e-3;

    private final String label;

    CutKind(String label) {
        this.label = label;
    }

    /** What makers call it. */
    public String label() {
        return label;
    }

    static CutKind of(CutShape shape) {
        if (shape.isRectangle()) {
            return RECTANGLE;
        }
        DieShape round = DieShape.of(shape.polygon()).orElse(null);
        int holes = shape.polygon().getNumInteriorRing();
        if (round == DieShape.CIRCLE || round == DieShape.OVAL) {
            return holes == 1 ? RING : round == DieShape.CIRCLE ? CIRCLE : OVAL;
        }
        if (holes > 0) {
            return SHAPED;
        }
        if (round == DieShape.LABEL) {
            return LABEL;
        }
        List<Coordinate> corners = shape.corners();
        if (corners.size() == 3) {
            return TRIANGLE;
        }
        return corners.size() == 4 && (areParallel(corners, 0, 1, 3, 2) || areParallel(corners, 1, 2, 0, 3))
                ? TRAPEZIUM
                : SHAPED;
    }

    private static boolean areParallel(List<Coordinate> corners, int from, int to, int otherFrom, int otherTo) {
        double x = corners.get(to).x - corners.get(from).x;
        double y = corners.get(to).y - corners.get(from).y;
        double otherX = corners.get(otherTo).x - corners.get(otherFrom).x;
        double otherY = corners.get(otherTo).y - corners.get(otherFrom).y;
        return Math.abs(x * otherY - y * otherX) < PARALLEL * Math.hypot(x, y) * Math.hypot(otherX, otherY);
    }
}
