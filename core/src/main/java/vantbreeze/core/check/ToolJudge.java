package vantbreeze.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;
import vantbreeze.core.check.Finding.Kind;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.length.Length;
import vantbreeze.core.tool.Board;

/** Whether the tools on the table reach: one finding for all of them, and only where one does not. */
record ToolJudge(CheckedCard card, Words words) {

    private static final Kind OUT_OF_REACH = Kind.tip("out-of-reach");

    List<Finding> findings() {
        List<String> told = new ArrayList<>();
        Board board = card.tools().board(card.ruler());
        List<String> scored = names(piece -> isOutOfReach(piece, board));
        if (!scored.isEmpty()) {
            told.add("The %s, %s long, does not reach all scores of %s from either end: mark those at both edges and "
                            .formatted(board.name(), words.write(board.length()), Words.list(scored))
                    + "score along a rule.");
        }
        Length bed = card.tools().bed();
        List<String> cut = names(piece -> longest(piece).isLongerThan(bed));
        if (!cut.isEmpty()) {
            told.add("The trimmer cuts %s at a time: cut the long sides of %s with a knife along a metal rule, in two "
                            .formatted(words.most(bed), Words.list(cut))
                    + "goes.");
        }
        return told.isEmpty() ? List.of() : List.of(OUT_OF_REACH.of("board", String.join(" ", told)));
    }

    private List<String> names(Predicate<WorkedPiece> which) {
        return card.pieces().stream()
                .filter(which)
                .map(piece -> words.piece(piece.panels().piece()))
                .distinct()
                .toList();
    }

    /** Turned round, a score that is too far from one end is measured from the other. */
    private static boolean isOutOfReach(WorkedPiece piece, Board board) {
        return Stream.concat(piece.scores().stream(), piece.turned().stream())
                .anyMatch(score -> score.fromLeft().min(score.fromRight()).isLongerThan(board.length()));
    }

    private static Length longest(WorkedPiece piece) {
        return piece.cut().width().max(piece.cut().height());
    }
}
