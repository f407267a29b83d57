package vantbreeze.core.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import vantbreeze.core.build.TableStep.Line;
import vantbreeze.core.build.TableStep.LineKind;
import vantbreeze.core.build.TableStep.Shown;
import vantbreeze.core.cutting.SheetYield;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.DrawnMark;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.PencilMark;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.WorkedPlan;

/** The way through a card piece by piece, score by score. */
public final class TableSteps {

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
        List<DrawnMark> marks = DrawnMark.of(piece.panels().piece());
        for (int i = 0; i < marks.size(); i++) {
            DrawnMark mark = marks.get(i);
            Fold fold = mark.fold();
            steps.add(new TableStep(
                    number,
                    fold == null ? "Slit" : "Score aslant, %s".formatted(words(fold)),
                    List.of(
                            new Shown(mark.from().x(), null),
                            new Shown(mark.from().y(), "↑"),
                            new Shown(mark.to().x(), "→"),
                            new Shown(mark.to().y(), "↑")),
                    "across and up, to across and up",
                    new Line(LineKind.MARK, i)));
        }
        int end = piece.first() + piece.panels().all().size();
        for (PencilMark mark : PencilMark.of(card.form().graph())) {
            if (mark.panel() >= piece.first() && mark.panel() < end) {
                steps.add(new TableStep(
                        number,
                        "Pencil mark",
                        List.of(
                                new Shown(mark.at().x(), null),
                                new Shown(mark.at().y(), "↑")),
                        "across and up, for %s; rub it out later"
                                .formatted(card.form().graph().name(mark.glued())),
                        null));
            }
        }
        for (GlueArea area : GlueArea.of(card.form().graph())) {
            if (area.panel() >= piece.first() && area.panel() < end) {
                steps.add(new TableStep(number, "Glue", List.of(), words(area, card), null));
            }
        }
    }

    private void cut(int number, int copies, WorkedPiece piece) {
        Size size = piece.cut();
        SheetYield yield = piece.yield();
        steps.add(new TableStep(
                number,
                copies > 1 ? String.format(Locale.ROOT, "Cut %d", copies) : "Cut",
                List.of(new Shown(size.width(), null), new Shown(size.height(), "×")),
                yield == null || yield.count() == 0
                        ? null
                        : String.format(
                                Locale.ROOT,
                                "%d come from %s",
                                yield.count(),
                                yield.sheet().name()),
                null));
    }

    private void lines(int number, WorkedPiece piece, LineKind kind) {
        boolean upright = kind == LineKind.SCORE;
        List<BoardScore> scores = upright ? piece.scores() : piece.turned();
        for (int i = 0; i < scores.size(); i++) {
            BoardScore score = scores.get(i);
            List<Shown> figures = new ArrayList<>(List.of(new Shown(score.fromLeft(), null)));
            score.part(piece.panels().piece(), upright).ifPresent(part -> {
                figures.add(new Shown(part.from(), upright ? "↑" : "→"));
                figures.add(new Shown(part.to(), "–"));
            });
            boolean isPart = figures.size() > 1;
            String fence = upright ? "from the left edge, against the fence" : "foot against the fence";
            String only = upright ? "only from so far up to so far up" : "only from so far across to so far across";
            steps.add(new TableStep(
                    number,
                    "%s, %s".formatted(upright ? "Score" : "Score level", words(score.fold())),
                    figures,
                    isPart ? "%s; %s".formatted(fence, only) : fence,
                    new Line(kind, i)));
        }
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

    /** Where glue goes: "Left tab, back, 13 mm × 100 mm, to Back". */
    public static String words(GlueArea area, WorkedPlan card) {
        var box = area.shape().getEnvelopeInternal();
        Function<Double, String> figure =
                mm -> Figure.of(Length.nearest(mm), card.ruler()).inWords();
        return "%s, %s, %s × %s, to %s"
                .formatted(
                        card.form().graph().panels().get(area.panel()).name(),
                        area.side() == Side.FACE ? "decorated side" : "back",
                        figure.apply(box.getWidth()),
                        figure.apply(box.getHeight()),
                        card.form().graph().name(area.other()));
    }
}
