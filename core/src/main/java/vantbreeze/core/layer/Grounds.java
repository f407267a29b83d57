package vantbreeze.core.layer;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.LruCache;
import vantbreeze.core.fold.PlacedPanel;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Precision;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Where each face of a card can be dressed: its panel without its holes, without where a joint carries the card and
 * without where something slides. Bands, springs, tiers, toppers and inserts are glued on the dressed panel, so the
 * layer beneath stays whole; where glue goes on the card itself, the layer is the plain rectangle that is left beside
 * it, or lies whole over what is glued there: over the tape that holds film. Nobody cuts a notch or a hole into a layer
 * because something is glued there (common practice, no source).
 */
public final class Grounds {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final PrecisionModel GRID = new PrecisionModel(1 / Precision.SAME_PLACE);
    private static final LruCache<Asked, Grounds> KNOWN = new LruCache<>(16);

    /** Less paper than this is a rounding, mm². */
    private static final double A_SPECK = 1;

    private final FoldGraph graph;
    private final Allowances allowances;
    private final FlatSheets flat;
    private final GlueBeds beds;
    private final Map<Face, Ground> found = new ConcurrentHashMap<>();
    /** The parts of panels of which nothing is taken away: they are the same on both faces. */
    private final Map<Integer, List<Polygon>> untouched = new ConcurrentHashMap<>();

    /** A card, and which of its soft places bend. */
    private record Asked(Assembly assembly, Set<Integer> bent, Allowances allowances, Map<JoinId, Bed> beds) {}

    private Grounds(FoldGraph graph, Set<Integer> bent, Allowances allowances, Map<JoinId, Bed> beds) {
        this.graph = graph;
        this.allowances = allowances;
        this.flat = new FlatSheets(graph, bent);
        this.beds = new GlueBeds(graph, flat, allowances, beds);
    }

    /**
     * The grounds of {@code graph}, remembered while the card stays as it is.
     *
     * @param bent the hinges that are not scored and bend in some pose, by index; others of the kind only divide what
     *     stays flat, and a layer lies across them
     * @param beds what is glued otherwise than usual
     */
    public static Grounds of(FoldGraph graph, Set<Integer> bent, Allowances allowances, Map<JoinId, Bed> beds) {
        return KNOWN.of(
                new Asked(graph.assembly(), Set.copyOf(bent), allowances, beds),
                () -> new Grounds(graph, bent, allowances, beds));
    }

    /** The panels that lie flat with this one, itself among them: one paper can be laid across them. */
    public List<Integer> sheet(int panel) {
        return flat.of(panel);
    }

    /** All of the paper that stays flat with a panel, on its sheet. */
    public Geometry shape(int panel) {
        return flat.shape(panel);
    }

    /** The folds along a panel's edges. */
    List<LineString> folds(int panel) {
        return flat.folds(panel);
    }

    /** One face's. */
    public Ground of(Face face) {
        return found.computeIfAbsent(face, this::ground);
    }

    /** All faces that can be dressed. */
    public List<Face> free() {
        return IntStream.range(0, graph.panels().size())
                .boxed()
                .flatMap(panel -> Arrays.stream(Side.values()).map(side -> new Face(panel, side)))
                .filter(face -> of(face).isFree())
                .toList();
    }

    /** Where glue goes on the face and keeps a layer away. */
    List<Polygon> glueOn(Face face) {
        return glued(face, Bed.CARD).map(GlueArea::shape).toList();
    }

    private Stream<GlueArea> glued(Face face, Bed bed) {
        List<Integer> sheet = sheet(face.panel());
        return beds.glue().stream()
                .filter(area -> sheet.contains(area.panel()) && area.side() == face.side() && beds.of(area) == bed);
    }

    /** What is glued on a face and hidden by the layers that lie whole over it. */
    public List<GlueArea> under(Face face) {
        return glued(face, Bed.UNDER).toList();
    }

    /** Where something laid on a face comes on the panel itself, and not on what lies under its layers. */
    public List<Polygon> onPanel(Face face, Polygon laid) {
        Geometry left = laid;
        for (GlueArea area : under(face)) {
            left = without(left, area.shape());
        }
        return Inset.polygons(left).stream()
                .filter(part -> part.getArea() > A_SPECK)
                .toList();
    }

    /** Where something slides over the face. */
    List<Polygon> slidesOver(Face face) {
        List<Polygon> swept = new ArrayList<>();
        List<Integer> sheet = sheet(face.panel());
        Geometry shape = shape(face.panel());
        for (Link.Glued link : graph.joins()) {
            if (link.join().slides()) {
                if (sheet.contains(link.to())) {
                    swept.addAll(Inset.polygons(shape));
                } else if (sheet.contains(link.from())) {
                    Envelope across = shape.getEnvelopeInternal();
                    Envelope strip = new PlacedPanel(graph.panels().get(link.to()), link.motion(0))
                            .shadow()
                            .getEnvelopeInternal();
                    Geometry band = FACTORY.toGeometry(
                            new Envelope(across.getMinX(), across.getMaxX(), strip.getMinY(), strip.getMaxY()));
                    swept.addAll(Inset.polygons(shape.intersection(band)));
                }
            }
        }
        return swept;
    }

    private Ground ground(Face face) {
        if (!flat.bears(face.panel())) {
            return new Ground(face, List.of(), false);
        }
        List<Polygon> glued = glueOn(face);
        Geometry shape = shape(face.panel());
        Geometry left = shape;
        if (glued.stream().mapToDouble(Polygon::getArea).sum()
                >= share(Allowance.GLUED_AWAY) * shape.getArea() * (1 - Precision.ROUNDING)) {
            return new Ground(face, List.of(), true);
        }
        for (Polygon area : glued) {
            left = without(left, area);
        }
        for (Polygon path : slidesOver(face)) {
            left = without(left, path);
        }
        @SuppressWarnings("ReferenceEquality") // nothing was taken off: it is still the very same
        List<Polygon> parts = left == shape
                ? untouched.computeIfAbsent(face.panel(), panel -> parts(panel, shape, shape))
                : parts(face.panel(), shape, left).stream()
                        .flatMap(part -> PlainRectangle.in(part).stream())
                        .filter(part -> isWorth(part, shape.getArea()))
                        .toList();
        return new Ground(face, parts, false);
    }

    /** What is left of a panel of this shape, parted by its slits. */
    private List<Polygon> parts(int panel, Geometry shape, Geometry left) {
        double whole = shape.getArea();
        List<LineString> folds = folds(panel);
        return Inset.polygons(left).stream()
                .flatMap(part -> SlitCuts.of(part, folds).stream())
                .filter(part -> isWorth(part, whole))
                // of equal ones the left, then the lower: the polygonizer gives them in any order
                .sorted(Comparator.comparingDouble(Polygon::getArea)
                        .reversed()
                        .thenComparingDouble(part -> part.getEnvelopeInternal().getMinX())
                        .thenComparingDouble(part -> part.getEnvelopeInternal().getMinY()))
                .toList();
    }

    /** Along a slanted edge that both share doubles would leave a hair of paper: brought to a grid, it is none. */
    private Geometry without(Geometry shape, Polygon taken) {
        return shape.getEnvelopeInternal().intersects(taken.getEnvelopeInternal())
                ? OverlayNG.overlay(shape, taken, OverlayNG.DIFFERENCE, GRID)
                : shape;
    }

    private boolean isWorth(Polygon part, double whole) {
        Envelope box = part.getEnvelopeInternal();
        return part.getArea() >= share(Allowance.WORTH_DRESSING) * whole
                && Math.min(box.getWidth(), box.getHeight())
                        >= allowances.of(Allowance.NARROWEST_GROUND).millimetres();
    }

    /** Where something is glued on a panel's layers. */
    public List<GlueArea> onLayers() {
        return beds.glue().stream().filter(area -> beds.of(area) == Bed.MAT).toList();
    }

    /**
     * What is glued on a face, whether on its layers or on the bare card: joins by index, with what each is glued on.
     */
    public Map<Integer, Bed> gluedOn(Face face) {
        Map<Integer, Bed> glued = new LinkedHashMap<>();
        beds.glue().stream()
                .filter(area -> area.panel() == face.panel() && area.side() == face.side())
                .forEach(area -> beds.received(area).forEach(join -> glued.put(join, beds.of(area))));
        return glued;
    }

    /**
     * Whether layers can lie whole over what is glued by a join.
     *
     * @param join by index
     * @see HiddenTab
     */
    public boolean couldLieUnder(int join) {
        return beds.couldLieUnder(join);
    }

    /** What is allowed in hundredths, as a part of one. */
    private double share(Allowance.OfNumber allowance) {
        return allowances.of(allowance) / 100;
    }
}
