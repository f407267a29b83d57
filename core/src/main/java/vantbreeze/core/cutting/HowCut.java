package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.locationtech.jts.algorithm.Angle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.die.Dies;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Precision;
import vantbreeze.core.length.Ruler;

/**
 * How a shape is cut that is no rectangle: with a die, or from its rectangle by straight cuts from edge to edge, as
 * makers say it.
 *
 * @param dies what there is to cut shapes with
 */
public record HowCut(Ruler ruler, Dies dies) {

    /** A corner is in the middle of an edge to so much, as a part of that. */
    private static final double MIDDLE = 0.005;
    /** Nobody cuts more corners off a rectangle than it has. */
    private static final int MOST_CUTS = 4;
    /** Angles whose cosine is less are right ones. */
    private static final double SQUARE = 1e-3;

    /** A side of a rectangle, and that across from it. */
    private enum Rim {
        FOOT("foot", "the top"),
        TOP("top", "the foot"),
        LEFT("left", "the right edge"),
        RIGHT("right", "the left edge");

        private final String name;
        private final String across;

        Rim(String name, String across) {
            this.name = name;
            this.across = across;
        }

        /** How far a corner is from this side, as a part of the way across. */
        double from(Coordinate corner, double wide, double high) {
            return switch (this) {
                case FOOT -> corner.y / high;
                case TOP -> 1 - corner.y / high;
                case LEFT -> corner.x / wide;
                case RIGHT -> 1 - corner.x / wide;
            };
        }
    }

    /**
     * How it is cut; empty for a rectangle, and for an outline that has to be drawn on.
     *
     * @param polygon standing as it is cut, its lower left corner at nil, millimetres
     */
    public Optional<String> of(Polygon polygon) {
        List<DieCut> edges = DieCut.of(polygon);
        if (!edges.isEmpty()) {
            return Optional.of(DieCut.inWords(edges, dies, ruler)).filter(words -> !words.isEmpty());
        }
        CutShape shape = new CutShape(polygon);
        if (shape.isRectangle() || polygon.getNumInteriorRing() > 0) {
            return Optional.empty();
        }
        if (shape.corners().size() == MOST_CUTS && isSquare(shape.corners())) {
            return Optional.of(turned(shape.corners()));
        }
        return shape.kind() == CutKind.TRIANGLE ? triangle(shape).or(() -> straight(shape)) : straight(shape);
    }

    /** Whether all four corners are right angles. */
    private static boolean isSquare(List<Coordinate> corners) {
        return IntStream.range(0, corners.size())
                .allMatch(i -> Math.abs(Math.cos(Angle.angleBetween(
                                corners.get(i),
                                corners.get((i + 1) % corners.size()),
                                corners.get((i + 2) % corners.size()))))
                        < SQUARE);
    }

    private String turned(List<Coordinate> corners) {
        double one = corners.get(0).distance(corners.get(1));
        double other = corners.get(1).distance(corners.get(2));
        return Math.abs(one - other) < Precision.ALIKE
                ? "a square of %s, standing on its corner".formatted(write(one))
                : "a rectangle of %s, turned"
                        .formatted(Figure.of(Length.nearest(Math.max(one, other)), ruler)
                                .by(Figure.of(Length.nearest(Math.min(one, other)), ruler)));
    }

    /** A triangle that has a whole side of its rectangle: from there to one spot on the side across. */
    private Optional<String> triangle(CutShape shape) {
        double wide = shape.size().width().millimetres();
        double high = shape.size().height().millimetres();
        for (Rim rim : Rim.values()) {
            List<Coordinate> tips = shape.corners().stream()
                    .filter(corner -> rim.from(corner, wide, high) > MIDDLE)
                    .toList();
            if (tips.size() != 1) {
                continue;
            }
            boolean isLevel = rim == Rim.FOOT || rim == Rim.TOP;
            double along = isLevel ? tips.get(0).x : tips.get(0).y;
            double part = along / (isLevel ? wide : high);
            if (part < MIDDLE || part > 1 - MIDDLE) {
                return Optional.of("two come from one rectangle, by its diagonal");
            }
            return Optional.of("cut from both %s corners to %s %s"
                    .formatted(
                            rim.name,
                            Math.abs(part - 0.5) < MIDDLE
                                    ? "the middle of"
                                    : "%s %s".formatted(write(along), isLevel ? "along" : "up"),
                            rim.across));
        }
        return Optional.empty();
    }

    /** Straight cuts from edge to edge of the rectangle; empty where there are others. */
    private Optional<String> straight(CutShape shape) {
        double wide = shape.size().width().millimetres();
        double high = shape.size().height().millimetres();
        List<Coordinate> corners = shape.corners();
        List<String> cuts = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Coordinate from = corners.get(i);
            Coordinate to = corners.get((i + 1) % corners.size());
            if (rims(from, wide, high).stream().anyMatch(rims(to, wide, high)::contains)) {
                continue;
            }
            if (rims(from, wide, high).isEmpty() || rims(to, wide, high).isEmpty()) {
                return Optional.empty();
            }
            boolean upwards = from.y < to.y || (from.y == to.y && from.x < to.x);
            cuts.add("from %s to %s"
                    .formatted(place(upwards ? from : to, wide, high), place(upwards ? to : from, wide, high)));
        }
        return cuts.isEmpty() || cuts.size() > MOST_CUTS
                ? Optional.empty()
                : Optional.of("cut straight " + cuts.stream().collect(Collectors.joining(", and ")));
    }

    /** The sides of the rectangle that a corner lies on. */
    private static List<Rim> rims(Coordinate corner, double wide, double high) {
        List<Rim> rims = new ArrayList<>();
        for (Rim rim : Rim.values()) {
            double off = rim.from(corner, wide, high) * (rim == Rim.FOOT || rim == Rim.TOP ? high : wide);
            if (Math.abs(off) < Precision.ALIKE) {
                rims.add(rim);
            }
        }
        return rims;
    }

    private String place(Coordinate corner, double wide, double high) {
        List<Rim> rims = rims(corner, wide, high);
        if (rims.size() == 2) {
            return "the %s %s corner".formatted(rims.get(1).name, rims.get(0).name);
        }
        Rim rim = rims.get(0);
        boolean isLevel = rim == Rim.FOOT || rim == Rim.TOP;
        double along = isLevel ? corner.x : corner.y;
        String edge = isLevel ? "the " + rim.name : "the %s edge".formatted(rim.name);
        return Math.abs(along / (isLevel ? wide : high) - 0.5) < MIDDLE
                ? "the middle of %s".formatted(edge)
                : "%s %s %s".formatted(write(along), isLevel ? "along" : "up", edge);
    }

    private String write(double millimetres) {
        return Figure.of(Length.nearest(millimetres), ruler).inWords();
    }
}
