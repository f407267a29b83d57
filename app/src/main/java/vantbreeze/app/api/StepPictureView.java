package vantbreeze.app.api;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.core.build.PaperColours;
import vantbreeze.core.build.StepPicture;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.plan.WorkedPlan;

/**
 * What a step looks like, millimetres, up is up.
 *
 * @param patches in the order in which they are drawn
 * @param from where it is seen from, in words; empty where nothing is seen
 * @param room where it stays, however it is turned; null for what can't be
 */
public record StepPictureView(
        List<PatchView> patches, List<StrokeView> strokes, BoxView box, String from, @Nullable BoxView room) {

    /** The rectangle round all of it. */
    public record BoxView(double left, double foot, double width, double height) {

        static BoxView of(Envelope box) {
            return box.isNull()
                    ? new BoxView(0, 0, 0, 0)
                    : new BoxView(box.getMinX(), box.getMinY(), box.getWidth(), box.getHeight());
        }
    }

    /** Something with an area, and the colour of its paper; none where glue goes. */
    public record PatchView(StepPicture.Seen seen, @Nullable String colour, ShapeView shape) {}

    /** A line. */
    public record StrokeView(StepPicture.Line line, @Nullable Fold fold, boolean lit, PointView from, PointView to) {}

    static StepPictureView of(StepPicture picture, WorkedPlan card) {
        PaperColours colours = new PaperColours(card);
        return new StepPictureView(
                picture.patches().stream()
                        .map(patch -> new PatchView(
                                patch.seen(), colours.of(patch).orElse(null), ShapeView.of(patch.shape())))
                        .toList(),
                picture.strokes().stream()
                        .map(stroke -> new StrokeView(
                                stroke.line(),
                                stroke.fold(),
                                stroke.isLit(),
                                point(stroke.start()),
                                point(stroke.stop())))
                        .toList(),
                BoxView.of(picture.box()),
                picture.from(),
                picture.room() == null ? null : BoxView.of(picture.room()));
    }

    private static PointView point(Coordinate at) {
        return new PointView(at.x, at.y);
    }
}
