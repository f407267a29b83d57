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
import vantbreeze.core.tool.Allowances;

/**
 * W-fold: a side fold with a strip as long as the open card, folded in quarters, glued by its first and last quarter,
 * or by more.
 */
public final class WFold extends CatalogueStructure {

    /** Id of the height of the strip. */
    public static final String STRIP = "strip";

    /** Id of how much of the strip is glued on the cover. */
    public static final String FIRST = "first";
    /** Id of how much of the strip is glued on the back. */
    public static final String LAST = "last";

    private final CrossPiece across = new CrossPiece("strip", bounds);

    /** With the usual allowances of the trade. */
    public WFold() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public WFold(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "w-fold",
                "W-fold",
                "A side fold with a strip in quarters inside, whose middle comes forward as the card opens.",
                "Birthday cards that greet when they are opened.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width("Back", "Cover"),
                Parameter.height(),
                Parameter.of(STRIP, "Strip height", "how high the strip inside is")
                        .ofPieces("Strip"),
                across.up(),
                Parameter.of(FIRST, "Glued on the cover", "how much of the strip lies on the cover", "First quarter")
                        .following(),
                Parameter.of(LAST, "Glued on the back", "how much of the strip lies on the back", "Last quarter")
                        .following());
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        return switch (parameter) {
            case Parameter.WIDTH ->
                bounds.widthBeside(
                        measures.said(FIRST, Length.ZERO)
                                .max(measures.said(LAST, Length.ZERO))
                                .max(bounds.narrowest()),
                        Bounds.TOO_NARROW);
            case FIRST, LAST ->
                new Limits(
                        width.minus(of(parameter.equals(FIRST) ? LAST : FIRST, measures))
                                .max(bounds.narrowest()),
                        "the strip would poke out of the closed card",
                        width.minus(bounds.narrowest()),
                        "the rest of the strip would be too narrow to score and burnish cleanly");
            case Parameter.HEIGHT -> across.cardHeight(measures, measures.get(STRIP));
            case STRIP -> across.itsHeight(measures);
            case CrossPiece.UP -> across.itsFoot(measures, measures.get(STRIP));
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Length usual(String parameter, Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        return switch (parameter) {
            case CrossPiece.UP -> CrossPiece.usualFoot(measures, measures.get(STRIP));
            case FIRST -> width.dividedBy(2);
            case LAST -> width.minus(width.dividedBy(2));
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    /**
     * Cover and back beside what is glued on them, and what is between, are a parallelogram: each part between is as
     * wide as what is left of the page it does not lie on.
     */
    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length first = of(FIRST, measures);
        Length last = of(LAST, measures);
        Length strip = measures.get(STRIP);
        Length foot = of(CrossPiece.UP, measures);
        Piece base = Strip.ofHeight("Card base", measures.get(Parameter.HEIGHT))
                .panel("Cover", width)
                .fold(Fold.VALLEY)
                .panel("Back", width)
                .piece();
        Piece inside = Strip.ofHeight("Strip", strip)
                .panel("First quarter", first)
                .fold(Fold.VALLEY)
                .panel("Second quarter", width.minus(last))
                .fold(Fold.MOUNTAIN)
                .panel("Third quarter", width.minus(first))
                .fold(Fold.VALLEY)
                .panel("Last quarter", last)
                .piece();
        Attachment laid = Attachment.at(new Spot(Length.ZERO, foot), new Spot(Length.ZERO, Length.ZERO));
        return new Assembly(
                List.of(base, inside),
                List.of(
                        Join.of(new PanelRef(0, "Cover"), Side.FACE, new PanelRef(1, "First quarter"), Side.BACK, laid),
                        Join.of(new PanelRef(0, "Back"), Side.FACE, new PanelRef(1, "Last quarter"), Side.BACK, laid)));
    }

    @Override
    public double showing() {
        return 0.45;
    }

    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        return Measures.of(finished, ruler)
                .with(
                        STRIP,
                        ruler.nearest(finished.height().times(7).dividedBy(20))
                                .length()
                                .max(bounds.narrowest()));
    }

    @Override
    public Length widthStep(Length division) {
        return division.times(2);
    }
}
