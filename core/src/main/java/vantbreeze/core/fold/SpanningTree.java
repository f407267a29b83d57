package vantbreeze.core.fold;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;

/**
 * The links by which each panel is reached from the base, breadth first, and those left over, each of which closes a
 * loop.
 *
 * @param steps in the order in which panels are reached; what hangs on nothing is in none
 * @param closing the links left over, each from the panel that was reached first
 */
public record SpanningTree(FoldGraph graph, List<Step> steps, List<Step> closing) {

    public SpanningTree {
        steps = List.copyOf(steps);
        closing = List.copyOf(closing);
    }

    /** One link followed, along its own direction or against it. */
    public record Step(Link link, boolean along) {

        /** The panel it comes from. */
        public int parent() {
            return along ? link.from() : link.to();
        }

        /** The panel it comes to. */
        public int child() {
            return along ? link.to() : link.from();
        }

        /** Where the child is when the parent is there and the link reads so much, degrees or millimetres. */
        public Rigid place(Rigid parent, double reading) {
            Rigid motion = link.motion(reading);
            return parent.after(along ? motion : motion.inverse());
        }
    }

    static SpanningTree of(FoldGraph graph) {
        List<List<Link>> links = graph.linksByPanel();
        List<Step> steps = new ArrayList<>();
        List<Step> closing = new ArrayList<>();
        Set<Link> used = Collections.newSetFromMap(new IdentityHashMap<>());
        boolean[] isReached = new boolean[graph.panels().size()];
        Deque<Integer> reached = new ArrayDeque<>(List.of(graph.base()));
        isReached[graph.base()] = true;
        while (!reached.isEmpty()) {
            int at = reached.remove();
            for (Link link : links.get(at)) {
                if (!used.add(link)) {
                    continue;
                }
                Step step = new Step(link, link.from() == at);
                if (isReached[step.child()]) {
                    closing.add(step);
                } else {
                    isReached[step.child()] = true;
                    steps.add(step);
                    reached.add(step.child());
                }
            }
        }
        return new SpanningTree(graph, steps, closing);
    }

    /** For each panel, the step that reaches it; null for the base and for what hangs on nothing. */
    public Step[] stepTo() {
        Step[] to = new Step[graph.panels().size()];
        steps.forEach(step -> to[step.child()] = step);
        return to;
    }

    /** For each panel, the hinges between it and the base, from the base on. */
    public List<List<Step>> hingeWays() {
        List<List<Step>> ways =
                new ArrayList<>(Collections.nCopies(graph.panels().size(), List.of()));
        for (Step step : steps) {
            List<Step> before = ways.get(step.parent());
            if (step.link() instanceof Link.Folded) {
                List<Step> way = new ArrayList<>(before);
                way.add(step);
                ways.set(step.child(), way);
            } else {
                ways.set(step.child(), before);
            }
        }
        return ways;
    }
}
