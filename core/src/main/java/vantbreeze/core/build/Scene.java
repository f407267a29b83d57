package vantbreeze.core.build;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
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

    /** Grid on which sheets are put together, so that no crack stays between them: a ten thousandth of a millimetre. */
    private static final double SCALE = 1e4;

    /** Nearer than this paper lies on paper, mm. */
    private static final double TOUCHING = 0.3;

    private final Part part;
    private final SampledPose pose;
    private final Eye eye;
    private final List<String> stocks;
    private final List<Geometry> visible = new ArrayList<>();
    private final List<Patch> patches = new ArrayList<>();
    private final List<Stroke> strokes = new ArrayList<>();

    /**
     * @param stocks of each piece of the card, what it is made of
     * @param face which face of the part is looked at
     */
    Scene(Part part, SampledPose pose, List<String> stocks, Face face) {
        this.part = part;
        this.pose = pose;
        this.stocks = stocks;
        Rigid own = motion(face.panel());
        this.eye = Eye.at(own, face.side(), isFlat(own));
        List<Polygon> seen = new ArrayList<>();
        for (int i = 0; i < panels(); i++) {
            seen.add(eye.see(motion(i), part.graph().panels().get(i).shape()));
        }
        for (int i = 0; i < panels(); i++) {
            visible.add(seen.get(i).getArea() < A_SPECK ? FACTORY.createPolygon() : visible(i, seen));
        }
    }

    private int panels() {
        return part.graph().panels().size();
    }

    private Rigid motion(int panel) {
        return pose.frame().panels().get(panel);
    }

    /** Whether all panels lie in the plane of one. */
    private boolean isFlat(Rigid own) {
        Rigid back = own.inverse();
        return pose.frame().panels().stream()
                .map(motion -> back.after(motion))
                .allMatch(motion ->
                        Math.abs(motion.apply(0, 0, 0).getZ()) < TOUCHING && Math.abs(motion.zz()) > 1 - 1e-6);
    }

    private Geometry visible(int panel, List<Polygon> seen) {
        Geometry left = seen.get(panel);
        for (int other = 0; other < panels() && !left.isEmpty(); other++) {
            Polygon before = seen.get(other);
            if (other == panel
                    || before.getArea() < A_SPECK
                    || !before.getEnvelopeInternal().intersects(left.getEnvelopeInternal())) {
                continue;
            }
            Geometry common = overlay(left, before, OverlayNG.INTERSECTION);
            if (common.getArea() > A_SPECK
                    && isBefore(other, panel, common.getInteriorPoint().getCoordinate())) {
                left = overlay(left, before, OverlayNG.DIFFERENCE);
            }
        }
        return left;
    }

    private static Geometry overlay(Geometry one, Geometry other, int how) {
        return OverlayNGRobust.overlay(one, other, how);
    }

    private boolean isBefore(int one, int other, Coordinate place) {
        double nearer = eye.near(motion(one), place) - eye.near(motion(other), place);
        return Math.abs(nearer) > TOUCHING ? nearer > 0 : liesOn(one, other);
    }

    /** Of two panels that touch: as they are glued or folded to one another; else the one that is counted later. */
    private boolean liesOn(int one, int other) {
        for (Link link : part.graph().links()) {
            boolean isTo = link.to() == one && link.from() == other;
            boolean isFrom = link.from() == one && link.to() == other;
            if (link instanceof Link.Glued glued && (isTo || isFrom)) {
                Side carries = isTo ? glued.join().onSide() : glued.join().gluedSide();
                return carries == eye.side(motion(other));
            }
            if (link instanceof Link.Folded fold && (isTo || isFrom)) {
                double degrees = pose.frame().degrees().get(fold.index());
                return (degrees > 0 ? Side.FACE : Side.BACK) == eye.side(motion(other));
            }
        }
        return one > other;
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
            Geometry whole =
                    UnaryUnionNG.union(sheet.stream().map(visible::get).toList(), FACTORY, new PrecisionModel(SCALE));
            add(Seen.PAPER, stocks.get(piece(first)), eye.side(motion(first)) == Side.BACK, whole);
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
                visible.get(link.from())
                        .buffer(0.3)
                        .union(visible.get(link.to()).buffer(0.3)),
                line,
                OverlayNG.INTERSECTION);
        if (shown.getLength() > 1) {
            Fold seen = eye.side(motion) == Side.FACE ? fold : otherWay(fold);
            strokes.add(new Stroke(StepPicture.Line.FOLD, seen, false, start, stop));
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
            add(
                    seen,
                    layer.choice().paper(),
                    layer.choice().otherSide(),
                    hidden(panel, eye.see(motion(panel), layer.shape())));
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
                left = left.union(overlay(visible.get(i), seen, OverlayNG.INTERSECTION));
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

    /** Layers that are laid after one another cover what lies beneath: they are drawn in that order. */
    StepPicture picture(String from) {
        return new StepPicture(patches, strokes, from);
    }

    /** Layers of faces that are dressed. */
    static List<Layer> on(List<Layer> all, Set<Face> dressed) {
        return all.stream().filter(layer -> dressed.contains(layer.face())).toList();
    }
}
