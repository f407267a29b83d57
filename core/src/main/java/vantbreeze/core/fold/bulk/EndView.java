package vantbreeze.core.fold.bulk;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.DoubleStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.core.fold.plane.Chord;
import vantbreeze.core.length.Precision;

/**
 * The closed stack cut straight across where it is thickest, seen from its end: every layer in its true order.
 *
 * @param height how far up the closed card it is cut, millimetres on the table
 * @param layers from the left, of those at one place from below
 */
public record EndView(double height, List<Layer> layers) {

    /** Shorter stretches are rounding, mm. */
    private static final double LEAST = Precision.ALIKE;

    public EndView {
        layers = List.copyOf(layers);
    }

    /**
     * A stretch of one panel.
     *
     * @param panel by index
     * @param from its left end, millimetres on the table
     * @param to its right end
     * @param bottom how high its lower side lies, millimetres
     * @param top how high its upper side lies
     */
    public record Layer(int panel, double from, double to, double bottom, double top) {}

    /**
     * A stretch that is equally thick.
     *
     * @param from its left end, millimetres on the table
     * @param to its right end
     * @param thickness of all that lies there, millimetres
     */
    public record Thick(double from, double to, double thickness) {}

    /** The stack of {@code bulk} where it is thickest, each panel with all that lies on it. */
    public static EndView of(BulkMap bulk) {
        return at(bulk.worst().shape().getInteriorPoint().getY(), bulk.cells());
    }

    /**
     * A stack cut so far up.
     *
     * @param height millimetres on the table
     * @param cells of what it is made up
     */
    public static EndView at(double height, List<BulkCell> cells) {
        List<Layer> layers = new ArrayList<>();
        for (BulkCell cell : cells) {
            Envelope box = cell.shape().getEnvelopeInternal();
            if (box.getMinY() > height || box.getMaxY() < height) {
                continue;
            }
            Coordinate left = new Coordinate(box.getMinX() - 1, height);
            double across = box.getWidth() + 2;
            for (Chord passage : Chord.of(left, new Coordinate(left.x + across, height), cell.shape(), 0)) {
                if (across * (passage.ends() - passage.begins()) > LEAST) {
                    stacked(cell, left.x + across * passage.begins(), left.x + across * passage.ends(), layers);
                }
            }
        }
        layers.sort(Comparator.comparingDouble(Layer::from).thenComparingDouble(Layer::bottom));
        return new EndView(height, joined(layers));
    }

    /** How thick it is where, from the left. */
    public List<Thick> profile() {
        double[] ends = layers.stream()
                .flatMapToDouble(layer -> DoubleStream.of(layer.from, layer.to))
                .sorted()
                .toArray();
        List<Thick> profile = new ArrayList<>();
        for (int i = 1; i < ends.length; i++) {
            double from = ends[i - 1];
            double to = ends[i];
            if (to - from > LEAST) {
                double middle = (from + to) / 2;
                layers.stream()
                        .filter(layer -> layer.from < middle && layer.to > middle)
                        .mapToDouble(Layer::top)
                        .max()
                        .ifPresent(top -> profile.add(new Thick(from, to, top)));
            }
        }
        return profile;
    }

    private static void stacked(BulkCell cell, double from, double to, List<Layer> layers) {
        double at = 0;
        for (int i = 0; i < cell.panels().size(); i++) {
            at += i > 0 && i == cell.panels().size() - 1 ? cell.air() : 0;
            double top = at + cell.heights().get(i);
            layers.add(new Layer(cell.panels().get(i), from, to, at, top));
            at = top;
        }
    }

    /** Stretches of one panel that meet at one height are one. */
    private static List<Layer> joined(List<Layer> layers) {
        List<Layer> joined = new ArrayList<>();
        for (Layer layer : layers) {
            int before = -1;
            for (int i = 0; i < joined.size(); i++) {
                Layer other = joined.get(i);
                boolean meets = other.panel == layer.panel
                        && Math.abs(other.to - layer.from) < LEAST
                        && Math.abs(other.bottom - layer.bottom) < Precision.ROUNDING
                        && Math.abs(other.top - layer.top) < Precision.ROUNDING;
                before = meets ? i : before;
            }
            if (before < 0) {
                joined.add(layer);
            } else {
                Layer other = joined.get(before);
                joined.set(before, new Layer(other.panel, other.from, layer.to, other.bottom, other.top));
            }
        }
        return joined;
    }
}
