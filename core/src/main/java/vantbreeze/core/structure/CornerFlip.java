package vantbreeze.core.structure;

import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Corner flip: a side fold with an L-shaped slit in the cover round a square at the open top corner; the corner turns
 * over along one diagonal and the square shows its back, as far from each edge as the slits stop short.
 */
public final class CornerFlip extends CatalogueStructure {

    /** Id of the side of the square. */
    public static final String SQUARE = "square";
    /** Id of how far the square ends up from each edge. */
    public static final String MARGIN = "margin";

    /** With the usual allowances of the trade. */
    public CornerFlip() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public CornerFlip(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "corner-flip",
                "Corner flip",
                "A side fold whose top corner turns over on a diagonal and shows a square of the other side.",
                "Quick cards in double-sided paper.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width("Back"),
                Parameter.height(),
                Parameter.of(SQUARE, "Square", "the side of the square that is turned over"),
                Parameter.of(MARGIN, "Margin", "from the turned square to each edge"));
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length height = measures.get(Parameter.HEIGHT);
        Length square = measures.get(SQUARE);
        Length margin = measures.get(MARGIN);
        Length reach = square.plus(margin);
        String offTheCover = "the diagonal would run off the cover";
        return switch (parameter) {
            case Parameter.WIDTH -> bounds.widthBeside(reach, offTheCover);
            case Parameter.HEIGHT ->
                new Limits(reach.plus(bounds.narrowest()), offTheCover, Bounds.LONGEST, Bounds.TOO_LONG);
            case SQUARE ->
                new Limits(
                        margin.plus(bounds.narrowest()),
                        "the slits would have no length",
                        width.min(height).minus(margin).minus(bounds.narrowest()),
                        offTheCover);
            case MARGIN ->
                new Limits(
                        allowed(Allowance.FLIP_MARGIN),
                        "the fold beside the slits would tear",
                        square.minus(bounds.narrowest())
                                .min(width.min(height).minus(square).minus(bounds.narrowest())),
                        "the slits would have no length or the diagonal run off the cover");
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length head = measures.get(Parameter.HEIGHT);
        Length square = measures.get(SQUARE);
        Length margin = measures.get(MARGIN);
        Length edge = width.times(2);
        Spot highSlit = new Spot(edge.minus(square), head.minus(margin));
        Spot elbow = new Spot(edge.minus(square), head.minus(square));
        Spot lowSlit = new Spot(edge.minus(margin), head.minus(square));
        Length zero = Length.ZERO;
        return Assembly.of(new Piece(
                "Card base",
                List.of(new Spot(zero, zero), new Spot(edge, zero), new Spot(edge, head), new Spot(zero, head)),
                List.of(
                        new Crease(new Stretch(new Spot(width, zero), new Spot(width, head)), Fold.VALLEY),
                        new Crease(
                                new Stretch(new Spot(edge.minus(square).minus(margin), head), highSlit), Fold.MOUNTAIN),
                        new Crease(
                                new Stretch(
                                        lowSlit,
                                        new Spot(edge, head.minus(square).minus(margin))),
                                Fold.MOUNTAIN)),
                List.of(new Stretch(highSlit, elbow), new Stretch(elbow, lowSlit)),
                List.of(
                        new PanelName(new Spot(width.dividedBy(2), head.dividedBy(2)), "Back"),
                        new PanelName(new Spot(width.plus(margin.dividedBy(4)), margin.dividedBy(4)), "Cover"),
                        new PanelName(
                                new Spot(edge.minus(square.dividedBy(2)), head.minus(square.dividedBy(2))),
                                "Corner"))));
    }

    /**
     * A square a little over half the shorter side, as 3 of 4¼ × 5½ (common practice, no source), and a margin of a
     * fifth of it.
     */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length square = ruler.below(finished.shortSide().times(3).dividedBy(5)).length();
        Length margin = ruler.nearest(square.dividedBy(5)).length().max(allowed(Allowance.FLIP_MARGIN));
        return Measures.of(finished, ruler)
                .with(SQUARE, square)
                .with(MARGIN, ruler.above(margin).length());
    }

    @Override
    public double showing() {
        return 0.55;
    }
}
