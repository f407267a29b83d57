package vantbreeze.core.layer;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.operation.overlayng.UnaryUnionNG;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/**
 * One paper across several faces: cut as one piece for all of them as they lie side by side, then split where they
 * part.
 */
public record Run(FoldGraph graph, Grounds grounds, List<FoldedForm> flats, List<Face> faces) {

    /** Flaps meet with a hair between; wider apart they are not side by side, mm. */
    private static final double HAIR = 1.7;

    /** The pose in which they lie side by side, all seen from the same side, or null. */
    private @Nullable FoldedForm pose() {
        return flats.stream()
                .filter(this::showsAll)
                .filter(form -> outline(form) != null)
                .findFirst()
                .orElse(null);
    }

    private boolean showsAll(FoldedForm form) {
        long up = faces.stream()
                .filter(face -> form.placed().get(face.panel()).motion().showsFace() == (face.side() == Side.FACE))
                .count();
        return up == 0 || up == faces.size();
    }

    /** The outline of all faces together, the hair between them closed; null when they do not touch. */
    private @Nullable Polygon outline(FoldedForm form) {
        List<Geometry> grown = new ArrayList<>();
        for (Face face : faces) {
            Ground ground = grounds.of(face);
            if (!ground.isFree()) {
                return null;
            }
            Polygon placed = placed(
                    ground.parts().get(0), form.placed().get(face.panel()).motion());
            if (grown.stream()
                    .anyMatch(other ->
                            other.intersection(placed).getArea() > 2 * HAIR * HAIR + HAIR * placed.getLength() / 2)) {
                return null;
            }
            grown.addAll(Inset.of(placed, -HAIR / 2));
        }
        List<Polygon> whole = Inset.polygons(UnaryUnionNG.union(grown, new PrecisionModel(1e6)));
        if (whole.size() != 1) {
            return null;
        }
        List<Polygon> back = Inset.of(whole.get(0), HAIR / 2);
        return back.size() == 1 ? back.get(0) : null;
    }

    void lay(Dresser dresser, int index, Dressed dressed, List<Layer> layers, List<Trouble> troubles) {
        FoldedForm form = pose();
        if (form == null) {
            troubles.add(new Trouble.Apart(faces));
            return;
        }
        Polygon beneath = requireNonNull(outline(form));
        for (int level = 0; level < dressed.layers().size(); level++) {
            LayerChoice choice = dressed.layers().get(level);
            Polygon whole = inset(dresser, beneath, choice);
            if (whole == null) {
                troubles.add(new Trouble.Eaten(faces.get(0), level, choice.border()));
                return;
            }
            for (Face face : inPatternOrder(form)) {
                Rigid motion = form.placed().get(face.panel()).motion();
                Polygon part = placed(grounds.of(face).parts().get(0), motion);
                List<Polygon> mine = Inset.polygons(whole.intersection(part));
                for (Polygon shape : mine) {
                    Polygon onSheet = placed(shape, motion.inverse());
                    layers.add(new Layer(
                            index,
                            level,
                            0,
                            face,
                            choice,
                            dresser.paper(face, choice, troubles),
                            onSheet,
                            choice.border(),
                            choice.border(),
                            angle(motion.inverse())));
                }
            }
            beneath = whole;
        }
    }

    /** From left to right as they are seen, whichever was ticked first. */
    private List<Face> inPatternOrder(FoldedForm form) {
        boolean fromAbove = form.placed().get(faces.get(0).panel()).motion().showsFace()
                == (faces.get(0).side() == Side.FACE);
        return faces.stream()
                .sorted(Comparator.comparingDouble(face -> {
                    double across = form.placed()
                            .get(face.panel())
                            .shadow()
                            .getCentroid()
                            .getX();
                    return fromAbove ? across : -across;
                }))
                .toList();
    }

    private static @Nullable Polygon inset(Dresser dresser, Polygon beneath, LayerChoice choice) {
        Upright upright = Upright.of(beneath);
        if (upright != null) {
            Upright inset = upright.inset(choice.border(), dresser.ruler(), List.of());
            return inset == null ? null : inset.polygon(beneath);
        }
        List<Polygon> left = Inset.of(beneath, choice.border().millimetres());
        return left.stream()
                .reduce((one, other) -> one.getArea() >= other.getArea() ? one : other)
                .orElse(null);
    }

    /** Where up, in the pose, points on the sheet. */
    private static double angle(Rigid back) {
        return Math.toDegrees(Math.atan2(back.yy(), back.xy()));
    }

    private static Polygon placed(Polygon shape, Rigid motion) {
        return (Polygon) motion.shadow(shape).norm();
    }

    /** How large the whole piece is that is cut for layers of one run at one level, as it stands. */
    static Size span(List<Layer> layers, FoldedForm form) {
        double minX = Double.MAX_VALUE;
        double minY = Double.MAX_VALUE;
        double maxX = -Double.MAX_VALUE;
        double maxY = -Double.MAX_VALUE;
        for (Layer layer : layers) {
            var box = placed(
                            layer.shape(),
                            form.placed().get(layer.face().panel()).motion())
                    .getEnvelopeInternal();
            minX = Math.min(minX, box.getMinX());
            minY = Math.min(minY, box.getMinY());
            maxX = Math.max(maxX, box.getMaxX());
            maxY = Math.max(maxY, box.getMaxY());
        }
        return new Size(Length.nearest(maxX - minX), Length.nearest(maxY - minY));
    }

    /** The pose of a run, for what its whole piece measures. */
    static @Nullable FoldedForm poseOf(FoldGraph graph, Grounds grounds, List<FoldedForm> flats, List<Face> faces) {
        return new Run(graph, grounds, flats, faces).pose();
    }

    /**
     * The size that each paper which runs across several panels is cut to first, by its entry in the dressing and how
     * many layers lie beneath it.
     */
    public static Map<List<Integer>, Size> wholes(
            FoldGraph graph, Grounds grounds, List<FoldedForm> flats, Dressing dressing, Layers layers) {
        Map<List<Integer>, Size> wholes = new LinkedHashMap<>();
        for (int i = 0; i < dressing.all().size(); i++) {
            Dressed dressed = dressing.all().get(i);
            if (!dressed.runs()) {
                continue;
            }
            Map<Integer, List<Layer>> levels = new TreeMap<>();
            int entry = i;
            layers.all().stream().filter(layer -> layer.dressed() == entry).forEach(layer -> levels.computeIfAbsent(
                            layer.level(), level -> new ArrayList<>())
                    .add(layer));
            List<Face> faces = dressed.faces().stream()
                    .flatMap(name -> name.find(graph).stream())
                    .toList();
            levels.forEach((level, parts) -> wholes.put(
                    List.of(entry, level), span(parts, requireNonNull(poseOf(graph, grounds, flats, faces)))));
        }
        return wholes;
    }
}
