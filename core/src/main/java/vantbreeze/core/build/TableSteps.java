package vantbreeze.core.build;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import vantbreeze.core.build.TableStep.Line;
import vantbreeze.core.build.TableStep.LineKind;
import vantbreeze.core.build.TableStep.Shown;
import vantbreeze.core.cutting.Blank;
import vantbreeze.core.cutting.DieCut;
import vantbreeze.core.cutting.HowCut;
import vantbreeze.core.cutting.PieceParts;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.DrawnMark;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.PencilMark;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.PieceJoining;
import vantbreeze.core.plan.Stages;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.tool.Board;

/** The way through a card piece by piece, score by score. */
public final class TableSteps {

    private static final String UP = "↑";
    private static final String ACROSS = "→";

    /** How a piece is cut whose outline no straight cuts make. */
    private static final String OUTLINE = "along its outline: print it at true size and draw it on";

    private final WorkedPlan card;
    private final List<TableStep> steps = new ArrayList<>();

    private TableSteps(WorkedPlan card) {
        this.card = card;
    }

    /** The steps of a card, in the order of the work on each piece. */
    public static List<TableStep> of(WorkedPlan card) {
        TableSteps steps = new TableSteps(card);
        List<List<WorkedPiece>> alike = card.alike();
        for (int piece = 0; piece < alike.size(); piece++) {
            steps.piece(piece, alike.get(piece));
        }
        return List.copyOf(steps.steps);
    }

    private void piece(int number, List<WorkedPiece> copies) {
        WorkedPiece piece = copies.get(0);
        cut(number, copies.size(), piece);
        lines(number, piece, LineKind.SCORE);
        lines(number, piece, LineKind.LEVEL);
        marks(number, piece);
        int end = piece.first() + piece.panels().all().size();
        for (PencilMark mark : PencilMark.of(card.form().graph())) {
            if (mark.panel() >= piece.first() && mark.panel() < end) {
                Spot at = fromCorner(mark.at(), piece);
                String what =
                        "for %s; rub it out later".formatted(card.form().graph().name(mark.glued()));
                steps.add(new TableStep(
                        number,
                        "Pencil mark",
                        List.of(new Shown(at.x(), null), new Shown(at.y(), UP)),
                        "from left and from foot, " + what,
                        null,
                        "Pencil mark %s, %s.".formatted(place(at), what)));
            }
        }
        for (GlueArea area : GlueArea.of(card.form().graph())) {
            if (area.panel() >= piece.first() && area.panel() < end) {
                String words = words(area, card);
                steps.add(new TableStep(number, "Glue", List.of(), words, null, "Glue: %s.".formatted(words)));
            }
        }
    }

    private void cut(int number, int copies, WorkedPiece piece) {
        Size size = piece.cut();
        String what = copies > 1 ? String.format(Locale.ROOT, "Cut %d of", copies) : "Cut";
        String note = howCut(card, card.pieces().indexOf(piece)).orElse(null);
        steps.add(new TableStep(
                number,
                what,
                List.of(new Shown(size.width(), null), new Shown(size.height(), "×")),
                note,
                null,
                "%s %s%s."
                        .formatted(
                                what,
                                figure(size.width()).by(figure(size.height())),
                                note == null ? "" : ": " + note)));
    }

    /** How a piece is cut that is no rectangle: with a die, by straight cuts, or along what is drawn on it. */
    public static Optional<String> howCut(WorkedPlan card, int piece) {
        PieceParts parts = card.of(Stages.PARTS).get(piece);
        if (parts.isSeamed()) {
            return Optional.of("joined from " + new PieceJoining(card).inWords(parts));
        }
        PieceId id = card.of(Stages.PIECE_STOCKS).get(piece).piece();
        Blank blank = requireNonNull(card.of(Stages.PIECE_BLANKS).byPiece().get(id));
        Optional<String> told = new HowCut(card.ruler(), card.tools().dies()).of(blank.outline());
        boolean isPlain =
                blank.outline().isRectangle() || !DieCut.of(blank.outline()).isEmpty();
        return isPlain ? told : told.or(() -> Optional.of(OUTLINE));
    }

    private void lines(int number, WorkedPiece piece, LineKind kind) {
        boolean upright = kind == LineKind.SCORE;
        Board board = card.tools().board(card.ruler());
        List<BoardScore> scores = upright ? piece.scores() : piece.turned();
        for (int i = 0; i < scores.size(); i++) {
            BoardScore score = scores.get(i);
            List<Shown> figures = new ArrayList<>(List.of(new Shown(score.fromLeft(), null)));
            List<String> notes = new ArrayList<>();
            notes.add(upright ? "left edge against the fence" : "foot against the fence");
            score.part(piece.panels().piece(), upright).ifPresent(part -> {
                figures.add(new Shown(part.from(), upright ? UP : ACROSS));
                figures.add(new Shown(part.to(), "–"));
                notes.add("only from %s to %s from %s"
                        .formatted(write(part.from()), write(part.to()), upright ? "foot" : "left"));
            });
            if (!board.hasGrooveAt(score.fromLeft(), score.fromRight())) {
                notes.add("between two grooves, so along a rule");
            }
            figure(score.fromLeft()).exactly().ifPresent(exactly -> notes.add("exactly " + exactly));
            String note = String.join("; ", notes);
            String what = "%s, %s".formatted(upright ? "Score" : "Score level", words(score.fold()));
            steps.add(new TableStep(
                    number,
                    what,
                    figures,
                    note,
                    new Line(kind, i),
                    "%s, at %s: %s.".formatted(what, write(score.fromLeft()), note)));
        }
    }

    private void marks(int number, WorkedPiece piece) {
        List<DrawnMark> marks = DrawnMark.of(piece.panels().piece());
        for (int i = 0; i < marks.size(); i++) {
            DrawnMark mark = marks.get(i);
            Fold fold = mark.fold();
            Spot from = fromCorner(mark.from(), piece);
            Spot to = fromCorner(mark.to(), piece);
            boolean upright = from.x().equals(to.x());
            boolean straight = upright || from.y().equals(to.y());
            String what = fold == null ? "Slit" : "Score slanted, %s".formatted(words(fold));
            String trimmer = fold == null && straight && card.tools().stopsInside()
                    ? "; on the trimmer set the blade down on one mark and lift it at the other"
                    : "";
            Line line = new Line(LineKind.MARK, i);
            steps.add(
                    straight
                            ? straight(number, what, upright, from, to, trimmer, line)
                            : slanted(number, what, from, to, trimmer, line));
        }
    }

    /** One place, and from where to where: as a score that does not run from edge to edge. */
    private TableStep straight(
            int number, String what, boolean upright, Spot from, Spot to, String trimmer, Line line) {
        Length at = upright ? from.x() : from.y();
        Length one = upright ? from.y() : from.x();
        Length other = upright ? to.y() : to.x();
        Length start = one.min(other);
        Length stop = one.max(other);
        String ofPlace = upright ? "left" : "foot";
        String ofStretch = upright ? "foot" : "left";
        return new TableStep(
                number,
                what,
                List.of(
                        new Shown(at, upright ? null : UP),
                        new Shown(start, upright ? UP : ACROSS),
                        new Shown(stop, "–")),
                "from %s; from start to stop from %s%s".formatted(ofPlace, ofStretch, trimmer),
                line,
                "%s at %s from %s, from %s to %s from %s%s."
                        .formatted(what, write(at), ofPlace, write(start), write(stop), ofStretch, trimmer));
    }

    private TableStep slanted(int number, String what, Spot from, Spot to, String trimmer, Line line) {
        return new TableStep(
                number,
                what,
                List.of(
                        new Shown(from.x(), null),
                        new Shown(from.y(), UP),
                        new Shown(to.x(), ACROSS),
                        new Shown(to.y(), UP)),
                "from left and from foot, to the same" + trimmer,
                line,
                "%s, from %s from left and %s from foot to %s and %s%s."
                        .formatted(what, write(from.x()), write(from.y()), write(to.x()), write(to.y()), trimmer));
    }

    /** As it is measured from the left edge and the foot of its piece. */
    private static Spot fromCorner(Spot spot, WorkedPiece piece) {
        return piece.panels().piece().extent().fromCorner(spot);
    }

    private String place(Spot at) {
        return "%s from left, %s from foot".formatted(write(at.x()), write(at.y()));
    }

    private Figure figure(Length length) {
        return Figure.of(length, card.ruler());
    }

    private String write(Length length) {
        return figure(length).inWords();
    }

    /** Which way a line folds, as a maker says it. */
    public static String words(Fold fold) {
        return switch (fold) {
            case VALLEY -> "valley";
            case MOUNTAIN -> "mountain";
            case UNASSIGNED -> "either way";
            case BEND -> "bend";
        };
    }

    /** Where glue goes: "Left tab, turned over, 13 × 100 mm, to Back". */
    public static String words(GlueArea area, WorkedPlan card) {
        var box = area.shape().getEnvelopeInternal();
        return "%s, %s, %s, to %s"
                .formatted(
                        card.form().graph().name(area.panel()),
                        area.side() == Side.FACE ? "this side" : "turned over",
                        Figure.of(Length.nearest(box.getWidth()), card.ruler())
                                .by(Figure.of(Length.nearest(box.getHeight()), card.ruler())),
                        card.form().graph().name(area.other()));
    }
}
