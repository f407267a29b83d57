package vantbreeze.core.fold.partial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.PanelId;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.folding.Folding;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.KiteCards;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Structure;

class PartialAssemblyTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static Folding card(Structure structure, int width, int height) {
        return WORKSHOP.work(Plan.of(
                        "Kite day",
                        structure.id(),
                        structure.proportioned(Size.ofMillimetres(width, height), Ruler.MM_1),
                        Ruler.MM_1))
                .form();
    }

    private static Folding card(String structure) {
        return card(WORKSHOP.structure(structure), 152, 112);
    }

    private static PartialAssembly made(Folding card, Set<JoinId> joins) {
        return PartialAssembly.of(card, joins);
    }

    private static Set<JoinId> all(Folding card) {
        return new HashSet<>(JoinId.all(card.graph().assembly()));
    }

    /** Whatever the structure: with all joins made it is the card, with none every piece lies by itself. */
    @TestFactory
    Stream<DynamicTest> wholeAndBare() {
        return KiteCards.eachStructure(structure -> {
            Folding card = card(structure, 152, 112);
            PartialAssembly whole = made(card, all(card));
            assertThat(whole.parts()).hasSize(1);
            Part part = whole.parts().get(0);
            assertThat(part.graph().panels()).isEqualTo(card.graph().panels());
            assertThat(part.form(card.flat()).footprint())
                    .isEqualTo(card.closed().footprint());
            assertThat(part.freedom()).isBetween(1, card.motion().freedom());
            PartialAssembly bare = made(card, Set.of());
            assertThat(bare.parts()).hasSize(card.graph().assembly().pieces().size());
            bare.parts().forEach(piece -> assertThat(piece.freedom())
                    .as(piece.graph().assembly().pieces().get(0).name())
                    .isEqualTo(free(piece)));
        });
    }

    /** A piece by itself has as many as it has hinges, unless cuts make loops of them. */
    private static int free(Part piece) {
        int loops = piece.graph().hinges().size() - piece.graph().panels().size() + 1;
        return loops == 0 ? piece.graph().hinges().size() : piece.freedom();
    }

    /**
     * By Grübler and Kutzbach: a loop of n parallel hinges in the plane moves in n - 3 ways. A pillar is a tube: its
     * join closes one such loop.
     */
    @Test
    void aJoinThatClosesALoopOfParallelHingesTakesThreeWays() {
        Folding card = card("fold-back-gate");
        Folding pillar = card("pillar-card");
        for (Folding one : List.of(card, pillar)) {
            for (JoinId join : all(one)) {
                PartialAssembly with = made(one, Set.of(join));
                if (!join.on().piece().equals(join.glued().piece())) {
                    continue;
                }
                int piece = PieceId.all(one.graph().assembly().pieces())
                        .indexOf(join.on().piece());
                Part tube = with.partOf(piece);
                Part open = made(one, Set.of()).partOf(piece);
                int loop = between(tube, join);
                assertThat(open.freedom() - tube.freedom()).as(join.inWords()).isEqualTo(Math.min(3, loop));
            }
        }
    }

    /** Hinges on the way between the two panels of a join, on a strip. */
    private static int between(Part part, JoinId join) {
        List<String> names =
                part.graph().panels().stream().map(panel -> panel.name()).toList();
        return Math.abs(
                names.indexOf(join.on().panel()) - names.indexOf(join.glued().panel()));
    }

    /**
     * In every pose that is sampled the two panels of a hinge still meet along it, and glued ones where they are glued.
     */
    @TestFactory
    Stream<DynamicTest> nothingComesApart() {
        return Stream.of("pillar-card", "stage", "bridge", "tucked-gatefold", "pocket")
                .map(id -> DynamicTest.dynamicTest(id, () -> {
                    Folding card = card(id);
                    List<JoinId> joins = JoinId.all(card.graph().assembly());
                    Set<JoinId> half = new HashSet<>(joins.subList(0, (joins.size() + 1) / 2));
                    for (Part part : made(card, half).parts()) {
                        assertThat(part.poses()).hasSizeLessThanOrEqualTo(Part.MOST_POSES);
                        for (SampledPose pose : part.poses()) {
                            for (Link.Folded hinge : part.graph().hinges()) {
                                Rigid one = pose.frame().panels().get(hinge.from());
                                Rigid other = pose.frame().panels().get(hinge.to());
                                for (Spot end : List.of(
                                        hinge.hinge().line().from(),
                                        hinge.hinge().line().to())) {
                                    assertThat(one.apply(end)
                                                    .subtract(other.apply(end))
                                                    .length())
                                            .as(pose.name())
                                            .isLessThan(0.05);
                                }
                            }
                        }
                    }
                }));
    }

    /** A part of which only two poses are known is swung from both. */
    @Test
    void ofTwoPosesBothAreSwungFrom() {
        assertThat(Part.firstAndMiddle(List.of())).isEmpty();
        assertThat(Part.firstAndMiddle(List.of("laid flat"))).containsExactly("laid flat");
        assertThat(Part.firstAndMiddle(List.of("laid flat", "standing"))).containsExactly("laid flat", "standing");
        assertThat(Part.firstAndMiddle(List.of("a", "b", "c", "d", "e"))).containsExactly("a", "c");
    }

    /** Ids are the same whatever the measures, and no two joins share one. */
    @Test
    void idsStayWhenMeasuresChange() {
        for (Structure structure : WORKSHOP.catalogue().all()) {
            List<JoinId> small = JoinId.all(card(structure, 126, 92).graph().assembly());
            assertThat(small).doesNotHaveDuplicates();
            assertThat(JoinId.all(card(structure, 168, 118).graph().assembly()))
                    .as(structure.name())
                    .isEqualTo(small);
        }
    }

    /** Open, the inside of a tube is seen into; its join hides the panel that is glued inside. */
    @Test
    void whatIsSeenDependsOnWhatIsMade() {
        Folding pillar = card("pillar-card");
        JoinId tube = all(pillar).stream()
                .filter(join -> join.on().piece().equals(join.glued().piece()))
                .findFirst()
                .orElse(all(pillar).iterator().next());
        Part open = made(pillar, Set.of()).parts().get(0);
        SampledPose flat = open.poses().get(0);
        assertThat(flat.name()).isEqualTo("Laid flat");
        assertThat(flat.seenFrom(new Vector3D(0, 0, 1)).panels())
                .hasSize(open.graph().panels().size());
        assertThat(made(pillar, Set.of()).with(tube).made()).containsExactly(tube);
        assertThat(made(pillar, all(pillar)).without(tube).made()).doesNotContain(tube);
    }

    @Test
    void aJoinThatIsNotThereIsRefused() {
        Folding fold = card("z-fold");
        PanelId tail = new PanelId(PieceId.of("Kite"), "Tail");
        assertThatThrownBy(() -> made(fold, Set.of(new JoinId(tail, tail, 1))))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
