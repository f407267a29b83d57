package vantbreeze.core.extra;

import java.util.Optional;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.length.Length;

/**
 * The fold between two panels on which something is glued.
 *
 * @param hinge which fold
 * @param side the side of the paper that is looked at
 * @param first whether the first of the two lies to the left of it, or below it
 */
record FoldBetween(Link.Folded hinge, Side side, boolean first) {

    /** The fold between two faces of one piece; none where they have none, or it is slanted, or it opens away. */
    static Optional<FoldBetween> of(Footing one, Footing other, FoldGraph graph) {
        if (one.side() != other.side() || one.ref().piece() != other.ref().piece()) {
            return Optional.empty();
        }
        int from = graph.find(one.ref()).orElseThrow();
        int to = graph.find(other.ref()).orElseThrow();
        return graph.hinges().stream()
                .filter(link -> (link.from() == from && link.to() == to) || (link.from() == to && link.to() == from))
                .filter(link -> line(link).isUpright() || line(link).isLevel())
                .filter(link -> link.hinge().fold() == (one.side() == Side.FACE ? Fold.VALLEY : Fold.MOUNTAIN))
                .findFirst()
                .map(link -> new FoldBetween(
                        link,
                        one.side(),
                        line(link).isUpright()
                                ? one.fromLeft(line(link).from().x())
                                        .isLongerThan(
                                                other.fromLeft(line(link).from().x()))
                                : one.fromFoot(line(link).from().y())
                                        .isLongerThan(
                                                other.fromFoot(line(link).from().y()))));
    }

    private static Stretch line(Link.Folded link) {
        return link.hinge().line();
    }

    boolean isUpright() {
        return line(hinge).isUpright();
    }

    /** Where it is on a face, from its left edge or its foot. */
    Length on(Footing footing) {
        return isUpright()
                ? footing.fromLeft(line(hinge).from().x())
                : footing.fromFoot(line(hinge).from().y());
    }

    /** Where it begins, from the foot of a face or from its left edge. */
    Length begin(Footing footing) {
        if (!isUpright()) {
            return footing.fromLeft(line(hinge).from().x())
                    .min(footing.fromLeft(line(hinge).to().x()));
        }
        return footing.fromFoot(line(hinge).foot());
    }

    /** How long it is. */
    Length length() {
        Stretch line = line(hinge);
        return isUpright()
                ? line.head().minus(line.foot())
                : line.from()
                        .x()
                        .max(line.to().x())
                        .minus(line.from().x().min(line.to().x()));
    }

    /** How far it is folded towards the one who looks, degrees: 0 open, 180 closed. */
    double degrees(Pose pose) {
        double degrees = pose.degreesAt(hinge);
        return side == Side.FACE ? degrees : -degrees;
    }
}
