package vantbreeze.core.structure;

import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
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
                Parameter.of(RING, "Ring", "across the ring"),
                Parameter.of(BAND, "Ring width", "from its rim to its hole"));
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length ring = measures.get(RING);
        Length band = measures.get(BAND);
        String off = "the ring would poke out of the closed card";
        return switch (parameter) {
            case Parameter.WIDTH, Parameter.HEIGHT -> bounds.covering(ring, off);
            case RING ->
                new Limits(
                        band.times(4),
                        "no hole worth the name would be left in it",
                        measures.get(Parameter.WIDTH).min(measures.get(Parameter.HEIGHT)),
                        off);
            case BAND ->
                new Limits(
                        allowed(Allowance.THINNEST_RING),
                        "a thinner ring tears",
                        ring.dividedBy(4),
                        "no hole worth the name would be left in it");
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length flap = width.dividedBy(2);
        Length height = measures.get(Parameter.HEIGHT);
        Piece base = Strip.ofHeight("Card base", height)
                .panel("Left flap", flap)
                .fold(Fold.VALLEY)
                .panel("Back", width)
                .fold(Fold.VALLEY)
                .panel("Right flap", flap)
                .piece();
        Length radius = measures.get(RING).dividedBy(2);
        Length band = measures.get(BAND);
        Length lap = band.dividedBy(2);
        Length middle = height.dividedBy(2);
        return new Assembly(
                        List.of(base, ring(radius, band), disc(radius.minus(lap), lap)),
                        List.of(
                                halfGlued("Left flap", new Spot(Length.ZERO, middle), 1, "Ring left", radius),
                                halfGlued(
                                        "Right flap",
                                        new Spot(flap.times(2).plus(width), middle),
                                        2,
                                        "Disc right",
                                        radius.minus(lap))))
                .laid(
                        new Over(new PanelRef(1, "Ring right"), new PanelRef(2, "Disc right")),
                        new Over(new PanelRef(2, "Disc left"), new PanelRef(1, "Ring left")));
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
                        Rounds.circle(centre, radius),
                        List.of(
                                Lines.score(radius, Length.ZERO, band, Fold.BEND),
                                Lines.score(radius, head.minus(band), head, Fold.BEND)),
                        List.of(),
                        List.of(
                                new PanelName(new Spot(band.dividedBy(2), radius), "Ring left"),
                                new PanelName(new Spot(head.minus(band.dividedBy(2)), radius), "Ring right")))
                .withOpening(Rounds.circle(centre, radius.minus(band)));
    }

    private static Piece disc(Length radius, Length snip) {
        Length head = radius.times(2);
        return new Piece(
                "Disc",
                Rounds.circle(new Spot(radius, radius), radius),
                List.of(Lines.score(radius, snip, head.minus(snip), Fold.BEND)),
                List.of(Lines.upright(radius, Length.ZERO, snip), Lines.upright(radius, head.minus(snip), head)),
                List.of(
                        new PanelName(new Spot(radius.dividedBy(2), radius), "Disc left"),
                        new PanelName(new Spot(radius.plus(radius.dividedBy(2)), radius), "Disc right")));
    }

    @Override
    public List<Advice> advice(Measures measures) {
        return measures.get(BAND).isShorterThan(allowed(Allowance.RING))
                ? List.of(new Advice(
                        BAND,
                        allowed(Allowance.RING),
                        "The ring is only %s wide: one under %s does not hold.",
                        List.of(measures.get(BAND), allowed(Allowance.RING))))
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
