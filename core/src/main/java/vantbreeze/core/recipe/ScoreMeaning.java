package vantbreeze.core.recipe;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.grammar.Tree;
import vantbreeze.core.length.Length;

/** Where pieces are scored: by figures, in parts, at one distance, once more from the other end. */
record ScoreMeaning(Draft draft) {

    boolean scores(Tree<Token> phrase) {
        List<WrittenPiece> on = pieces(phrase);
        if (on.isEmpty()) {
            return false;
        }
        place(phrase);
        Fold way = phrase.parts().get(0) instanceof Tree<Token> first
                        && first.rule().equals("way")
                ? FoldMeaning.ways(first).get(0)
                : null;
        for (Tree<Token> group : phrase.all("group", "figures")) {
            ScoreGroup scores = group(group, way);
            scores.fromBoth |= isFromBoth(phrase, group);
            scores.level |= isLevel(phrase);
            add(on, scores);
        }
        draft.scoresGoOn = true;
        return true;
    }

    /** Told before or behind all of its figures, and of none of them. */
    private static boolean isFromBoth(Tree<Token> phrase, Tree<Token> group) {
        return phrase.all("placing").stream().anyMatch(placing -> placing.has("from-both")) && !group.has("from-both");
    }

    private static boolean isLevel(Tree<Token> phrase) {
        return phrase.has("LEVEL");
    }

    /** The pieces that scores are told of: all that have none yet, the one that is named, or the one in hand. */
    private List<WrittenPiece> pieces(Tree<Token> phrase) {
        if (draft.current == null) {
            return List.of();
        }
        if (phrase.has("to-each")) {
            List<WrittenPiece> bare = (draft.alike.isEmpty() ? draft.pieces : draft.alike)
                    .stream()
                            .filter(piece -> piece.scores.isEmpty() && piece.levels.isEmpty())
                            .toList();
            if (bare.size() > 1) {
                return bare;
            }
        }
        draft.takeUp(phrase);
        return List.of(draft.piece());
    }

    /** What a phrase says of the side that is scored. */
    private void place(Tree<Token> phrase) {
        phrase.all("scored-side").forEach(this::side);
    }

    /** Scores at figures, each with the way it folds where that is told. */
    private ScoreGroup group(Tree<Token> group, @Nullable Fold way) {
        ScoreGroup scores = at(group.all("place", "folded-place"), way);
        scores.andSoOn = group.has("SOON");
        scores.fromBoth = group.has("from-both");
        scores.fromFarEnd = group.has("from-far") || group.has("from-top");
        scores.level = (group.has("from-top") || group.has("from-foot")) && !isScoredUpwards();
        if (group.has("from-last")) {
            scores.fromLast();
        }
        return scores;
    }

    /** Whether the side that is scored is the height. */
    private boolean isScoredUpwards() {
        WrittenPiece piece = draft.piece();
        return piece.along().equals(piece.height) && !piece.along().equals(piece.width);
    }

    private ScoreGroup at(List<Tree<Token>> places, @Nullable Fold way) {
        ScoreGroup scores = new ScoreGroup();
        for (Tree<Token> place : places) {
            scores.add(
                    draft.lengths(place).get(0),
                    place.has("way") ? FoldMeaning.ways(place).get(0) : way);
        }
        return scores;
    }

    private void add(List<WrittenPiece> on, ScoreGroup told) {
        told.level |= draft.onOtherSide;
        draft.onOtherSide = false;
        draft.lastLevel = told.level;
        draft.lastScores = told;
        on.forEach(piece -> put(told, piece));
    }

    /** Figures of a table's row. */
    void row(List<Tree<Token>> places) {
        add(List.of(draft.piece()), at(places, null));
    }

    /** Figures by themselves go on with the scores before. */
    boolean list(Tree<Token> phrase) {
        if (draft.current == null) {
            return false;
        }
        if (!draft.scoresGoOn) {
            if (!draft.current.scores.isEmpty() || !draft.current.levels.isEmpty() || draft.matsLast) {
                return false;
            }
            draft.taken.add(takenAsScores(phrase.tokens("LENGTH")));
        }
        phrase.all("group", "figures").forEach(group -> add(List.of(draft.piece()), group(group, null)));
        return true;
    }

    private Assumption takenAsScores(List<Token> figures) {
        String text = draft.text();
        int start = figures.get(0).start();
        int end = figures.get(figures.size() - 1).end();
        List<String> written = figures.stream()
                .map(token -> text.substring(token.start(), token.end()).strip())
                .toList();
        String before = text.substring(0, start).replaceFirst("[ \t,]+$", "");
        return new Assumption(
                Assumption.About.FIGURES,
                "What %s are for is not said; taken as scores.".formatted(String.join(", ", written)),
                List.of(
                        Rewording.of("Leave them out", text, before.length(), end, ""),
                        Rewording.with("They are scores", text, start, "score at ")));
    }

    /** "Score in half", "in quarters along the long side", "into five equal panels". */
    boolean parts(Tree<Token> phrase) {
        if (draft.current == null) {
            return false;
        }
        if (!draft.current.scores.isEmpty() && !phrase.has("SCORE")) {
            // "fold both flaps to the middle"
            return true;
        }
        place(phrase);
        ScoreGroup scores = new ScoreGroup();
        scores.parts = phrase.tokens("PARTS").stream()
                .findFirst()
                .map(word -> Vocabulary.PARTS.get(word.text()))
                .orElseGet(() -> phrase.tokens("COUNT").get(0).count());
        scores.level = isLevel(phrase);
        add(List.of(draft.piece()), scores);
        draft.scoresGoOn = true;
        return true;
    }

    boolean every(Tree<Token> phrase) {
        List<WrittenPiece> on = pieces(phrase);
        if (on.isEmpty()) {
            return false;
        }
        place(phrase);
        ScoreGroup scores = new ScoreGroup();
        List<Token> lengths = draft.lengths(phrase);
        scores.every = lengths.get(lengths.size() - 1);
        scores.level = isLevel(phrase);
        add(on, scores);
        draft.scoresGoOn = true;
        return true;
    }

    /** The scores of the piece that is named, or of the last one before that has any. */
    boolean same(Tree<Token> phrase) {
        WrittenPiece piece = draft.current;
        if (piece == null) {
            return false;
        }
        List<String> named = phrase.tokens("NOUN").stream()
                .map(noun -> Vocabulary.called(noun.text()))
                .toList();
        List<WrittenPiece> scored = draft.pieces.stream()
                .filter(one -> one != piece && !one.told.isEmpty())
                .filter(one -> named.isEmpty() || named.contains(one.name) || named.contains(piece.name))
                .toList();
        if (scored.isEmpty()) {
            return false;
        }
        List<ScoreGroup> told = List.copyOf(scored.get(scored.size() - 1).told);
        told.forEach(group -> put(group, piece));
        draft.lastScores = told.get(told.size() - 1);
        draft.scoresGoOn = true;
        return true;
    }

    private static void put(ScoreGroup group, WrittenPiece piece) {
        group.addTo(piece);
        piece.told.add(group);
    }

    /** The scores told last, once more from the other end, or from top or foot. */
    boolean repeat(Tree<Token> phrase) {
        ScoreGroup last = draft.lastScores;
        if (last == null || draft.current == null) {
            return true;
        }
        boolean upwards = phrase.has("top") || phrase.has("FOOT");
        if (upwards && !last.level && !isScoredUpwards()) {
            ScoreGroup level = last.turned(phrase.has("top"));
            add(List.of(draft.piece()), level);
        } else {
            last.fromBoth = true;
            last.addTo(draft.piece());
        }
        draft.scoresGoOn = true;
        return true;
    }

    /** The first side named is the one that is scored; scores on another then run the other way. */
    boolean side(Tree<Token> phrase) {
        WrittenPiece piece = draft.current;
        if (piece == null) {
            return false;
        }
        List<Token> lengths = phrase.tokens("LENGTH");
        if (lengths.isEmpty()) {
            along(piece, phrase.has("LONG"));
            return true;
        }
        Length side = draft.taken(lengths.get(0)).measure();
        if (!side.equals(piece.along()) && !side.equals(piece.across())) {
            return false;
        }
        along(piece, side.equals(piece.along().max(piece.across())));
        return true;
    }

    private void along(WrittenPiece piece, boolean longOne) {
        if (piece.scores.isEmpty()) {
            piece.alongLong = longOne;
        } else {
            draft.onOtherSide = longOne != piece.along().isLongerThan(piece.across());
        }
    }
}
