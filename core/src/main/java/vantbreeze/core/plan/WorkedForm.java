package vantbreeze.core.plan;

import java.util.List;
import java.util.stream.Collectors;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.motion.Frame;
import vantbreeze.core.fold.motion.Motion;
import vantbreeze.core.fold.order.LayerOrder;
import vantbreeze.core.layer.Grounds;
import vantbreeze.core.structure.Station;

/**
 * All that follows about the folded card.
 *
 * @param graph its panels, piece by piece, and what holds them together
 * @param flat the pose in which it is closed
 * @param closed where every panel is then
 * @param order how its panels then lie on one another; null when it can't be folded so
 * @param motion through all stations, the last frame closed
 * @param stations the poses it goes through, evenly along the motion
 */
public record WorkedForm(FoldGraph graph, Pose flat, FoldedForm closed, LayerOrder order, Motion motion,
                         List<Station> stations) {

    public WorkedForm {
        stations = List.copyOf(stations);
    }

    /** The panels when closed, the lowest first; empty when it can't be folded so. */
    public List<Integer> fromBelow() {
        return order == null ? List.of() : order.fromBelow();
    }

    /** Where its panels can be dressed. */
    public Grounds grounds() {
        return Grounds.of(graph, graph.hinges().stream().filter(link -> link.hinge().fold() == Fold.BEND)
                .filter(link -> stations.stream().anyMatch(station -> Math.abs(station.pose().degreesAt(link)) > 0.5))
                .map(Link.Folded::index).collect(Collectors.toSet()));
    }

    /** The moment that shows best what the card is. */
    public Frame display(double showing) {
        return motion.frames().get((int) Math.round(showing * (motion.frames().size() - 1)));
    }
}
