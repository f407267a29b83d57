package vantbreeze.core.wrap;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Bounds;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Title;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Liner of an envelope from a rectangle: paper a little smaller than its inside, behind the card and up the flap, whose
 * edge it leaves free to be gummed. It is sized as that envelope is: the one that the card has, else as one usually is.
 */
public final class Liner extends FlappedEnvelope {

    /** Id of how wide the envelope is inside. */
    public static final String ENVELOPE_ACROSS = "envelope-width";
    /** Id of how high the envelope is inside. */
    public static final String ENVELOPE_UP = "envelope-height";
    /** Id of how far the envelope's flap reaches. */
    public static final String ENVELOPE_FLAP = "envelope-flap";
    /** Id of its width. */
    public static final String ACROSS = "liner-width";
    /** Id of how far up it reaches, to the fold of the flap. */
    public static final String UP = "liner-height";
    /** Id of how far up the flap it reaches. */
    public static final String FLAP = "flap";

    /** With a maker's allowances. */
    public Liner(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "liner",
                "Liner",
                "Paper laid in the envelope, up to its flap: it shows when that is opened.",
                "Plain envelopes, and thin ones that let the writing through.");
    }

    @Override
    List<Parameter> own() {
        return List.of(
                Parameter.of(ENVELOPE_ACROSS, "Envelope inside width", "across the envelope that it lines")
                        .following(),
                Parameter.of(ENVELOPE_UP, "Envelope inside height", "up the envelope that it lines")
                        .following(),
                Parameter.of(ENVELOPE_FLAP, "Envelope flap", "how far the flap of the envelope reaches")
                        .following(),
                Parameter.of(ACROSS, "Liner width", "across the liner").following(),
                Parameter.of(UP, "Liner height", "from its foot to the fold of the flap", FRONT_PANEL)
                        .following(),
                Parameter.of(FLAP, "Up the flap", "how far up the flap it reaches")
                        .following());
    }

    @Override
    public List<Choice> choices() {
        return List.of(FlapShape.CHOICE);
    }

    @Override
    public List<String> given() {
        return Stream.concat(GIVEN.stream(), Stream.of(ENVELOPE_ACROSS, ENVELOPE_UP, ENVELOPE_FLAP))
                .toList();
    }

    @Override
    public Measures givenBy(WrapStructure other, Measures its) {
        if (!(other instanceof RectangleEnvelope envelope)) {
            return super.givenBy(other, its);
        }
        return new Measures(
                Map.of(
                        ENVELOPE_ACROSS, envelope.measure(SeamedEnvelope.INSIDE_WIDTH, its),
                        ENVELOPE_UP, envelope.measure(SeamedEnvelope.INSIDE_HEIGHT, its),
                        ENVELOPE_FLAP, envelope.measure(SeamedEnvelope.FLAP, its)),
                Map.of(FlapShape.CHOICE.id(), its.chosen(FlapShape.CHOICE)));
    }

    @Override
    Length ownUsual(String parameter, Measures measures) {
        Length gap = allowances.of(Allowance.LINER_GAP, measures.ruler());
        return switch (parameter) {
            case ENVELOPE_ACROSS -> envelope().ownUsual(SeamedEnvelope.INSIDE_WIDTH, measures);
            case ENVELOPE_UP -> envelope().ownUsual(SeamedEnvelope.INSIDE_HEIGHT, measures);
            case ENVELOPE_FLAP ->
                measures.marked(of(ENVELOPE_UP, measures).times(2).dividedBy(5));
            case ACROSS -> atLeast(of(ENVELOPE_ACROSS, measures).minus(gap.times(2)), measures);
            case UP -> atLeast(of(ENVELOPE_UP, measures).minus(gap), measures);
            case FLAP ->
                atLeast(
                        of(ENVELOPE_FLAP, measures).minus(allowances.of(Allowance.LINER_GUM, measures.ruler())),
                        measures);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private RectangleEnvelope envelope() {
        return new RectangleEnvelope(allowances);
    }

    private Length atLeast(Length part, Measures measures) {
        return measures.markedBelow(part).max(bounds.narrowest());
    }

    @Override
    Limits ownLimits(String parameter, Measures measures) {
        return switch (parameter) {
            case ENVELOPE_ACROSS, ENVELOPE_UP, ENVELOPE_FLAP, ACROSS, UP ->
                new Limits(bounds.narrowest(), Bounds.TOO_NARROW, Bounds.LONGEST, Bounds.TOO_LONG);
            case FLAP ->
                new Limits(bounds.narrowest(), Bounds.TOO_NARROW, of(UP, measures), "it would reach over the foot");
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length across = of(ACROSS, measures);
        Length up = of(UP, measures);
        Length reach = of(FLAP, measures);
        Spot right = new Spot(across, up);
        Spot left = new Spot(Length.ZERO, up);
        List<Spot> outline =
                new ArrayList<>(List.of(new Spot(Length.ZERO, Length.ZERO), new Spot(across, Length.ZERO), right));
        outline.addAll(FlapShape.of(measures.chosen(FlapShape.CHOICE)).corners(right, left, reach, reach.dividedBy(6)));
        outline.add(left);
        Length middle = across.dividedBy(2);
        return Assembly.of(new Piece(
                        "Liner",
                        outline,
                        List.of(fold(Length.ZERO, up, across, up)),
                        List.of(),
                        List.of(
                                named(FRONT_PANEL, middle, up.dividedBy(2)),
                                named(
                                        FLAP_NAME,
                                        middle,
                                        up.plus(bounds.narrowest().dividedBy(4))))))
                .movingFrom(FRONT_PANEL);
    }

    @Override
    public boolean holds() {
        return false;
    }

    @Override
    public boolean takesRoom() {
        return false;
    }

    @Override
    public Rank rank() {
        return Rank.LINER;
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
