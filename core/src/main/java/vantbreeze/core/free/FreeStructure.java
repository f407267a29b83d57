package vantbreeze.core.free;

import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.folding.Station;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.structure.Title;

/** A free card where a structure is wanted: nothing to measure or choose about it, the drawing says it all. */
public record FreeStructure(FreeCard card) implements Structure {

    /** How plans name it. */
    public static final String ID = "free";

    @Override
    public Title title() {
        return new Title(
                ID,
                "Free card",
                "Drawn by hand: scores, slits, pieces and joins as you like.",
                "What no structure covers.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of();
    }

    /** @throws IllegalArgumentException always: it has no measures */
    @Override
    public Limits limits(String parameter, Measures measures) {
        throw new IllegalArgumentException("A free card has no measure \"%s\".".formatted(parameter));
    }

    @Override
    public Assembly assemble(Measures measures) {
        return card.assembly();
    }

    @Override
    public Pose closed(Measures measures) {
        return card.stances().get(card.stances().size() - 1).pose();
    }

    @Override
    public Pose opened(Measures measures) {
        return card.stances().get(0).pose();
    }

    @Override
    public List<Station> stations(Measures measures) {
        return card.stances().stream()
                .map(stance -> new Station(stance.name(), stance.pose()))
                .toList();
    }

    @Override
    public double showing() {
        return card.showing();
    }

    @Override
    public double lean() {
        return card.lean();
    }

    @Override
    public boolean lies() {
        return card.lies();
    }

    /** Nothing to proportion. */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        return new Measures(java.util.Map.of());
    }
}
