package vantbreeze.core.plan;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import vantbreeze.core.check.Words;
import vantbreeze.core.cutting.Blank;
import vantbreeze.core.cutting.CutPlan;
import vantbreeze.core.cutting.PieceParts;
import vantbreeze.core.cutting.Piecing;
import vantbreeze.core.cutting.Seam;
import vantbreeze.core.cutting.SeamCovers;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Sheets;
import vantbreeze.core.tool.Allowance;

/** Pieces of a card that no sheet is large enough for, joined from parts. */
public record PieceJoining(WorkedPlan worked) {

    /**
     * How a piece is best joined from parts.
     *
     * @param blank what it is cut as, whole
     * @return nothing where it can't be joined from a few parts that come from these sheets
     */
    public Optional<PieceParts> best(PieceId id, Blank blank, Sheets sheets) {
        int number = number(id);
        if (number < 0) {
            return Optional.empty();
        }
        WorkedPiece piece = worked.pieces().get(number);
        return new Piecing(
                        piece.panels(),
                        id,
                        piece.first(),
                        covers(),
                        CutPlan.comes(worked.cutOrder(sheets), blank),
                        worked.ruler(),
                        worked.tools().allowances().of(Allowance.SEAM_OVERLAP, worked.ruler()))
                .best();
    }

    private SeamCovers covers() {
        return new SeamCovers(worked.form().graph(), worked.layers(), worked::isSeen);
    }

    private int number(PieceId id) {
        return PieceId.all(worked.of(Stages.ASSEMBLY).pieces()).indexOf(id);
    }

    /** Whether a piece may be joined at these seams. */
    public boolean isPossible(PieceId id, List<Seam> seams) {
        int number = number(id);
        return number >= 0
                && PieceParts.of(worked.pieces().get(number).panels(), id, seams)
                        .isSeamed();
    }

    /** "2 parts, 205 mm and 207 mm wide, that overlap by 13 mm; the seam shows on the inside of Back". */
    public String inWords(PieceParts parts) {
        boolean upright = parts.seams().get(0).upright();
        List<String> sizes = parts.parts().stream()
                .map(part -> upright ? part.cutSize().width() : part.cutSize().height())
                .map(this::write)
                .toList();
        boolean areAlike = sizes.stream().distinct().count() == 1;
        return String.format(
                Locale.ROOT,
                "%d parts, %s %s, that overlap by %s; %s",
                sizes.size(),
                areAlike ? "each " + sizes.get(0) : Words.list(sizes),
                upright ? "wide" : "high",
                write(parts.seams().get(0).overlap()),
                whereItShows(parts));
    }

    /** "the seam is out of sight", "the seams show on the inside of Back: lay a mat over them". */
    public String whereItShows(PieceParts parts) {
        int first = worked.pieces().get(number(parts.seams().get(0).piece())).first();
        List<String> shown = parts.shown(first, covers()).stream()
                .map(face -> worked.faceWords().inSentence(face))
                .toList();
        boolean isOne = parts.seams().size() == 1;
        String seam = isOne ? "the seam" : "the seams";
        if (shown.isEmpty()) {
            return "%s %s out of sight".formatted(seam, isOne ? "is" : "are");
        }
        return "%s %s on %s: lay a mat over %s"
                .formatted(seam, isOne ? "shows" : "show", Words.list(shown), isOne ? "it" : "them");
    }

    private String write(Length length) {
        return Figure.of(length, worked.ruler()).inWords();
    }
}
