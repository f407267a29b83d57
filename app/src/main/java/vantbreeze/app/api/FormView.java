package vantbreeze.app.api;

import java.util.Arrays;
import java.util.List;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.PlacedPanel;
import vantbreeze.core.fold.motion.Frame;
import vantbreeze.core.plan.WorkedForm;

/**
 * How a card folds.
 *
 * @param closed the panels as they lie in the closed card, the lowest first
 * @param frames for each step from open to closed, for each panel, a column-major 4 × 4 matrix
 */
public record FormView(List<ClosedPanelView> closed, List<List<double[]>> frames) {

    /** A panel in the closed card, by its number; {@code faceUp} when its decorated side is seen. */
    public record ClosedPanelView(int panel, boolean faceUp, List<PointView> corners) { }

    static FormView of(WorkedForm form) {
        return new FormView(form.fromBelow().stream().map(panel -> closed(form.closed(), panel)).toList(),
                form.motion().frames().stream().map(FormView::frame).toList());
    }

    /** The matrices of one step. */
    static List<double[]> frame(Frame frame) {
        return frame.panels().stream()
                .map(motion -> Arrays.stream(motion.columns()).map(FormView::toAMillionth).toArray()).toList();
    }

    private static ClosedPanelView closed(FoldedForm form, int panel) {
        PlacedPanel placed = form.placed().get(panel);
        List<PointView> corners = placed.corners().stream()
                .map(corner -> new PointView(corner.getX() - form.left(), corner.getY() - form.bottom())).toList();
        return new ClosedPanelView(panel, placed.motion().showsFace(), corners);
    }

    /** Finer than any screen, and shorter to send. */
    private static double toAMillionth(double number) {
        return Math.round(number * 1e6) / 1e6;
    }
}
