package vantbreeze.core.fold.motion;

import java.util.List;
import vantbreeze.core.fold.Rigid;

/**
 * A moment of a motion.
 *
 * @param degrees the angle at each hinge, by its index
 * @param panels where each panel is, by its index
 * @param gap how far the worst loop is from closed, mm; more than nil where rigid panels can't go
 */
public record Frame(List<Double> degrees, List<Rigid> panels, double gap) {

    public Frame {
        degrees = List.copyOf(degrees);
        panels = List.copyOf(panels);
    }
}
