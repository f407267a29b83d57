package vantbreeze.core.fold.bulk;

import org.locationtech.jts.geom.Coordinate;

/**
 * An edge in sight on a closed card, of a panel that swings open when something pushes against that edge: its hinge
 * lies on the other side, and nothing holds it down.
 *
 * @param panel whose edge, by its index
 * @param name what the panel is called
 * @param middle where the edge is, on the table, millimetres
 * @param length how much of it is loose, millimetres
 * @param facesUp whether it faces the head of the card, else its foot
 */
public record LooseEdge(int panel, String name, Coordinate middle, double length, boolean facesUp) {}
