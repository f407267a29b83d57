package vantbreeze.core.fold.motion;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.plane.Flat;

/**
 * Where two wings of a standing card would be in one place: panels that hang on one fold each and lie in one plane when
 * it stands, one over the other.
 */
public record StandingLaps(FoldGraph graph, Frame frame) {

    /** Panels whose normals differ by less, as a sine, are in one plane. */
    private static final double PARALLEL = 0.02;
    /** Panels farther apart than this pass each other, mm. */
    private static final double APART = 1.5;
    /** A hair more is nothing, mm. */
    private static final double HAIR = 0.05;
    /** A fold that is opened or shut to this many degrees is no standing one. */
    private static final double LIES = 5;

    /** Two wings, by panel, and how wide their lap is in millimetres. */
    public record Lap(int one, int other, double width) {}

    /** All of them. */
    public List<Lap> all() {
        List<Integer> wings = IntStream.range(0, graph.panels().size())
                .filter(this::isWing)
                .boxed()
                .toList();
        List<Lap> laps = new ArrayList<>();
        for (int i = 0; i < wings.size(); i++) {
            for (int other : wings.subList(i + 1, wings.size())) {
                double width = graph.pieceOf().get(other).equals(graph.pieceOf().get(wings.get(i)))
                        ? width(wings.get(i), other)
                        : 0;
                if (width > HAIR) {
                    laps.add(new Lap(wings.get(i), other, width));
                }
            }
        }
        return laps;
    }

    /** It hangs on one fold that stands. */
    private boolean isWing(int panel) {
        List<Link.Folded> folds = graph.hinges().stream()
                .filter(link -> link.from() == panel || link.to() == panel)
                .toList();
        return folds.size() == 1
                && Math.abs(frame.degrees().get(folds.get(0).index())) > LIES
                && Math.abs(frame.degrees().get(folds.get(0).index())) < 180 - LIES;
    }

    /** How wide the lap of two panels is where they are in one plane; else nil. */
    private double width(int one, int other) {
        Rigid between = frame.panels().get(one).inverse().after(frame.panels().get(other));
        List<Vector3D> corners =
                graph.panels().get(other).corners().stream().map(between::apply).toList();
        boolean inPlane = corners.stream().allMatch(corner -> Math.abs(corner.getZ()) < APART)
                && Math.abs(tilt(corners)) < PARALLEL;
        if (!inPlane) {
            return 0;
        }
        Polygon shape = graph.panels().get(one).shape();
        Envelope box = Flat.common(
                        shape, between.shadow(graph.panels().get(other).shape()))
                .getEnvelopeInternal();
        return box.isNull() ? 0 : Math.min(box.getWidth(), box.getHeight());
    }

    /** How far a panel rises for each millimetre along it. */
    private static double tilt(List<Vector3D> corners) {
        double low = corners.stream().mapToDouble(Vector3D::getZ).min().orElse(0);
        double high = corners.stream().mapToDouble(Vector3D::getZ).max().orElse(0);
        Envelope box = new Envelope();
        corners.forEach(corner -> box.expandToInclude(new Coordinate(corner.getX(), corner.getY())));
        return (high - low) / Math.max(1, box.getDiameter());
    }
}
