package vantbreeze.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.fold.sight.InSight;
import vantbreeze.core.fold.sight.Showing;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Structure;

class ShowingTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static WorkedPlan work(Structure structure) {
        return WORKSHOP.work(Plan.of(
                "Kite day",
                structure.id(),
                structure.proportioned(Size.ofMillimetres(150, 110), Ruler.MM_1),
                Ruler.MM_1));
    }

    private static Showing closed(WorkedPlan worked) {
        List<Showing> all = worked.sights().poses();
        return all.get(all.size() - 1);
    }

    private static Set<String> names(WorkedPlan worked, InSight seen) {
        return seen.panels().stream()
                .map(panel -> worked.form().graph().panels().get(panel).name())
                .collect(Collectors.toSet());
    }

    /** By hand: a closed Z-fold shows its leg and the half of the back beside it, from behind the back alone. */
    @Test
    void theZFoldShowsLegAndBack() {
        WorkedPlan worked = work(WORKSHOP.structure("z-fold"));
        assertThat(names(worked, closed(worked).front())).containsExactlyInAnyOrder("Leg", "Back");
        assertThat(names(worked, closed(worked).behind())).containsExactly("Back");
    }

    /** By hand: a closed gate shows its flaps; standing open also its back. */
    @Test
    void theGatefoldShowsItsFlapsAndOpenItsBack() {
        WorkedPlan worked = work(WORKSHOP.structure("gatefold"));
        assertThat(names(worked, closed(worked).front())).containsExactlyInAnyOrder("Left flap", "Right flap");
        assertThat(names(worked, worked.sights().poses().get(0).front())).contains("Back");
    }

    /** Each face of the never-ending card shows panels that the first does not. */
    @Test
    void everyFaceOfTheNeverEndingCardShowsOthers() {
        List<Showing> faces =
                work(WORKSHOP.structure("never-ending")).sights().poses().subList(1, 5);
        assertThat(faces).extracting(Showing::front).doesNotHaveDuplicates();
    }

    static List<Structure> all() {
        return Catalogue.full().all();
    }

    /** Something shows in every pose, before and behind; what is glued down on both sides never does. */
    @ParameterizedTest
    @MethodSource("all")
    void somethingShowsInEveryPose(Structure structure) {
        WorkedPlan worked = work(structure);
        assertThat(worked.sights().poses())
                .hasSize(worked.form().stations().size() + 1)
                .allSatisfy(showing -> {
                    assertThat(showing.front().faces()).as(showing.pose()).isNotEmpty();
                    assertThat(showing.behind().faces()).as(showing.pose()).isNotEmpty();
                });
    }
}
