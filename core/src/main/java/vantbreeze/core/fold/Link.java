package vantbreeze.core.fold;

/** What holds two panels together. */
public sealed interface Link permits Link.Folded, Link.Glued {

    /** Index of the panel it goes from. */
    int from();

    /** Index of the panel it goes to. */
    int to();

    /**
     * The motion of {@code to} on the sheet of {@code from}, when a fold stands at so many degrees or a slide at so
     * many millimetres.
     */
    Rigid motion(double reading);

    /** What {@code pose} says about it. */
    double reading(Pose pose);

    /** A hinge; {@code index} counts the hinges of the whole assembly. */
    record Folded(int index, int from, int to, Hinge hinge) implements Link {

        @Override
        public double reading(Pose pose) {
            return pose.degreesAt(this);
        }

        @Override
        public Rigid motion(double degrees) {
            return Rigid.about(hinge.seenFrom(hinge.right()), degrees);
        }
    }

    /** A join. */
    record Glued(int from, int to, Join join) implements Link {

        @Override
        public double reading(Pose pose) {
            return join.slides() ? pose.travelAt(this) : 0;
        }

        @Override
        public Rigid motion(double travel) {
            return join.motion(travel);
        }
    }
}
