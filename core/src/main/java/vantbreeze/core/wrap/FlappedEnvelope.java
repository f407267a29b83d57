package vantbreeze.core.wrap;

import java.util.List;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.folding.Station;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.tool.Allowances;

/** An envelope, or what lines one: all its folds are mountains, its flap is at the head of the front and shuts it. */
abstract class FlappedEnvelope extends WrapStructure {

    /** What its flap is called. */
    static final String FLAP_NAME = "Flap";

    /** With a maker's allowances. */
    FlappedEnvelope(Allowances allowances) {
        super(allowances);
    }

    static Crease fold(Spot from, Spot to) {
        return new Crease(new Stretch(from, to), Fold.MOUNTAIN);
    }

    static Crease fold(Length fromX, Length fromY, Length toX, Length toY) {
        return fold(new Spot(fromX, fromY), new Spot(toX, toY));
    }

    static PanelName named(String name, Length x, Length y) {
        return new PanelName(new Spot(x, y), name);
    }

    @Override
    public final boolean shuts() {
        return true;
    }

    @Override
    public Rank rank() {
        return Rank.ENVELOPE;
    }

    /** Glued, its flap up. */
    @Override
    public Pose opened(Measures measures) {
        return Pose.closed().but(FRONT_PANEL, FLAP_NAME, 0);
    }

    @Override
    public final List<Station> stations(Measures measures) {
        return List.of(new Station("Open", opened(measures)), new Station("Shut", closed(measures)));
    }

    @Override
    public final double showing() {
        return 0.25;
    }
}
