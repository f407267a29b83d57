package vantbreeze.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.operation.overlayng.UnaryUnionNG;
import vantbreeze.core.build.StepPicture.Patch;
import vantbreeze.core.build.StepPicture.Seen;
import vantbreeze.core.edit.Dress;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Link;
import vantbreeze.core.layer.Bed;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.plan.Habit;
import vantbreeze.core.plan.KiteCards;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.structure.FloatingBook;

/** A kite book under an arch of acetate, whose tab is taped beneath a page: the mat there hides the tape. */
class HiddenTapeTest {

    private static final Plan BOOK =
            KiteCards.bare(KiteCards.WORKSHOP.structure("floating-book")).plan();

    private static final Plan ARCHED = BOOK.withMeasures(BOOK.measures().choosing(FloatingBook.OVER.id(), "acetate"));

    private static final WorkedPlan MATTED = KiteCards.WORKSHOP.work(matted(ARCHED));

    private static Link.Glued arch(FoldGraph graph) {
        return graph.joins().get(graph.joins().size() - 1);
    }

    private static Face page(FoldGraph graph) {
        return new Face(arch(graph).from(), arch(graph).join().onSide());
    }

    private static Plan matted(Plan plan) {
        FoldGraph graph = KiteCards.WORKSHOP.work(plan).form().graph();
        return new Dress.Put(
                        List.of(page(graph)), List.of(LayerChoice.of("paper-160", Length.ofMillimetres(2))), List.of())
                .on(plan, KiteCards.WORKSHOP)
                .plan();
    }

    private static int step(BuildPlan building, StepKind kind, String words) {
        return IntStream.range(0, building.steps().size())
                .filter(i -> building.steps().get(i).id().kind() == kind
                        && building.steps().get(i).what().contains(words))
                .findFirst()
                .orElseThrow();
    }

    /** Common practice, no source: film is taped before the mat that hides its tape, whatever the habit. */
    @Test
    void filmIsTapedBeforeTheMatThatHidesIt() {
        assertThat(MATTED.grounds().gluedOn(page(MATTED.form().graph()))).containsValue(Bed.UNDER);
        for (Habit habit : Habit.values()) {
            BuildPlan building = BuildPlan.of(MATTED, habit);
            assertThat(building.stuck()).isEmpty();
            assertThat(step(building, StepKind.GLUE, "Arch tab")).isLessThan(step(building, StepKind.LAY, "layer"));
            assertThat(new Replay(MATTED).wrongs(building.steps())).isEmpty();
        }
        BuildPlan building = MATTED.of(BuildPlan.STAGE);
        assertThat(building.rules()).extracting(Precedence::because).contains("that mat hides where Arch tab is glued");
    }

    /** The maker who likes to see the tab on the mat lays the mat first. */
    @Test
    void tapedOnTheMatItComesAfterIt() {
        int arch = MATTED.form().graph().joins().size() - 1;
        WorkedPlan card = KiteCards.WORKSHOP.work(new Dress.Bedded(List.of(arch), Bed.MAT)
                .on(MATTED.plan(), KiteCards.WORKSHOP)
                .plan());
        BuildPlan building = card.of(BuildPlan.STAGE);
        assertThat(step(building, StepKind.LAY, "layer")).isLessThan(step(building, StepKind.GLUE, "Arch tab"));
        assertThat(new Replay(card).wrongs(building.steps())).isEmpty();
    }

    /** By hand: the page's mat is 31 by 85 of what the struts leave of it, and nothing of it is hidden by the tab. */
    @Test
    void theMatIsSeenWholeOverTheTab() {
        BuildPlan building = MATTED.of(BuildPlan.STAGE);
        double lit = building.picture(step(building, StepKind.LAY, "layer"), 0).patches().stream()
                .filter(patch -> patch.seen() == Seen.LIT_LAYER)
                .map(Patch::shape)
                .mapToDouble(Geometry::getArea)
                .sum();
        double mat = MATTED.layers().all().get(0).shape().getArea();
        assertThat(mat).isEqualTo(31.0 * 85);
        // seen aslant it is a little less
        assertThat(lit).isBetween(0.75 * mat, mat + 1);
    }

    /** What film stands before is seen as on the same card without it; of the film, its other half lies behind it. */
    @Test
    void whatIsBehindFilmIsSeen() {
        StepPicture arched = standing(MATTED);
        Geometry film = union(arched, Seen.FILM);
        Geometry paper = union(arched, Seen.PAPER);
        Geometry without = union(standing(KiteCards.WORKSHOP.work(BOOK)), Seen.PAPER);
        assertThat(paper.symDifference(without).getArea()).isLessThan(1);
        assertThat(paper.intersection(film).getArea()).isGreaterThan(0.3 * film.getArea());
        assertThat(film.getArea()).isGreaterThan(1000);

        List<Boolean> isFilm = arched.patches().stream()
                .map(patch -> patch.seen() == Seen.FILM)
                .toList();
        assertThat(isFilm).isSorted().contains(true, false);
        assertThat(arched.patches().stream().filter(patch -> patch.seen() == Seen.FILM))
                .allMatch(patch -> new PaperColours(MATTED).of(patch).isEmpty());
    }

    /** Film that lies open is one sheet: it bends where it stands, but nobody scores or cuts it there. */
    @Test
    void filmThatLiesOpenIsOneSheet() {
        BuildPlan building = MATTED.of(BuildPlan.STAGE);
        int arch = step(building, StepKind.SCORE, "Arch");
        StepPicture open = building.picture(arch, 0);
        assertThat(open.patches()).extracting(Patch::seen).containsExactly(Seen.FILM);
        Geometry film = open.patches().get(0).shape();
        assertThat(film.getArea()).isEqualTo(film.getEnvelope().getArea());
        assertThat(open.strokes())
                .hasSameSizeAs(MATTED.pieces().get(MATTED.pieces().size() - 1).scores());
    }

    private static StepPicture standing(WorkedPlan card) {
        BuildPlan building = card.of(BuildPlan.STAGE);
        return building.picture(step(building, StepKind.CHECK, ""), 1);
    }

    private static Geometry union(StepPicture picture, Seen seen) {
        return UnaryUnionNG.union(
                picture.patches().stream()
                        .filter(patch -> patch.seen() == seen)
                        .<Geometry>map(Patch::shape)
                        .toList(),
                new GeometryFactory(),
                new PrecisionModel(1e4));
    }
}
