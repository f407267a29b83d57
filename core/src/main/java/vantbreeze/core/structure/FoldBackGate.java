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
                        .when(MADE, "pieced"));
    }

    @Override
    public List<Choice> choices() {
        return List.of(MADE);
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        return switch (parameter) {
            case Parameter.WIDTH -> bounds.widthBeside(bounds.narrowest(), Bounds.TOO_NARROW);
            case Parameter.HEIGHT -> bounds.height();
            case OVERLAP ->
                new Limits(
                        allowed(Allowance.TAB),
                        "a piecing of less than half an inch does not hold",
                        measures.get(Parameter.WIDTH).dividedBy(2),
                        "it would be wider than the wing it is glued behind");
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length half = width.dividedBy(2);
        if (measures.isChosen(MADE, "pieced")) {
            return pieced(width, half, measures.get(Parameter.HEIGHT), measures.get(OVERLAP));
        }
        return Assembly.of(Strip.ofHeight("Card base", measures.get(Parameter.HEIGHT))
                .panel("Left wing, front", half)
                .fold(Fold.MOUNTAIN)
                .panel("Left wing", half)
                .fold(Fold.VALLEY)
                .panel("Back", width)
                .fold(Fold.VALLEY)
                .panel("Right wing", half)
                .fold(Fold.MOUNTAIN)
                .panel("Right wing, front", half)
                .piece());
    }

    private static Assembly pieced(Length width, Length half, Length height, Length overlap) {
        Piece base = Strip.ofHeight("Card base", height)
                .panel("Left wing", half)
                .fold(Fold.VALLEY)
                .panel("Back", width)
                .fold(Fold.VALLEY)
                .panel("Right wing", half)
                .piece();
        Piece left = Strip.ofHeight("Left front", height)
                .panel("Left wing, front", half)
                .fold(Fold.MOUNTAIN)
                .panel("Left overlap", overlap)
                .piece();
        Piece right = Strip.ofHeight("Right front", height)
                .panel("Right overlap", overlap)
                .fold(Fold.MOUNTAIN)
                .panel("Right wing, front", half)
                .piece();
        return new Assembly(
                List.of(base, left, right),
                List.of(
                        behind("Left wing", Length.ZERO, 1, "Left overlap", half),
                        behind("Right wing", width.times(2), 2, "Right overlap", overlap)));
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
