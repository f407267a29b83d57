package vantbreeze.core.fold.partial;

import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.motion.Frame;
import vantbreeze.core.fold.sight.InSight;

/**
 * A pose that a part of a card can take.
 *
 * @param name what a maker calls it
 * @param graph whose
 * @param frame the angle at each hinge, and where each panel is
 */
public record SampledPose(String name, FoldGraph graph, Frame frame) {

    /** What is seen of it from far away, looking against {@code eye}. */
    public InSight seenFrom(Vector3D eye) {
        return InSight.from(graph, frame, eye);
    }
}
