package vantbreeze.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static vantbreeze.core.structure.MakersCards.WORKSHOP;
import static vantbreeze.core.structure.MakersCards.plan;
import static vantbreeze.core.structure.MakersCards.work;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.WayOut;
import vantbreeze.core.cutting.Blank;
import vantbreeze.core.cutting.CutKind;
import vantbreeze.core.cutting.CutWords;
import vantbreeze.core.cutting.DieCut;
import vantbreeze.core.die.DieShape;
import vantbreeze.core.die.DieSizes;
import vantbreeze.core.die.Dies;
import vantbreeze.core.die.Nest;
import vantbreeze.core.edit.Carry;
import vantbreeze.core.edit.Dress;
import vantbreeze.core.edit.SetField;
import vantbreeze.core.edit.Together;
import vantbreeze.core.edit.TriedDies;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.DieStacks;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

/** Rings, toppers, edgings and layers that the dies on hand cut. */
class DieOffersTest {

    private static final Size CARD = Size.ofMillimetres(130, 150);

    private static Workshop having(Nest... nests) {
        OwnStock own = OwnStock.usual();
        return WORKSHOP.with(own.with(own.tools().with(new Dies(List.of(nests)))));
    }

    private static Nest nest(String name, DieShape shape, String sizes) {
        return new Nest(name, name, false, shape, DieSizes.read(shape, sizes, Ruler.MM_1));
    }

    private static final Nest ROUND = nest("Round nest", DieShape.CIRCLE, "44, 50, 56, 62, 70");

    private static Plan set(Plan plan, TriedDies tried, Workshop workshop) {
        List<SetField> steps = new ArrayList<>();
        for (WayOut.Step step : tried.steps()) {
            steps.add(SetField.to(step.field(), step.text()));
        }
        return new Together(steps).on(plan, workshop).plan();
    }

    private static List<String> cuts(WorkedPlan worked, Workshop workshop) {
        return worked.blanks().all().stream()
                .filter(blank -> blank.uses().get(0) instanceof Blank.OfPiece)
                .map(blank -> DieCut.inWords(
                        DieCut.of(blank.outline()),
                        workshop.tools().dies(),
                        worked.plan().ruler()))
                .filter(words -> !words.isEmpty())
                .toList();
    }

    /** By hand: 62 and 50 mm leave a ring of 6, and a disc of 56 laps over it by 3. */
    @Test
    void ringAndDiscAreCutWithDiesThatGoTogether() {
        Workshop workshop = having(ROUND);
        Plan plan = plan("ring-lock", CARD, Ruler.MM_1);
        List<TriedDies> offers = TriedDies.of(workshop.work(plan), workshop);
        assertThat(offers).extracting(TriedDies::words).contains("Ring width 6 mm, Disc over the ring by 3 mm");
        for (TriedDies offer : offers) {
            WorkedPlan worked = work(set(plan, offer, workshop));
            List<Integer> across = offer.offer().parts().stream()
                    .map(part -> (int) part.die().size().width().millimetres())
                    .toList();
            assertThat(worked.pieces().get(1).cut().width()).isEqualTo(Length.ofMillimetres(across.get(0)));
            assertThat(worked.pieces().get(2).cut().width()).isEqualTo(Length.ofMillimetres(across.get(2)));
            assertThat(cuts(worked, workshop))
                    .containsExactly(
                            "with the %d mm and %d mm circles of Round nest".formatted(across.get(0), across.get(1)),
                            "with the %d mm circle of Round nest".formatted(across.get(2)));
            assertThat(TriedDies.of(worked, workshop).stream()
                            .filter(TriedDies::inForce)
                            .map(TriedDies::words))
                    .containsExactly(offer.words());
            assertThat(offer.against()).isEmpty();
        }
    }

    @Test
    void whatNoDieCutsIsToldWithWhatComesNearest() {
        Plan plan = plan("ring-lock", CARD, Ruler.MM_1);
        WorkedPlan worked = work(SetField.to("ring", "64").on(plan, WORKSHOP).plan());
        assertThat(cuts(worked, having(ROUND)).get(0))
                .contains("no die on hand cuts a circle of 64 mm: the nearest is 62 mm, of Round nest");
        assertThat(cuts(worked, WORKSHOP)).isEmpty();
        assertThat(TriedDies.of(worked, WORKSHOP)).isEmpty();
    }

    @Test
    void edgingsAndToppersOfATuckedGatefoldAreCutWithDies() {
        Workshop workshop = having(
                nest("Waves", DieShape.EDGE, "180 x 22, 60 x 15"), nest("Labels", DieShape.LABEL, "60 x 90, 10 x 90"));
        Plan plan = plan("tucked-gatefold", CARD, Ruler.MM_1);
        List<TriedDies> offers = TriedDies.of(workshop.work(plan), workshop);
        // an edge of 60 mm is shorter than the edging, a label of 10 mm holds nothing
        assertThat(offers)
                .extracting(offer -> offer.offer().parts().get(0).name() + offer.against())
                .containsExactly("Edgings", "Topper");
        assertThat(offers.get(1).words()).isEqualTo("Topper over each front by 19 mm");
        offers.forEach(offer -> work(set(plan, offer, workshop)));
    }

    @Test
    void aRoundTopperIsCutWithACircleOrAnOval() {
        Workshop workshop = having(ROUND, nest("Ovals", DieShape.OVAL, "60 x 40, 400 x 300"));
        Plan bare = plan("side-fold", CARD, Ruler.MM_1);
        Plan plan = new Carry.Put("topper", "Kite", new Face(index(bare, "Cover"), Side.FACE), null)
                .on(bare, workshop)
                .plan();
        assertThat(workshop.structure(plan).takesDies()).isTrue();
        assertThat(TriedDies.of(workshop.work(plan), workshop)).isEmpty();
        String key = workshop.structure(plan).choices().get(0).id();
        Plan round = SetField.to(key, "oval").on(plan, workshop).plan();
        List<TriedDies> offers = TriedDies.of(workshop.work(round), workshop);
        assertThat(offers).hasSize(7);
        // the oval of 400 mm reaches over the card: that is told, not forbidden
        assertThat(offers.get(0).against()).isEmpty();
        WorkedPlan worked = work(set(round, offers.get(0), workshop));
        assertThat(worked.pieces().get(1).cut()).isEqualTo(Size.ofMillimetres(70, 70));
        assertThat(cuts(worked, workshop)).containsExactly("with the 70 mm circle of Round nest");
        double whole = Math.PI * 35 * 35;
        assertThat(worked.pieces().get(1).panels().all().get(0).shape().getArea())
                .isBetween(whole * 0.99, whole);
        // layers on it are circles, with the same border all round
        Face topper = new Face(index(worked.plan(), "Kite"), Side.FACE);
        Plan dressed = new Dress.Put(
                        List.of(topper), List.of(LayerChoice.of("paper-160", Length.ofMillimetres(4))), List.of())
                .on(worked.plan(), workshop)
                .plan();
        WorkedPlan layered = workshop.work(dressed);
        assertThat(layered.cuts().cuts().get(0).shape().kind()).isEqualTo(CutKind.CIRCLE);
        assertThat(words(layered, workshop)).containsExactly("with the 62 mm circle of Round nest; border 4 mm");
    }

    private static int index(Plan plan, String panel) {
        var graph = WORKSHOP.work(plan).form().graph();
        for (int i = 0; i < graph.panels().size(); i++) {
            if (graph.panels().get(i).name().equals(panel)) {
                return i;
            }
        }
        throw new AssertionError("no panel " + panel);
    }

    private static List<String> words(WorkedPlan worked, Workshop workshop) {
        CutWords words = new CutWords(
                worked.faceWords(), worked.ruler(), workshop.tools().dies());
        return worked.cuts().cuts().stream().map(words::notes).toList();
    }

    /** Three circles with an even border on a cover: each in the middle, the size that its die cuts. */
    @Test
    void anEvenFrameIsLaidOnAPanel() {
        Workshop workshop = having(ROUND, nest("Labels", DieShape.LABEL, "100 x 80, 300 x 200"));
        Plan plan = plan("side-fold", CARD, Ruler.MM_1);
        Face cover = new Face(index(plan, "Cover"), Side.FACE);
        DieStacks stacks = DieStacks.of(cover, workshop.work(plan), workshop);
        assertThat(stacks.single()).extracting(one -> one.layers().size()).containsOnly(1);
        // the label of 300 mm is larger than the card
        assertThat(stacks.single()).hasSize(6);
        DieStacks.Stack frame = stacks.frames().get(0);
        assertThat(frame.frame().dies())
                .extracting(die -> (int) die.size().width().millimetres())
                .containsExactly(62, 56, 50);
        WorkedPlan worked = workshop.work(new Dress.Put(List.of(cover), frame.layers(), List.of())
                .on(plan, workshop)
                .plan());
        List<Layer> layers = worked.layers().all();
        for (int i = 0; i < 3; i++) {
            double radius = (62 - 6 * i) / 2.0;
            assertThat(layers.get(i).shape().getArea())
                    .isBetween(Math.PI * radius * radius * 0.99, Math.PI * radius * radius);
            assertThat(layers.get(i)
                            .shape()
                            .getCentroid()
                            .distance(layers.get(0).shape().getCentroid()))
                    .isLessThan(1e-6);
        }
        assertThat(words(worked, workshop))
                .containsExactlyInAnyOrder(
                        "with the 62 mm circle of Round nest; in the middle, 34 mm to the edge",
                        "with the 56 mm circle of Round nest; in the middle, 3 mm to the edge",
                        "with the 50 mm circle of Round nest; in the middle, 3 mm to the edge");
        assertThat(worked.findings())
                .noneMatch(
                        finding -> finding.about().equals("layers") && finding.severity() == Finding.Severity.MUST_FIX);
        // on what lies there already only what goes on that
        assertThat(DieStacks.of(cover, worked, workshop).single())
                .extracting(one -> (int) one.layers().get(0).own().width().millimetres())
                .containsExactly(50, 44);
    }

    /** A die measures what it does, whatever ruler the card is brought to. */
    @Test
    void aLayerCutWithADieKeepsItsSizeOnAnotherRuler() {
        LayerChoice choice = LayerChoice.of("paper-160", Length.ofMillimetres(3))
                .cutOut(DieShape.CIRCLE, Size.ofMillimetres(62, 62));
        Plan plan = plan("side-fold", CARD, Ruler.MM_1);
        Face cover = new Face(index(plan, "Cover"), Side.FACE);
        Plan dressed = new Dress.Put(List.of(cover), List.of(choice), List.of())
                .on(plan, WORKSHOP)
                .plan();
        assertThat(dressed.dressing()
                        .on(Ruler.EIGHTHS)
                        .all()
                        .get(0)
                        .layers()
                        .get(0)
                        .own())
                .isEqualTo(choice.own());
        assertThat(choice.sized(Size.ofMillimetres(40, 40)).die()).isNull();
    }

    /** What runs across a gate is cut apart where it opens, not with a die. */
    @Test
    void whatRunsAcrossPanelsIsNotCutWithADie() {
        Plan gate = plan("gatefold", CARD, Ruler.MM_1);
        List<Face> front =
                List.of(new Face(index(gate, "Left flap"), Side.BACK), new Face(index(gate, "Right flap"), Side.BACK));
        LayerChoice sun = LayerChoice.of("paper-160", Length.ofMillimetres(3))
                .cutOut(DieShape.CIRCLE, Size.ofMillimetres(50, 50));
        Plan across = new Dress.Run(front, List.of(sun)).on(gate, WORKSHOP).plan();
        assertThat(across.dressing().all().get(0).layers())
                .containsExactly(LayerChoice.of("paper-160", Length.ofMillimetres(3)));
        // nor is anything added to it with one
        assertThatThrownBy(() -> new Dress.Add(front, List.of(sun)).on(across, WORKSHOP))
                .hasMessageContaining("One paper runs across");
    }
}
