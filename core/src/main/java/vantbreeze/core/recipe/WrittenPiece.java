package vantbreeze.core.recipe;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/** A piece as a recipe describes it, while it is being read. Scores are measured along {@link #along}. */
final class WrittenPiece {

    /**
     * A score straight across the measured side.
     *
     * @param fold the way it folds, or null where that is not told with its figure
     */
    record Score(Length at, int start, int end, @Nullable Fold fold) {}

    /** A line from spot to spot; a score when it folds, else a slit. */
    record Line(Stretch stretch, @Nullable Fold fold) {}

    final String name;
    final int start;
    int count = 1;

    /** The figure that says how many are cut; null where nothing does. */
    @Nullable
    Token counted;

    /** Where the phrase that tells its size ends; negative where nothing can be put in behind it. */
    int sizeEnd = -1;

    /** Where what is told of its lines ends; negative where nothing is. */
    int end = -1;

    @Nullable
    Length width;

    @Nullable
    Length height;

    @Nullable
    Boolean alongLong;

    /** Whether scores are measured along the second side written, as nothing says which. */
    final boolean isFlipped;

    /** Its scores as they are told. */
    final List<ScoreGroup> told = new ArrayList<>();

    final List<Score> scores = new ArrayList<>();
    final List<Score> levels = new ArrayList<>();
    /** Scores written behind a longer one, as nobody would on purpose. */
    final List<Score> outOfTurn = new ArrayList<>();

    /** Where its folds are told, all in one place; null where they are not, or not so. */
    @Nullable
    Passage foldsTold;

    final List<Fold> folds = new ArrayList<>();
    final List<Fold> levelFolds = new ArrayList<>();
    final List<Line> lines = new ArrayList<>();
    /** Whether it is cut as a circle. */
    boolean isRound;

    final List<Spot> corners = new ArrayList<>();
    final List<List<Spot>> holes = new ArrayList<>();

    WrittenPiece(String name, int start, boolean isFlipped) {
        this.name = name;
        this.start = start;
        this.isFlipped = isFlipped;
    }

    /** Whether figures told from both ends meet in the middle or beyond it. */
    boolean crosses;

    /** Whether all its scores lie on the side they are measured along. */
    boolean fits() {
        return !crosses
                && scores.stream()
                        .allMatch(score -> score.at().isPositive() && score.at().isShorterThan(along()));
    }

    /** Whether they would all lie on the other side. */
    boolean fitsAcross() {
        return scores.stream().allMatch(score -> score.at().isShorterThan(across()));
    }

    /** Whether it says nowhere which side is scored, so that either may be. */
    boolean leavesSideOpen() {
        return alongLong == null && levels.isEmpty() && !scores.isEmpty() && !along().equals(across());
    }

    boolean isMeasured() {
        return width != null && height != null;
    }

    /**
     * The length of the side that scores are measured along: as the recipe says, else the first one written, or the
     * second where it is read so.
     */
    Length along() {
        Length first = requireNonNull(width);
        Length other = requireNonNull(height);
        return alongLong == null ? isFlipped ? other : first : alongLong ? first.max(other) : first.min(other);
    }

    /** How long the scores are. */
    Length across() {
        return requireNonNull(along().equals(width) ? height : width);
    }

    Size size() {
        return new Size(along(), across());
    }

    /** Folds told with each figure, where none are told in a row. */
    void takeFoldsOfScores() {
        takeFolds(scores, folds);
        takeFolds(levels, levelFolds);
    }

    private static void takeFolds(List<Score> scores, List<Fold> folds) {
        if (folds.isEmpty() && !scores.isEmpty() && scores.stream().allMatch(score -> score.fold() != null)) {
            scores.stream()
                    .sorted(Comparator.comparing(Score::at))
                    .forEach(score -> folds.add(requireNonNull(score.fold())));
        }
    }

    List<Score> inOrder() {
        return scores.stream().sorted(Comparator.comparing(Score::at)).toList();
    }
}
