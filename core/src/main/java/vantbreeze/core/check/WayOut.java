package vantbreeze.core.check;

import java.util.List;

/**
 * What can be done where something is refused, at a click.
 *
 * @param label what it is called on a button
 * @param steps measures to set at once
 */
public record WayOut(String label, List<Step> steps) {

    /**
     * A measure set.
     *
     * @param text as a maker would write it
     */
    public record Step(String field, String text) {}

    public WayOut {
        steps = List.copyOf(steps);
    }
}
