package vantbreeze.core.cutting;

/** Somebody who looks on while a plan of cuts is made, and may stop it. */
public interface CutWatch {

    /** Nobody. */
    CutWatch NONE = new CutWatch() {
        @Override
        public boolean isStopped() {
            return false;
        }

        @Override
        public void told(CutPlan soFar, double share) {
            // nobody listens
        }
    };

    /** Asked now and then: what was found so far is kept then. */
    boolean isStopped();

    /**
     * Told of what is found.
     *
     * @param soFar the best so far; papers that were not begun are not in it
     * @param share how much of the work is done, 0 to 1
     */
    void told(CutPlan soFar, double share);

    /** Stops when this one does, and tells it nothing. */
    default CutWatch quiet() {
        CutWatch loud = this;
        return new CutWatch() {
            @Override
            public boolean isStopped() {
                return loud.isStopped();
            }

            @Override
            public void told(CutPlan soFar, double share) {
                // another plan is what is looked on
            }
        };
    }
}
