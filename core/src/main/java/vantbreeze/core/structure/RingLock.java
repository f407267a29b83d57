package vantbreeze.core.structure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import vantbreeze.core.die.Die;
import vantbreeze.core.die.DieFrame;
import vantbreeze.core.die.DieShape;
import vantbreeze.core.die.Dies;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Circle;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Over;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Ring-lock gatefold: a ring glued on one flap by one half and a disc on the other by its other half, which pass
 * through each other over the gate line. Where they cross, the disc is snipped from its rim as far as it laps over the
 * ring: without the snips the fold engine finds no order in which both can lie.
 */
public final class RingLock extends CatalogueStructure {

    /** Id of the ring's outer diameter. */
    public static final String RING = "ring";
    /** Id of the ring's width. */
    public static final String BAND = "band";

    /** Id of the width of the left flap, up to the line on which ring and disc pass through each other. */
    public static final String FLAP = "flap";
    /** Id of how far up the ring is. */
    public static final String UP = "up";
    /** Id of how far the disc laps over the ring. */
    public static final String LAP = "lap";

    /** Most rings for which a disc is sought: those nearest to the card's own. */
    private static final int MOST_RINGS = 200;

    /** With the usual allowances of the trade. */
    public RingLock() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public RingLock(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "ring-lock",
                "Ring-lock gatefold",
                "A gatefold that a ring on one flap and a disc on the other lock into each other.",
                "Invitations that should stay shut without a band.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width("Back"),
                Parameter.height(),
                Parameter.of(RING, "Ring diameter", "across the ring"),
                Parameter.of(BAND, "Ring width", "from its rim to its hole"),
                Parameter.of(FLAP, "Left flap", "up to the gate line; the right one is the rest", "Left flap")
                        .following(),
                Parameter.of(UP, "Ring from foot", "how far above the foot it is")
                        .following(),
                Parameter.of(LAP, "Disc over the ring by", "how far the disc lies over the ring")
                        .following());
    }

    /** The gate line in the middle, the ring in the middle of it, the disc lapping over half the ring. */
    @Override
    public Length usual(String parameter, Measures measures) {
        return switch (parameter) {
            case FLAP -> measures.get(Parameter.WIDTH).dividedBy(2);
            case UP ->
                measures.markedBelow(
                        measures.get(Parameter.HEIGHT).minus(measures.get(RING)).dividedBy(2));
            case LAP -> measures.marked(measures.get(BAND).dividedBy(2)).min(measures.get(BAND));
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length ring = measures.get(RING);
        Length band = measures.get(BAND);
        Length width = measures.get(Parameter.WIDTH);
        Length flap = of(FLAP, measures);
        String off = "the ring would poke out of the closed card";
        return switch (parameter) {
            case Parameter.WIDTH ->
                bounds.covering(measures.says(FLAP) ? measures.get(FLAP).plus(ring.dividedBy(2)) : ring, off);
            case Parameter.HEIGHT ->
                bounds.covering(measures.said(UP, Length.ZERO).plus(ring), off);
            case FLAP ->
                new Limits(
                        ring.dividedBy(2).max(bounds.narrowest()),
                        off,
                        width.minus(ring.dividedBy(2).max(bounds.narrowest())),
                        off);
            case UP ->
                new Limits(Length.ZERO, off, measures.get(Parameter.HEIGHT).minus(ring), off);
            case LAP ->
                new Limits(
                        allowed(Allowance.THINNEST_RING).dividedBy(2),
                        "so small a lap slips through the ring",
                        band,
                        "the disc would hide the ring");
            case RING ->
                new Limits(
                        band.times(4),
                        "no hole worth the name would be left in it",
                        flap.min(width.minus(flap))
                                .times(2)
                                .min(measures.get(Parameter.HEIGHT).minus(measures.said(UP, Length.ZERO))),
                        off);
            case BAND ->
                new Limits(
                        measures.said(LAP, Length.ZERO).max(allowed(Allowance.THINNEST_RING)),
                        "a thinner ring tears",
                        ring.dividedBy(4),
                        "no hole worth the name would be left in it");
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length flap = of(FLAP, measures);
        Length height = measures.get(Parameter.HEIGHT);
        Piece base = Strip.ofHeight("Card base", height)
                .panel("Left flap", flap)
                .fold(Fold.VALLEY)
                .panel("Back", width)
                .fold(Fold.VALLEY)
                .panel("Right flap", width.minus(flap))
                .piece();
        Length radius = measures.get(RING).dividedBy(2);
        Length band = measures.get(BAND);
        Length lap = of(LAP, measures);
        Length middle = of(UP, measures).plus(radius);
        return new Assembly(
                        List.of(
                                base,
                                ring(radius, band),
                                disc(radius.minus(band).plus(lap), lap)),
                        List.of(
                                halfGlued("Left flap", new Spot(Length.ZERO, middle), 1, "Left half of ring", radius),
                                halfGlued(
                                        "Right flap",
                                        new Spot(width.times(2), middle),
                                        2,
                                        "Right half of disc",
                                        radius.minus(band).plus(lap))))
                .laid(
                        new Over(new PanelRef(1, "Right half of ring"), new PanelRef(2, "Right half of disc")),
                        new Over(new PanelRef(2, "Left half of disc"), new PanelRef(1, "Left half of ring")));
    }

    private static Join halfGlued(String flap, Spot gate, int piece, String half, Length radius) {
        return Join.of(
                new PanelRef(0, flap),
                Side.BACK,
                new PanelRef(piece, half),
                Side.BACK,
                Attachment.at(gate, new Spot(radius, radius)));
    }

    private static Piece ring(Length radius, Length band) {
        Spot centre = new Spot(radius, radius);
        Length head = radius.times(2);
        return new Piece(
                        "Ring",
                        Circle.corners(centre, radius),
                        List.of(
                                Lines.score(radius, Length.ZERO, band, Fold.BEND),
                                Lines.score(radius, head.minus(band), head, Fold.BEND)),
                        List.of(),
                        List.of(
                                new PanelName(new Spot(band.dividedBy(2), radius), "Left half of ring"),
                                new PanelName(new Spot(head.minus(band.dividedBy(2)), radius), "Right half of ring")))
                .withOpening(Circle.corners(centre, radius.minus(band)));
    }

    private static Piece disc(Length radius, Length snip) {
        Length head = radius.times(2);
        return new Piece(
                "Disc",
                Circle.corners(new Spot(radius, radius), radius),
                List.of(Lines.score(radius, snip, head.minus(snip), Fold.BEND)),
                List.of(Lines.upright(radius, Length.ZERO, snip), Lines.upright(radius, head.minus(snip), head)),
                List.of(
                        new PanelName(new Spot(radius.dividedBy(2), radius), "Left half of disc"),
                        new PanelName(new Spot(radius.plus(radius.dividedBy(2)), radius), "Right half of disc")));
    }

    @Override
    public boolean takesDies() {
        return true;
    }

    /** Two circles that leave a ring, and of those that lap over it the disc that does so most nearly by half. */
    @Override
    public List<DieOffer> offers(Dies dies, Measures measures) {
        List<Die> circles = dies.all().stream()
                .filter(die -> die.shape() == DieShape.CIRCLE)
                .toList();
        List<DieFrame> rings = Dies.frames(2, circles);
        rings.sort(Comparator.comparing(
                        (DieFrame ring) -> off(ring.dies().get(0).size().width(), RING, measures))
                .thenComparing(ring -> off(ring.border(), BAND, measures)));
        List<DieOffer> offers = new ArrayList<>();
        for (DieFrame ring : rings.subList(0, Math.min(rings.size(), MOST_RINGS))) {
            Die hole = ring.dies().get(1);
            circles.stream()
                    .filter(disc ->
                            lap(disc, hole).isPositive() && !lap(disc, hole).isLongerThan(ring.border()))
                    .min(Comparator.comparing((Die disc) ->
                            lap(disc, hole).minus(ring.border().dividedBy(2)).abs()))
                    .ifPresent(disc -> offers.add(new DieOffer(
                            List.of(
                                    new DieOffer.Part("Ring", ring.dies().get(0)),
                                    new DieOffer.Part("Hole", hole),
                                    new DieOffer.Part("Disc", disc)),
                            Map.of(
                                    RING, ring.dies().get(0).size().width(),
                                    BAND, ring.border(),
                                    LAP, lap(disc, hole)))));
        }
        return offers;
    }

    private static Length lap(Die disc, Die hole) {
        return disc.size().width().minus(hole.size().width()).dividedBy(2);
    }

    private static Length off(Length wanted, String parameter, Measures measures) {
        return wanted.minus(measures.get(parameter)).abs();
    }

    @Override
    public List<Advice> advice(Measures measures) {
        return measures.get(BAND).isShorterThan(allowed(Allowance.RING))
                ? List.of(new Advice(
                        BAND,
                        allowed(Allowance.RING),
                        "The ring is only %s wide: one under %s does not hold.",
                        List.of(Amount.measure(measures.get(BAND)), Amount.least(allowed(Allowance.RING)))))
                : List.of();
    }

    /** A ring of half the shorter side, a sixth of that wide and no thinner than ⅜ in. */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length ring = ruler.below(finished.shortSide().dividedBy(2)).length();
        Length band = ruler.nearest(
                        ring.dividedBy(6).max(allowed(Allowance.RING).times(3).dividedBy(2)))
                .length();
        return Measures.of(finished, ruler)
                .with(RING, Measures.centred(ring.max(band.times(4)), Length.ZERO, ruler))
                .with(BAND, band);
    }

    @Override
    public double showing() {
        return 0.72;
    }

    @Override
    public Length widthStep(Length division) {
        return division.times(2);
    }
}
