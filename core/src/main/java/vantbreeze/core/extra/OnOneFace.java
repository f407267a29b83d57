package vantbreeze.core.extra;

import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Choice;

/** What is glued on one face, along it from left to right or from foot to top. */
abstract class OnOneFace implements ExtraKind {

    static final String BREADTH = "breadth";
    static final String TAB = "tab";

    /** Which way it runs. */
    static final Choice RUNS = Choice.of(
            "runs",
            "Which way",
            "along the panel or up it",
            new Choice.Alternative("across", "from left to right"),
            new Choice.Alternative("up", "from foot to top"));

    @Override
    public final Reach reach() {
        return Reach.ONE;
    }

    static boolean runsUp(Fitted at) {
        return at.isChosen(RUNS, "up");
    }

    /** How much of the face there is along it. */
    Length along(Fitted at) {
        return isUpright(at) ? at.on().height() : at.on().width();
    }

    /** How much of the face there is aside of it. */
    Length aside(Fitted at) {
        return isUpright(at) ? at.on().width() : at.on().height();
    }

    /** The measure that says where along the face it begins. */
    String startKey(Fitted at) {
        return isUpright(at) ? Measure.UP : Measure.ACROSS;
    }

    /** The measure that says where aside it begins. */
    String asideKey(Fitted at) {
        return isUpright(at) ? Measure.ACROSS : Measure.UP;
    }

    boolean isUpright(Fitted at) {
        return runsUp(at);
    }

    /** In the middle of what there is. */
    static Length centred(Fitted at, Length whole, Length part) {
        return at.place(whole.minus(part).dividedBy(2));
    }
}
