package vantbreeze.core.fold.bulk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Spot;

/** Finds the loose edges of a card folded flat: each edge is looked at bit by bit, just inside and just outside it. */
final class LooseEdges {

    /** An edge is looked at in bits of this length, mm. */
    private static final double BIT = 4;
    /** Less of an edge than this slips by, mm; from memory. */
    private static final double SHORTEST = 12;
    /** Glue nearer to the edge than this holds it down, mm; from memory. */
    private static final double HELD = 6;
    /** So far inside and outside an edge it is looked, mm. */
    private static final double BESIDE = 0.4;
    /** Lines nearer than this are one, mm. */
    private static final double ALIKE = 0.05;

    private final FoldedForm form;
    private final BulkMap bulk;
    private final List<GlueArea> glue;

    private LooseEdges(FoldedForm form, BulkMap bulk) {
        this.form = form;
        this.bulk = bulk;
        this.glue = GlueArea.of(form.graph());
    }

    /** Of a card in its closed form, panel by panel. */
    static List<LooseEdge> of(FoldedForm form, BulkMap bulk) {
        LooseEdges edges = new LooseEdges(form, bulk);
        List<LooseEdge> found = new ArrayList<>();
        for (int panel = 0; panel < form.placed().size(); panel++) {
            List<LineSegment> hinges = edges.hinges(panel);
            for (boolean facesUp : new boolean[] {false, true}) {
                edges.loose(panel, hinges, facesUp).ifPresent(found::add);
            }
        }
        return List.copyOf(found);
    }

    private Optional<LooseEdge> loose(int panel, List<LineSegment> hinges, boolean facesUp) {
        List<Coordinate> bits = new ArrayList<>();
        double length = 0;
        for (LineSegment side : sides(panel)) {
            if (!runsAcross(side) || (side.p0.x > side.p1.x) != facesUp || !swings(side, hinges)) {
                continue;
            }
            int count = (int) Math.ceil(side.getLength() / BIT);
            for (int i = 0; i < count; i++) {
                Coordinate bit = side.pointAlong((i + 0.5) / count);
                if (isLoose(panel, bit, side, hinges)) {
                    bits.add(bit);
                    length += side.getLength() / count;
                }
            }
        }
        return length < SHORTEST
                ? Optional.empty()
                : Optional.of(
                        new LooseEdge(panel, form.graph().name(panel), bits.get(bits.size() / 2), length, facesUp));
    }

    /** Of its outline, anticlockwise: what runs to the left is at its head. */
    private List<LineSegment> sides(int panel) {
        Coordinate[] ring = form.placed().get(panel).shadow().getExteriorRing().getCoordinates();
        boolean isAnticlockwise = Orientation.isCCW(ring);
        List<LineSegment> sides = new ArrayList<>();
        for (int i = 0; i + 1 < ring.length; i++) {
            sides.add(isAnticlockwise ? new LineSegment(ring[i], ring[i + 1]) : new LineSegment(ring[i + 1], ring[i]));
        }
        return sides;
    }

    private List<LineSegment> hinges(int panel) {
        Rigid placed = form.placed().get(panel).motion();
        List<LineSegment> hinges = new ArrayList<>();
        for (Link.Folded link : form.graph().hinges()) {
            if (link.from() == panel || link.to() == panel) {
                hinges.add(new LineSegment(
                        at(placed, link.hinge().line().from()),
                        at(placed, link.hinge().line().to())));
            }
        }
        return hinges;
    }

    private static Coordinate at(Rigid placed, Spot spot) {
        Coordinate onSheet = spot.millimetres();
        Vector3D there = placed.apply(onSheet.x, onSheet.y, 0);
        return new Coordinate(there.getX(), there.getY());
    }

    private static boolean runsAcross(LineSegment side) {
        return Math.abs(side.p1.x - side.p0.x) > Math.abs(side.p1.y - side.p0.y);
    }

    /** Whether a hinge runs along with it on the other side of the panel. */
    private static boolean swings(LineSegment side, List<LineSegment> hinges) {
        return hinges.stream()
                .filter(LooseEdges::runsAcross)
                .anyMatch(hinge -> side.orientationIndex(hinge.midPoint()) == Orientation.LEFT
                        && side.distancePerpendicular(hinge.midPoint()) > HELD);
    }

    /**
     * Whether a bit of a side lies on top of the card, front or back, the card goes on beyond it, and nothing holds.
     */
    private boolean isLoose(int panel, Coordinate bit, LineSegment side, List<LineSegment> hinges) {
        if (hinges.stream().anyMatch(hinge -> hinge.distance(bit) < ALIKE)) {
            return false;
        }
        double x = (side.p1.y - side.p0.y) / side.getLength() * BESIDE;
        double y = (side.p0.x - side.p1.x) / side.getLength() * BESIDE;
        Coordinate inside = new Coordinate(bit.x - x, bit.y - y);
        List<Integer> here = stack(inside);
        boolean isOutermost = !here.isEmpty() && (here.get(0) == panel || here.get(here.size() - 1) == panel);
        return isOutermost && !stack(new Coordinate(bit.x + x, bit.y + y)).isEmpty() && !isHeld(panel, inside);
    }

    private List<Integer> stack(Coordinate at) {
        return bulk.cells().stream()
                .filter(cell -> cell.shape().getEnvelopeInternal().contains(at)
                        && SimplePointInAreaLocator.locate(at, cell.shape()) == Location.INTERIOR)
                .findFirst()
                .map(BulkCell::panels)
                .orElse(List.of());
    }

    private boolean isHeld(int panel, Coordinate inside) {
        Vector3D onSheet = form.placed().get(panel).motion().inverse().apply(inside.x, inside.y, 0);
        Geometry there = form.placed()
                .get(panel)
                .shadow()
                .getFactory()
                .createPoint(new Coordinate(onSheet.getX(), onSheet.getY()));
        return glue.stream()
                .anyMatch(area -> area.panel() == panel && area.shape().distance(there) < HELD);
    }
}
