package vantbreeze.core.layer;

import java.util.List;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.die.Die;
import vantbreeze.core.die.DieFrame;
import vantbreeze.core.die.Dies;

/**
 * Which dies cut out what goes on a ground, in the middle of it.
 *
 * @param beneath what lies there, on its panel's sheet, millimetres
 * @param up which way is up there, degrees anticlockwise from across
 * @param dies what is on hand
 */
public record DieFit(Polygon beneath, double up, Dies dies) {

    /** As much may reach over as nobody sees, mm². */
    private static final double NOTHING = 0.05;

    /** Those that go on it, the largest first. */
    public List<Die> single() {
        return dies.all().stream()
                .filter(this::fits)
                .sorted((one, other) -> Double.compare(area(other), area(one)))
                .toList();
    }

    /** Those that go on it one on another with an even border, so many at a time; the largest first. */
    public List<DieFrame> frames(int layers) {
        return Dies.frames(layers, single());
    }

    private boolean fits(Die die) {
        return switch (die.shape()) {
            case EDGE -> false;
            case CIRCLE, OVAL, SQUARE, RECTANGLE, LABEL ->
                Dresser.cutOut(die.shape(), die.size(), beneath, Dresser.square(up))
                                .difference(beneath)
                                .getArea()
                        < NOTHING;
        };
    }

    private static double area(Die die) {
        return die.size().width().millimetres() * die.size().height().millimetres();
    }
}
