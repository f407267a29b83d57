package vantbreeze.app.api;

import vantbreeze.core.fold.Spot;

/** A point on a piece or on the table, millimetres, y upwards. */
public record PointView(double x, double y) {

    static PointView of(Spot spot) {
        return new PointView(spot.x().millimetres(), spot.y().millimetres());
    }
}
