package vantbreeze.core.structure;

import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowances;

/** Side fold: the plain card, half and half, one valley. */
public final class SideFold extends CatalogueStructure {

    /** With the usual allowances of the trade. */
    public SideFold() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public SideFold(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "side-fold",
                "Side fold",
                "The plain card: a back, a cover and one score.",
                "Everyone; the yardstick for all others.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(Parameter.width("Back", "Cover"), Parameter.height());
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        return switch (parameter) {
            case Parameter.WIDTH -> bounds.widthBeside(Length.ZERO, Bounds.TOO_NARROW);
            case Parameter.HEIGHT -> bounds.height();
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        return Assembly.of(Strip.ofHeight("Card base", measures.get(Parameter.HEIGHT))
                .panel("Back", width)
                .fold(Fold.VALLEY)
                .panel("Cover", width)
                .piece());
    }

    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        return Measures.of(finished, ruler);
    }
}
