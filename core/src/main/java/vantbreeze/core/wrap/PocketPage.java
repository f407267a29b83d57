package vantbreeze.core.wrap;

import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
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
 * Pocket page: a page of an album with a pocket about half as high as the card, glued along three of its edges; the
 * card stands in it and slides out (common practice, no source).
 */
public final class PocketPage extends FlatWrap {

    /** Id of the width of the pocket. */
    public static final String POCKET = "pocket-width";
    /** Id of how high the pocket is. */
    public static final String POCKET_HEIGHT = "pocket-height";
    /** Id of how wide its edges are glued. */
    public static final String GLUED = "glued";
    /** Id of what the page is wider all round. */
    public static final String MARGIN = "margin";

    private static final String PAGE = "Page";

    /** With a maker's allowances. */
    public PocketPage(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "pocket-page",
                "Pocket page",
                "A page with a pocket, glued along three edges, that the card stands in.",
                "Albums, and cards that are kept.");
    }

    @Override
    List<Parameter> own() {
        return List.of(
                Parameter.of(POCKET, "Pocket width", "across the pocket", FRONT_PANEL)
                        .following(),
                Parameter.of(POCKET_HEIGHT, "Pocket height", "up the pocket")
                        .ofPieces("Pocket")
                        .following(),
                Parameter.of(GLUED, "Glued edge", "how wide its edges are glued")
                        .following(),
                Parameter.of(MARGIN, "Margin", "what the page is wider than pocket and card all round")
                        .following());
    }

    @Override
    Length ownUsual(String parameter, Measures measures) {
        return switch (parameter) {
            case POCKET ->
                measures.markedAbove(of(HALF_ACROSS, measures)
                        .plus(allowances.of(Allowance.ENVELOPE_LONG, measures.ruler()))
                        .plus(of(GLUED, measures).times(2)));
            case POCKET_HEIGHT ->
                measures.marked(of(HALF_UP, measures).dividedBy(2)).max(lowest(measures));
            case GLUED -> usual(Allowance.POCKET_GLUE, measures);
            case MARGIN -> usual(Allowance.ENVELOPE_SEAM, measures);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private Length lowest(Measures measures) {
        return of(GLUED, measures).plus(bounds.narrowest());
    }

    @Override
    Limits ownLimits(String parameter, Measures measures) {
        Length glued = of(GLUED, measures);
        return switch (parameter) {
            case POCKET ->
                new Limits(
                        of(HALF_ACROSS, measures).plus(glued.times(2)),
                        GOES_NOT_ROUND,
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            case POCKET_HEIGHT ->
                new Limits(
                        lowest(measures),
                        "it would hold nothing",
                        of(HALF_UP, measures).max(lowest(measures)),
                        "nobody could take hold of the card");
            case GLUED ->
                new Limits(
                        Length.ofMillimetres(2),
                        Bounds.TAB_TOO_NARROW,
                        measures.says(POCKET)
                                ? of(POCKET, measures)
                                        .minus(of(HALF_ACROSS, measures))
                                        .dividedBy(2)
                                : bounds.narrowest().times(4),
                        GOES_NOT_ROUND);
            case MARGIN -> new Limits(Length.ZERO, Bounds.TOO_NARROW, Bounds.LONGEST, Bounds.TOO_LONG);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length wide = of(POCKET, measures);
        Length high = of(POCKET_HEIGHT, measures);
        Length glued = of(GLUED, measures);
        Length margin = of(MARGIN, measures);
        Size page = finished(measures);
        Spot foot = new Spot(margin, margin);
        Length right = margin.plus(wide);
        Length top = margin.plus(high);
        return new Assembly(
                List.of(piece(PAGE, page.width(), page.height(), PAGE), piece("Pocket", wide, high, FRONT_PANEL)),
                List.of(Join.of(
                                new PanelRef(0, PAGE),
                                Side.FACE,
                                new PanelRef(1, FRONT_PANEL),
                                Side.BACK,
                                Attachment.at(foot, new Spot(Length.ZERO, Length.ZERO)))
                        .onlyOn(List.of(
                                foot,
                                new Spot(right, margin),
                                new Spot(right, top),
                                new Spot(right.minus(glued), top),
                                new Spot(right.minus(glued), margin.plus(glued)),
                                new Spot(margin.plus(glued), margin.plus(glued)),
                                new Spot(margin.plus(glued), top),
                                new Spot(margin, top)))));
    }

    private static Piece piece(String name, Length width, Length height, String panel) {
        return new Piece(
                name,
                List.of(
                        new Spot(Length.ZERO, Length.ZERO),
                        new Spot(width, Length.ZERO),
                        new Spot(width, height),
                        new Spot(Length.ZERO, height)),
                List.of(),
                List.of(),
                List.of(new PanelName(new Spot(width.dividedBy(2), height.dividedBy(2)), panel)));
    }

    @Override
    public Rank rank() {
        return Rank.PAGE;
    }

    /** Page and pocket bow about the card like the two sides of an envelope; the card stands out of it. */
    @Override
    public Inside inside(Measures measures) {
        return new Inside(
                of(POCKET, measures).minus(of(GLUED, measures).times(2)).millimetres(), Double.POSITIVE_INFINITY, 0);
    }

    @Override
    public Size finished(Measures measures) {
        Length margins = of(MARGIN, measures).times(2);
        return new Size(
                of(POCKET, measures).plus(margins),
                measures.markedAbove(of(HALF_UP, measures))
                        .plus(margins)
                        .max(of(POCKET_HEIGHT, measures).plus(margins)));
    }
}
