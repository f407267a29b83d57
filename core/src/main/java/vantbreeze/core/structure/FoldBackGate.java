package vantbreeze.core.structure;

import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/** Fold-back gate: a strip three times the finished width, its outer thirds folded back on themselves (common practice, no source). */
public final class FoldBackGate implements Structure {

    @Override
    public Title title() {
        return new Title("fold-back-gate", "Fold-back gate",
                "A gate whose wings fold in and back on themselves, so that its folds meet in the middle of the front.",
                "Pictures in four parts, and cards with three fronts.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(Parameter.width("Back"),
                Parameter.height());
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        return switch (parameter) {
            case Parameter.WIDTH -> Bounds.widthBeside(Bounds.NARROWEST, Bounds.TOO_NARROW);
            case Parameter.HEIGHT -> Bounds.height();
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length half = width.dividedBy(2);
        return Assembly.of(Strip.ofHeight("Card base", measures.get(Parameter.HEIGHT))
                .panel("Left wing, front", half).fold(Fold.MOUNTAIN).panel("Left wing", half).fold(Fold.VALLEY)
                .panel("Back", width).fold(Fold.VALLEY)
                .panel("Right wing", half).fold(Fold.MOUNTAIN).panel("Right wing, front", half).piece());
    }

    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        return Measures.of(finished);
    }

    @Override
    public Length widthStep(Length division) {
        return division.times(2);
    }
}
