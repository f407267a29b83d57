package vantbreeze.core.wrap;

import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Circle;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Bounds;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Title;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Tag: a label of two fifths of the card's width and twice as high, two corners cut off at its head round the hole that
 * it hangs by (common practice, no source).
 */
public final class Tag extends FlatWrap {

    /** Id of its width. */
    public static final String ACROSS = "tag-width";
    /** Id of its height. */
    public static final String UP = "tag-height";
    /** Id of how much of its corners is cut off. */
    public static final String CORNER = "corner";
    /** Id of how wide its hole is. */
    public static final String HOLE = "hole";

    /** With a maker's allowances. */
    public Tag(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "tag",
                "Tag",
                "A label with a hole, tied on with ribbon or thread.",
                "Names, and what is not said on the card.");
    }

    @Override
    List<Parameter> own() {
        return List.of(
                Parameter.of(ACROSS, "Tag width", "across the tag").following(),
                Parameter.of(UP, "Tag height", "up the tag").ofPieces("Tag").following(),
                Parameter.of(CORNER, "Corner", "how much is cut off at its head; nil for none")
                        .following(),
                Parameter.of(HOLE, "Hole", "across its hole").following());
    }

    @Override
    Length ownUsual(String parameter, Measures measures) {
        return switch (parameter) {
            case ACROSS ->
                measures.marked(measures.get(Parameter.WIDTH).times(2).dividedBy(5))
                        .max(bounds.narrowest().times(2));
            case UP ->
                of(ACROSS, measures)
                        .times(2)
                        .min(measures.markedBelow(
                                measures.get(Parameter.HEIGHT).times(4).dividedBy(5)))
                        .max(bounds.narrowest());
            case CORNER -> measures.marked(of(ACROSS, measures).dividedBy(4));
            case HOLE -> usual(Allowance.TAG_HOLE, measures).min(widestHole(measures));
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private Length widestHole(Measures measures) {
        return of(ACROSS, measures).dividedBy(3);
    }

    @Override
    Limits ownLimits(String parameter, Measures measures) {
        Length across = of(ACROSS, measures);
        return switch (parameter) {
            case ACROSS, UP -> new Limits(bounds.narrowest(), Bounds.TOO_NARROW, Bounds.LONGEST, Bounds.TOO_LONG);
            case CORNER ->
                new Limits(
                        Length.ZERO,
                        "no corner is smaller",
                        across.dividedBy(3).min(of(UP, measures).dividedBy(3)),
                        "the hole would tear out");
            case HOLE ->
                new Limits(
                        Length.ofMillimetres(1),
                        "no punch is smaller",
                        widestHole(measures),
                        "the hole would tear out");
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length across = of(ACROSS, measures);
        Length up = of(UP, measures);
        Length corner = of(CORNER, measures);
        Length hole = of(HOLE, measures);
        List<Spot> outline = corner.isPositive()
                ? List.of(
                        new Spot(Length.ZERO, Length.ZERO),
                        new Spot(across, Length.ZERO),
                        new Spot(across, up.minus(corner)),
                        new Spot(across.minus(corner), up),
                        new Spot(corner, up),
                        new Spot(Length.ZERO, up.minus(corner)))
                : List.of(
                        new Spot(Length.ZERO, Length.ZERO),
                        new Spot(across, Length.ZERO),
                        new Spot(across, up),
                        new Spot(Length.ZERO, up));
        Length middle = across.dividedBy(2);
        // a hole's width of paper is left above it
        Spot centre = new Spot(middle, up.minus(hole.times(3).dividedBy(2)));
        return Assembly.of(new Piece(
                        "Tag",
                        outline,
                        List.of(),
                        List.of(),
                        List.of(new PanelName(new Spot(middle, up.dividedBy(8)), FRONT_PANEL)))
                .withOpening(Circle.corners(centre, hole.dividedBy(2))));
    }

    @Override
    public boolean holds() {
        return false;
    }

    /** It hangs over the middle of the card. */
    @Override
    public boolean isOpenBelow() {
        return true;
    }

    @Override
    public Rank rank() {
        return Rank.BAND;
    }

    @Override
    public Inside inside(Measures measures) {
        return Inside.NONE;
    }

    @Override
    public Size finished(Measures measures) {
        return new Size(of(ACROSS, measures), of(UP, measures));
    }
}
