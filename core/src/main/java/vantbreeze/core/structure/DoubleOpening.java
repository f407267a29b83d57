package vantbreeze.core.structure;

import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Over;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.fold.folding.Station;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowances;

/**
 * Double opening: a back, a cover that folds over it from one side and a short flap that folds over the cover from the
 * other, with a folded square hinged on the flap. The flap opens first, then the cover; a ribbon ties it.
 */
public final class DoubleOpening extends CatalogueStructure {

    /** Id of the width of the short flap. */
    public static final String FLAP = "flap";
    /** Id of the side of the folded square. */
    public static final String SQUARE = "square";
    /** Id of the height of the folded square, where it is none. */
    public static final String SQUARE_HEIGHT = "square-height";
    /** Id of the width of the strip of the square's back that is glued on the flap. */
    public static final String GLUED = "glued";
    /** Id of how far up the square is. */
    public static final String UP = "up";

    /** With the usual allowances of the trade. */
    public DoubleOpening() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public DoubleOpening(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "double-opening",
                "Double opening",
                "A short flap with a folded square on it lies over the cover: the flap opens first, then the cover.",
                "Thank-you cards with a second message, tied with a ribbon.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width("Back", "Cover"),
                Parameter.height(),
                Parameter.of(FLAP, "Short flap", "how far it reaches over the cover", "Short flap"),
                Parameter.of(
                        SQUARE, "Side of the square", "the side of the folded square", "Square back", "Square front"),
                Parameter.of(SQUARE_HEIGHT, "Square height", "how high the folded square is, where it is none")
                        .ofPieces("Square")
                        .following(),
                Parameter.of(GLUED, "Square glued by", "how wide a strip of its back is glued on the flap")
                        .following(),
                Parameter.of(UP, "Square from foot", "how far above the foot the square is")
                        .following());
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length height = measures.get(Parameter.HEIGHT);
        Length flap = measures.get(FLAP);
        Length square = measures.get(SQUARE);
        Length glued = of(GLUED, measures);
        Length beyond = square.minus(glued);
        Length high = of(SQUARE_HEIGHT, measures);
        Length up = measures.said(UP, Length.ZERO);
        return switch (parameter) {
            case Parameter.WIDTH -> bounds.covering(flap.plus(beyond), POKES);
            case Parameter.HEIGHT -> bounds.covering(up.plus(high), POKES);
            case FLAP -> new Limits(glued.max(bounds.narrowest()), POKES, width.minus(beyond), POKES);
            case SQUARE ->
                new Limits(
                        bounds.narrowest().times(2).max(measures.says(GLUED) ? glued : Length.ZERO),
                        "a smaller square can't be folded cleanly",
                        mostSquare(measures).min(measures.says(SQUARE_HEIGHT) ? Bounds.LONGEST : height.minus(up)),
                        POKES);
            case SQUARE_HEIGHT ->
                new Limits(
                        bounds.narrowest().times(2),
                        "a smaller square can't be folded cleanly",
                        height.minus(up),
                        POKES);
            case GLUED ->
                new Limits(
                        bounds.leastTab().max(square.minus(width.minus(flap))),
                        square.minus(width.minus(flap)).isLongerThan(bounds.leastTab()) ? POKES : Bounds.TAB_TOO_NARROW,
                        flap.min(square),
                        flap.isLongerThan(square) ? "there is no more of the square to glue" : POKES);
            case UP -> new Limits(Length.ZERO, POKES, height.minus(high), POKES);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private static final String POKES = "the square would poke out of the closed card";

    /** By half of it where nobody says how wide a strip of it is glued. */
    private static Length mostSquare(Measures measures) {
        Length flap = measures.get(FLAP);
        Length beside = measures.get(Parameter.WIDTH).minus(flap);
        return measures.says(GLUED)
                ? beside.plus(measures.get(GLUED))
                : flap.min(beside).times(2);
    }

    @Override
    public Length usual(String parameter, Measures measures) {
        return switch (parameter) {
            case SQUARE_HEIGHT -> measures.get(SQUARE);
            case GLUED ->
                measures.markedBelow(measures.get(SQUARE).dividedBy(2)).max(bounds.leastTab());
            case UP ->
                measures.markedBelow(measures.get(Parameter.HEIGHT)
                        .minus(of(SQUARE_HEIGHT, measures))
                        .dividedBy(2));
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length height = measures.get(Parameter.HEIGHT);
        Length square = measures.get(SQUARE);
        Piece base = Strip.ofHeight("Card base", height)
                .panel("Cover", width)
                .fold(Fold.VALLEY)
                .panel("Back", width)
                .fold(Fold.VALLEY)
                .panel("Short flap", measures.get(FLAP))
                .piece();
        Piece folded = Strip.ofHeight("Square", of(SQUARE_HEIGHT, measures))
                .panel("Square front", square)
                .fold(Fold.VALLEY)
                .panel("Square back", square)
                .piece();
        return new Assembly(
                        List.of(base, folded),
                        List.of(Join.of(
                                new PanelRef(0, "Short flap"),
                                Side.BACK,
                                new PanelRef(1, "Square back"),
                                Side.BACK,
                                Attachment.at(
                                        new Spot(base.cutSize().width(), of(UP, measures)),
                                        new Spot(square.times(2).minus(of(GLUED, measures)), Length.ZERO)))))
                .laid(new Over(new PanelRef(0, "Short flap"), new PanelRef(0, "Cover")));
    }

    /** The flap a third of the width, the square centred on its edge. */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length flap = ruler.nearest(finished.width().dividedBy(3)).length();
        Length most = finished.height()
                .dividedBy(2)
                .min(flap.times(2))
                .min(finished.width().minus(flap).times(2));
        return Measures.of(finished, ruler)
                .with(FLAP, flap)
                .with(SQUARE, ruler.below(most).length());
    }

    /** The cover closes first, then the flap with its square folded shut. */
    @Override
    public List<Station> stations(Measures measures) {
        return List.of(
                new Station("Open", opened(measures)),
                new Station("Cover shut", Pose.closed().but("Short flap", "Back", 0)),
                new Station("Closed", closed(measures)));
    }

    @Override
    public double showing() {
        return 0.75;
    }
}
