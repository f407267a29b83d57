package vantbreeze.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import vantbreeze.core.check.Finding.Kind;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.length.Length;
import vantbreeze.core.tool.Board;

/** Whether the tools on the table reach. */
record ToolJudge(CheckedCard card, Words words) {

    private static final Kind LONG_PIECE = Kind.hint("longer-than-board");
    private static final Kind OFF_GROOVES = Kind.hint("off-the-grooves");
    private static final Kind LONG_CUT = Kind.hint("longer-than-bed");
    private static final Kind SLITS = Kind.hint("slits-on-the-trimmer");

    private static final int NAMED = 4;

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        Board board = card.tools().board(card.ruler());
        card.pieces().stream()
                .filter(piece ->
                        !piece.scores().isEmpty() && piece.cut().width().isLongerThan(board.length()))
                .findFirst()
                .ifPresent(piece -> findings.add(LONG_PIECE.of(
                        "board",
                        "%s is %s long, %s longer than the %s: score from one end, then turn it round."
                                .formatted(
                                        piece.panels().piece().name(),
                                        words.write(piece.cut().width()),
                                        words.write(piece.cut().width().minus(board.length())),
                                        board.name()))));
        List<Length> off = card.pieces().stream()
                .flatMap(piece -> piece.scores().stream())
                .filter(score -> !board.hasGrooveAt(score.fromLeft(), score.fromRight()))
                .map(BoardScore::fromLeft)
                .distinct()
                .toList();
        if (!off.isEmpty()) {
            String figures = off.stream().limit(NAMED).map(words::write).collect(Collectors.joining(", "));
            findings.add(OFF_GROOVES.of(
                    "board",
                    "%s between two grooves of the %s (%s%s): mark %s and score along a ruler."
                            .formatted(
                                    off.size() == 1
                                            ? "One score lies"
                                            : String.format(Locale.ROOT, "%d scores lie", off.size()),
                                    board.name(),
                                    figures,
                                    off.size() > NAMED ? ", …" : "",
                                    off.size() == 1 ? "it" : "them")));
        }
        card.pieces().stream()
                .filter(piece -> longest(piece).isLongerThan(card.tools().bed()))
                .findFirst()
                .ifPresent(piece -> findings.add(LONG_CUT.of(
                        "trimmer",
                        ("The long cut of %s, %s, is longer than the trimmer's bed of %s: cut it in two "
                                        + "goes along a rule.")
                                .formatted(
                                        piece.panels().piece().name(),
                                        words.write(longest(piece)),
                                        words.write(card.tools().bed())))));
        slits(findings);
        return findings;
    }

    private void slits(List<Finding> findings) {
        boolean straight = card.pieces().stream()
                .flatMap(piece -> piece.panels().piece().slits().stream())
                .anyMatch(slit -> slit.isUpright() || slit.isLevel());
        if (straight && card.tools().stopsInside()) {
            findings.add(SLITS.of(
                    "trimmer",
                    "The straight slits can be cut on the trimmer: set the blade down on the pencil mark "
                            + "and lift it at the other."));
        }
    }

    private static Length longest(WorkedPiece piece) {
        return piece.cut().width().max(piece.cut().height());
    }
}
