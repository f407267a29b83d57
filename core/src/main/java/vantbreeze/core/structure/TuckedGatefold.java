package vantbreeze.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import vantbreeze.core.die.Die;
import vantbreeze.core.die.Dies;
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
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Tucked gatefold: a narrow spine between two pairs of legs. Seen from above it opens to an M; closed, the outer legs
 * lie on the inner ones and their edgings are tucked under a topper that stands proud on the spine.
 */
public final class TuckedGatefold extends CatalogueStructure {

    /** Id of the width of the spine. */
    public static final String SPINE = "spine";
    /** Id of the width of the tabs. */
    public static final String TAB = "tab";
    /** Id of the width of the edgings. */
    public static final String EDGING = "edging";
    /** Id of how far the topper reaches over the legs. */
    public static final String HOLD = "hold";
    /** Id of the height of the topper. */
    public static final String TOPPER_HEIGHT = "topper-height";
    /** Id of how far up the topper is. */
    public static final String TOPPER_UP = "topper-up";
    /** Id of the height of the edgings. */
    public static final String EDGING_HEIGHT = "edging-height";
    /** Id of how far up the edgings are. */
    public static final String EDGING_UP = "edging-up";

    private static final String BEYOND_HEAD = "it would poke out at the head";
    private static final String BELOW_FOOT = "it would poke out at the foot";

    /** With the usual allowances of the trade. */
    public TuckedGatefold() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public TuckedGatefold(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "tucked-gatefold",
                "Tucked gatefold",
                "Two edged fronts tuck under a raised topper on the spine; drawn out, the card stands as an M.",
                "Keepsakes: it needs no band, and stands open on a shelf.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.of(SPINE, "Spine width", "between the fronts", "Spine"),
                Parameter.of(TAB, "Tab width", "turned back along each front", "Left tab", "Right tab"),
                Parameter.of(EDGING, "Edging width", "glued on each tab", "Left edging", "Right edging"),
                Parameter.of(HOLD, "Topper over each front by", "how far it reaches over each front"),
                Parameter.of(TOPPER_HEIGHT, "Topper height", "how high the topper on the spine is")
                        .ofPieces("Topper")
                        .following(),
                Parameter.of(TOPPER_UP, "Topper from foot", "how far above the foot the topper is")
                        .following(),
                Parameter.of(EDGING_HEIGHT, "Edging height", "how high the edgings are")
                        .ofPieces("Left edging", "Right edging")
                        .following(),
                Parameter.of(EDGING_UP, "Edging from foot", "how far above the foot the edgings are")
                        .following());
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length leg = leg(measures);
        Length wide = measures.get(EDGING)
                .max(measures.get(TAB))
                .max(measures.get(HOLD))
                .max(bounds.narrowest());
        String overTheLeg = "an edging may not be wider than the leg it lies on";
        return switch (parameter) {
            case Parameter.WIDTH ->
                new Limits(measures.get(SPINE).plus(wide.times(2)), overTheLeg, Bounds.LONGEST, Bounds.TOO_LONG);
            case Parameter.HEIGHT -> height(measures);
            case TOPPER_HEIGHT -> high(TOPPER_UP, measures);
            case EDGING_HEIGHT -> high(EDGING_UP, measures);
            case TOPPER_UP -> upTo(TOPPER_HEIGHT, measures);
            case EDGING_UP -> upTo(EDGING_HEIGHT, measures);
            case SPINE -> bounds.part(bounds.narrowest(), measures.get(Parameter.WIDTH), wide.times(2), overTheLeg);
            case TAB ->
                new Limits(bounds.leastTab(), Bounds.TAB_TOO_NARROW, leg, "the tab would be wider than the leg");
            case EDGING ->
                new Limits(bounds.leastTab(), "a narrower edging does not cover the tab's fold", leg, overTheLeg);
            case HOLD ->
                new Limits(
                        allowed(Allowance.LEAST_HOLD),
                        "the fronts would slip out from under it",
                        leg,
                        "the topper would poke out");
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Length usual(String parameter, Measures measures) {
        Length height = measures.get(Parameter.HEIGHT);
        return switch (parameter) {
            case TOPPER_HEIGHT ->
                measures.marked(height.times(2).dividedBy(3))
                        .max(bounds.narrowest())
                        .min(height.minus(measures.said(TOPPER_UP, Length.ZERO)));
            case TOPPER_UP ->
                measures.markedBelow(
                        height.minus(of(TOPPER_HEIGHT, measures)).dividedBy(2).max(Length.ZERO));
            case EDGING_HEIGHT -> height.minus(measures.said(EDGING_UP, Length.ZERO));
            case EDGING_UP -> Length.ZERO;
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public boolean takesDies() {
        return true;
    }

    /** Edges with a straight back that are long enough, and rectangles and labels that reach over the spine. */
    @Override
    public List<DieOffer> offers(Dies dies, Measures measures) {
        Length high = of(EDGING_HEIGHT, measures);
        Length spine = measures.get(SPINE);
        List<DieOffer> offers = new ArrayList<>();
        for (Die die : dies.all()) {
            Size size = die.size();
            switch (die.shape()) {
                case EDGE -> {
                    if (!size.width().isShorterThan(high)) {
                        offers.add(new DieOffer(
                                List.of(new DieOffer.Part("Edgings", die)), Map.of(EDGING, size.height())));
                    }
                }
                case RECTANGLE, SQUARE, LABEL -> {
                    if (size.width().isLongerThan(spine)) {
                        offers.add(new DieOffer(
                                List.of(new DieOffer.Part("Topper", die)),
                                Map.of(HOLD, size.width().minus(spine).dividedBy(2), TOPPER_HEIGHT, size.height())));
                    }
                }
                case CIRCLE, OVAL -> {
                    // it would not hold the fronts by its round edge
                }
            }
        }
        return offers;
    }

    private Limits height(Measures measures) {
        Length reached = said(TOPPER_UP, TOPPER_HEIGHT, measures).max(said(EDGING_UP, EDGING_HEIGHT, measures));
        return reached.isLongerThan(bounds.narrowest()) ? bounds.covering(reached, BEYOND_HEAD) : bounds.height();
    }

    private Limits high(String up, Measures measures) {
        return new Limits(
                bounds.narrowest(),
                Bounds.TOO_NARROW,
                measures.get(Parameter.HEIGHT).minus(measures.said(up, Length.ZERO)),
                BEYOND_HEAD);
    }

    private Limits upTo(String height, Measures measures) {
        Length high = measures.said(height, bounds.narrowest());
        return new Limits(
                Length.ZERO,
                BELOW_FOOT,
                measures.get(Parameter.HEIGHT).minus(high),
                measures.says(height) ? BEYOND_HEAD : Bounds.TOO_NARROW);
    }

    /** How far up a part reaches at the least. */
    private Length said(String up, String height, Measures measures) {
        Length high = measures.said(height, bounds.narrowest());
        return measures.said(up, Length.ZERO).plus(high);
    }

    /** Closed width less the spine, by two. */
    private static Length leg(Measures measures) {
        return measures.get(Parameter.WIDTH).minus(measures.get(SPINE)).dividedBy(2);
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length height = measures.get(Parameter.HEIGHT);
        Length tab = measures.get(TAB);
        Length leg = leg(measures);
        Length spine = measures.get(SPINE);
        Length edging = measures.get(EDGING);
        Length hold = measures.get(HOLD);
        Piece base = Strip.ofHeight("Card base", height)
                .panel("Left tab", tab)
                .fold(Fold.MOUNTAIN)
                .panel("Left front", leg)
                .fold(Fold.VALLEY)
                .panel("Left leg", leg)
                .fold(Fold.MOUNTAIN)
                .panel("Spine", spine)
                .fold(Fold.MOUNTAIN)
                .panel("Right leg", leg)
                .fold(Fold.VALLEY)
                .panel("Right front", leg)
                .fold(Fold.MOUNTAIN)
                .panel("Right tab", tab)
                .piece();
        Length edgingUp = of(EDGING_UP, measures);
        Length edgingHigh = of(EDGING_HEIGHT, measures);
        Piece topper = Strip.ofHeight("Topper", of(TOPPER_HEIGHT, measures))
                .panel("Topper", spine.plus(hold.times(2)))
                .piece();
        Length spineAt = tab.plus(leg.times(2));
        Length rightFold = spineAt.times(2).plus(spine).minus(tab);
        return new Assembly(
                        List.of(
                                base,
                                edging("Left edging", edging, edgingHigh),
                                edging("Right edging", edging, edgingHigh),
                                topper),
                        List.of(
                                Join.of(
                                        new PanelRef(0, "Left tab"),
                                        Side.FACE,
                                        new PanelRef(1, "Left edging"),
                                        Side.BACK,
                                        Attachment.at(new Spot(tab, edgingUp), new Spot(edging, Length.ZERO))),
                                Join.of(
                                        new PanelRef(0, "Right tab"),
                                        Side.FACE,
                                        new PanelRef(2, "Right edging"),
                                        Side.BACK,
                                        Attachment.at(
                                                new Spot(rightFold, edgingUp), new Spot(Length.ZERO, Length.ZERO))),
                                Join.of(
                                        new PanelRef(0, "Spine"),
                                        Side.FACE,
                                        new PanelRef(3, "Topper"),
                                        Side.BACK,
                                        Attachment.at(
                                                new Spot(spineAt.minus(hold), of(TOPPER_UP, measures)),
                                                new Spot(Length.ZERO, Length.ZERO)))))
                .laid(
                        over("Left tab", 0),
                        over("Right tab", 0),
                        over("Left edging", 1),
                        over("Right edging", 2),
                        over("Left front", 0),
                        over("Right front", 0))
                .movingFrom("Spine");
    }

    private static Piece edging(String name, Length width, Length height) {
        return Strip.ofHeight(name, height).panel(name, width).piece();
    }

    private static Over over(String tucked, int piece) {
        return new Over(new PanelRef(3, "Topper"), new PanelRef(piece, tucked));
    }

    /** The legs lie beside the spine, the fronts on them, the tabs turned back on the fronts. */
    @Override
    public Pose closed(Measures measures) {
        return Pose.closed().but("Left leg", "Spine", 0).but("Spine", "Right leg", 0);
    }

    /** The M. */
    @Override
    public Pose opened(Measures measures) {
        return Pose.closed()
                .but("Left leg", "Spine", -60)
                .but("Spine", "Right leg", -60)
                .but("Left front", "Left leg", 120)
                .but("Right leg", "Right front", 120);
    }

    /**
     * A spine of a sixth of the width; tabs of ½ in, edgings a little wider, and a topper that holds ½ in (common
     * practice, no source).
     */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length spine = Measures.centred(
                ruler.above(ruler.nearest(finished.width().dividedBy(6))
                                .length()
                                .max(bounds.narrowest()))
                        .length(),
                finished.width(),
                ruler);
        Length leg = finished.width().minus(spine).dividedBy(2);
        Length half = ruler.above(allowed(Allowance.TAB, ruler)).length().min(leg);
        return Measures.of(finished, ruler)
                .with(SPINE, spine)
                .with(TAB, half)
                .with(EDGING, ruler.nearest(half.times(3).dividedBy(2)).length().min(leg))
                .with(HOLD, half);
    }

    @Override
    public double showing() {
        return 0;
    }
}
