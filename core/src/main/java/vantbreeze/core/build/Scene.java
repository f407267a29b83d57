package vantbreeze.core.build;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.geom.util.PolygonExtracter;
import org.locationtech.jts.math.Vector3D;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.UnaryUnionNG;
import vantbreeze.core.build.StepPicture.Patch;
import vantbreeze.core.build.StepPicture.Seen;
import vantbreeze.core.build.StepPicture.Stroke;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.partial.Part;
import vantbreeze.core.fold.partial.SampledPose;
import vantbreeze.core.layer.Layer;

/**
 * A part of a card in a pose as it is seen: of each panel what no other hides. Of two panels that are seen at the same
 * place the nearer one is told there, by an exact overlay of what both cover; so the picture is right wherever panels
 * do not pass through one another.
 */
final class Scene {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** Less than this of paper is no patch, mm². */
    private static final double A_SPECK = 0.2;

    /**
     * Grid on which areas are laid over one another, so that no crack stays between sheets, and panels seen nearly
     * edge-on are no trouble: a ten thousandth of a millimetre.
     */
    private static final PrecisionModel GRID = new PrecisionModel(1e4);

    /** Nearer than this paper lies on paper, mm. */
    private static final double TOUCHING = 0.3;

    private final Part part;
    private final SampledPose pose;
    private final Eye eye;
    private final Materials materials;
    private final List<Geometry> visible = new ArrayList<>();
    private final List<Patch> patches = new ArrayList<>();
    private final List<Stroke> strokes = new ArrayList<>();

    /**
     * @param eye from where
     * @param lowest of panels that lie on one another in no way that is known, which is the lower one
     */
    Scene(Part part, SampledPose pose, Materials materials, Eye eye, Comparator<Integer> lowest) {
        this.part = part;
        this.pose = pose;
        this.materials = materials;
        this.eye = eye;
        List<Polygon> seen = new ArrayList<>();
        for (int i = 0; i < panels(); i++) {
            seen.add(eye.see(motion(i), part.graph().panels().get(i).shape()));
            visible.add(FACTORY.createPolygon());
        }
        List<Integer> order = fromFar(seen, lowest);
        for (int place = 0; place < order.size(); place++) {
            Geometry left = seen.get(order.get(place));
            for (int nearer : order.subList(place + 1, order.size())) {
                Polygon before = seen.get(nearer);
                if (before.getEnvelopeInternal().intersects(left.getEnvelopeInternal())) {
                    left = area(left, before, OverlayNG.DIFFERENCE);
                }
            }
            visible.set(order.get(place), left);
        }
    }

    /** Panels that are seen at all, the farthest first. */
    private List<Integer> fromFar(List<Polygon> seen, Comparator<Integer> lowest) {
        List<Integer> left = new ArrayList<>();
        for (int i = 0; i < panels(); i++) {
            if (seen.get(i).getArea() > A_SPECK) {
                left.add(i);
            }
        }
        left.sort(lowest);
        Map<Integer, Set<Integer>> behind = new HashMap<>();
        left.forEach(one -> behind.put(one, new HashSet<>()));
        for (int i = 0; i < left.size(); i++) {
            for (int j = i + 1; j < left.size(); j++) {
                int one = left.get(i);
                int other = left.get(j);
                int nearer = nearer(one, other, seen);
                if (nearer > 0) {
                    requireNonNull(behind.get(one)).add(other);
                } else if (nearer < 0) {
                    requireNonNull(behind.get(other)).add(one);
                }
            }
        }
        List<Integer> order = new ArrayList<>();
        while (!left.isEmpty()) {
            // where they lie on one another in a ring, the first of them goes first
            int next = left.stream()
                    .filter(one -> order.containsAll(requireNonNull(behind.get(one))))
                    .findFirst()
                    .orElse(left.get(0));
            order.add(next);
            left.remove(Integer.valueOf(next));
        }
        return order;
    }

    /**
     * Over 0 where one panel is nearer than another, under 0 where that is, 0 where they hide nothing of one another.
     */
    private int nearer(int one, int other, List<Polygon> seen) {
        if (!seen.get(one).getEnvelopeInternal().intersects(seen.get(other).getEnvelopeInternal())) {
            return 0;
        }
        Geometry common = area(seen.get(one), seen.get(other), OverlayNG.INTERSECTION);
        if (common.getArea() < A_SPECK) {
            return 0;
        }
        Coordinate place = common.getInteriorPoint().getCoordinate();
        double nearer = eye.near(motion(one), place) - eye.near(motion(other), place);
        return Math.abs(nearer) > TOUCHING ? (nearer > 0 ? 1 : -1) : lies(one, other);
    }

    private int panels() {
        return part.graph().panels().size();
    }

    private Rigid motion(int panel) {
        return pose.frame().panels().get(panel);
    }

    /** At a face of a part in a pose: square where all of it lies in one plane. */
    static Eye eye(SampledPose pose, Face face, Eye.Tilt tilt) {
        Rigid own = pose.frame().panels().get(face.panel());
        Rigid back = own.inverse();
        boolean isFlat = pose.frame().panels().stream()
                .map(motion -> back.after(motion))
                .allMatch(motion ->
                        Math.abs(motion.apply(0, 0, 0).getZ()) < TOUCHING && Math.abs(motion.zz()) > 1 - 1e-6);
        return Eye.at(own, face.side(), isFlat ? Eye.Tilt.SQUARE : tilt);
    }

    private static Geometry overlay(Geometry one, Geometry other, int how) {
        return OverlayNG.overlay(one, other, how, GRID);
    }

    /** What has an area of what two areas share, or of one without the other: where they only touch nothing is left. */
    private static Geometry area(Geometry one, Geometry other, int how) {
        Geometry left = overlay(one, other, how);
        return left.getDimension() < 2
                ? FACTORY.createPolygon()
                : FACTORY.buildGeometry(PolygonExtracter.getPolygons(left));
    }

    /** Of two panels that touch: as they are glued or folded to one another; 0 where they are neither. */
    private int lies(int one, int other) {
        for (Link link : part.graph().links()) {
            boolean isTo = link.to() == one && link.from() == other;
            boolean isFrom = link.from() == one && link.to() == other;
            if (link instanceof Link.Glued glued && (isTo || isFrom)) {
                Side carries = isTo ? glued.join().onSide() : glued.join().gluedSide();
                return carries == eye.side(motion(other)) ? 1 : -1;
            }
            if (link instanceof Link.Folded fold && (isTo || isFrom)) {
                double degrees = pose.frame().degrees().get(fold.index());
                return (degrees > 0 ? Side.FACE : Side.BACK) == eye.side(motion(other)) ? 1 : -1;
            }
        }
        return 0;
    }

    private int here(int panelOfCard) {
        for (int i = 0; i < panels(); i++) {
            if (part.inCard(i) == panelOfCard) {
                return i;
            }
        }
        return -1;
    }

    /** The paper, its folds, and the layers that lie on it already. */
    Scene drawn(List<Layer> layers) {
        sheets().forEach(sheet -> {
            int first = sheet.get(0);
            Geometry whole = UnaryUnionNG.union(sheet.stream().map(visible::get).toList(), FACTORY, GRID);
            add(Seen.PAPER, materials.stocks().get(piece(first)), eye.side(motion(first)) == Side.BACK, whole);
        });
        part.graph().hinges().forEach(this::fold);
        for (int i = 0; i < panels(); i++) {
            slits(i);
        }
        layers.forEach(layer -> layer(layer, Seen.LAYER));
        return this;
    }

    /** Panels of a piece that lie in one plane, side by side: one paper. */
    private List<List<Integer>> sheets() {
        Map<List<Object>, List<Integer>> sheets = new LinkedHashMap<>();
        for (int i = 0; i < panels(); i++) {
            sheets.computeIfAbsent(List.of(piece(i), motion(i)), key -> new ArrayList<>())
                    .add(i);
        }
        return List.copyOf(sheets.values());
    }

    /** Slits along a panel's edges. */
    private void slits(int panel) {
        Piece piece =
                part.graph().assembly().pieces().get(part.graph().pieceOf().get(panel));
        Geometry edge = part.graph().panels().get(panel).shape().getBoundary();
        for (Stretch slit : piece.slits()) {
            LineString line = FACTORY.createLineString(
                    new Coordinate[] {slit.from().millimetres(), slit.to().millimetres()});
            Geometry along = overlay(edge, line, OverlayNG.INTERSECTION);
            boolean isSeen = !visible.get(panel).isEmpty() && along.getLength() > 1;
            if (isSeen) {
                Coordinate[] ends = along.getCoordinates();
                strokes.add(new Stroke(
                        StepPicture.Line.SLIT,
                        null,
                        false,
                        at(motion(panel), ends[0]),
                        at(motion(panel), ends[ends.length - 1])));
            }
        }
    }

    private int piece(int panel) {
        return part.pieces().get(part.graph().pieceOf().get(panel));
    }

    private void fold(Link.Folded link) {
        Fold fold = link.hinge().fold();
        if (fold == Fold.BEND) {
            return;
        }
        Rigid motion = motion(link.from());
        Coordinate start = at(motion, link.hinge().line().from().millimetres());
        Coordinate stop = at(motion, link.hinge().line().to().millimetres());
        LineString line = FACTORY.createLineString(new Coordinate[] {start, stop});
        Geometry shown = overlay(
                overlay(
                        visible.get(link.from()).buffer(0.3),
                        visible.get(link.to()).buffer(0.3),
                        OverlayNG.UNION),
                line,
                OverlayNG.INTERSECTION);
        Fold seen = eye.side(motion) == Side.FACE ? fold : otherWay(fold);
        for (int i = 0; i < shown.getNumGeometries(); i++) {
            if (shown.getGeometryN(i) instanceof LineString stretch && stretch.getLength() > 1) {
                strokes.add(new Stroke(
                        StepPicture.Line.FOLD,
                        seen,
                        false,
                        stretch.getCoordinateN(0),
                        stretch.getCoordinateN(stretch.getNumPoints() - 1)));
            }
        }
    }

    private Coordinate at(Rigid motion, Coordinate place) {
        return eye.see(motion, place.x, place.y);
    }

    static Fold otherWay(Fold fold) {
        return switch (fold) {
            case VALLEY -> Fold.MOUNTAIN;
            case MOUNTAIN -> Fold.VALLEY;
            case UNASSIGNED, BEND -> fold;
        };
    }

    /** A layer, where its face is seen. */
    Scene layer(Layer layer, Seen seen) {
        int panel = here(layer.face().panel());
        if (panel >= 0 && eye.side(motion(panel)) == layer.face().side()) {
            Polygon shape = eye.see(motion(panel), layer.shape());
            Geometry shown = hidden(panel, shape);
            for (int under : materials.under().apply(layer.face())) {
                if (here(under) >= 0) {
                    shown = overlay(
                            shown, area(visible.get(here(under)), shape, OverlayNG.INTERSECTION), OverlayNG.UNION);
                }
            }
            add(seen, layer.choice().paper(), layer.choice().otherSide(), shown);
        }
        return this;
    }

    /** Where glue goes. */
    Scene glue(Face face, Polygon area) {
        int panel = here(face.panel());
        if (panel >= 0 && eye.side(motion(panel)) == face.side()) {
            add(Seen.GLUE, "", false, hidden(panel, eye.see(motion(panel), area)));
        }
        return this;
    }

    /** What of something on a panel is seen; on other panels of the same flat sheet too. */
    private Geometry hidden(int panel, Polygon seen) {
        Geometry left = FACTORY.createPolygon();
        FoldGraph graph = part.graph();
        for (int i = 0; i < panels(); i++) {
            boolean isSheet = i == panel
                    || (graph.pieceOf().get(i).equals(graph.pieceOf().get(panel))
                            && motion(i).equals(motion(panel)));
            if (isSheet) {
                left = overlay(left, area(visible.get(i), seen, OverlayNG.INTERSECTION), OverlayNG.UNION);
            }
        }
        return left;
    }

    private void add(Seen seen, String stockId, boolean otherSide, Geometry shape) {
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            if (shape.getGeometryN(i) instanceof Polygon patch && patch.getArea() > A_SPECK) {
                patches.add(new Patch(seen, stockId, otherSide, patch));
            }
        }
    }

    /** How much of what is meant is seen, mm². */
    double lit() {
        return patches.stream()
                .filter(patch -> patch.seen() == Seen.GLUE || patch.seen() == Seen.LIT_LAYER)
                .mapToDouble(patch -> patch.shape().getArea())
                .sum();
    }

    /** How much is seen of some panels, as the card counts them, mm². */
    double seen(IntPredicate panels) {
        return IntStream.range(0, panels())
                .filter(i -> panels.test(part.inCard(i)))
                .mapToDouble(i -> visible.get(i).getArea())
                .sum();
    }

    /** Layers that are laid after one another cover what lies beneath: they are drawn in that order. */
    StepPicture picture(String from) {
        return new StepPicture(patches, strokes, from, room());
    }

    /** The ball round all of it, as it is seen. */
    private Envelope room() {
        List<Vector3D> corners = new ArrayList<>();
        for (int i = 0; i < panels(); i++) {
            for (Coordinate corner : part.graph().panels().get(i).shape().getCoordinates()) {
                corners.add(motion(i).apply(corner.x, corner.y, 0));
            }
        }
        Vector3D middle = new Vector3D(
                middle(corners, Vector3D::getX), middle(corners, Vector3D::getY), middle(corners, Vector3D::getZ));
        double radius = corners.stream()
                .mapToDouble(corner -> corner.subtract(middle).length())
                .max()
                .orElse(0);
        Coordinate seen = new Coordinate(middle.dot(eye.right()), middle.dot(eye.up()));
        return new Envelope(seen.x - radius, seen.x + radius, seen.y - radius, seen.y + radius);
    }

    private static double middle(List<Vector3D> corners, ToDoubleFunction<Vector3D> along) {
        DoubleSummaryStatistics all = corners.stream().mapToDouble(along).summaryStatistics();
        return (all.getMin() + all.getMax()) / 2;
    }

    /** Layers of faces that are dressed. */
    static List<Layer> on(List<Layer> all, Set<Face> dressed) {
        return all.stream().filter(layer -> dressed.contains(layer.face())).toList();
    }
}
