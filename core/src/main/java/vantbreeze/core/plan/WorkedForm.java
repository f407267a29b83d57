package vantbreeze.core.plan;

import java.util.List;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.motion.Motion;
import vantbreeze.core.structure.Station;

/**
 * All that follows about the folded card.
 *
 * @param graph its panels, piece by piece, and what holds them together
 * @param flat the pose in which it is closed
 * @param closed where every panel is then
 * @param fromBelow the panels when closed, the lowest first; empty when it can't be folded so
 * @param motion through all stations, the last frame closed
 * @param stations the poses it goes through, evenly along the motion
 */
public record WorkedForm(FoldGraph graph, Pose flat, FoldedForm closed, List<Integer> fromBelow, Motion motion,
                         List<Station> stations) {

    public WorkedForm {
        fromBelow = List.copyOf(fromBelow);
        stations = List.copyOf(stations);
    }
}
