package vantbreeze.core.fold;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Outlines from smooth paths. */
public final class Outlines {

    /** How far a flattened path may be from the smooth one, mm. */
    public static final double FLATNESS = 0.05;

    private Outlines() {}

    /**
     * The corners of {@code shape}, given in millimetres, its curves flattened to {@link #FLATNESS}.
     *
     * @throws IllegalArgumentException when it has more than one part
     */
    public static List<Spot> flattened(Shape shape) {
        List<Spot> corners = new ArrayList<>();
        double[] at = new double[6];
        int parts = 0;
        for (PathIterator path = shape.getPathIterator(null, FLATNESS); !path.isDone(); path.next()) {
            int kind = path.currentSegment(at);
            parts += kind == PathIterator.SEG_MOVETO ? 1 : 0;
            if (kind != PathIterator.SEG_CLOSE) {
                Spot spot = Spot.nearest(at[0], at[1]);
                if (corners.isEmpty() || !corners.get(corners.size() - 1).equals(spot)) {
                    corners.add(spot);
                }
            }
        }
        if (parts > 1) {
            throw new IllegalArgumentException(
                    String.format(Locale.ROOT, "An outline must be one closed line; this has %d.", parts));
        }
        if (corners.size() > 1 && corners.get(0).equals(corners.get(corners.size() - 1))) {
            corners.remove(corners.size() - 1);
        }
        return corners;
    }
}
