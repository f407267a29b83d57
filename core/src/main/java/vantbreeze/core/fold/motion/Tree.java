package vantbreeze.core.fold.motion;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Link;

/**
 * The links by which each panel is reached from the base, and those left over, each of which closes a loop.
 *
 * @param steps in the order in which panels are reached
 * @param ways for each panel, the hinges between it and the base
 * @param closing the links left over
 */
record Tree(FoldGraph graph, List<Step> steps, List<List<Step>> ways, List<Link> closing) {

    /** One link followed, along its own direction or against it. */
    record Step(Link link, boolean along) {
        int parent() {
            return along ? link.from() : link.to();
        }

        int child() {
            return along ? link.to() : link.from();
        }
    }

    static Tree of(FoldGraph graph) {
        int count = graph.panels().size();
        List<List<Step>> ways = new ArrayList<>(Collections.nCopies(count, null));
        List<List<Step>> out = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            out.add(new ArrayList<>());
        }
        for (Link link : graph.links()) {
            out.get(link.from()).add(new Step(link, true));
            out.get(link.to()).add(new Step(link, false));
        }
        List<Step> steps = new ArrayList<>();
        List<Link> closing = new ArrayList<>();
        Set<Link> used = Collections.newSetFromMap(new IdentityHashMap<>());
        Deque<Integer> reached = new ArrayDeque<>(List.of(graph.base()));
        ways.set(graph.base(), List.of());
        while (!reached.isEmpty()) {
            int at = reached.remove();
            for (Step step : out.get(at)) {
                if (!used.add(step.link())) {
                    continue;
                }
                if (ways.get(step.child()) != null) {
                    closing.add(step.link());
                    continue;
                }
                List<Step> way = new ArrayList<>(ways.get(at));
                if (step.link() instanceof Link.Folded) {
                    way.add(step);
                }
                ways.set(step.child(), way);
                steps.add(step);
                reached.add(step.child());
            }
        }
        ways.replaceAll(way -> way == null ? List.of() : way);
        return new Tree(graph, steps, ways, closing);
    }
}
