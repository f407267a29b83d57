package vantbreeze.core.recipe;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.paper.Size;

/** A recipe while it is being read: what has come of it so far, and what the words before this one make of the next. */
final class Draft {

    /** What the next figures mean. */
    enum Mode {
        NONE,
        SCORES,
        FOLDS,
        SLIT,
        MATS,
        FINISHED,
        STOCK,
        CORNERS,
        HOLE
    }

    final String text;
    final List<WrittenPiece> pieces = new ArrayList<>();
    final List<Mat> mats = new ArrayList<>();
    final List<GlueLine> glue = new ArrayList<>();
    final List<int[]> overs = new ArrayList<>();
    final List<int[]> open = new ArrayList<>();
    final Set<Token> figures = new LinkedHashSet<>();
    final List<Passage> unread = new ArrayList<>();
    final List<Passage> passedOver = new ArrayList<>();
    boolean isOfCards;
    final List<String> taken = new ArrayList<>();
    final StringBuilder notes = new StringBuilder();
    final List<Fold> folds = new ArrayList<>();
    final List<Token> slit = new ArrayList<>();

    @Nullable
    String name;

    @Nullable
    Size finished;

    int quarterTurns;
    int @Nullable [] base;

    @Nullable
    WrittenPiece current;

    Mode mode = Mode.NONE;

    @Nullable
    String pendingName;

    int pendingCount = 1;
    ScoreGroup group = new ScoreGroup();

    private @Nullable ScoreGroup lastGroup;
    boolean lastLevel;
    boolean alternating;
    boolean foldsAll;

    /** Which pieces, by their number, are read as scored along the second side written. */
    private final Set<Integer> flipped;

    Draft(String text, Set<Integer> flipped) {
        this.text = text;
        this.flipped = flipped;
    }

    /** The piece that is being written. */
    WrittenPiece piece() {
        return requireNonNull(current);
    }

    Recipe recipe() {
        return new Recipe(
                text,
                name,
                notes.toString().strip(),
                pieces.stream().filter(WrittenPiece::isMeasured).toList(),
                mats,
                finished,
                glue,
                overs,
                open,
                quarterTurns,
                base,
                figures,
                unread,
                passedOver,
                isOfCards,
                taken);
    }

    /** A new piece, named by the last noun. */
    void begin(int start) {
        current = new WrittenPiece(
                pendingName != null ? pendingName : pieces.isEmpty() ? "Card base" : "Piece " + (pieces.size() + 1),
                start,
                flipped.contains(pieces.size()));
        current.count = pendingCount;
        lastGroup = null;
        pieces.add(current);
        pendingName = null;
        pendingCount = 1;
    }

    /** A count behind what it counts: the mat, or the piece. */
    void countsBehind(int count) {
        if (mode == Mode.MATS && !mats.isEmpty()) {
            Mat mat = mats.remove(mats.size() - 1);
            mats.add(new Mat(mat.size(), count, mat.start(), mat.end()));
        } else if (current != null) {
            current.count = count;
        }
    }

    /** The scores named last go to their piece. */
    void endScores() {
        if (!group.isEmpty() && current != null && current.isMeasured()) {
            lastLevel = group.level;
            group.addTo(current);
            lastGroup = group;
        }
        group = new ScoreGroup();
    }

    /** The scores told last, once more from the other end. */
    void repeatFromOtherEnd() {
        endScores();
        if (lastGroup != null && current != null) {
            lastGroup.fromBoth = true;
            lastGroup.addTo(current);
        }
    }

    /** Says of a word or figure that nothing came of it, once. */
    void report(Token token, String words) {
        boolean said = unread.stream().anyMatch(passage -> passage.start() == token.start());
        if (!said) {
            unread.add(new Passage(token.start(), token.end(), words));
        }
    }

    /** A word that means nothing to the card; with those beside it, one passage. */
    void passOver(Token token) {
        int last = passedOver.size() - 1;
        boolean goesOn = last >= 0
                && text.substring(passedOver.get(last).end(), token.start()).matches("[\\p{Zs}\\t,’'-]*");
        int start = goesOn ? passedOver.remove(last).start() : token.start();
        passedOver.add(new Passage(start, token.end(), ""));
    }

    /** What "from both ends" or "every" was said of is complete: figures behind it are new scores. */
    void closeTurnedRound() {
        if (group.isTurnedRound() || group.every != null || group.parts > 0) {
            boolean level = group.level;
            endScores();
            group.level = level;
        }
    }
}
