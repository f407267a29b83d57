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

    /** Id of the width of the cover. */
    public static final String COVER = "cover";

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
        return List.of(
                Parameter.width("Back"),
                Parameter.height(),
                Parameter.of(COVER, "Cover", "how far the cover reaches over the back", "Cover")
                        .following());
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        return switch (parameter) {
            case Parameter.WIDTH ->
                measures.says(COVER)
                        ? bounds.covering(measures.get(COVER), POKES)
                        : bounds.widthBeside(Length.ZERO, Bounds.TOO_NARROW);
            case COVER -> new Limits(bounds.narrowest(), Bounds.TOO_NARROW, measures.get(Parameter.WIDTH), POKES);
            case Parameter.HEIGHT -> bounds.height();
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private static final String POKES = "the cover would stick out beyond the back";

    @Override
    public Length usual(String parameter, Measures measures) {
        if (!parameter.equals(COVER)) {
            throw Bounds.unknown(this, parameter);
        }
        return measures.get(Parameter.WIDTH);
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        return Assembly.of(Strip.ofHeight("Card base", measures.get(Parameter.HEIGHT))
                .panel("Cover", of(COVER, measures))
                .fold(Fold.VALLEY)
                .panel("Back", width)
                .piece());
    }

    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        return Measures.of(finished, ruler);
    }
}
