package vantbreeze.app.api;

import java.util.List;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.sight.InSight;
import vantbreeze.core.plan.WorkedPlan;

/** The panels that show in a pose, by their names, from before and from behind. */
public record ShowingView(String pose, List<String> front, List<String> behind) {

    static List<ShowingView> of(WorkedPlan worked) {
        FoldGraph graph = worked.form().graph();
        return worked.sights().poses().stream()
                .map(showing ->
                        new ShowingView(showing.pose(), names(graph, showing.front()), names(graph, showing.behind())))
                .toList();
    }

    private static List<String> names(FoldGraph graph, InSight seen) {
        return seen.panels().stream()
                .map(panel -> graph.panels().get(panel).name())
                .distinct()
                .toList();
    }
}
