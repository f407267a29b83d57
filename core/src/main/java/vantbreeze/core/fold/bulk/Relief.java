package vantbreeze.core.fold.bulk;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.PlacedPanel;

/**
 * What a fold that wraps other panels wants: they should be shorter than what holds them by the thickness wrapped,
 * about one caliper a layer (common practice, no source).
 *
 * @param hinge the fold, by its index
 * @param wrapped the panels between its two, by index
 * @param millimetres how much shorter they should be
 */
public record Relief(int hinge, List<Integer> wrapped, double millimetres) {

    public Relief {
        wrapped = List.copyOf(wrapped);
    }

    /**
     * The reliefs that a closed card wants, one for each fold that wraps anything; what lies on a wrapped panel is
     * wrapped with it.
     */
    public static List<Relief> of(FoldedForm form, BulkMap bulk) {
        List<Relief> reliefs = new ArrayList<>();
        for (Link.Folded link : form.graph().hinges()) {
            Set<Integer> wrapped = new TreeSet<>();
            double thickest = 0;
            for (BulkCell cell : bulk.places()) {
                int one = cell.panels().indexOf(link.from());
                int other = cell.panels().indexOf(link.to());
                if (one >= 0 && other >= 0) {
                    int first = Math.min(one, other) + 1;
                    int end = Math.max(one, other);
                    wrapped.addAll(cell.panels().subList(first, end));
                    thickest = Math.max(
                            thickest,
                            cell.heights().subList(first, end).stream()
                                    .mapToDouble(Double::doubleValue)
                                    .sum());
                }
            }
            if (!wrapped.isEmpty()) {
                reliefs.add(new Relief(link.index(), List.copyOf(wrapped), thickest));
            }
        }
        return reliefs;
    }

    /**
     * Whether what is wrapped would be pushed past what holds it: it reaches from the fold so nearly as far as the
     * panels that the fold is between.
     */
    public boolean shows(FoldedForm form) {
        Link.Folded link = form.graph().hinges().get(hinge);
        PlacedPanel placed = form.placed().get(link.from());
        LineSegment fold = new LineSegment(
                flat(placed.motion().apply(link.hinge().line().from())),
                flat(placed.motion().apply(link.hinge().line().to())));
        double holds = Math.max(reach(form, link.from(), fold), reach(form, link.to(), fold));
        return wrapped.stream().anyMatch(panel -> reach(form, panel, fold) > holds - millimetres);
    }

    private static double reach(FoldedForm form, int panel, LineSegment fold) {
        return form.placed().get(panel).corners().stream()
                .mapToDouble(corner -> fold.distancePerpendicular(flat(corner)))
                .max()
                .orElse(0);
    }

    private static Coordinate flat(Vector3D at) {
        return new Coordinate(at.getX(), at.getY());
    }

    /** The same, so many times as much. */
    public Relief times(double factor) {
        return new Relief(hinge, wrapped, millimetres * factor);
    }
}
