package vantbreeze.core.fold;

import java.util.function.ToDoubleFunction;

/**
 * How far each crease is folded.
 *
 * @see FoldedForm
 */
@FunctionalInterface
public interface Pose {

    /** The fold angle there, degrees: 0 open, +180 a closed valley, −180 a closed mountain. */
    double degreesAt(Link.Folded link);

    /** Every crease open. */
    static Pose open() {
        return link -> 0;
    }

    /** Every crease folded flat; one that may fold either way lies the same whichever way it goes. */
    static Pose closed() {
        return link -> switch (link.hinge().fold()) {
            case MOUNTAIN -> -180;
            case VALLEY, UNASSIGNED -> 180;
            case BEND -> 0;
        };
    }

    /** Every hinge at its own angle, degrees, by the hinge's index. */
    static Pose of(double[] degrees) {
        double[] kept = degrees.clone();
        return link -> kept[link.index()];
    }

    /** How far a threaded panel has slid, millimetres to the right on the sheet of what it is threaded through. */
    default double travelAt(Link.Glued link) {
        return 0;
    }

    /** This pose but for the hinges between panels of these names, either way round. */
    default Pose but(String one, String other, double degrees) {
        return with(
                link -> {
                    String left = link.hinge().left().name();
                    String right = link.hinge().right().name();
                    return (left.equals(one) && right.equals(other)) || (left.equals(other) && right.equals(one))
                            ? degrees
                            : degreesAt(link);
                },
                this::travelAt);
    }

    /** This pose, with a threaded panel of this name slid so far. */
    default Pose slid(String panel, double millimetres) {
        return with(this::degreesAt, link -> link.join().glued().panel().equals(panel) ? millimetres : travelAt(link));
    }

    private static Pose with(ToDoubleFunction<Link.Folded> degrees, ToDoubleFunction<Link.Glued> travel) {
        return new Pose() {
            @Override
            public double degreesAt(Link.Folded link) {
                return degrees.applyAsDouble(link);
            }

            @Override
            public double travelAt(Link.Glued link) {
                return travel.applyAsDouble(link);
            }
        };
    }

    /** Every crease folded the same part of the way, 0 open and 1 closed. */
    static Pose partly(double part) {
        return link -> 180.0 * part * link.hinge().fold().sign();
    }
}
