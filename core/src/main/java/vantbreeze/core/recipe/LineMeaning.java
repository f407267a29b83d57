package vantbreeze.core.recipe;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Circle;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.grammar.Leaf;
import vantbreeze.core.grammar.Tree;
import vantbreeze.core.length.Length;
import vantbreeze.core.recipe.WrittenPiece.Line;
import vantbreeze.core.recipe.WrittenPiece.Score;

/**
 * Lines that do not run right across a piece: slits, lines from spot to spot, from corner to corner, outlines, holes.
 */
record LineMeaning(Draft draft) {

    private static final String SLIT_NEEDS_THREE =
            "A slit needs three figures: how far across it is, from where and to where. Write: slit at 3 from 1 to 4.";

    /** "Slits at 2, 4 and 6 from 1 to 3": straight up, or straight across where that is said. */
    boolean slits(Tree<Token> phrase) {
        List<Leaf<Token>> told = phrase.leaves().stream()
                .filter(leaf -> leaf.as().equals("LENGTH"))
                .toList();
        boolean isEvery = phrase.has("every");
        if (draft.current == null || (phrase.find("figures").isEmpty() && !isEvery)) {
            told.forEach(leaf -> draft.report(leaf.token(), SLIT_NEEDS_THREE, null));
            return true;
        }
        List<Tree<Token>> rows = phrase.all("slit-row");
        boolean level = phrase.has("LEVEL");
        for (Tree<Token> row : rows.isEmpty() ? List.of(phrase) : rows) {
            stretches(row, isEvery, level).forEach(slit -> draft.piece().lines.add(new Line(slit, null)));
        }
        return true;
    }

    /** "Score at 3 and 5 from 1 to 4, fold v m": for a part of the way; one way is that of all. */
    boolean partScores(Tree<Token> phrase) {
        if (draft.current == null) {
            return false;
        }
        List<Fold> ways = FoldMeaning.ways(phrase);
        List<Stretch> scores = stretches(phrase, false, phrase.has("LEVEL"));
        for (int i = 0; i < scores.size(); i++) {
            Fold way = ways.size() == 1 ? ways.get(0) : i < ways.size() ? ways.get(i) : Fold.UNASSIGNED;
            draft.piece().lines.add(new Line(scores.get(i), way));
        }
        return true;
    }

    /** Lines straight up, or level: at each of the first figures, from and to those behind, two by two. */
    private List<Stretch> stretches(Tree<Token> row, boolean isEvery, boolean level) {
        List<Token> figures = draft.lengths(row);
        int ends = 2 * Math.max(1, row.all("span").size());
        List<Length> places = places(row, figures, isEvery, level);
        List<Stretch> stretches = new ArrayList<>();
        for (int end = figures.size() - ends; end < figures.size(); end += 2) {
            Length from = figures.get(end).measure();
            Length to = figures.get(end + 1).measure();
            for (Length at : places) {
                stretches.add(
                        level
                                ? new Stretch(new Spot(from, at), new Spot(to, at))
                                : new Stretch(new Spot(at, from), new Spot(at, to)));
            }
        }
        return stretches;
    }

    /** Where slits of a row are, measured as scores are. */
    private List<Length> places(Tree<Token> phrase, List<Token> figures, boolean isEvery, boolean level) {
        ScoreGroup row = new ScoreGroup();
        if (isEvery) {
            row.every = figures.get(0);
        } else {
            Tree<Token> group = phrase.all("group", "figures").get(0);
            draft.lengths(group).forEach(figure -> row.add(figure, null));
            row.fromBoth = group.has("from-both");
            row.fromFarEnd = group.has("from-far");
            row.andSoOn = group.has("SOON");
        }
        WrittenPiece side = new WrittenPiece("", 0, false);
        side.width = level ? draft.piece().across() : draft.piece().along();
        side.height = Length.ZERO;
        side.alongLong = true;
        row.addTo(side);
        return side.scores.stream().map(Score::at).toList();
    }

    /** "Score between 3 from left and 1 from foot, and 3 from left and 4 from foot, bend". */
    boolean line(Tree<Token> phrase) {
        if (draft.current == null) {
            return false;
        }
        List<Spot> spots = spots(phrase);
        Fold fold = phrase.has("SLIT") ? null : fold(phrase);
        for (int i = 0; i + 1 < spots.size(); i += 2) {
            draft.piece().lines.add(new Line(new Stretch(spots.get(i), spots.get(i + 1)), fold));
        }
        return true;
    }

    private static Fold fold(Tree<Token> phrase) {
        List<Fold> ways = FoldMeaning.ways(phrase);
        return phrase.has("bend") ? Fold.BEND : ways.isEmpty() ? Fold.UNASSIGNED : ways.get(0);
    }

    /** The spots that a phrase names, in order. */
    List<Spot> spots(Tree<Token> phrase) {
        return phrase.all("spot").stream().map(this::spot).toList();
    }

    private Spot spot(Tree<Token> spot) {
        return new Spot(
                coordinate(spot.find("across").orElseThrow()),
                coordinate(spot.find("upwards").orElseThrow()));
    }

    private Length coordinate(Tree<Token> told) {
        Length length = draft.length(told);
        return told.has("minus") ? length.negated() : length;
    }

    /** Scores from corner to corner; from the lower left one where none is named. */
    boolean diagonals(Tree<Token> phrase) {
        if (draft.current == null) {
            return false;
        }
        Fold fold = fold(phrase);
        List<Tree<Token>> corners = phrase.all("corner");
        if (corners.size() == 2) {
            diagonal(corner(corners.get(0)), corner(corners.get(1)), fold);
            return true;
        }
        diagonal(corner(false, false), corner(true, true), fold);
        if (phrase.has("both")) {
            diagonal(corner(false, true), corner(true, false), fold);
        }
        return true;
    }

    private void diagonal(Spot from, Spot to, @Nullable Fold fold) {
        draft.piece().lines.add(new Line(new Stretch(from, to), fold));
    }

    private Spot corner(Tree<Token> named) {
        return corner(named.has("right"), named.has("top"));
    }

    private Spot corner(boolean right, boolean top) {
        WrittenPiece piece = draft.piece();
        return new Spot(right ? piece.along() : Length.ZERO, top ? piece.across() : Length.ZERO);
    }

    boolean corners(Tree<Token> phrase) {
        return draft.current != null && draft.current.corners.addAll(spots(phrase));
    }

    /** What is as wide as it is high is cut as a circle. */
    boolean round(Tree<Token> phrase) {
        if (draft.current == null) {
            return false;
        }
        if (draft.piece().along().equals(draft.piece().across())) {
            draft.piece().isRound = true;
        } else {
            draft.report(phrase.tokens("ROUND").get(0), "What is round is as wide as it is high.", null);
        }
        return true;
    }

    /** Corner by corner, or as wide as told round the middle. */
    boolean hole(Tree<Token> phrase) {
        if (draft.current == null) {
            return false;
        }
        List<Spot> corners = spots(phrase);
        return draft.piece().holes.add(corners.isEmpty() ? round(draft.length(phrase)) : corners);
    }

    private List<Spot> round(Length across) {
        WrittenPiece piece = draft.piece();
        return Circle.corners(
                new Spot(piece.along().dividedBy(2), piece.across().dividedBy(2)), across.dividedBy(2));
    }
}
