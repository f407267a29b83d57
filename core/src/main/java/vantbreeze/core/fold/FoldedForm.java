package vantbreeze.core.fold;

import java.util.ArrayDeque;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/**
 * Where every panel is when a piece takes a pose: the base lies still, the others follow from hinge to hinge.
 *
 * @param placed the panels, in the order of {@link Panels#all}
 * @param closureError the farthest that two ways round a loop put a panel apart, millimetres; nil when the pose is possible
 */
public record FoldedForm(List<PlacedPanel> placed, double closureError) {

    /** How near to closed a card is taken to be when it is asked which panel lies above which. */
    private static final double NEARLY_CLOSED = 0.99;

    public FoldedForm {
        placed = List.copyOf(placed);
    }

    /** The form that {@code panels} take in {@code pose}. */
    public static FoldedForm of(Panels panels, Pose pose) {
        Map<Panel, Rigid> motions = new HashMap<>();
        Deque<Panel> reached = new ArrayDeque<>();
        motions.put(panels.base(), Rigid.NONE);
        reached.add(panels.base());
        double error = 0;
        while (!reached.isEmpty()) {
            Panel from = reached.remove();
            for (Hinge hinge : panels.hingesOf(from)) {
                Panel to = hinge.across(from);
                Rigid motion = motions.get(from).after(Rigid.about(hinge.seenFrom(to), pose.degreesAt(hinge)));
                Rigid known = motions.putIfAbsent(to, motion);
                if (known == null) {
                    reached.add(to);
                } else {
                    error = Math.max(error, gap(to, known, motion));
                }
            }
        }
        return new FoldedForm(panels.all().stream()
                .filter(motions::containsKey)
                .map(panel -> new PlacedPanel(panel, motions.get(panel))).toList(), error);
    }

    /** Width and height of what the form covers on the table, to the nearest unit. */
    public Size footprint() {
        return new Size(Length.nearest(right() - left()), Length.nearest(top() - bottom()));
    }

    /** The panels of a closed card from the lowest to the uppermost, as they come to lie on one another. */
    public static List<Panel> fromBelow(Panels panels) {
        return of(panels, Pose.partly(NEARLY_CLOSED)).placed().stream()
                .sorted(Comparator.comparingDouble(PlacedPanel::height))
                .map(PlacedPanel::panel).toList();
    }

    /** The left edge of what it covers, millimetres. */
    public double left() {
        return corners().mapToDouble(Vector3D::getX).min().orElse(0);
    }

    /** The lower edge of what it covers, millimetres. */
    public double bottom() {
        return corners().mapToDouble(Vector3D::getY).min().orElse(0);
    }

    private double right() {
        return corners().mapToDouble(Vector3D::getX).max().orElse(0);
    }

    private double top() {
        return corners().mapToDouble(Vector3D::getY).max().orElse(0);
    }

    private Stream<Vector3D> corners() {
        return placed.stream().flatMap(panel -> panel.corners().stream());
    }

    /** How far apart two ways round a loop put the same panel. */
    private static double gap(Panel panel, Rigid one, Rigid other) {
        return panel.corners().stream()
                .mapToDouble(corner -> one.apply(corner).subtract(other.apply(corner)).length()).max().orElse(0);
    }
}
