package vantbreeze.core.fold.plane;

import java.util.Collection;
import java.util.function.Function;
import org.locationtech.jts.geom.Coordinate;

/** Rings for JTS, which wants the first corner again at the end. */
public final class Rings {

    private Rings() {}

    /**
     * The corners of a ring, closed.
     *
     * @param corners in turn, the first not again
     * @param at where each is
     * @throws java.util.NoSuchElementException when there is none
     */
    public static <T> Coordinate[] closed(Collection<T> corners, Function<? super T, Coordinate> at) {
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        int next = 0;
        for (T corner : corners) {
            ring[next++] = at.apply(corner);
        }
        ring[next] = at.apply(corners.iterator().next());
        return ring;
    }
}
