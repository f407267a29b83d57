package vantbreeze.core.wrap;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Over;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Bounds;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/** An envelope of a front and a back as large as its inside, with seams glued beneath the back, and a flap. */
abstract class SeamedEnvelope extends FlappedEnvelope {

    /** Id of its inside width. */
    public static final String INSIDE_WIDTH = "inside-width";
    /** Id of its inside height. */
    public static final String INSIDE_HEIGHT = "inside-height";
    /** Id of how wide its seams are. */
    public static final String SEAM = "seam";
    /** Id of how far its flap reaches. */
    public static final String FLAP = "flap";

    static final String BACK = "Back";
    static final String LEFT = "Left seam";
    static final String RIGHT = "Right seam";

    private final String noun;

    /** @param noun what it is called in what its measures mean */
    SeamedEnvelope(String noun, Allowances allowances) {
        super(allowances);
        this.noun = noun;
    }

    /** What it has besides, between the inside and the seams. */
    List<Parameter> walls() {
        return List.of();
    }

    /** The id of what it must be no narrower than. */
    abstract String across();

    /** The id of what it must be no lower than. */
    abstract String up();

    @Override
    final List<Parameter> own() {
        List<Parameter> own = new ArrayList<>(List.of(
                Parameter.of(INSIDE_WIDTH, "Inside width", "across the " + noun, FRONT_PANEL, BACK)
                        .following(),
                Parameter.of(INSIDE_HEIGHT, "Inside height", "up the " + noun).following()));
        own.addAll(walls());
        own.add(Parameter.of(SEAM, "Seam", "how wide its seams are", LEFT, RIGHT)
                .following());
        own.add(Parameter.of(FLAP, "Flap", "how far its flap reaches").following());
        return own;
    }

    @Override
    public List<Choice> choices() {
        return List.of(FlapShape.CHOICE);
    }

    @Override
    Length ownUsual(String parameter, Measures measures) {
        return switch (parameter) {
            case INSIDE_WIDTH ->
                measures.markedAbove(
                        of(across(), measures).plus(allowances.of(Allowance.ENVELOPE_LONG, measures.ruler())));
            case INSIDE_HEIGHT ->
                measures.markedAbove(
                        of(up(), measures).plus(allowances.of(Allowance.ENVELOPE_SHORT, measures.ruler())));
            case SEAM -> usual(Allowance.ENVELOPE_SEAM, measures).min(widestSeam(measures));
            case FLAP -> measures.marked(of(INSIDE_HEIGHT, measures).times(2).dividedBy(5));
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private Length widestSeam(Measures measures) {
        return of(INSIDE_WIDTH, measures)
                .min(of(INSIDE_HEIGHT, measures))
                .dividedBy(2)
                .minus(bounds.narrowest())
                .max(bounds.leastTab());
    }

    @Override
    Limits ownLimits(String parameter, Measures measures) {
        return switch (parameter) {
            case INSIDE_WIDTH -> new Limits(of(across(), measures), GOES_NOT_ROUND, Bounds.LONGEST, Bounds.TOO_LONG);
            case INSIDE_HEIGHT -> new Limits(of(up(), measures), GOES_NOT_ROUND, Bounds.LONGEST, Bounds.TOO_LONG);
            case SEAM ->
                new Limits(bounds.leastTab(), Bounds.TAB_TOO_NARROW, widestSeam(measures), "the seams would meet");
            case FLAP ->
                new Limits(
                        bounds.narrowest(),
                        Bounds.TOO_NARROW,
                        of(INSIDE_HEIGHT, measures),
                        "it would reach over the foot");
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    /** The back over a seam: its inside on what was the seam's outside. */
    static Join sealed(String seam, Spot on, Spot laid, double turned) {
        return Join.of(
                new PanelRef(0, seam), Side.FACE, new PanelRef(0, BACK), Side.BACK, new Attachment(on, laid, turned));
    }

    /** Shut, the flap lies over the back, which lies beneath the front. */
    static Over outside() {
        return new Over(new PanelRef(0, BACK), new PanelRef(0, FLAP_NAME));
    }

    /** Corners of the flap between the ends of its fold, anticlockwise. */
    final List<Spot> flap(Spot right, Spot left, Measures measures) {
        Length reach = of(FLAP, measures);
        return FlapShape.of(measures.chosen(FlapShape.CHOICE)).corners(right, left, reach, reach.dividedBy(6));
    }

    /** Seams draw in at their free ends, so that nothing pokes out beneath the back. */
    static Length slant(Length seam) {
        return seam.dividedBy(4);
    }

    final Length aLittle() {
        return bounds.narrowest().dividedBy(4);
    }

    @Override
    public final Size finished(Measures measures) {
        return new Size(of(INSIDE_WIDTH, measures), of(INSIDE_HEIGHT, measures));
    }
}
