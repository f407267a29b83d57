package vantbreeze.core.build;

import java.util.Comparator;
import java.util.function.Consumer;
import java.util.function.IntPredicate;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.partial.Part;
import vantbreeze.core.fold.partial.SampledPose;

/** What is put together by then in a pose, looked at from somewhere, with what is meant lit. */
final class Shot {

    private final Part part;
    private final SampledPose pose;
    private final Materials materials;
    private final Eye eye;
    private final Comparator<Integer> lowest;
    private final Consumer<Scene> draw;
    private @Nullable Scene scene;

    /**
     * @param lowest of panels that lie on one another in no way that is known, which is the lower one
     * @param draw what is on it
     */
    Shot(Part part, SampledPose pose, Materials materials, Eye eye, Comparator<Integer> lowest, Consumer<Scene> draw) {
        this.part = part;
        this.pose = pose;
        this.materials = materials;
        this.eye = eye;
        this.lowest = lowest;
        this.draw = draw;
    }

    /** The same turned by the maker. */
    Shot turned(Turn turn) {
        return turn.equals(Turn.NONE) ? this : new Shot(part, pose, materials, eye.turned(turn), lowest, draw);
    }

    private Scene scene() {
        Scene drawn = scene;
        if (drawn == null) {
            drawn = new Scene(part, pose, materials, eye, lowest);
            draw.accept(drawn);
            scene = drawn;
        }
        return drawn;
    }

    /** How much of what is meant is seen, mm². */
    double lit() {
        return scene().lit();
    }

    /** How much is seen of some of the card's panels, mm². */
    double seen(IntPredicate panels) {
        return scene().seen(panels);
    }

    StepPicture picture() {
        return scene().picture(pose.name());
    }
}
