package vantbreeze.core.fold.partial;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Side;

/**
 * Whether a hand comes to places on a part of a card: in some pose that the part can take, a finger comes to all of a
 * region from outside, along its normal or aslant.
 *
 * <p>What lies flat on a panel covers the side that it is glued or folded to; of what only happens to lie there in a
 * pose nobody knows, and it is taken to cover both sides, as another pose shows what is free.
 */
public final class Reach {

    /** Points are looked at so far apart, mm; in small regions nearer. */
    private static final double GRID = 5;

    /** So many points at least tell of a region, and so many at most. */
    private static final int LEAST_POINTS = 9;

    private static final int MOST_POINTS = 120;

    /** The finest grid of a small region, as a part of the coarsest. */
    private static final int FINEST = 32;

    /** How long a finger is, mm; from memory. */
    private static final double FINGER = 60;

    /** How far from square a finger comes to paper, degrees; from memory. */
    private static final double ASLANT = 30;

    /** Directions aslant that are tried beside the square one. */
    private static final int AROUND = 8;

    /** Nearer than this paper lies on paper, mm. */
    private static final double TOUCHING = 0.05;

    /** A fold as near to open, or to closed, is that; degrees. */
    private static final double FLAT = 1e-6;

    /** Of a panel that is the same paper and not folded: it lies on neither side. */
    private static final int BESIDE = 2;

    private final Part part;
    private final List<SampledPose> poses;
    private final double width;
    private final List<List<Link>> links = new ArrayList<>();
    private final List<IndexedPointInAreaLocator> shapes;

    /**
     * Looks at a part of a card.
     *
     * @param whole the card with all joins made: in its poses the part can be too
     * @param width of what reaches in, a finger or a brush, millimetres
     */
    public Reach(Part part, Part whole, double width) {
        this.part = part;
        this.poses = part.poses(whole);
        this.width = width;
        part.graph().panels().forEach(panel -> links.add(new ArrayList<>()));
        part.graph().links().forEach(link -> {
            links.get(link.from()).add(link);
            links.get(link.to()).add(link);
        });
        this.shapes = part.graph().panels().stream()
                .map(panel -> new IndexedPointInAreaLocator(panel.shape()))
                .toList();
    }

    /** The first pose in which all of a region of a face is reached; nothing where it is in none. */
    public Optional<SampledPose> to(Face face, Polygon region) {
        List<Coordinate> points = points(region);
        return poses.stream().filter(pose -> reaches(pose, face, points)).findFirst();
    }

    /**
     * Of each panel on which side of one it lies in a pose, if it lies on it: 1 on its face, −1 on its back, 0 where
     * nobody knows; {@link #BESIDE} where it is the same paper, not folded. What is glued to it lies on that side, and
     * what hangs on that in turn; what is folded over at a score of its own lies on the side that it is folded to, also
     * where it is not quite closed: so the loop of a tube pressed flat says nothing of the panel that is folded over.
     */
    private int[] sides(SampledPose pose, int root) {
        int[] sides = new int[part.graph().panels().size()];
        sides[root] = BESIDE;
        boolean[] seen = new boolean[sides.length];
        Map<Integer, Integer> ajar = new LinkedHashMap<>();
        Deque<Integer> waiting = new ArrayDeque<>(List.of(root));
        seen[root] = true;
        while (!waiting.isEmpty()) {
            int from = waiting.remove();
            for (Link link : links.get(from)) {
                int other = link.from() == from ? link.to() : link.from();
                boolean isBeside = sides[from] == BESIDE;
                if (isBeside && link instanceof Link.Folded hinge && isAjar(pose, hinge)) {
                    ajar.put(other, side(pose, link, from));
                } else if (!seen[other]) {
                    seen[other] = true;
                    sides[other] = isBeside ? side(pose, link, from) : sides[from];
                    waiting.add(other);
                }
            }
        }
        ajar.forEach((panel, side) -> sides[panel] = side);
        return sides;
    }

    /** Whether a fold is neither open nor closed: what is behind it lies on nothing that is before it. */
    private static boolean isAjar(SampledPose pose, Link.Folded hinge) {
        double degrees = Math.abs(pose.frame().degrees().get(hinge.index()));
        return degrees > FLAT && degrees < 180 - FLAT;
    }

    private static int side(SampledPose pose, Link link, int from) {
        if (link instanceof Link.Glued glue) {
            return sign(glue.from() == from ? glue.join().onSide() : glue.join().gluedSide());
        }
        Link.Folded hinge = (Link.Folded) link;
        double degrees = pose.frame().degrees().get(hinge.index());
        if (Math.abs(degrees) <= FLAT) {
            return BESIDE;
        }
        Coordinate inside = hinge.hinge().right().shape().getInteriorPoint().getCoordinate();
        double rises = hinge.motion(Math.copySign(90, degrees))
                .apply(inside.x, inside.y, 0)
                .getZ();
        return rises > 0 ? 1 : -1;
    }

    private static int sign(Side side) {
        return side == Side.FACE ? 1 : -1;
    }

    private boolean reaches(SampledPose pose, Face face, List<Coordinate> points) {
        Rigid motion = pose.frame().panels().get(face.panel());
        List<Vector3D> ways = ways(motion, face.side());
        List<Rigid> back = pose.frame().panels().stream().map(Rigid::inverse).toList();
        int[] sides = sides(pose, face.panel());
        return points.stream().allMatch(point -> {
            Vector3D at = motion.apply(point.x, point.y, 0);
            return ways.stream().anyMatch(way -> isClear(back, sides, face, at, way));
        });
    }

    /** Square to the paper, then aslant all round. */
    private static List<Vector3D> ways(Rigid motion, Side side) {
        Vector3D origin = motion.apply(0, 0, 0);
        Vector3D across = motion.apply(1, 0, 0).subtract(origin);
        Vector3D up = motion.apply(0, 1, 0).subtract(origin);
        Vector3D out = motion.apply(0, 0, sign(side)).subtract(origin);
        double slant = Math.toRadians(ASLANT);
        List<Vector3D> ways = new ArrayList<>(List.of(out));
        for (int i = 0; i < AROUND; i++) {
            double turn = 2 * Math.PI * i / AROUND;
            Vector3D level = times(across, Math.cos(turn)).add(times(up, Math.sin(turn)));
            ways.add(times(out, Math.cos(slant)).add(times(level, Math.sin(slant))));
        }
        return ways;
    }

    /** Whether a finger comes in along a way: its tip from the paper on, its width from a width away on. */
    private boolean isClear(List<Rigid> back, int[] sides, Face face, Vector3D at, Vector3D way) {
        Vector3D aside = Math.abs(way.getX()) < 0.9 ? new Vector3D(1, 0, 0) : new Vector3D(0, 1, 0);
        Vector3D one = times(aside.subtract(times(way, aside.dot(way))).normalize(), width / 2);
        Vector3D other = cross(way, one);
        Vector3D begins = at.add(times(way, width));
        double rest = FINGER - width;
        for (int panel = 0; panel < back.size(); panel++) {
            boolean isOwn = panel == face.panel();
            if ((!isOwn && isCovered(back.get(panel), panel, sides[panel], face.side(), at))
                    || stands(back.get(panel), panel, at, way, FINGER, isOwn)
                    || stands(back.get(panel), panel, begins.add(one), way, rest, false)
                    || stands(back.get(panel), panel, begins.subtract(one), way, rest, false)
                    || stands(back.get(panel), panel, begins.add(other), way, rest, false)
                    || stands(back.get(panel), panel, begins.subtract(other), way, rest, false)) {
                return false;
            }
        }
        return true;
    }

    private static Vector3D times(Vector3D vector, double factor) {
        return new Vector3D(vector.getX() * factor, vector.getY() * factor, vector.getZ() * factor);
    }

    private static Vector3D cross(Vector3D one, Vector3D other) {
        return new Vector3D(
                one.getY() * other.getZ() - one.getZ() * other.getY(),
                one.getZ() * other.getX() - one.getX() * other.getZ(),
                one.getX() * other.getY() - one.getY() * other.getX());
    }

    /** Whether a panel lies flat on a place, on the side that is to be reached. */
    private boolean isCovered(Rigid back, int panel, int side, Side wanted, Vector3D at) {
        Vector3D here = back.apply(at.getX(), at.getY(), at.getZ());
        if (Math.abs(here.getZ()) > TOUCHING || !isWithin(panel, here.getX(), here.getY())) {
            return false;
        }
        return side == 0 || side == sign(wanted);
    }

    /** Whether a panel stands in a way. */
    private boolean stands(Rigid back, int panel, Vector3D from, Vector3D way, double length, boolean isOwn) {
        Vector3D here = back.apply(from.getX(), from.getY(), from.getZ());
        Vector3D there = back.apply(from.getX() + way.getX(), from.getY() + way.getY(), from.getZ() + way.getZ());
        double rises = there.getZ() - here.getZ();
        if (isOwn || Math.abs(rises) < 1e-9) {
            return false;
        }
        double distance = -here.getZ() / rises;
        return distance > TOUCHING
                && distance < length
                && isWithin(
                        panel,
                        here.getX() + distance * (there.getX() - here.getX()),
                        here.getY() + distance * (there.getY() - here.getY()));
    }

    private boolean isWithin(int panel, double x, double y) {
        Envelope box = part.graph().panels().get(panel).shape().getEnvelopeInternal();
        return box.contains(x, y) && shapes.get(panel).locate(new Coordinate(x, y)) == Location.INTERIOR;
    }

    /** Points all over a region, on a grid as fine as it wants. */
    private static List<Coordinate> points(Polygon region) {
        Envelope box = region.getEnvelopeInternal();
        IndexedPointInAreaLocator shape = new IndexedPointInAreaLocator(region);
        double coarse = Math.max(GRID, Math.sqrt(box.getArea() / MOST_POINTS));
        List<Coordinate> points = List.of();
        for (double grid = coarse; points.size() < LEAST_POINTS && grid > coarse / FINEST; grid /= 2) {
            points = points(box, shape, grid);
        }
        return points.isEmpty() ? List.of(region.getInteriorPoint().getCoordinate()) : points;
    }

    private static List<Coordinate> points(Envelope box, IndexedPointInAreaLocator shape, double grid) {
        int across = Math.max(1, (int) Math.ceil(box.getWidth() / grid));
        int up = Math.max(1, (int) Math.ceil(box.getHeight() / grid));
        List<Coordinate> points = new ArrayList<>();
        for (int i = 0; i < across; i++) {
            for (int j = 0; j < up; j++) {
                Coordinate point = new Coordinate(
                        box.getMinX() + box.getWidth() * (i + 0.5) / across,
                        box.getMinY() + box.getHeight() * (j + 0.5) / up);
                if (shape.locate(point) == Location.INTERIOR) {
                    points.add(point);
                }
            }
        }
        return points;
    }
}
