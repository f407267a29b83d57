package vantbreeze.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.Finding.Severity;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.length.Length;
import vantbreeze.core.tool.Board;
import vantbreeze.core.tool.Tools;

/** Whether the tools on the table reach. */
record ToolJudge(Tools tools, WorkedPlan worked, Words words) {

    private static final int NAMED = 4;

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        Board board = tools.board(worked.plan().ruler());
        worked.pieces().stream()
                .filter(piece ->
                        !piece.scores().isEmpty() && piece.cut().width().isLongerThan(board.length()))
                .findFirst()
                .ifPresent(piece -> findings.add(new Finding(
                        Severity.HINT,
                        "board",
                        "%s is %s long, %s longer than the %s: score from one end, then turn it round."
                                .formatted(
                                        piece.panels().piece().name(),
                                        words.write(piece.cut().width()),
                                        words.write(piece.cut().width().minus(board.length())),
                                        board.name()),
                        null)));
        List<Length> off = worked.pieces().stream()
                .flatMap(piece -> piece.scores().stream())
                .filter(score -> !board.hasGrooveAt(score.fromLeft(), score.fromRight()))
                .map(BoardScore::fromLeft)
                .distinct()
                .toList();
        if (!off.isEmpty()) {
            String figures = off.stream().limit(NAMED).map(words::write).collect(Collectors.joining(", "));
            findings.add(new Finding(
                    Severity.HINT,
                    "board",
                    "%s between two grooves of the %s (%s%s): mark %s and score along a ruler."
                            .formatted(
                                    off.size() == 1
                                            ? "One score lies"
                                            : String.format(Locale.ROOT, "%d scores lie", off.size()),
                                    board.name(),
                                    figures,
                                    off.size() > NAMED ? ", …" : "",
                                    off.size() == 1 ? "it" : "them"),
                    null));
        }
        worked.pieces().stream()
                .filter(piece -> longest(piece).isLongerThan(tools.bed()))
                .findFirst()
                .ifPresent(piece -> findings.add(new Finding(
                        Severity.HINT,
                        "trimmer",
                        ("The long cut of %s, %s, is longer than the trimmer's bed of %s: cut it in two "
                                        + "goes along a rule.")
                                .formatted(
                                        piece.panels().piece().name(),
                                        words.write(longest(piece)),
                                        words.write(tools.bed())),
                        null)));
        slits(findings);
        return findings;
    }

    private void slits(List<Finding> findings) {
        boolean straight = worked.pieces().stream()
                .flatMap(piece -> piece.panels().piece().slits().stream())
                .anyMatch(slit -> slit.isUpright() || slit.isLevel());
        if (straight && tools.stopsInside()) {
            findings.add(new Finding(
                    Severity.HINT,
                    "trimmer",
                    "The straight slits can be cut on the trimmer: set the blade down on the pencil mark "
                            + "and lift it at the other.",
                    null));
        }
    }

    private static Length longest(WorkedPiece piece) {
        return piece.cut().width().max(piece.cut().height());
    }
}
