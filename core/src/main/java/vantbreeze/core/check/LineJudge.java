package vantbreeze.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.LineSegment;
import vantbreeze.core.check.Finding.Kind;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Precision;
import vantbreeze.core.tool.Allowance;

/** Whether scores and slits end where they can, leave paper enough between them, and fold one way all along. */
record LineJudge(CheckedCard card, Words words) {

    private static final Kind LOOSE_SCORE = Kind.mustFix("loose-score");
    private static final Kind LOOSE_SLIT = Kind.mustFix("loose-slit");
    private static final Kind SLOT = Kind.tip("slot");
    private static final Kind NARROW_BRIDGE = Kind.check("narrow-bridge");
    private static final Kind CHANGING = Kind.tip("direction-changes");

    List<Finding> findings() {
        List<Finding> findings = new ArrayList<>();
        List<String> bridges = new ArrayList<>();
        List<String> changing = new ArrayList<>();
        for (WorkedPiece piece : card.pieces()) {
            for (Stretch score : piece.panels().looseCreases()) {
                findings.add(LOOSE_SCORE.of(
                        "fold",
                        ("A score of %s ends inside a panel, %s: it folds nothing there. Run it on to an edge, a "
                                        + "slit or another score.")
                                .formatted(words.piece(piece.panels().piece()), place(piece, score.to()))));
            }
            for (Stretch slit : piece.panels().looseSlits().stream().distinct().toList()) {
                if (isSlot(piece.panels().piece(), slit)) {
                    findings.add(SLOT.of(
                            "fold",
                            ("A slit of %s lies inside a panel, %s: a slot to tuck something into. Punch a small hole "
                                            + "at each end, so that it does not tear on.")
                                    .formatted(words.piece(piece.panels().piece()), place(piece, slit.from()))));
                    continue;
                }
                findings.add(LOOSE_SLIT.of(
                        "fold",
                        ("A slit of %s does not end on a score, %s: the paper would tear on from there. Cut it "
                                        + "as far as the score.")
                                .formatted(words.piece(piece.panels().piece()), place(piece, slit.to()))));
            }
            bridge(piece).ifPresent(bridges::add);
            changing(piece).ifPresent(changing::add);
        }
        if (!bridges.isEmpty()) {
            findings.add(NARROW_BRIDGE.of(
                    "fold",
                    "Between two slits there is %s: it tears. Move one of the slits so that %s is left."
                            .formatted(Words.list(distinct(bridges)), words.least(bridge()))));
        }
        if (!changing.isEmpty()) {
            findings.add(CHANGING.of(
                    "fold",
                    ("Along one line the fold changes direction: %s. Score each part on the side that it folds "
                                    + "away from.")
                            .formatted(Words.list(distinct(changing)))));
        }
        return findings;
    }

    /** Whether a slit touches nothing: no edge, no score, no other slit. */
    private static boolean isSlot(Piece piece, Stretch slit) {
        LineSegment own = segment(slit);
        return Stream.of(
                        sides(piece.outline()),
                        piece.openings().stream()
                                .flatMap(opening -> sides(opening).stream())
                                .toList(),
                        piece.creases().stream().map(Crease::line).toList(),
                        piece.slits().stream()
                                .filter(other -> !isSame(other, slit))
                                .toList())
                .flatMap(List::stream)
                .allMatch(line -> segment(line).distance(own) > Precision.ON_LINE);
    }

    private static List<Stretch> sides(List<Spot> corners) {
        List<Stretch> sides = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            sides.add(new Stretch(corners.get(i), corners.get((i + 1) % corners.size())));
        }
        return sides;
    }

    private static boolean isSame(Stretch one, Stretch other) {
        return one.equals(other) || one.equals(new Stretch(other.to(), other.from()));
    }

    private static LineSegment segment(Stretch line) {
        return new LineSegment(line.from().millimetres(), line.to().millimetres());
    }

    private static List<String> distinct(List<String> texts) {
        return texts.stream().distinct().toList();
    }

    private String place(WorkedPiece piece, Spot spot) {
        Spot at = piece.panels().piece().extent().fromCorner(spot);
        return "%s from left and %s from foot".formatted(words.write(at.x()), words.write(at.y()));
    }

    private Length bridge() {
        return card.tools().allowances().of(Allowance.NARROWEST_BRIDGE);
    }

    /** The narrowest paper between two slits that do not meet, if it is too narrow. */
    private Optional<String> bridge(WorkedPiece piece) {
        List<LineSegment> slits =
                piece.panels().piece().slits().stream().map(LineJudge::segment).toList();
        double narrowest = bridge().millimetres();
        for (int i = 0; i < slits.size(); i++) {
            for (LineSegment other : slits.subList(i + 1, slits.size())) {
                double wide = slits.get(i).distance(other);
                narrowest = wide > Precision.ON_LINE && wide < narrowest ? wide : narrowest;
            }
        }
        return narrowest < bridge().millimetres() - Precision.ON_LINE
                ? Optional.of("a bridge of only %s on %s"
                        .formatted(
                                words.estimate(narrowest),
                                words.piece(piece.panels().piece())))
                : Optional.empty();
    }

    /** Scores that go on in one line, one part a mountain and another a valley. */
    private Optional<String> changing(WorkedPiece piece) {
        String upright = changing(piece.scores());
        String level = changing(piece.turned());
        List<String> told = Stream.of(
                        upright.isEmpty() ? "" : "at %s from left".formatted(upright),
                        level.isEmpty() ? "" : "at %s from foot".formatted(level))
                .filter(text -> !text.isEmpty())
                .toList();
        return told.isEmpty()
                ? Optional.empty()
                : Optional.of("on %s %s".formatted(words.piece(piece.panels().piece()), Words.list(told)));
    }

    private String changing(List<BoardScore> scores) {
        List<String> places = scores.stream()
                .filter(score -> scores.stream()
                        .anyMatch(other -> other.fromLeft().equals(score.fromLeft()) && other.fold() != score.fold()))
                .map(score -> words.write(score.fromLeft()))
                .distinct()
                .toList();
        return places.isEmpty() ? "" : Words.list(places);
    }
}
