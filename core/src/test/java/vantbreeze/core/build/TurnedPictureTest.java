package vantbreeze.core.build;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.data.Offset.offset;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.build.StepPicture.Patch;
import vantbreeze.core.build.StepPicture.Seen;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Side;
import vantbreeze.core.plan.KiteCards;

/** Pictures of steps, turned by the maker. */
class TurnedPictureTest {

    private static double paper(StepPicture picture) {
        return picture.patches().stream()
                .filter(patch -> patch.seen() == Seen.PAPER)
                .map(Patch::shape)
                .mapToDouble(Geometry::getArea)
                .sum();
    }

    /** By hand: from the right what went right goes away from the eye; from above what went up comes to it. */
    @Test
    void turnedAsideAndOver() {
        Eye square = Eye.at(Rigid.NONE, Side.FACE, Eye.Tilt.SQUARE);
        Eye right = square.turned(new Turn(90, 0));
        assertThat(right.towards().dot(square.right())).isCloseTo(1, offset(1e-9));
        assertThat(right.right().dot(square.towards())).isCloseTo(-1, offset(1e-9));
        Eye above = square.turned(new Turn(0, 90));
        assertThat(above.towards().dot(square.up())).isCloseTo(1, offset(1e-9));
        assertThat(above.up().dot(square.towards())).isCloseTo(-1, offset(1e-9));
        assertThat(square.turned(Turn.NONE)).isEqualTo(square);
        // seen from aside and below, what stands goes on standing while it is turned
        Eye tilted = Eye.at(Rigid.NONE, Side.FACE, new Eye.Tilt(24, 18));
        assertThat(tilted.turned(new Turn(70, 0)).right().dot(square.up())).isCloseTo(0, offset(1e-9));
        Eye any = tilted.turned(new Turn(-130, 35));
        List<Vector3D> axes = List.of(any.right(), any.up(), any.towards());
        for (int i = 0; i < axes.size(); i++) {
            for (int j = 0; j < axes.size(); j++) {
                assertThat(axes.get(i).dot(axes.get(j))).isCloseTo(i == j ? 1 : 0, offset(1e-9));
            }
        }
    }

    @Test
    void fartherThanRoundIsRefused() {
        assertThatThrownBy(() -> new Turn(181, 0)).hasMessageContaining("up to 180° aside");
        assertThatThrownBy(() -> new Turn(0, -181)).hasMessageContaining("aside and over");
    }

    /** What lies open on the board is seen as it lies. */
    @Test
    void anOpenPieceIsNotTurned() {
        BuildPlan building = KiteCards.dressed("pocket").of(BuildPlan.STAGE);
        StepPicture scored = building.picture(1, 0);
        assertThat((Object) scored.room()).isNull();
        assertThat(building.picture(1, 0, new Turn(40, 20)))
                .usingRecursiveComparison()
                .isEqualTo(scored);
    }

    /**
     * From before and from right behind a card covers as much of the picture, whichever of its panels are the nearer
     * ones (a parallel projection and its mirror image); it stays where there is room for it.
     *
     * @param step of a card, one that is seen in space
     */
    static void coversAsMuchFromBehind(BuildPlan building, int step, Turn before) {
        String what = building.steps().get(step).what() + before;
        Turn behind = new Turn(before.aside(), before.over() > 0 ? before.over() - 180 : before.over() + 180);
        StepPicture picture = building.picture(step, 0, before);
        assertThat(paper(building.picture(step, 0, behind))).as(what).isCloseTo(paper(picture), offset(2.0));
        Envelope room = requireNonNull(picture.room());
        assertThat(room.contains(picture.box())).as(what).isTrue();
        assertThat(room.getWidth())
                .as(what)
                .isCloseTo(requireNonNull(building.picture(step, 0).room()).getWidth(), offset(1e-6));
    }
}
