package vantbreeze.core.fold;

import java.util.List;

/**
 * A way round through hinges and joins that comes back to the panel it began at.
 *
 * @param panels the panels on the way, by index
 * @param gap the farthest that going round puts a point of the last panel off its place, millimetres; nil when it
 *     closes
 */
public record LoopGap(List<Integer> panels, double gap) {

    public LoopGap {
        panels = List.copyOf(panels);
    }

    /** The loop in words, panel by panel. */
    public String inWords(FoldGraph graph) {
        return String.join(", ", panels.stream().map(graph::name).toList());
    }
}
