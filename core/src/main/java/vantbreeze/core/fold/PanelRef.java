package vantbreeze.core.fold;

/**
 * A panel named from outside.
 *
 * @param piece which piece of the assembly, from 0
 * @param panel its name there
 */
public record PanelRef(int piece, String panel) {}
