package vantbreeze.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.jgrapht.graph.DefaultEdge;
import org.jgrapht.graph.DirectedAcyclicGraph;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Habit;
import vantbreeze.core.plan.KiteCards;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.structure.Tent;

/** From bare sheets to the finished card: every step once, and each where it can be done. */
class BuildingTest {

    /** For each structure so many orders at random: with thirty structures more than two hundred. */
    private static final int AT_RANDOM = 7;

    private static Stream<Structure> structures() {
        return KiteCards.WORKSHOP.catalogue().all().stream();
    }

    private static List<StepId> ids(List<BuildStep> steps) {
        return steps.stream().map(BuildStep::id).toList();
    }

    private static BuildPlan building(String structure) {
        return BuildPlan.of(KiteCards.dressed(structure), Habit.FLAT_FIRST);
    }

    @TestFactory
    Stream<DynamicTest> whateverTheStructureAndTheHabit() {
        return structures()
                .flatMap(structure -> Stream.of(
                        DynamicTest.dynamicTest(structure.name(), () -> canBeBuilt(KiteCards.bare(structure))),
                        DynamicTest.dynamicTest(
                                structure.name() + ", dressed", () -> canBeBuilt(KiteCards.dressed(structure)))));
    }

    private static void canBeBuilt(WorkedPlan card) {
        Replay replay = new Replay(card);
        for (Habit habit : Habit.values()) {
            BuildPlan building = BuildPlan.of(card, habit);
            assertThat(building.stuck()).isEmpty();
            assertThat(ids(building.steps()))
                    .doesNotHaveDuplicates()
                    .hasSize(building.order().tasks().size());
            usesAllOnce(card, building);
            assertThat(replay.wrongs(building.steps())).isEmpty();
            assertThat(building.order().refusal(ids(building.steps()))).isEmpty();
        }
    }

    /** Every blank is cut, every face dressed and every join made once, as an independent count has it. */
    private static void usesAllOnce(WorkedPlan card, BuildPlan building) {
        assertThat(steps(building, StepKind.CUT).map(step -> step.id().of()))
                .containsExactlyInAnyOrderElementsOf(card.blanks().byStock().keySet());
        assertThat(steps(building, StepKind.CUT)
                        .mapToInt(step -> step.readings().size())
                        .sum())
                .isEqualTo(card.blanks().all().size());
        assertThat(steps(building, StepKind.LAY).map(step -> ((BuildStep.OfFace) step.subject()).face()))
                .containsExactlyInAnyOrderElementsOf(card.layers().faces());
        assertThat(Stream.of(StepKind.GLUE, StepKind.THREAD)
                        .flatMap(kind -> steps(building, kind))
                        .map(step -> ((BuildStep.OfJoin) step.subject()).join()))
                .containsExactlyInAnyOrderElementsOf(
                        JoinId.all(card.form().graph().assembly()));
    }

    private static Stream<BuildStep> steps(BuildPlan building, StepKind kind) {
        return building.steps().stream().filter(step -> step.id().kind() == kind);
    }

    /** What the planner lets through at random, the replay lets through too. */
    @TestFactory
    Stream<DynamicTest> ordersAtRandom() {
        return structures()
                .map(structure -> DynamicTest.dynamicTest(structure.name(), () -> {
                    BuildPlan building = BuildPlan.of(KiteCards.dressed(structure), Habit.FLAT_FIRST);
                    Replay replay = new Replay(building.card());
                    Random random = new Random(structure.id().hashCode());
                    for (int i = 0; i < AT_RANDOM; i++) {
                        List<BuildStep> order = atRandom(building, random);
                        assertThat(order).hasSameSizeAs(building.steps());
                        assertThat(building.order().refusal(ids(order))).isEmpty();
                        assertThat(replay.wrongs(order)).isEmpty();
                    }
                }));
    }

    /** Taken apart at random by what could be last. */
    private static List<BuildStep> atRandom(BuildPlan building, Random random) {
        List<Task> left = new ArrayList<>(building.order().tasks());
        Set<JoinId> made = new LinkedHashSet<>(building.work().joins());
        List<BuildStep> backwards = new ArrayList<>();
        while (!left.isEmpty()) {
            Collections.shuffle(left, random);
            Set<StepId> open = new LinkedHashSet<>(left.stream().map(Task::id).toList());
            Optional<Task> last = left.stream()
                    .filter(task -> building.rules().stream()
                            .noneMatch(rule -> rule.before().equals(task.id()) && open.contains(rule.after())))
                    .filter(task -> task.does()
                            .map(one -> building.work().couldBeLast(one, made))
                            .orElse(true))
                    .findFirst();
            Task task = last.orElseThrow();
            left.remove(task);
            task.does().flatMap(building.work()::join).ifPresent(made::remove);
            backwards.add(task.step());
        }
        Collections.reverse(backwards);
        return backwards;
    }

    /** Beside JGraphT: what comes before what is a graph without a cycle, and our order is one of its orders. */
    @TestFactory
    Stream<DynamicTest> nothingChasesItself() {
        return structures()
                .map(structure -> DynamicTest.dynamicTest(structure.name(), () -> {
                    BuildPlan building = BuildPlan.of(KiteCards.dressed(structure), Habit.FLAT_FIRST);
                    DirectedAcyclicGraph<StepId, DefaultEdge> graph = new DirectedAcyclicGraph<>(DefaultEdge.class);
                    ids(building.steps()).forEach(graph::addVertex);
                    // adding an edge that closes a cycle throws
                    building.rules().forEach(rule -> graph.addEdge(rule.before(), rule.after()));
                    List<StepId> topological = new ArrayList<>();
                    graph.iterator().forEachRemaining(topological::add);
                    assertThat(topological).containsExactlyInAnyOrderElementsOf(ids(building.steps()));
                    Map<StepId, Integer> place = new HashMap<>();
                    ids(building.steps()).forEach(step -> place.put(step, place.size()));
                    assertThat(graph.edgeSet())
                            .allMatch(edge ->
                                    place.get(graph.getEdgeSource(edge)) < place.get(graph.getEdgeTarget(edge)));
                }));
    }

    /** Common practice, no source: dressed first, or last, or piece by piece. */
    @Test
    void theHabitDecidesWhatIsFree() {
        WorkedPlan card = KiteCards.dressed("stage");
        List<StepKind> flat = kinds(BuildPlan.of(card, Habit.FLAT_FIRST));
        assertThat(flat.lastIndexOf(StepKind.LAY)).isLessThan(flat.indexOf(StepKind.GLUE));
        List<StepKind> late = kinds(BuildPlan.of(card, Habit.AFTER_ASSEMBLY));
        assertThat(late.lastIndexOf(StepKind.LAY)).isGreaterThan(late.lastIndexOf(StepKind.GLUE));
        // what lies behind the band can't wait, whatever the habit
        List<StepId> all = ids(BuildPlan.of(card, Habit.AFTER_ASSEMBLY).steps());
        assertThat(all.indexOf(StepId.parse("LAY: Card base, Back, face")))
                .isLessThan(all.indexOf(StepId.parse("GLUE: Band on Right wing")));
    }

    private static List<StepKind> kinds(BuildPlan building) {
        return building.steps().stream().map(step -> step.id().kind()).toList();
    }

    @Test
    void whereAStepMayNotGoIsTold() {
        BuildPlan building = building("stage");
        List<StepId> order = new ArrayList<>(ids(building.steps()));
        StepId behind = StepId.parse("LAY: Card base, Back, face");
        order.remove(behind);
        order.add(order.indexOf(StepId.parse("CHECK: card")), behind);
        StepOrder.Refusal refusal = building.order().refusal(order).orElseThrow();
        assertThat(refusal.step()).isEqualTo(behind);
        assertThat(refusal.blocker().kind()).isEqualTo(StepKind.GLUE);
        assertThat(refusal.because()).contains("can't be reached");
        // and the replay, which asks nobody, finds the same
        List<BuildStep> steps =
                order.stream().map(id -> building.order().task(id).step()).toList();
        assertThat(new Replay(building.card()).wrongs(steps)).anyMatch(wrong -> wrong.contains(behind.text()));
    }

    /** A ring that gapes: it is cut, scored and folded, its joint is named, and nothing comes after. */
    @Test
    void aCardThatDoesNotCloseHasNoStepsAfterTheOneThatFails() {
        Tent gaping = Tent.gaping();
        Workshop usual = KiteCards.WORKSHOP;
        Workshop workshop = new Workshop(
                new Catalogue(List.of(gaping)),
                usual.wraps(),
                usual.envelopes(),
                usual.sheets(),
                usual.cardstocks(),
                usual.tools());
        WorkedPlan card = workshop.work(
                Plan.of("Kite day", "tent", gaping.proportioned(Size.ofMillimetres(100, 90), Ruler.MM_1), Ruler.MM_1));
        BuildPlan building = card.of(BuildPlan.STAGE);
        assertThat(kinds(building)).containsExactly(StepKind.CUT, StepKind.SCORE, StepKind.FOLD);
        assertThat(building.stuck()).isEmpty();
        assertThat(building.gaping())
                .singleElement()
                .asString()
                .contains("Three of Ring on One of Ring")
                .contains("does not meet");
    }

    /**
     * By hand, a tower of slits: six lines up the board are six settings of the fence, whatever folds on them; where
     * stretches meet from edge to edge the line is scored through, and each line is folded once for each way.
     */
    @Test
    void theFenceIsSetOnceForEachLine() {
        BuildPlan building = building("slit-tower");
        BuildStep scored = steps(building, StepKind.SCORE).findFirst().orElseThrow();
        assertThat(scored.readings())
                .extracting(reading -> reading.figures().get(0).length())
                .doesNotHaveDuplicates()
                .isSorted()
                .hasSize(6);
        assertThat(scored.readings().get(0).words()).startsWith("valley; only these stretches, from foot");
        assertThat(scored.readings().get(1).words())
                .startsWith("mountain and valley")
                .doesNotContain("only");
        assertThat(scored.readings().get(1).figures()).hasSize(1);
        int lines = building.card().pieces().get(0).scores().size();
        for (StepKind kind : List.of(StepKind.SCORE, StepKind.FOLD)) {
            assertThat(steps(building, kind)
                            .flatMap(step -> step.readings().stream())
                            .flatMap(reading -> reading.lines().stream()))
                    .doesNotHaveDuplicates()
                    .hasSize(lines);
        }
        assertThat(steps(building, StepKind.FOLD)
                        .flatMap(step -> step.readings().stream())
                        .filter(reading -> !reading.lines().isEmpty()))
                .hasSizeBetween(6, 12);
    }

    /** By hand: mountains away from the face are scored there, valleys once more from behind. */
    @Test
    void linesThatFoldTheOtherWayAreScoredFromTheOtherSide() {
        BuildPlan building = building("z-fold");
        List<BuildStep> scored = building.steps().stream()
                .filter(step -> step.id().of().equals("Card base")
                        && (step.id().kind() == StepKind.SCORE || step.id().kind() == StepKind.SCORE_AGAIN))
                .toList();
        assertThat(scored).extracting(step -> step.readings().size()).containsExactly(2, 1);
        assertThat(scored.get(1).how()).contains("Turned over top to bottom");
        assertThat(scored.get(1).readings().get(0).figures().get(0).length())
                .isEqualTo(scored.get(0).readings().get(1).figures().get(0).length());
    }
}
