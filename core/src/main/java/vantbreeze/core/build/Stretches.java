package vantbreeze.core.build;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.length.Length;

/**
 * What is worked on with the fence at one place: stretches of one line of the board, one above the other.
 *
 * @param scores at least one, all as far from the edge
 */
record Stretches(List<BoardScore> scores) {

    Stretches {
        scores = List.copyOf(scores);
    }

    /** Those of each line of the board together, whichever way they fold: the fence is set once (common practice). */
    static List<Stretches> byDistance(List<BoardScore> scores) {
        return by(BoardScore::fromLeft, scores);
    }

    /** Those of each line that fold one way together. */
    static List<Stretches> byFold(List<BoardScore> scores) {
        return by(score -> List.of(score.fromLeft(), score.fold()), scores);
    }

    private static List<Stretches> by(Function<BoardScore, Object> key, List<BoardScore> scores) {
        Map<Object, List<BoardScore>> together = new LinkedHashMap<>();
        scores.forEach(score -> together.computeIfAbsent(key.apply(score), one -> new ArrayList<>())
                .add(score));
        return together.values().stream().map(Stretches::new).toList();
    }

    Length fromLeft() {
        return scores.get(0).fromLeft();
    }

    Length fromRight() {
        return scores.get(0).fromRight();
    }

    /** Which ways they fold, each once. */
    List<Fold> folds() {
        return scores.stream().map(BoardScore::fold).distinct().toList();
    }

    /** From where to where. None where all of it runs from edge to edge. */
    List<BoardScore.Part> parts(Piece piece, boolean upright) {
        return BoardScore.parts(scores, piece, upright);
    }
}
