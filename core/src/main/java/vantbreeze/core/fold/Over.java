package vantbreeze.core.fold;

/**
 * Of two panels that the folds would let lie either way in the closed card, the one that the maker lays over the other:
 * folds in last, or tucks the other under.
 */
public record Over(PanelRef above, PanelRef below) {}
