package vantbreeze.core.fold;

/**
 * How far each crease is folded.
 *
 * @see FoldedForm
 */
@FunctionalInterface
public interface Pose {

    /** The fold angle at {@code hinge}, degrees: 0 open, +180 a closed valley, −180 a closed mountain. */
    double degreesAt(Hinge hinge);

    /** Every crease open. */
    static Pose open() {
        return hinge -> 0;
    }

    /** Every crease folded flat. */
    static Pose closed() {
        return hinge -> 180.0 * hinge.fold().sign();
    }

    /** Every crease folded the same part of the way, 0 open and 1 closed. */
    static Pose partly(double part) {
        return hinge -> 180.0 * part * hinge.fold().sign();
    }
}
