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
     * A field set.
     *
     * @param text as a maker would write it
     */
    public record Step(String field, String text) {}

    public WayOut {
        steps = List.copyOf(steps);
    }

    /** One measure set. */
    public static WayOut of(String label, String field, String text) {
        return new WayOut(label, List.of(new Step(field, text)));
    }
}
