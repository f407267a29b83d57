package vantbreeze.core.free;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Over;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.folding.Station;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Structure;

/**
 * Makes a free card of one out of the catalogue: the same paper and the same poses, but nothing tied to a measure any
 * more.
 */
public final class Loosening {

    private static final double SAME = 1e-9;

    private Loosening() {}

    /** The free card that {@code structure} with these measures is. */
    public static FreeCard of(Structure structure, Measures measures) {
        Assembly built = structure.assemble(measures);
        List<Station> stations = structure.stations(measures);
        FoldGraph before = FoldGraph.of(built);
        Assembly distinct = distinct(built);
        FoldGraph graph = FoldGraph.of(distinct);
        List<Stance> stances = new ArrayList<>();
        for (int i = 0; i < stations.size(); i++) {
            stances.add(stance(stations.get(i), i == stations.size() - 1, before, graph));
        }
        return new FreeCard(distinct, stances, structure.showing(), structure.lean(), structure.lies());
    }

    private static Stance stance(Station station, boolean closed, FoldGraph before, FoldGraph graph) {
        Pose otherwise = closed ? Pose.closed() : Pose.open();
        List<Stance.Angle> angles = new ArrayList<>();
        for (int i = 0; i < graph.hinges().size(); i++) {
            Link.Folded link = graph.hinges().get(i);
            double degrees = station.pose().degreesAt(before.hinges().get(i));
            if (Math.abs(degrees - otherwise.degreesAt(link)) > SAME) {
                angles.add(new Stance.Angle(
                        link.hinge().left().name(), link.hinge().right().name(), degrees));
            }
        }
        List<Stance.Slide> slides = new ArrayList<>();
        for (int i = 0; i < graph.joins().size(); i++) {
            double travel = before.joins().get(i).reading(station.pose());
            if (travel != 0) {
                slides.add(new Stance.Slide(graph.joins().get(i).join().glued().panel(), travel));
            }
        }
        return new Stance(station.name(), closed, angles, slides);
    }

    /** The same with names that tell all panels apart: a pose speaks of them by name alone. */
    private static Assembly distinct(Assembly built) {
        Map<String, Integer> seen = new LinkedHashMap<>();
        List<Map<String, String>> renamed = new ArrayList<>();
        List<Piece> pieces = new ArrayList<>();
        for (Piece piece : built.pieces()) {
            Map<String, String> names = new LinkedHashMap<>();
            List<PanelName> spoken = new ArrayList<>();
            for (var panel : Panels.of(piece).all()) {
                int times = seen.merge(panel.name(), 1, Integer::sum);
                String name = times == 1 ? panel.name() : String.format(Locale.ROOT, "%s (%d)", panel.name(), times);
                var inside = panel.shape().getInteriorPoint();
                spoken.add(new PanelName(Spot.nearest(inside.getX(), inside.getY()), name));
                names.putIfAbsent(panel.name(), name);
            }
            renamed.add(names);
            pieces.add(piece.named(spoken));
        }
        List<Join> joins = built.joins().stream()
                .map(join -> join.between(ref(join.on(), renamed), ref(join.glued(), renamed)))
                .toList();
        List<Over> overs = built.overs().stream()
                .map(over -> new Over(ref(over.above(), renamed), ref(over.below(), renamed)))
                .toList();
        String base = built.base() == null ? null : renamed.get(0).get(built.base());
        return new Assembly(pieces, joins, overs, built.eighthTurns(), base);
    }

    private static PanelRef ref(PanelRef ref, List<Map<String, String>> renamed) {
        return new PanelRef(ref.piece(), requireNonNull(renamed.get(ref.piece()).get(ref.panel())));
    }
}
