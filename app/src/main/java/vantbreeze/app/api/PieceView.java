package vantbreeze.app.api;

import java.util.List;
import org.locationtech.jts.geom.Point;
import org.springframework.lang.Nullable;
import vantbreeze.core.fit.SheetYield;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.DrawnMark;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Hinge;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.WorkedPiece;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/**
 * A piece to cut, as it lies open.
 *
 * @param heightMeasure id of the measure that sets its height, if one does
 * @param outline corners of the piece
 */
public record PieceView(String name, SizeView cut, @Nullable String heightMeasure, List<PointView> outline, List<PanelView> panels,
                        List<HingeView> hinges, List<ScoreView> scores, List<MarkView> marks,
                        @Nullable YieldView yield) {

    /**
     * A panel as it lies on the open sheet.
     *
     * @param index its number among the panels of the whole card
     * @param inside a spot well within it, for its name
     * @param measure id of the measure that sets its width, if one does
     */
    public record PanelView(int index, String name, @Nullable String measure, List<PointView> corners,
                            PointView inside, FigureView left, FigureView width) { }

    /** A stretch of crease between two panels. */
    public record HingeView(int index, PointView from, PointView to, Fold fold, int left, int right) { }

    /**
     * A score as read off the board.
     *
     * @param startMm where it starts above the foot, for drawing
     * @param stopMm where it stops
     */
    public record ScoreView(FigureView fromLeft, FigureView fromRight, double startMm, double stopMm, Fold fold) { }

    /**
     * A slit or a slanted score, from one spot to another.
     *
     * @param fold which way it folds; none for a slit
     */
    public record MarkView(PointView from, PointView to, FigureView fromX, FigureView fromY, FigureView toX, FigureView toY,
                           @Nullable Fold fold) { }

    /** What comes out of the sheet in hand. */
    public record YieldView(String sheet, int count, int across, int up, boolean turned) {

        static YieldView of(SheetYield yield) {
            return new YieldView(yield.sheet().name(), yield.count(), yield.across(), yield.up(), yield.turned());
        }
    }

    static PieceView of(WorkedPiece worked, Structure structure, Ruler ruler) {
        return new PieceView(worked.panels().piece().name(), SizeView.of(worked.cut(), ruler), heightMeasure(worked, structure),
                points(worked.panels().piece().outline()),
                worked.panels().all().stream().map(panel -> panel(worked.first(), panel, structure, ruler)).toList(),
                worked.panels().hinges().stream().map(hinge -> hinge(hinge, worked.panels().hinges().indexOf(hinge))).toList(),
                worked.scores().stream().map(score -> score(score, ruler)).toList(),
                DrawnMark.of(worked.panels().piece()).stream().map(mark -> mark(mark, ruler)).toList(),
                worked.yield() == null ? null : YieldView.of(worked.yield()));
    }

    private static String heightMeasure(WorkedPiece worked, Structure structure) {
        return structure.parameters().stream()
                .filter(parameter -> parameter.pieces().contains(worked.panels().piece().name()))
                .map(Parameter::id).findFirst().orElse(null);
    }

    private static PanelView panel(int first, Panel panel, Structure structure, Ruler ruler) {
        String measure = structure.parameters().stream()
                .filter(parameter -> parameter.panels().contains(panel.name())).map(Parameter::id).findFirst().orElse(null);
        return new PanelView(first + panel.index(), panel.name(), measure, points(panel.corners()),
                inside(panel), FigureView.of(panel.left(), ruler), FigureView.of(panel.width(), ruler));
    }

    private static MarkView mark(DrawnMark mark, Ruler ruler) {
        return new MarkView(PointView.of(mark.from()), PointView.of(mark.to()),
                FigureView.of(mark.from().x(), ruler), FigureView.of(mark.from().y(), ruler),
                FigureView.of(mark.to().x(), ruler), FigureView.of(mark.to().y(), ruler), mark.fold());
    }

    private static PointView inside(Panel panel) {
        Point spot = panel.shape().getInteriorPoint();
        return new PointView(spot.getX(), spot.getY());
    }

    private static HingeView hinge(Hinge hinge, int index) {
        return new HingeView(index, PointView.of(hinge.line().from()), PointView.of(hinge.line().to()), hinge.fold(),
                hinge.left().index(), hinge.right().index());
    }

    private static ScoreView score(BoardScore score, Ruler ruler) {
        return new ScoreView(FigureView.of(score.fromLeft(), ruler), FigureView.of(score.fromRight(), ruler),
                score.start().millimetres(), score.stop().millimetres(), score.fold());
    }

    private static List<PointView> points(List<Spot> spots) {
        return spots.stream().map(PointView::of).toList();
    }
}
