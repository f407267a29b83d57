package vantbreeze.core.fold.folding;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Point;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.plane.Flat;

/** Where two flaps that fold over one panel from opposite sides lie on each other, as a gate's never should. */
public record FlapLaps(FoldGraph graph, FoldedForm closed, Pose flat) {

    /** A hair more is nothing, mm. */
    private static final double HAIR = 0.05;
    /** Edges that meet along less, as at a corner, do not catch, mm. */
    private static final double LEAST_MEETING = 5;

    /** Two flaps, by panel, and how wide their lap is in millimetres. */
    public record Lap(int one, int other, double width) {}

    /** All of them. */
    public List<Lap> all() {
        return pairs().stream().map(this::lap).filter(lap -> lap.width() > HAIR).toList();
    }

    /** Flaps that meet edge on edge with nothing between them; they have no width in common. */
    public List<Lap> meeting() {
        return pairs().stream()
                .map(this::lap)
                .filter(lap -> lap.width() <= HAIR)
                .filter(lap -> meetAlong(lap) > LEAST_MEETING)
                .toList();
    }

    /** How long the edges are along which they meet, mm. */
    private double meetAlong(Lap lap) {
        return shadow(lap.one()).buffer(HAIR).intersection(shadow(lap.other())).getLength() / 2;
    }

    private Geometry shadow(int panel) {
        return closed.placed().get(panel).shadow();
    }

    /** Two flaps over one panel, by panel. */
    private List<int[]> pairs() {
        List<int[]> pairs = new ArrayList<>();
        List<Link.Folded> hinges =
                graph.hinges().stream().filter(this::carriesAFlap).toList();
        for (int i = 0; i < hinges.size(); i++) {
            for (Link.Folded other : hinges.subList(i + 1, hinges.size())) {
                int base = shared(hinges.get(i), other);
                if (base >= 0
                        && Math.abs(flat.degreesAt(hinges.get(i))) == 180
                        && flat.degreesAt(hinges.get(i)) == flat.degreesAt(other)) {
                    int[] pair = {end(hinges.get(i), base), end(other, base)};
                    if (!isMeant(pair)) {
                        pairs.add(pair);
                    }
                }
            }
        }
        return pairs;
    }

    /** A flap hangs on one hinge and is glued to nothing. */
    private boolean carriesAFlap(Link.Folded hinge) {
        return Stream.of(hinge.from(), hinge.to())
                .anyMatch(panel -> graph.links().stream()
                                .filter(link -> link.from() == panel || link.to() == panel)
                                .count()
                        == 1);
    }

    /** Whether the structure says which of them lies over the other. */
    private boolean isMeant(int[] pair) {
        return graph.overs().stream()
                .anyMatch(over ->
                        (over[0] == pair[0] && over[1] == pair[1]) || (over[0] == pair[1] && over[1] == pair[0]));
    }

    private Lap lap(int[] pair) {
        Geometry common = Flat.common(shadow(pair[0]), shadow(pair[1]));
        Envelope box = common.getEnvelopeInternal();
        return new Lap(pair[0], pair[1], common.isEmpty() ? 0 : Math.min(box.getWidth(), box.getHeight()));
    }

    /** The panel that both hang on, one at each side of its middle; −1 when there is none. */
    private int shared(Link.Folded one, Link.Folded other) {
        int base = one.from() == other.from() || one.from() == other.to()
                ? one.from()
                : one.to() == other.from() || one.to() == other.to() ? one.to() : -1;
        if (base < 0
                || graph.pieceOf().get(one.from()).intValue() != graph.pieceOf().get(other.from())) {
            return -1;
        }
        Stretch first = one.hinge().line();
        Stretch second = other.hinge().line();
        Point middle = graph.panels().get(base).shape().getCentroid();
        boolean across = first.isUpright()
                && second.isUpright()
                && (first.from().x().millimetres() < middle.getX())
                        != (second.from().x().millimetres() < middle.getX());
        boolean up = first.isLevel()
                && second.isLevel()
                && (first.from().y().millimetres() < middle.getY())
                        != (second.from().y().millimetres() < middle.getY());
        return across || up ? base : -1;
    }

    private static int end(Link.Folded hinge, int base) {
        return hinge.from() == base ? hinge.to() : hinge.from();
    }
}
