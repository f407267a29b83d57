package vantbreeze.app.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.cutting.PieceStock;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fold.Extent;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.length.Precision;
import vantbreeze.core.paper.Look;
import vantbreeze.core.paper.Slide;
import vantbreeze.core.plan.Prints;
import vantbreeze.core.plan.Stages;
import vantbreeze.core.plan.WorkedPlan;

/**
 * A layer where it lies, for drawing.
 *
 * @param panel the panel it is on, by its number among those of the whole card
 * @param face whether on the decorated side
 * @param level how many layers lie beneath it
 * @param paper id of its paper
 * @param otherSide whether the paper's other side shows
 * @param corners on the panel's sheet
 * @param holes likewise
 * @param inside a spot well within it
 * @param up which way is up on the sheet, degrees anticlockwise from across
 * @param raised how far its foam lifts it, millimetres
 * @param number on the cutting list, 0 where nobody looks at it
 * @param across other panels that it lies across, which lie flat with its own; left out where there are none
 */
public record LayerView(
        int panel,
        boolean face,
        int level,
        String paper,
        boolean otherSide,
        List<PointView> corners,
        List<List<PointView>> holes,
        PointView inside,
        double up,
        double raised,
        int number,
        @Nullable List<Integer> across) {

    /** The same where the card's panels come after others: so many. */
    LayerView countedFrom(int first) {
        return new LayerView(
                panel + first,
                face,
                level,
                paper,
                otherSide,
                corners,
                holes,
                inside,
                up,
                raised,
                number,
                across == null
                        ? null
                        : across.stream().map(other -> other + first).toList());
    }

    static List<LayerView> of(WorkedPlan worked) {
        return of(worked, worked.cuts().numbers());
    }

    /**
     * Without their numbers, for which the whole cutting list would have to be worked out: in the drawer, and while a
     * line is dragged.
     */
    static List<LayerView> unnumbered(WorkedPlan worked) {
        return of(worked, Map.of());
    }

    /**
     * What is printed on the decorated side of the pieces themselves, panel by panel: a layer beneath all others, whose
     * spot is the middle of one repeat.
     */
    static List<LayerView> printed(WorkedPlan worked) {
        List<LayerView> printed = new ArrayList<>();
        List<PieceStock> stocks = worked.of(Stages.PIECE_STOCKS);
        for (int piece = 0; piece < stocks.size(); piece++) {
            Optional<Look.Print> print = Prints.on(worked, piece);
            if (print.isEmpty()) {
                continue;
            }
            WorkedPiece own = worked.pieces().get(piece);
            Extent extent = own.panels().piece().extent();
            Slide slide = Prints.slide(worked, piece);
            double half = print.get().repeat() / 2;
            PointView middle = new PointView(
                    extent.left().plus(slide.across()).millimetres() + half,
                    extent.foot().plus(slide.up()).millimetres() + half);
            for (Panel panel : own.panels().all()) {
                ShapeView shape = ShapeView.of(panel);
                printed.add(new LayerView(
                        own.first() + panel.index(),
                        true,
                        -1,
                        stocks.get(piece).stockId(),
                        false,
                        shape.corners(),
                        shape.holes(),
                        middle,
                        90,
                        0,
                        0,
                        null));
            }
        }
        return printed;
    }

    private static List<LayerView> of(WorkedPlan worked, Map<Layer, Integer> numbers) {
        return worked.layers().all().stream()
                .map(layer -> of(layer, numbers.getOrDefault(layer, 0), across(layer, worked)))
                .toList();
    }

    private static @Nullable List<Integer> across(Layer layer, WorkedPlan worked) {
        int own = layer.face().panel();
        List<Integer> sheet = worked.grounds().sheet(own);
        if (sheet.size() == 1) {
            return null;
        }
        List<Panel> panels = worked.form().graph().panels();
        List<Integer> across = sheet.stream()
                .filter(panel -> panel != own
                        && panels.get(panel).shape().intersection(layer.shape()).getArea() > Precision.ALIKE)
                .toList();
        return across.isEmpty() ? null : across;
    }

    private static LayerView of(Layer layer, int number, @Nullable List<Integer> across) {
        Polygon shape = layer.shape();
        ShapeView drawn = ShapeView.of(shape);
        return new LayerView(
                layer.face().panel(),
                layer.face().side() == Side.FACE,
                layer.level(),
                layer.choice().paper(),
                layer.choice().otherSide(),
                drawn.corners(),
                drawn.holes(),
                new PointView(
                        shape.getInteriorPoint().getX(),
                        shape.getInteriorPoint().getY()),
                layer.up(),
                layer.choice().pad().millimetres(),
                number,
                across);
    }
}
