package vantbreeze.core.build;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
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
import org.locationtech.jts.math.Vector3D;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import vantbreeze.core.build.StepPicture.Patch;
import vantbreeze.core.build.StepPicture.Seen;
import vantbreeze.core.build.StepPicture.Stroke;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.partial.Part;
import vantbreeze.core.fold.partial.SampledPose;
import vantbreeze.core.layer.Layer;

/** A part of a card in a pose as it is seen: paper, folds and slits, layers, film, and where glue goes. */
final class Scene {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final Part part;
    private final Eye eye;
    private final Materials materials;
    private final VisiblePanels panels;
    private final List<Patch> patches = new ArrayList<>();
    private final List<Stroke> strokes = new ArrayList<>();

    /**
     * @param eye from where
     * @param lowest of panels that lie on one another in no way that is known, which is the lower one
     */
    Scene(Part part, SampledPose pose, Materials materials, Eye eye, Comparator<Integer> lowest) {
        this.part = part;
        this.materials = materials;
        this.eye = eye;
        this.panels = new VisiblePanels(part, pose, eye, lowest);
    }

    /** At a face of a part in a pose: square where all of it lies in one plane. */
    static Eye eye(SampledPose pose, Face face, Eye.Tilt tilt) {
        Rigid own = pose.frame().panels().get(face.panel());
        Rigid back = own.inverse();
        boolean isFlat = pose.frame().panels().stream()
                .map(motion -> back.after(motion))
                .allMatch(motion -> Math.abs(motion.apply(0, 0, 0).getZ()) < VisiblePanels.TOUCHING
                        && Math.abs(motion.zz()) > 1 - 1e-6);
        return Eye.at(own, face.side(), isFlat ? Eye.Tilt.SQUARE : tilt);
    }

    private int here(int panelOfCard) {
        for (int i = 0; i < panels.count(); i++) {
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
            Geometry whole = Overlays.union(sheet.stream().map(panels::visible).toList());
            add(
                    Seen.of(panels.piece(first)),
                    materials.stocks().get(piece(first)),
                    eye.side(panels.motion(first)) == Side.BACK,
                    whole);
        });
        part.graph().hinges().forEach(this::fold);
        for (int i = 0; i < panels.count(); i++) {
            slits(i);
        }
        layers.forEach(layer -> layer(layer, Seen.LAYER));
        return this;
    }

    /** Panels of a piece that lie in one plane, side by side: one paper. */
    private List<List<Integer>> sheets() {
        Map<List<Object>, List<Integer>> sheets = new LinkedHashMap<>();
        for (int i = 0; i < panels.count(); i++) {
            sheets.computeIfAbsent(List.of(piece(i), panels.motion(i)), key -> new ArrayList<>())
                    .add(i);
        }
        return List.copyOf(sheets.values());
    }

    /** Slits along a panel's edges. */
    private void slits(int panel) {
        Piece piece = panels.piece(panel);
        Geometry edge = part.graph().panels().get(panel).shape().getBoundary();
        for (Stretch slit : piece.slits()) {
            LineString line = FACTORY.createLineString(
                    new Coordinate[] {slit.from().millimetres(), slit.to().millimetres()});
            Geometry along = Overlays.overlay(edge, line, OverlayNG.INTERSECTION);
            boolean isSeen = !panels.visible(panel).isEmpty() && along.getLength() > 1;
            if (isSeen) {
                Coordinate[] ends = along.getCoordinates();
                strokes.add(new Stroke(
                        StepPicture.Line.SLIT,
                        null,
                        false,
                        at(panels.motion(panel), ends[0]),
                        at(panels.motion(panel), ends[ends.length - 1])));
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
        Rigid motion = panels.motion(link.from());
        Coordinate start = at(motion, link.hinge().line().from().millimetres());
        Coordinate stop = at(motion, link.hinge().line().to().millimetres());
        LineString line = FACTORY.createLineString(new Coordinate[] {start, stop});
        Geometry shown = Overlays.overlay(
                Overlays.overlay(
                        panels.visible(link.from()).buffer(0.3),
                        panels.visible(link.to()).buffer(0.3),
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
        if (panel >= 0 && eye.side(panels.motion(panel)) == layer.face().side()) {
            Polygon shape = eye.see(panels.motion(panel), layer.shape());
            Set<Integer> under = materials.under().apply(layer.face());
            Geometry shown = seen(shape, i -> isOneSheet(i, panel) || under.contains(part.inCard(i)));
            add(seen, layer.choice().paper(), layer.choice().otherSide(), shown);
        }
        return this;
    }

    /** Where glue goes. */
    Scene glue(Face face, Polygon area) {
        int panel = here(face.panel());
        if (panel >= 0 && eye.side(panels.motion(panel)) == face.side()) {
            add(Seen.GLUE, "", false, seen(eye.see(panels.motion(panel), area), i -> isOneSheet(i, panel)));
        }
        return this;
    }

    /** What of an area is seen where it lies on some panels. */
    private Geometry seen(Polygon area, IntPredicate some) {
        Geometry left = FACTORY.createPolygon();
        for (int i = 0; i < panels.count(); i++) {
            if (some.test(i)) {
                left = Overlays.overlay(
                        left, Overlays.area(panels.visible(i), area, OverlayNG.INTERSECTION), OverlayNG.UNION);
            }
        }
        return left;
    }

    /** Whether two panels are one flat sheet. */
    private boolean isOneSheet(int one, int other) {
        List<Integer> pieces = part.graph().pieceOf();
        return one == other
                || (pieces.get(one).equals(pieces.get(other))
                        && panels.motion(one).equals(panels.motion(other)));
    }

    private void add(Seen seen, String stockId, boolean otherSide, Geometry shape) {
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            if (shape.getGeometryN(i) instanceof Polygon patch && patch.getArea() > VisiblePanels.A_SPECK) {
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
    double seen(IntPredicate some) {
        return IntStream.range(0, panels.count())
                .filter(i -> some.test(part.inCard(i)))
                .mapToDouble(i -> panels.visible(i).getArea())
                .sum();
    }

    /** Layers that are laid after one another cover what lies beneath: they are drawn in that order; film over all. */
    StepPicture picture(String from) {
        List<Patch> drawn = new ArrayList<>(patches);
        drawn.sort(Comparator.comparing(patch -> patch.seen() == Seen.FILM));
        return new StepPicture(drawn, strokes, from, room());
    }

    /** The ball round all of it, as it is seen. */
    private Envelope room() {
        List<Vector3D> corners = new ArrayList<>();
        for (int i = 0; i < panels.count(); i++) {
            for (Coordinate corner : part.graph().panels().get(i).shape().getCoordinates()) {
                corners.add(panels.motion(i).apply(corner.x, corner.y, 0));
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
