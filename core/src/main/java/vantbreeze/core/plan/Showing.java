package vantbreeze.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.bulk.BulkMap;
import vantbreeze.core.fold.order.LayerOrders;
import vantbreeze.core.fold.sight.InSight;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.structure.Station;

/**
 * The panels that show in one pose.
 *
 * @param pose what a maker calls it
 * @param front panels seen from before, by index; lying, from above
 * @param behind panels seen from behind; lying, from below
 */
public record Showing(String pose, Set<Integer> front, Set<Integer> behind) {

    /** From before and a little above and to the left, as one sits at a table. */
    private static final Vector3D BEFORE = new Vector3D(-0.3, 0.35, 1);
    private static final Vector3D BEHIND = new Vector3D(0.3, 0.35, -1);

    public Showing {
        front = Set.copyOf(front);
        behind = Set.copyOf(behind);
    }

    /** For every station of {@code worked}, and as it is displayed; the last is closed. */
    public static List<Showing> of(WorkedPlan worked) {
        WorkedForm form = worked.form();
        FoldGraph graph = form.graph();
        List<Showing> all = new ArrayList<>();
        var displayed = form.display(worked.structure().showing());
        all.add(new Showing("Displayed", InSight.from(graph, displayed, BEFORE).panels(), InSight.from(graph, displayed, BEHIND).panels()));
        int legs = form.stations().size() - 1;
        for (int i = 0; i <= legs; i++) {
            Station station = form.stations().get(i);
            if (isFlat(graph, station.pose())) {
                flat(graph, station, worked.heft().cardstock()).ifPresent(all::add);
            } else {
                var frame = form.motion().frames().get(i * (form.motion().frames().size() - 1) / legs);
                all.add(new Showing(station.name(), InSight.from(graph, frame, BEFORE).panels(), InSight.from(graph, frame, BEHIND).panels()));
            }
        }
        return all;
    }

    private static boolean isFlat(FoldGraph graph, Pose pose) {
        return graph.hinges().stream().mapToDouble(link -> Math.abs(pose.degreesAt(link))).allMatch(degrees -> degrees == 0 || degrees == 180);
    }

    private static Optional<Showing> flat(FoldGraph graph, Station station, Cardstock cardstock) {
        FoldedForm lying = FoldedForm.of(graph, station.pose());
        List<Cardstock> stocks = Collections.nCopies(graph.assembly().pieces().size(), cardstock);
        return LayerOrders.of(lying, station.pose()).first().map(order -> BulkMap.of(lying, stocks, List.of(), order))
                .map(bulk -> new Showing(station.name(), InSight.fromAbove(graph, bulk).panels(), InSight.fromBelow(graph, bulk).panels()));
    }
}
