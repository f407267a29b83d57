package vantbreeze.core.plan;

import java.util.Locale;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Link;

/** How hard a card is to make, told by what there is to do; the steps between are from memory. */
public enum Effort {
    /** One piece and a few folds. */
    EASY("easy"),
    /** Some more folds, a slit or two, or a second piece. */
    SOME_PRACTICE("some practice"),
    /** Many folds, slits or pieces that must meet. */
    PATIENCE("patience");

    private static final int EASY_UNTIL = 5;
    private static final int PRACTICE_UNTIL = 16;

    private final String label;

    Effort(String label) {
        this.label = label;
    }

    /** As a maker would say it. */
    public String label() {
        return label;
    }

    /** A point for each fold, two for each slit, three for each piece after the first. */
    public static Effort of(WorkedPlan worked) {
        long points = folds(worked) + 2L * slits(worked) + 3L * (worked.pieces().size() - 1);
        return points <= EASY_UNTIL ? EASY : points <= PRACTICE_UNTIL ? SOME_PRACTICE : PATIENCE;
    }

    /** How many folds a card has, in three words. */
    public enum FoldCount {
        FEW,
        SOME,
        MANY;

        private static final int FEW_UNTIL = 3;
        private static final int SOME_UNTIL = 8;

        /** Three folds are few, more than eight are many; our estimate. */
        public static FoldCount of(WorkedPlan worked) {
            int folds = folds(worked);
            return folds <= FEW_UNTIL ? FEW : folds <= SOME_UNTIL ? SOME : MANY;
        }

        /** As a maker chooses it. */
        public String label() {
            return switch (this) {
                case FEW -> String.format(Locale.ROOT, "up to %d", FEW_UNTIL);
                case SOME -> String.format(Locale.ROOT, "%d to %d", FEW_UNTIL + 1, SOME_UNTIL);
                case MANY -> "more";
            };
        }
    }

    /** How many scores its pieces have. */
    public static int folds(WorkedPlan worked) {
        return (int) worked.form().graph().hinges().stream()
                .map(Link.Folded::hinge)
                .filter(hinge -> hinge.fold() != Fold.BEND)
                .count();
    }

    private static int slits(WorkedPlan worked) {
        return worked.pieces().stream()
                .mapToInt(piece -> piece.panels().piece().slits().size())
                .sum();
    }
}
