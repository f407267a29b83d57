package vantbreeze.core.fold.order;

import java.util.List;
import org.locationtech.jts.geom.Geometry;

/**
 * Panels that lie in one plane because the creases between them stay open.
 *
 * @param index its place among the facets
 * @param panels the panels, by their index in the fold graph
 * @param shape where it lies in the flat form, millimetres
 * @param faceUp whether its decorated side is up
 */
record Facet(int index, List<Integer> panels, Geometry shape, boolean faceUp) { }
