package vantbreeze.core.structure;

import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
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
 * Fold-back gate: a strip three times the finished width, its outer thirds folded back on themselves (common practice,
 * no source). Where the sheet is too short for it, the fronts are pieced: cut apart and glued behind the wings.
 */
public final class FoldBackGate extends CatalogueStructure {

    /** Id of the width of the left wing. */
    public static final String LEFT_WING = "left-wing";
    /** Id of the width of the right wing. */
    public static final String RIGHT_WING = "right-wing";
    /** Id of the width of the left wing's front. */
    public static final String LEFT_FRONT = "left-front";
    /** Id of the width of the right wing's front. */
    public static final String RIGHT_FRONT = "right-front";
    /** Id of how far pieced fronts are glued behind the wings. */
    public static final String OVERLAP = "overlap";
    /** How it is made. */
    public static final Choice MADE = Choice.of(
            Choice.MADE,
            "Made of",
            "one strip, or with its fronts pieced on",
            new Choice.Alternative("one", "one strip"),
            new Choice.Alternative("pieced", "pieced fronts"));

    /** With the usual allowances of the trade. */
    public FoldBackGate() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public FoldBackGate(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "fold-back-gate",
                "Fold-back gate",
                "A gate whose wings fold in and back on themselves, so that its folds meet in the middle of the front.",
                "Pictures in four parts, and cards with three fronts.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width("Back"),
                Parameter.height(),
                Parameter.of(OVERLAP, "Overlap", "how far each front is glued on", "Left overlap", "Right overlap")
                        .when(MADE, "pieced"),
                Parameter.of(LEFT_WING, "Left wing", "how far the gate opens from the left", "Left wing")
                        .following(),
                Parameter.of(RIGHT_WING, "Right wing", "what the left one leaves, or less", "Right wing")
                        .following(),
                Parameter.of(LEFT_FRONT, "Left front", "what is folded back on the left wing", "Left front")
                        .following(),
                Parameter.of(RIGHT_FRONT, "Right front", "what is folded back on the right wing", "Right front")
                        .following());
    }

    @Override
    public List<Choice> choices() {
        return List.of(MADE);
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        return switch (parameter) {
            case Parameter.WIDTH ->
                new Limits(
                        measures.said(LEFT_WING, bounds.narrowest())
                                .plus(measures.said(RIGHT_WING, bounds.narrowest())),
                        measures.says(LEFT_WING) || measures.says(RIGHT_WING) ? OVERLAP_WINGS : Bounds.TOO_NARROW,
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            case LEFT_WING, RIGHT_WING -> {
                boolean left = parameter.equals(LEFT_WING);
                Length front = measures.said(left ? LEFT_FRONT : RIGHT_FRONT, Length.ZERO);
                Length overlap = measures.isChosen(MADE, "pieced") ? measures.get(OVERLAP) : Length.ZERO;
                Length least = front.max(overlap);
                yield new Limits(
                        least.max(bounds.narrowest()),
                        !least.isLongerThan(bounds.narrowest())
                                ? Bounds.TOO_NARROW
                                : front.isShorterThan(overlap) ? TOO_WIDE_TO_PIECE : POKES,
                        measures.get(Parameter.WIDTH)
                                .minus(measures.said(left ? RIGHT_WING : LEFT_WING, bounds.narrowest())),
                        measures.says(left ? RIGHT_WING : LEFT_WING)
                                ? OVERLAP_WINGS
                                : "the other wing would be too narrow to score and burnish cleanly");
            }
            case LEFT_FRONT -> new Limits(bounds.narrowest(), Bounds.TOO_NARROW, of(LEFT_WING, measures), POKES);
            case RIGHT_FRONT -> new Limits(bounds.narrowest(), Bounds.TOO_NARROW, of(RIGHT_WING, measures), POKES);
            case Parameter.HEIGHT -> bounds.height();
            case OVERLAP ->
                new Limits(
                        allowed(Allowance.TAB),
                        "a shorter piecing does not hold",
                        of(LEFT_WING, measures).min(of(RIGHT_WING, measures)),
                        TOO_WIDE_TO_PIECE);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private static final String OVERLAP_WINGS = "the wings would lie on each other";
    private static final String POKES = "the front would poke out of the closed card";
    private static final String TOO_WIDE_TO_PIECE = "it would be wider than the wing it is glued behind";

    /** Wings that meet in the middle, and fronts as wide as their wings. */
    @Override
    public Length usual(String parameter, Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        return switch (parameter) {
            case LEFT_WING -> measures.says(RIGHT_WING) ? width.minus(measures.get(RIGHT_WING)) : width.dividedBy(2);
            case RIGHT_WING -> width.minus(of(LEFT_WING, measures));
            case LEFT_FRONT -> of(LEFT_WING, measures);
            case RIGHT_FRONT -> of(RIGHT_WING, measures);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length height = measures.get(Parameter.HEIGHT);
        if (measures.isChosen(MADE, "pieced")) {
            return pieced(measures);
        }
        return Assembly.of(Strip.ofHeight("Card base", height)
                .panel("Left front", of(LEFT_FRONT, measures))
                .fold(Fold.MOUNTAIN)
                .panel("Left wing", of(LEFT_WING, measures))
                .fold(Fold.VALLEY)
                .panel("Back", width)
                .fold(Fold.VALLEY)
                .panel("Right wing", of(RIGHT_WING, measures))
                .fold(Fold.MOUNTAIN)
                .panel("Right front", of(RIGHT_FRONT, measures))
                .piece());
    }

    private Assembly pieced(Measures measures) {
        Length height = measures.get(Parameter.HEIGHT);
        Length overlap = measures.get(OVERLAP);
        Piece base = Strip.ofHeight("Card base", height)
                .panel("Left wing", of(LEFT_WING, measures))
                .fold(Fold.VALLEY)
                .panel("Back", measures.get(Parameter.WIDTH))
                .fold(Fold.VALLEY)
                .panel("Right wing", of(RIGHT_WING, measures))
                .piece();
        Piece left = Strip.ofHeight("Left front", height)
                .panel("Left front", of(LEFT_FRONT, measures))
                .fold(Fold.MOUNTAIN)
                .panel("Left overlap", overlap)
                .piece();
        Piece right = Strip.ofHeight("Right front", height)
                .panel("Right overlap", overlap)
                .fold(Fold.MOUNTAIN)
                .panel("Right front", of(RIGHT_FRONT, measures))
                .piece();
        return new Assembly(
                List.of(base, left, right),
                List.of(
                        behind("Left wing", Length.ZERO, 1, "Left overlap", of(LEFT_FRONT, measures)),
                        behind("Right wing", base.cutSize().width(), 2, "Right overlap", overlap)));
    }

    /** An overlap glued behind a wing, its fold on the wing's edge. */
    private static Join behind(String wing, Length edge, int piece, String overlap, Length fold) {
        return Join.of(
                new PanelRef(0, wing),
                Side.BACK,
                new PanelRef(piece, overlap),
                Side.FACE,
                Attachment.at(new Spot(edge, Length.ZERO), new Spot(fold, Length.ZERO)));
    }

    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length overlap = finished.width().dividedBy(6).max(allowed(Allowance.TAB));
        return Measures.of(finished, ruler).with(OVERLAP, ruler.above(overlap).length());
    }

    @Override
    public Length widthStep(Length division) {
        return division.times(2);
    }
}
