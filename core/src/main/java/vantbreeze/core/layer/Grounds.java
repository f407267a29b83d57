package vantbreeze.core.layer;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.PlacedPanel;
import vantbreeze.core.fold.Remembered;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;

/**
 * Where each face of a card can be dressed: its panel without its holes, without where glue goes and without where something
 * slides. A strip or band that is glued across a panel by a part of itself is glued on the dressed panel, so the layer
 * beneath stays whole (common practice, no source); a narrow tab is glued to the card itself, so the layer ends beside it.
 */
public final class Grounds {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final Remembered<Assembly, Grounds> KNOWN = new Remembered<>(16, assembly -> new Grounds(FoldGraph.of(assembly)));
    /** A part smaller than this share of its panel is not worth a layer; from memory. */
    private static final double WORTH = 0.12;
    /** A part narrower than this is not worth one either, mm; from memory. */
    private static final double NARROWEST = 8;
    /** Glue on more of a panel than this share leaves nothing to dress; from memory. */
    private static final double MOSTLY = 0.5;
    /** A glued panel on one hinge that is no wider is a tab, mm: ½ in holds (common practice, no source), and then some. */
    private static final double TAB = 20;
    private static final double NEAR = 1e-6;

    private final FoldGraph graph;
    private final List<GlueArea> glue;
    private final Map<Face, Ground> byFace = new TreeMap<>();

    private Grounds(FoldGraph graph) {
        this.graph = graph;
        this.glue = GlueArea.of(graph);
        for (int panel = 0; panel < graph.panels().size(); panel++) {
            for (Side side : Side.values()) {
                Face face = new Face(panel, side);
                byFace.put(face, ground(face));
            }
        }
    }

    /** The grounds of {@code graph}, remembered while the card stays as it is. */
    public static Grounds of(FoldGraph graph) {
        return KNOWN.of(graph.assembly());
    }

    /** One face's. */
    public Ground of(Face face) {
        return byFace.get(face);
    }

    /** All faces that can be dressed. */
    public List<Face> free() {
        return byFace.values().stream().filter(Ground::isFree).map(Ground::face).toList();
    }

    /** Where glue goes on the face and keeps a layer away. */
    List<Polygon> glueOn(Face face) {
        return glue.stream().filter(area -> area.panel() == face.panel() && area.side() == face.side() && !liesOnLayer(area))
                .map(GlueArea::shape).toList();
    }

    /** Where something slides over the face. */
    List<Polygon> slidesOver(Face face) {
        List<Polygon> swept = new ArrayList<>();
        for (Link.Glued link : graph.joins()) {
            if (link.join().slides()) {
                if (link.to() == face.panel()) {
                    swept.add(graph.panels().get(face.panel()).shape());
                } else if (link.from() == face.panel()) {
                    Envelope across = graph.panels().get(link.from()).shape().getEnvelopeInternal();
                    Envelope strip = new PlacedPanel(graph.panels().get(link.to()), link.motion(0)).shadow().getEnvelopeInternal();
                    Geometry band = FACTORY.toGeometry(new Envelope(across.getMinX(), across.getMaxX(), strip.getMinY(), strip.getMaxY()));
                    swept.addAll(Inset.polygons(graph.panels().get(face.panel()).shape().intersection(band)));
                }
            }
        }
        return swept;
    }

    /** The folds along a panel's edges. */
    List<LineString> folds(int panel) {
        return graph.hinges().stream().filter(link -> link.from() == panel || link.to() == panel)
                .map(link -> line(link.hinge().line())).toList();
    }

    private Ground ground(Face face) {
        Panel panel = graph.panels().get(face.panel());
        boolean bends = graph.hinges().stream().anyMatch(link -> link.hinge().fold() == Fold.BEND && (link.from() == face.panel() || link.to() == face.panel()));
        if (bends) {
            return new Ground(face, List.of(), false);
        }
        List<Polygon> glued = glueOn(face);
        double covered = glued.stream().mapToDouble(Polygon::getArea).sum();
        if (covered > MOSTLY * panel.area()) {
            return new Ground(face, List.of(), true);
        }
        Geometry left = panel.shape();
        for (List<Spot> opening : graph.assembly().pieces().get(graph.pieceOf().get(face.panel())).openings()) {
            left = without(left, polygon(opening));
        }
        for (Polygon area : glued) {
            left = without(left, area);
        }
        for (Polygon path : slidesOver(face)) {
            left = without(left, path);
        }
        List<LineString> folds = folds(face.panel());
        List<Polygon> parts = Inset.polygons(left).stream().flatMap(part -> SlitCuts.of(part, folds).stream())
                .filter(part -> isWorth(part, panel)).sorted(Comparator.comparingDouble(Polygon::getArea).reversed()).toList();
        return new Ground(face, parts, false);
    }

    private static Geometry without(Geometry shape, Polygon taken) {
        return shape.getEnvelopeInternal().intersects(taken.getEnvelopeInternal()) ? shape.difference(taken) : shape;
    }

    private static boolean isWorth(Polygon part, Panel panel) {
        Envelope box = part.getEnvelopeInternal();
        return part.getArea() >= WORTH * panel.area() && Math.min(box.getWidth(), box.getHeight()) >= NARROWEST;
    }

    /** Whether the glue is that of a strip laid across the panel, on its layers. */
    private boolean liesOnLayer(GlueArea area) {
        boolean receives = graph.joins().stream().anyMatch(link -> link.from() == area.panel() && link.join().onSide() == area.side() && link.to() == area.other());
        if (!receives || area.shape().getArea() > MOSTLY * graph.panels().get(area.panel()).area()) {
            return false;
        }
        return !isTab(area.other());
    }

    private boolean isTab(int panel) {
        Envelope box = graph.panels().get(panel).shape().getEnvelopeInternal();
        long hinges = graph.hinges().stream().filter(link -> link.from() == panel || link.to() == panel).count();
        double glued = glue.stream().filter(area -> area.panel() == panel).mapToDouble(area -> area.shape().getArea()).sum();
        return hinges == 1 && Math.min(box.getWidth(), box.getHeight()) <= TAB && glued > 0.9 * graph.panels().get(panel).area();
    }

    private static LineString line(Stretch stretch) {
        return FACTORY.createLineString(new Coordinate[] {at(stretch.from()), at(stretch.to())});
    }

    private static Polygon polygon(List<Spot> corners) {
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            ring[i] = at(corners.get(i % corners.size()));
        }
        return FACTORY.createPolygon(ring);
    }

    static Coordinate at(Spot spot) {
        return new Coordinate(spot.x().millimetres(), spot.y().millimetres());
    }
}
