package vantbreeze.core.build;

import java.util.Comparator;
import java.util.List;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.partial.Part;
import vantbreeze.core.fold.partial.SampledPose;

/** What is put together by then in a pose, looked at from somewhere, with what is meant lit. */
final class Shot {

    private final Part part;
    private final SampledPose pose;
    private final List<String> stocks;
    private final Eye eye;
    private final Comparator<Integer> lowest;
    private final Consumer<Scene> draw;
    private @Nullable Scene scene;

    /**
     * @param stocks of each piece of the card, what it is made of
     * @param lowest of panels that lie on one another in no way that is known, which is the lower one
     * @param draw what is on it
     */
    Shot(Part part, SampledPose pose, List<String> stocks, Eye eye, Comparator<Integer> lowest, Consumer<Scene> draw) {
        this.part = part;
        this.pose = pose;
        this.stocks = stocks;
        this.eye = eye;
        this.lowest = lowest;
        this.draw = draw;
    }

    /** The same turned by the maker. */
    Shot turned(Turn turn) {
        return turn.equals(Turn.NONE) ? this : new Shot(part, pose, stocks, eye.turned(turn), lowest, draw);
    }

    private Scene scene() {
        Scene drawn = scene;
        if (drawn == null) {
            drawn = new Scene(part, pose, stocks, eye, lowest);
            draw.accept(drawn);
            scene = drawn;
        }
        return drawn;
    }

    /** How much of what is meant is seen, mm². */
    double lit() {
        return scene().lit();
    }

    StepPicture picture() {
        return scene().picture(pose.name());
    }
}
