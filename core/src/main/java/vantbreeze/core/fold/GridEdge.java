package vantbreeze.core.fold;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;

/** A noded line on the grid of units, the same whichever way it is run. */
record GridEdge(long x1, long y1, long x2, long y2) {

    static GridEdge of(Coordinate a, Coordinate b) {
        boolean inOrder = a.compareTo(b) <= 0;
        Coordinate first = inOrder ? a : b;
        Coordinate second = inOrder ? b : a;
        return new GridEdge(Math.round(first.x), Math.round(first.y), Math.round(second.x), Math.round(second.y));
    }

    LineString line(GeometryFactory factory) {
        return factory.createLineString(new Coordinate[] {new Coordinate(x1, y1), new Coordinate(x2, y2)});
    }
}
