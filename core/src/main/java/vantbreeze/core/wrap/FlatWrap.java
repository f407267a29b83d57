package vantbreeze.core.wrap;

import java.util.List;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.folding.Station;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.tool.Allowances;

/** A wrap without a fold: it lies as it is cut. */
abstract class FlatWrap extends WrapStructure {

    /** With a maker's allowances. */
    FlatWrap(Allowances allowances) {
        super(allowances);
    }

    @Override
    public final Pose opened(Measures measures) {
        return Pose.open();
    }

    @Override
    public final List<Station> stations(Measures measures) {
        return List.of(new Station("Lying", opened(measures)), new Station("With the card", closed(measures)));
    }

    @Override
    public final double showing() {
        return 0;
    }
}
