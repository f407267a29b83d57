package vantbreeze.core.structure;

import java.util.List;
import java.util.function.UnaryOperator;
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

    /** Id of the width of the cover. */
    public static final String COVER = "cover";
    /** Which corner turns over. */
    public static final Choice CORNER = Choice.of(
            "corner",
            "Corner",
            "which corner of the cover turns over",
            new Choice.Alternative("head", "at the head"),
            new Choice.Alternative("foot", "at the foot"));

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
                Parameter.of(SQUARE, "Side of the square", "the side of the square that is turned over"),
                Parameter.of(MARGIN, "Margin", "from the turned square to each edge"),
                Parameter.of(COVER, "Cover", "where it is narrower than the back")
                        .following());
    }

    @Override
    public List<Choice> choices() {
        return List.of(CORNER);
    }

    @Override
    public Length usual(String parameter, Measures measures) {
        if (!parameter.equals(COVER)) {
            throw Bounds.unknown(this, parameter);
        }
        return measures.get(Parameter.WIDTH);
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length cover = of(COVER, measures);
        Length height = measures.get(Parameter.HEIGHT);
        Length square = measures.get(SQUARE);
        Length margin = measures.get(MARGIN);
        Length reach = square.plus(margin);
        String offTheCover = "the diagonal would run off the cover";
        return switch (parameter) {
            case Parameter.WIDTH ->
                measures.says(COVER)
                        ? bounds.covering(cover, "the cover would poke out of the closed card")
                        : bounds.widthBeside(reach, offTheCover);
            case COVER ->
                new Limits(
                        reach.plus(bounds.narrowest()),
                        offTheCover,
                        measures.get(Parameter.WIDTH),
                        "the cover would poke out of the closed card");
            case Parameter.HEIGHT ->
                new Limits(reach.plus(bounds.narrowest()), offTheCover, Bounds.LONGEST, Bounds.TOO_LONG);
            case SQUARE ->
                new Limits(
                        margin.plus(bounds.narrowest()),
                        "the slits would have no length",
                        cover.min(height).minus(margin).minus(bounds.narrowest()),
                        offTheCover);
            case MARGIN ->
                new Limits(
                        allowed(Allowance.FLIP_MARGIN),
                        "the fold beside the slits would tear",
                        square.minus(bounds.narrowest())
                                .min(cover.min(height).minus(square).minus(bounds.narrowest())),
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
        Length edge = width.plus(of(COVER, measures));
        UnaryOperator<Length> below = measures.isChosen(CORNER, "head") ? head::minus : UnaryOperator.identity();
        Spot highSlit = new Spot(edge.minus(square), below.apply(margin));
        Spot elbow = new Spot(edge.minus(square), below.apply(square));
        Spot lowSlit = new Spot(edge.minus(margin), below.apply(square));
        Length acrossFrom = below.apply(Length.ZERO);
        Length upTo = below.apply(square.plus(margin));
        Length zero = Length.ZERO;
        return Assembly.of(new Piece(
                "Card base",
                List.of(new Spot(zero, zero), new Spot(edge, zero), new Spot(edge, head), new Spot(zero, head)),
                List.of(
                        new Crease(new Stretch(new Spot(width, zero), new Spot(width, head)), Fold.VALLEY),
                        new Crease(
                                new Stretch(new Spot(edge.minus(square).minus(margin), acrossFrom), highSlit),
                                Fold.MOUNTAIN),
                        new Crease(new Stretch(lowSlit, new Spot(edge, upTo)), Fold.MOUNTAIN)),
                List.of(new Stretch(highSlit, elbow), new Stretch(elbow, lowSlit)),
                List.of(
                        new PanelName(new Spot(width.dividedBy(2), head.dividedBy(2)), "Back"),
                        new PanelName(
                                new Spot(width.plus(margin.dividedBy(4)), head.minus(below.apply(margin.dividedBy(4)))),
                                "Cover"),
                        new PanelName(
                                new Spot(edge.minus(square.dividedBy(2)), below.apply(square.dividedBy(2))),
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
