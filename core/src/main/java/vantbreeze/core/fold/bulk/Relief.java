package vantbreeze.core.fold.bulk;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Link;

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

    /** The same, so many times as much. */
    public Relief times(double factor) {
        return new Relief(hinge, wrapped, millimetres * factor);
    }
}
