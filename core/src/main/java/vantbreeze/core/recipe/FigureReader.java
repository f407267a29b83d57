package vantbreeze.core.recipe;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.recipe.Draft.Mode;
import vantbreeze.core.recipe.Token.Kind;

/** Makes of a figure what the words before it say: a size, a side, scores, a slit, spots. */
record FigureReader(Cursor cursor, ExactReader exact, Draft draft) {

    /** Whether anything came of the figure that stands here. */
    boolean figure() {
        Token token = cursor.peek();
        if (token.length() == null) {
            return false;
        }
        if (cursor.isAtSpot()) {
            return spots();
        }
        if (isSide(token)) {
            return true;
        }
        if (isCountOfSize()) {
            draft.pendingCount = cursor.next().count();
            cursor.next();
        }
        if (isAtSize()) {
            if (draft.mode == Mode.FOLDS && cursor.peek(-1).isWord("to")) {
                // "fold in half to 5 x 5"
                draft.mode = Mode.FINISHED;
            }
            size(cursor.next(), cursor.peek().is(Kind.TIMES) ? second() : cursor.peek());
            return true;
        }
        if (counts(token)) {
            return true;
        }
        if (cursor.peek(1).isWord("long", "wide", "high", "tall", "deep") && draft.mode != Mode.SCORES) {
            return dimension();
        }
        if (draft.mode == Mode.SLIT && draft.current != null) {
            draft.slit.add(cursor.next());
            draft.figures.add(token);
            return draft.slit.size() < 3 || slit();
        }
        if ((draft.mode == Mode.SCORES || draft.mode == Mode.FOLDS) && draft.current != null) {
            draft.mode = Mode.SCORES;
            draft.closeTurnedRound();
            draft.group.add(cursor.next());
            draft.figures.add(token);
            return true;
        }
        return draft.mode == Mode.STOCK && cursor.next() != null;
    }

    /** "The 9 inch side": of the piece in hand, that is the one scored. */
    private boolean isSide(Token token) {
        WrittenPiece piece = draft.current;
        if (!cursor.peek(1).isWord("side", "edge") || piece == null || !piece.isMeasured() || !piece.scores.isEmpty()) {
            return false;
        }
        Length side = token.measure();
        if (!side.equals(piece.along()) && !side.equals(piece.across())) {
            return false;
        }
        piece.alongLong = side.equals(piece.along().max(piece.across()));
        cursor.next();
        cursor.next();
        return true;
    }

    /** A whole figure without a unit, of a number of pieces that may be alike. */
    private static boolean isCount(Token token) {
        return token.count() > 0 && token.count() <= Vocabulary.MOST_COUNTED && token.figureEnd() == token.end();
    }

    /** "2 x 4 1/4 x 5". */
    private boolean isCountOfSize() {
        return isCount(cursor.peek())
                && cursor.peek(1).is(Kind.TIMES)
                && cursor.peek(2).is(Kind.FIGURE)
                && cursor.peek(3).is(Kind.TIMES)
                && cursor.peek(4).is(Kind.FIGURE)
                && !isCountBehind(3);
    }

    /** "x 2" behind a size. */
    private boolean isCountBehind(int ahead) {
        return cursor.peek(ahead).is(Kind.TIMES)
                && isCount(cursor.peek(ahead + 1))
                && cursor.peek(ahead + 2).is(Kind.STOP);
    }

    /** "2 of", "two strips", "cut three", "(2)" behind a size, "score two lines". */
    private boolean counts(Token token) {
        int count = token.count();
        if (!isCount(token)) {
            return false;
        }

        boolean inBrackets =
                cursor.peek(-1).text().equals("(") && cursor.peek(1).text().equals(")");
        if (inBrackets) {
            draft.countsBehind(count);
        } else if (cursor.peek(1).isWord(Vocabulary.COUNTED) || cursor.peek(-1).isWord("cut", "need", "make")) {
            draft.pendingCount = count;
        } else if (!cursor.peek(1).isWord("lines", "scores", "times", "folds", "more")) {
            return false;
        }
        cursor.next();
        return true;
    }

    /** Whether "11 x 4" or "6 square" stands here. */
    boolean isAtSize() {
        Token one = cursor.peek();
        return one.is(Kind.FIGURE)
                && one.length() != null
                && ((cursor.peek(1).is(Kind.TIMES)
                                && cursor.peek(2).is(Kind.FIGURE)
                                && cursor.peek(2).length() != null)
                        || cursor.peek(1).isWord("square", "sq"));
    }

    private Token second() {
        cursor.next();
        return cursor.peek();
    }

    private void size(Token width, Token last) {
        Token height = last.is(Kind.FIGURE) ? last : width;
        cursor.next();
        Size size = new Size(width.measure(), height.measure());
        if (draft.mode == Mode.MATS || Vocabulary.MATS.contains(cursor.peek().text())) {
            draft.mats.add(new Mat(size, draft.pendingCount, width.start(), height.end()));
            draft.figures.add(width);
            draft.figures.add(height);
        } else if (draft.mode == Mode.FINISHED) {
            draft.finished = size;
        } else if (draft.mode != Mode.STOCK) {
            draft.endScores();
            draft.begin(width.start());
            draft.piece().width = size.width();
            draft.piece().height = size.height();
            draft.figures.add(width);
            draft.figures.add(height);
            draft.mode = Mode.NONE;
        }
        draft.pendingCount = 1;
        if (isCountBehind(0)) {
            cursor.next();
            draft.countsBehind(cursor.next().count());
        }
    }

    /** "11 long, 4 1/4 high". */
    private boolean dimension() {
        Token token = cursor.next();
        boolean across = cursor.next().isWord("long", "wide");
        if (draft.mode == Mode.FINISHED || draft.mode == Mode.STOCK || draft.mode == Mode.MATS) {
            return true;
        }
        if (draft.current == null
                || draft.current.isMeasured()
                || (across ? draft.current.width : draft.current.height) != null) {
            draft.begin(token.start());
        }
        draft.figures.add(token);
        if (across) {
            draft.piece().width = token.length();
        } else {
            draft.piece().height = token.length();
        }
        return true;
    }

    /** Spots, as corners or the ends of lines. */
    boolean spots() {
        if (draft.current == null) {
            return false;
        }
        List<Spot> spots = new ArrayList<>();
        int from = cursor.mark();
        exact.spots(spots);
        int to = cursor.mark();
        cursor.back(from);
        while (cursor.mark() < to) {
            if (cursor.peek().is(Kind.FIGURE)) {
                draft.figures.add(cursor.peek());
            }
            cursor.next();
        }
        switch (draft.mode) {
            case CORNERS -> draft.current.corners.addAll(spots);
            case HOLE -> draft.current.holes.add(spots);
            case SLIT, SCORES -> {
                Fold fold = draft.mode == Mode.SLIT ? null : foldAhead();
                for (int i = 0; i + 1 < spots.size(); i += 2) {
                    draft.current.lines.add(new WrittenPiece.Line(new Stretch(spots.get(i), spots.get(i + 1)), fold));
                }
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    private Fold foldAhead() {
        cursor.skipCommas();
        Fold fold = cursor.peek().isWord("bend")
                ? Fold.BEND
                : Vocabulary.fold(cursor.peek().text());
        if (fold == null) {
            return Fold.UNASSIGNED;
        }
        cursor.next();
        return fold;
    }

    /** "at 3 from 1 to 4": straight up at 3, or straight across there when that was said. */
    private boolean slit() {
        Length at = draft.slit.get(0).measure();
        Length from = draft.slit.get(1).measure();
        Length to = draft.slit.get(2).measure();
        draft.slit.clear();
        draft.piece()
                .lines
                .add(new WrittenPiece.Line(
                        draft.group.level
                                ? new Stretch(new Spot(from, at), new Spot(to, at))
                                : new Stretch(new Spot(at, from), new Spot(at, to)),
                        null));
        return true;
    }
}
