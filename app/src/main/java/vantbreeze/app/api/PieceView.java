package vantbreeze.app.api;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Point;
import vantbreeze.core.build.PieceWords;
import vantbreeze.core.cutting.SheetYield;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.edit.Field;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.DrawnMark;
import vantbreeze.core.fold.Extent;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.Hinge;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.PencilMark;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.hand.GluedCorner;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Material;
import vantbreeze.core.plan.Stages;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/**
 * A piece to cut, as it lies open.
 *
 * @param number which of the card's pieces it is, from 0
 * @param heightMeasure id of the measure that sets its height, if one does
 * @param outline corners of the piece
 * @param turned its level scores, read with its foot against the fence
 * @param openings corners of its holes
 * @param copies numbers of the first panels of all pieces that are cut like this one, its own first
 * @param glue where glue goes on it
 * @param how how it is cut if it is no rectangle; left out for a rectangle
 * @param print where what is printed on it begins; nothing where it is plain
 * @param pencil where other pieces come to lie, to be rubbed out
 */
public record PieceView(
        int number,
        String name,
        SizeView cut,
        @Nullable String heightMeasure,
        List<PointView> outline,
        List<PanelView> panels,
        List<HingeView> hinges,
        List<ScoreView> scores,
        List<ScoreView> turned,
        List<MarkView> marks,
        @Nullable YieldView yield,
        List<List<PointView>> openings,
        List<Integer> copies,
        List<GlueView> glue,
        List<PencilView> pencil,
        @Nullable PieceStockView stock,
        @Nullable String how,
        @Nullable PrintOfPiece print) {

    /**
     * A panel as it lies on the open sheet.
     *
     * @param index its number among the panels of the whole card
     * @param inside a spot well within it, for its name
     * @param measure id of the measure that sets its width, if one does
     * @param leftMm how far its left edge is from that of its sheet, for drawing
     */
    public record PanelView(
            int index,
            String name,
            @Nullable String measure,
            List<PointView> corners,
            List<List<PointView>> holes,
            PointView inside,
            double leftMm,
            FigureView width) {}

    /** A stretch of crease between two panels, which are numbered among those of the whole card. */
    public record HingeView(int index, PointView from, PointView to, Fold fold, int left, int right) {}

    /**
     * A score as read off the board.
     *
     * @param startMm where it starts above the foot, for drawing
     * @param stopMm where it stops
     * @param hinges indices of the hinges it is made of
     * @param part from where to where it is scored, where it does not run from edge to edge
     */
    public record ScoreView(
            FigureView fromLeft,
            double startMm,
            double stopMm,
            Fold fold,
            List<Integer> hinges,
            @Nullable FromToView part) {}

    /** A stretch of a score: up from the foot, or of a level one across from the left edge. */
    public record FromToView(FigureView from, FigureView to) {}

    /**
     * A slit or a slanted score, from one spot to another.
     *
     * @param panel a panel that it runs along
     * @param fold which way it folds; none for a slit
     */
    public record MarkView(
            int panel,
            PointView from,
            PointView to,
            FigureView fromX,
            FigureView fromY,
            FigureView toX,
            FigureView toY,
            @Nullable Fold fold) {}

    /**
     * Where glue goes.
     *
     * @param other the panel that is glued there
     * @param join which of the card's joins it belongs to, from 0; −1 when it is not one to take apart
     * @param face whether on the decorated side
     * @param words what is glued to what, on which side, how wide and high
     * @param across of a free card: how far from the left, on the sheet that it is glued to, the lower left corner of
     *     what is glued lies; left out on others
     * @param up how far from the foot of that sheet
     */
    public record GlueView(
            int panel,
            int other,
            int join,
            boolean face,
            List<PointView> corners,
            List<List<PointView>> holes,
            String words,
            @Nullable FigureView across,
            @Nullable FigureView up) {}

    /** A pencil mark: across from the left edge, up from the foot, for which panel. */
    public record PencilView(PointView at, FigureView across, FigureView up, String words) {}

    /**
     * What a piece of card is made of.
     *
     * @param field to be set to the id of a cardstock, or to nothing for the card's
     * @param own id of the cardstock it is of, where that is not the card's
     */
    public record PieceStockView(String field, @Nullable String own) {}

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** What comes out of the sheet in hand. */
    public record YieldView(String sheet, int count, int across, int up, boolean turned) {

        static YieldView of(SheetYield yield) {
            return new YieldView(yield.sheet().name(), yield.count(), yield.across(), yield.up(), yield.turned());
        }
    }

    /** The pieces of a card, like ones once. */
    static List<PieceView> of(WorkedPlan worked, Ruler ruler) {
        List<GlueArea> glue = GlueArea.of(worked.form().graph());
        List<PencilMark> pencil = PencilMark.of(worked.form().graph());
        return worked.alike().stream()
                .map(copies -> of(copies, worked, glue, pencil, ruler))
                .toList();
    }

    private static PieceView of(
            List<WorkedPiece> copies, WorkedPlan plan, List<GlueArea> glue, List<PencilMark> pencil, Ruler ruler) {
        WorkedPiece worked = copies.get(0);
        Structure structure = plan.structure();
        int number = plan.pieces().indexOf(worked);
        int end = worked.first() + worked.panels().all().size();
        return new PieceView(
                number,
                worked.panels().piece().name(),
                SizeView.of(worked.cut(), ruler),
                heightMeasure(worked, structure),
                points(worked.panels().piece().outline()),
                worked.panels().all().stream()
                        .map(panel -> panel(worked.first(), panel, plan, ruler))
                        .toList(),
                hinges(worked),
                worked.scores().stream()
                        .map(score -> score(score, worked, true, ruler))
                        .toList(),
                worked.turned().stream()
                        .map(score -> score(score, worked, false, ruler))
                        .toList(),
                DrawnMark.of(worked.panels().piece()).stream()
                        .map(mark -> mark(mark, worked, ruler))
                        .toList(),
                worked.yield() == null ? null : YieldView.of(worked.yield()),
                worked.panels().piece().openings().stream()
                        .map(PieceView::points)
                        .toList(),
                copies.stream().map(WorkedPiece::first).toList(),
                glue.stream()
                        .filter(area -> area.panel() >= worked.first() && area.panel() < end)
                        .map(area -> glue(area, plan))
                        .toList(),
                pencil.stream()
                        .filter(mark -> mark.panel() >= worked.first() && mark.panel() < end)
                        .map(mark -> pencil(mark, worked, plan))
                        .toList(),
                stock(plan, number),
                PieceWords.howCut(plan, number).orElse(null),
                PrintOfPiece.of(plan, number, ruler));
    }

    private static PencilView pencil(PencilMark mark, WorkedPiece worked, WorkedPlan plan) {
        Spot at = worked.panels().piece().extent().fromCorner(mark.at());
        return new PencilView(
                PointView.of(mark.at()),
                FigureView.of(at.x(), plan.ruler()),
                FigureView.of(at.y(), plan.ruler()),
                plan.form().graph().name(mark.glued()));
    }

    private static @Nullable PieceStockView stock(WorkedPlan plan, int piece) {
        if (plan.pieces().get(piece).panels().piece().material() != Material.CARD) {
            return null;
        }
        PieceId id = plan.of(Stages.PIECE_STOCKS).get(piece).piece();
        return new PieceStockView(
                new Field.OfPiece(id).id(), plan.plan().supplies().ofPieces().get(id));
    }

    private static GlueView glue(GlueArea area, WorkedPlan plan) {
        String words = PieceWords.words(area, plan);
        ShapeView shape = ShapeView.of(area.shape());
        int join = join(area, plan);
        Spot corner = plan.plan().isFree() && join >= 0
                ? GluedCorner.of(plan.form().graph().assembly(), join)
                : null;
        return new GlueView(
                area.panel(),
                area.other(),
                join,
                area.side() == Side.FACE,
                shape.corners(),
                shape.holes(),
                words,
                corner == null ? null : FigureView.of(corner.x(), plan.ruler()),
                corner == null ? null : FigureView.of(corner.y(), plan.ruler()));
    }

    private static int join(GlueArea area, WorkedPlan plan) {
        var joins = plan.form().graph().joins();
        return IntStream.range(0, joins.size())
                .filter(i -> (joins.get(i).from() == area.panel()
                                && joins.get(i).to() == area.other())
                        || (joins.get(i).to() == area.panel() && joins.get(i).from() == area.other()))
                .findFirst()
                .orElse(-1);
    }

    private static @Nullable String heightMeasure(WorkedPiece worked, Structure structure) {
        return structure.parameters().stream()
                .filter(parameter ->
                        parameter.pieces().contains(worked.panels().piece().name()))
                .map(Parameter::id)
                .findFirst()
                .orElse(null);
    }

    private static PanelView panel(int first, Panel panel, WorkedPlan plan, Ruler ruler) {
        String measure = plan.plan().isFree()
                ? new Field.OfPanel(panel.name()).id()
                : plan.structure().parameters().stream()
                        .filter(parameter -> parameter.panels().contains(panel.name())
                                && plan.structure()
                                        .measure(parameter.id(), plan.measures())
                                        .equals(panel.width()))
                        .map(Parameter::id)
                        .findFirst()
                        .orElse(null);
        ShapeView shape = ShapeView.of(panel);
        return new PanelView(
                first + panel.index(),
                panel.name(),
                measure,
                shape.corners(),
                shape.holes(),
                inside(panel),
                panel.left().millimetres(),
                FigureView.of(panel.width(), ruler));
    }

    private static MarkView mark(DrawnMark mark, WorkedPiece worked, Ruler ruler) {
        Point middle = GEOMETRY.createPoint(new Coordinate(
                (mark.from().x().millimetres() + mark.to().x().millimetres()) / 2,
                (mark.from().y().millimetres() + mark.to().y().millimetres()) / 2));
        int beside = worked.panels().all().stream()
                .min(Comparator.comparingDouble(panel -> panel.shape().distance(middle)))
                .map(Panel::index)
                .orElse(0);
        return new MarkView(
                worked.first() + beside,
                PointView.of(mark.from()),
                PointView.of(mark.to()),
                FigureView.of(mark.from().x(), ruler),
                FigureView.of(mark.from().y(), ruler),
                FigureView.of(mark.to().x(), ruler),
                FigureView.of(mark.to().y(), ruler),
                mark.fold());
    }

    private static PointView inside(Panel panel) {
        Point spot = panel.shape().getInteriorPoint();
        return new PointView(spot.getX(), spot.getY());
    }

    private static List<HingeView> hinges(WorkedPiece worked) {
        List<Hinge> all = worked.panels().hinges();
        return IntStream.range(0, all.size())
                .filter(i -> all.get(i).fold() != Fold.BEND)
                .mapToObj(i -> hinge(i, all.get(i), worked))
                .toList();
    }

    private static HingeView hinge(int index, Hinge hinge, WorkedPiece worked) {
        return new HingeView(
                index,
                PointView.of(hinge.line().from()),
                PointView.of(hinge.line().to()),
                hinge.fold(),
                worked.first() + hinge.left().index(),
                worked.first() + hinge.right().index());
    }

    private static ScoreView score(BoardScore score, WorkedPiece worked, boolean upright, Ruler ruler) {
        List<Hinge> all = worked.panels().hinges();
        Extent extent = worked.panels().piece().extent();
        Length edge = upright ? extent.left() : extent.foot();
        List<Integer> hinges = IntStream.range(0, all.size())
                .filter(i -> isPart(all.get(i), score, edge, upright))
                .boxed()
                .toList();
        return new ScoreView(
                FigureView.of(score.fromLeft(), ruler),
                score.start().millimetres(),
                score.stop().millimetres(),
                score.fold(),
                hinges,
                score.part(worked.panels().piece(), upright)
                        .map(part -> new FromToView(FigureView.of(part.from(), ruler), FigureView.of(part.to(), ruler)))
                        .orElse(null));
    }

    private static boolean isPart(Hinge hinge, BoardScore score, Length edge, boolean upright) {
        Stretch line = hinge.line();
        boolean along = upright ? line.isUpright() : line.isLevel();
        Length place = (upright ? line.from().x() : line.from().y()).minus(edge);
        Length from = upright ? line.foot() : line.from().x().min(line.to().x());
        Length to = upright ? line.head() : line.from().x().max(line.to().x());
        return along
                && place.equals(score.fromLeft())
                && hinge.fold() == score.fold()
                && !from.isShorterThan(score.start())
                && !to.isLongerThan(score.stop());
    }

    private static List<PointView> points(List<Spot> spots) {
        return spots.stream().map(PointView::of).toList();
    }
}
