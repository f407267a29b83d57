package vantbreeze.core.structure;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowances;

/**
 * Exploding gatefold: a gatefold and an insert of the same size, scored like it and along both diagonals of each half.
 * The card is square: at other proportions the six creases at each crossing still meet both theorems, but the corners
 * that are tucked in meet on the way, and beyond √3 to 1 have no order in which they can lie (found with the fold
 * engine).
 */
public final class ExplodingGatefold extends CatalogueStructure {

    /** Width and height go together: in a card that is not square the corners tucked in would meet on the way. */
    @Override
    public Measures changed(Measures before, String parameter, Length length) {
        return before.with(Parameter.WIDTH, length).with(Parameter.HEIGHT, length);
    }

    /** With the usual allowances of the trade. */
    public ExplodingGatefold() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public ExplodingGatefold(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "exploding-gatefold",
                "Exploding gatefold",
                "A gatefold whose insert bursts open with it and lays a square on its corner in the middle.",
                "A reveal, for those who like folding paper.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(Parameter.width("Back"), Parameter.height().ofPieces("Card base", "Insert"));
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        return switch (parameter) {
            case Parameter.WIDTH, Parameter.HEIGHT ->
                new Limits(
                        bounds.narrowest().times(4),
                        "the slanted panels would be too narrow to fold cleanly",
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length height = measures.get(Parameter.HEIGHT);
        Length flap = width.dividedBy(2);
        Piece base = Strip.ofHeight("Card base", height)
                .panel("Left flap", flap)
                .fold(Fold.VALLEY)
                .panel("Back", width)
                .fold(Fold.VALLEY)
                .panel("Right flap", flap)
                .piece();
        Attachment onTop = Attachment.at(new Spot(Length.ZERO, Length.ZERO), new Spot(Length.ZERO, Length.ZERO));
        return new Assembly(
                List.of(base, insert(width, height)),
                List.of(
                        Join.of(new PanelRef(0, "Back"), Side.FACE, new PanelRef(1, "Square"), Side.BACK, onTop),
                        Join.of(
                                new PanelRef(0, "Left flap"),
                                Side.FACE,
                                new PanelRef(1, "Left triangle"),
                                Side.BACK,
                                onTop),
                        Join.of(
                                new PanelRef(0, "Right flap"),
                                Side.FACE,
                                new PanelRef(1, "Right triangle"),
                                Side.BACK,
                                onTop)));
    }

    private static Piece insert(Length width, Length height) {
        Length flap = width.dividedBy(2);
        Length end = width.plus(flap.times(2));
        Length right = flap.plus(width);
        Length zero = Length.ZERO;
        return new Piece(
                "Insert",
                List.of(new Spot(zero, zero), new Spot(end, zero), new Spot(end, height), new Spot(zero, height)),
                List.of(
                        crease(Fold.MOUNTAIN, flap, zero, flap, height),
                                crease(Fold.MOUNTAIN, right, zero, right, height),
                        crease(Fold.VALLEY, zero, zero, width, height), crease(Fold.VALLEY, zero, height, width, zero),
                        crease(Fold.VALLEY, width, zero, end, height), crease(Fold.VALLEY, width, height, end, zero)),
                List.of(),
                names(flap, width, height));
    }

    /** The square and the two triangles that carry it; and of each half the small ones above and below, by pairs. */
    private static List<PanelName> names(Length flap, Length width, Length height) {
        Length middle = height.dividedBy(2);
        Length end = width.times(2);
        List<PanelName> names = new ArrayList<>(List.of(
                new PanelName(new Spot(width, middle), "Square"),
                new PanelName(new Spot(flap.dividedBy(8), middle), "Left triangle"),
                new PanelName(new Spot(end.minus(flap.dividedBy(8)), middle), "Right triangle")));
        for (String row : List.of("lower", "upper")) {
            Length up = row.equals("lower") ? height.dividedBy(8) : height.minus(height.dividedBy(8));
            for (String place : List.of("Outer", "Inner")) {
                Length across = place.equals("Outer")
                        ? flap.times(3).dividedBy(4)
                        : flap.times(5).dividedBy(4);
                names.add(new PanelName(new Spot(across, up), "%s %s left triangle".formatted(place, row)));
                names.add(new PanelName(new Spot(end.minus(across), up), "%s %s right triangle".formatted(place, row)));
            }
        }
        return names;
    }

    private static Crease crease(Fold fold, Length x1, Length y1, Length x2, Length y2) {
        return new Crease(new Stretch(new Spot(x1, y1), new Spot(x2, y2)), fold);
    }

    @Override
    public double showing() {
        return 0.4;
    }

    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length step = widthStep(ruler.division());
        Length side = step.times(finished.shortSide().timesContaining(step)).max(step);
        return Measures.of(new Size(side, side), ruler);
    }

    @Override
    public Length widthStep(Length division) {
        return division.times(2);
    }
}
