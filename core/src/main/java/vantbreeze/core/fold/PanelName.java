package vantbreeze.core.fold;

/**
 * A name for the panel that holds a spot.
 *
 * @param within a spot inside the panel
 * @param name what the maker calls it
 */
public record PanelName(Spot within, String name) {}
