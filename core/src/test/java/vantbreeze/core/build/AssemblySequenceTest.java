package vantbreeze.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Layers;
import vantbreeze.core.plan.KiteCards;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Structure;

/** In what order hands can put a card together: it follows from its folds and joins, and is listed nowhere. */
class AssemblySequenceTest {

    private static final Workshop WORKSHOP = KiteCards.WORKSHOP;

    /** A way for a finger, mm. */
    private static final double FINGER = 12;

    /** A card with the order found for it. */
    private record Built(WorkedPlan card, Handwork work, AssemblySequence sequence) {

        static Built of(WorkedPlan card) {
            Handwork work = new Handwork(card.form(), card.grounds(), card.layers(), FINGER);
            return new Built(card, work, AssemblySequence.of(work));
        }

        /** What must be done before which join is made, by the names of both. */
        List<String> deadlines() {
            return sequence.deadlines(work).entrySet().stream()
                    .map(one -> name(one.getKey()) + " before " + one.getValue().inWords())
                    .toList();
        }

        private String name(Operation operation) {
            if (operation instanceof Operation.Dress dress) {
                Face face = dress.face();
                return card.form().graph().name(face.panel()) + (face.side() == Side.FACE ? "+" : "-");
            }
            return work.join(operation).orElseThrow().inWords();
        }
    }

    private static Built built(String structure) {
        return Built.of(KiteCards.dressed(structure));
    }

    /** Whatever the structure, bare and dressed: all is done, each once, and when it is done it is in reach. */
    @TestFactory
    Stream<DynamicTest> everyCardCanBePutTogether() {
        return WORKSHOP.catalogue().all().stream()
                .flatMap(structure -> Stream.of(
                        DynamicTest.dynamicTest(structure.name(), () -> canBePutTogether(KiteCards.bare(structure))),
                        DynamicTest.dynamicTest(
                                structure.name() + ", dressed", () -> canBePutTogether(KiteCards.dressed(structure)))));
    }

    private static void canBePutTogether(WorkedPlan card) {
        Built built = Built.of(card);
        List<Operation> order = built.sequence.order();
        assertThat(built.sequence.stuck()).isEmpty();
        assertThat(order).doesNotHaveDuplicates();
        assertThat(order.stream().filter(Operation.Dress.class::isInstance).map(one -> ((Operation.Dress) one).face()))
                .containsExactlyInAnyOrderElementsOf(card.layers().faces());
        List<JoinId> joins =
                order.stream().flatMap(one -> built.work.join(one).stream()).toList();
        assertThat(joins)
                .containsExactlyInAnyOrderElementsOf(
                        JoinId.all(card.form().graph().assembly()));
        // asked anew, by somebody who knows of no answer before
        Handwork anew = new Handwork(card.form(), card.grounds(), card.layers(), FINGER);
        Set<JoinId> made = new LinkedHashSet<>();
        for (Operation operation : order) {
            anew.join(operation).ifPresent(made::add);
            assertThat(anew.couldBeLast(operation, made))
                    .as(operation.toString())
                    .isTrue();
        }
    }

    /** Common practice, no source: what lies behind a band is dressed before the band is glued. */
    @Test
    void behindABandIsDressedFirst() {
        assertThat(built("stage").deadlines())
                .contains("Back+ before Band on Right wing", "Band- before Band on Left wing");
    }

    /** Common practice, no source: the inside of a pocket, and that of a tube, first. */
    @Test
    void theInsideOfTubesAndPocketsIsDressedFirst() {
        assertThat(built("pocket").deadlines())
                .containsExactlyInAnyOrder(
                        "Pocket back+ before Pocket front on Pocket back",
                        "Pocket front+ before Pocket front on Pocket back");
        assertThat(built("pillar-card").deadlines())
                .contains(
                        "Right pillar 2- before Right pillar 5 of Front strip on Right pillar 1 of Front strip",
                        "Left pillar 2- before Left pillar 5 of Back strip on Left pillar 1 of Back strip");
    }

    /** Common practice, no source: strut panels before the book; the tier in front after the one behind. */
    @Test
    void strutsComeBeforeTheBookAndTiersFromTheBack() {
        assertThat(built("floating-book").deadlines())
                .allMatch(deadline -> deadline.contains("foot+ before") && deadline.contains("of Book on"))
                .isNotEmpty();
        List<String> tiers = built("tiered-stage").deadlines();
        assertThat(tiers)
                .contains(
                        "Backdrop+ before Tier 1 left tab on Backdrop",
                        "Tier 1 front+ before Tier 2 left tab on Tier 1 front");
    }

    /** Common practice, no source: a strip is threaded while one of its ends hangs free. */
    @Test
    void stripsAreThreadedBeforeTheyAreGluedAtBothEnds() {
        int threaded = 0;
        for (Structure structure : WORKSHOP.catalogue().all()) {
            Built built = Built.of(KiteCards.bare(structure));
            FoldGraph graph = built.card.form().graph();
            Predicate<Operation> isPassed = Operation.PassThrough.class::isInstance;
            List<Operation> order = built.sequence.order();
            for (Operation pass : order.stream().filter(isPassed).toList()) {
                threaded++;
                PieceId piece = built.work.join(pass).orElseThrow().glued().piece();
                long glued = order.subList(0, order.indexOf(pass)).stream()
                        .filter(isPassed.negate())
                        .flatMap(one -> built.work.join(one).stream())
                        .filter(join -> join.glued().piece().equals(piece)
                                || join.on().piece().equals(piece))
                        .count();
                assertThat(glued).as(structure.name()).isLessThanOrEqualTo(1);
            }
            assertThat(graph.joins().stream().filter(link -> link.join().slides()))
                    .hasSameSizeAs(order.stream().filter(isPassed).toList());
        }
        assertThat(threaded).isPositive();
    }

    /** Where no finger comes, nothing is laid: the layer behind a band is out of reach once it is glued. */
    @Test
    void whatIsOutOfReachCouldNotBeLast() {
        Built stage = built("stage");
        Set<JoinId> all = new LinkedHashSet<>(stage.work.joins());
        FoldGraph graph = stage.card.form().graph();
        int back = panel(graph, "Back");
        assertThat(stage.work.couldBeLast(new Operation.Dress(new Face(back, Side.FACE)), all))
                .isFalse();
        assertThat(stage.work.couldBeLast(new Operation.Dress(new Face(back, Side.BACK)), all))
                .isTrue();
        assertThat(stage.work.couldBeLast(new Operation.Dress(new Face(back, Side.FACE)), Set.of()))
                .isTrue();
    }

    private static int panel(FoldGraph graph, String name) {
        List<String> names = new ArrayList<>();
        graph.panels().forEach(panel -> names.add(panel.name()));
        return names.indexOf(name);
    }

    /** What is free is free: a bare card of one piece has nothing to do, and nothing that is due. */
    @Test
    void aCardOfOnePieceHasNothingThatIsDue() {
        WorkedPlan card = KiteCards.bare(WORKSHOP.structure("gatefold"));
        Handwork work = new Handwork(card.form(), card.grounds(), Layers.NONE, FINGER);
        AssemblySequence sequence = AssemblySequence.of(work);
        assertThat(sequence.order()).isEmpty();
        assertThat(sequence.deadlines(work)).isEqualTo(Map.of());
        assertThat(card.form().graph().joins().stream().map(Link.Glued::join)).isEmpty();
    }
}
