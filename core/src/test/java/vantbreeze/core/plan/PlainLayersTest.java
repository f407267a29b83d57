package vantbreeze.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.algorithm.distance.DiscreteHausdorffDistance;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.Dress;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Bed;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.layer.Preset;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Structure;

/** What is suggested as a layer is a plain shape, and lies whole under what is glued on it (common practice). */
class PlainLayersTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    /** Every structure as usual and with every alternative of each of its choices, but for long counts. */
    static Stream<Plan> cards() {
        List<Plan> cards = new ArrayList<>();
        for (Structure structure : Catalogue.full().all()) {
            Plan usual = Plan.of(
                    "Kite day",
                    structure.id(),
                    structure.proportioned(Size.ofMillimetres(172, 128), Ruler.MM_1),
                    Ruler.MM_1);
            cards.add(usual);
            for (Choice choice : structure.choices()) {
                choice.alternatives().stream().skip(1).limit(5).forEach(alternative -> {
                    try {
                        cards.add(usual.choosing(structure, choice.id(), alternative.id()));
                    } catch (ValidationException notAtThisSize) {
                        assertThat(notAtThisSize.getMessage()).isNotEmpty();
                    }
                });
            }
        }
        return cards.stream();
    }

    private static WorkedPlan dressed(Plan plan, Length... borders) {
        List<LayerChoice> stack = Stream.of(borders)
                .map(border -> LayerChoice.of("paper-160", border))
                .toList();
        return WORKSHOP.work(plan.withDressing(new Suggestion(WORKSHOP, WORKSHOP.work(plan)).dressing(stack)));
    }

    /** The same of each of the usual ways to dress a whole card, one after the other: the last one stays. */
    @ParameterizedTest
    @MethodSource("cards")
    void noPresetLaysANotchOrAHole(Plan plan) {
        Plan dressed = plan;
        for (Preset preset : Preset.values()) {
            dressed = dressed.withDressing(new Suggestion(WORKSHOP, WORKSHOP.work(dressed)).dressing(preset));
            WorkedPlan worked = WORKSHOP.work(dressed);
            double borders = preset.stack("", "", WORKSHOP.tools().allowances(), Ruler.MM_1).stream()
                    .mapToDouble(layer -> layer.border().millimetres())
                    .sum();
            for (Layer layer : worked.layers().all()) {
                assertThat(isPlain(layer.shape())
                                || isOutline(
                                        layer.shape(),
                                        worked.grounds().shape(layer.face().panel()),
                                        borders))
                        .as(
                                "%s, %s, %s: %s on %s",
                                plan.structureId(),
                                preset.label(),
                                worked.form().graph().name(layer.face().panel()),
                                layer.shape(),
                                worked.grounds().shape(layer.face().panel()))
                        .isTrue();
            }
            if (!dressed.dressing().all().isEmpty()) {
                assertThat(new Suggestion(WORKSHOP, worked).preset()).isNotEmpty();
            }
        }
    }

    /**
     * Every joint made on the mat, then on bare card, then under the mat where it can lie there: whole panels, plain
     * rectangles of what is left, and whole panels again.
     */
    @ParameterizedTest
    @MethodSource("cards")
    void whateverIsGluedOnTheMatOrOnBareCardLayersStayPlain(Plan plan) {
        for (Bed bed : Bed.values()) {
            WorkedPlan bare = WORKSHOP.work(plan);
            List<Integer> joins = IntStream.range(0, bare.form().graph().joins().size())
                    .filter(join -> bed != Bed.UNDER || bare.grounds().couldLieUnder(join))
                    .boxed()
                    .toList();
            Plan bedded = new Dress.Bedded(joins, bed).on(plan, WORKSHOP).plan();
            WorkedPlan worked = dressed(bedded, Length.ofMillimetres(2));
            for (Layer layer : worked.layers().all()) {
                Geometry panel = worked.grounds().shape(layer.face().panel());
                assertThat(isPlain(layer.shape()) || isOutline(layer.shape(), panel, 2))
                        .as(
                                "%s, %s, %s",
                                plan.structureId(),
                                bed,
                                worked.form().graph().name(layer.face().panel()))
                        .isTrue();
            }
            worked.grounds().free().forEach(face -> worked.grounds()
                    .gluedOn(face)
                    .forEach((join, lies) ->
                            assertThat(lies == bed || !joins.contains(join)).isTrue()));
        }
    }

    /** A stage's band lies on the wings' mats; said to be on bare card, they are what is left above it. */
    @Test
    void aJointOnBareCardLeavesTheRestAndGoesBack() {
        Plan stage = cards().filter(plan -> plan.structureId().equals("stage"))
                .findFirst()
                .orElseThrow();
        WorkedPlan before = dressed(stage, Length.ofMillimetres(2));
        FoldGraph graph = before.form().graph();
        List<Integer> onWings = IntStream.range(0, graph.joins().size())
                .filter(i ->
                        graph.panels().get(graph.joins().get(i).from()).name().endsWith("wing"))
                .boxed()
                .toList();
        assertThat(onWings).hasSize(2);
        Plan bare =
                new Dress.Bedded(onWings, Bed.CARD).on(before.plan(), WORKSHOP).plan();
        WorkedPlan after = WORKSHOP.work(bare);
        double whole = matOn(before, "Left wing").getArea();
        assertThat(matOn(after, "Left wing").getArea()).isBetween(0.2 * whole, 0.8 * whole);
        assertThat(matOn(after, "Left wing")
                        .intersects(GlueArea.of(graph).stream()
                                .filter(area ->
                                        graph.panels().get(area.panel()).name().equals("Left wing"))
                                .findFirst()
                                .orElseThrow()
                                .shape()))
                .isFalse();
        Plan back = new Dress.Bedded(onWings, null).on(bare, WORKSHOP).plan();
        assertThat(back).isEqualTo(before.plan());
        assertThatThrownBy(() -> new Dress.Bedded(List.of(99), Bed.MAT).on(stage, WORKSHOP))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("not glued there any more");
    }

    /** A tab at the panel's edge lies under its mat, as whole as it would be on it; a band that rises can't. */
    @Test
    void aMatLiesWholeOverTheTabThatItHides() {
        WorkedPlan before = dressed(usual("pillar-card"), Length.ofMillimetres(2));
        List<JoinId> joins = JoinId.all(before.form().graph().assembly());
        int tab = IntStream.range(0, joins.size())
                .filter(i -> joins.get(i).glued().panel().equals("Front tab"))
                .findFirst()
                .orElseThrow();
        Face pillar = new Face(
                before.form().graph().joins().get(tab).from(),
                before.form().graph().joins().get(tab).join().onSide());
        assertThat(before.grounds().gluedOn(pillar)).containsEntry(tab, Bed.CARD);
        Plan hidden = new Dress.Bedded(List.of(tab), Bed.UNDER)
                .on(before.plan(), WORKSHOP)
                .plan();
        Plan onIt = new Dress.Bedded(List.of(tab), Bed.MAT)
                .on(before.plan(), WORKSHOP)
                .plan();
        assertThat(WORKSHOP.work(hidden).grounds().of(pillar).area())
                .isEqualTo(WORKSHOP.work(onIt).grounds().of(pillar).area())
                .isGreaterThan(before.grounds().of(pillar).area());
        WorkedPlan stage = WORKSHOP.work(usual("stage"));
        assertThatThrownBy(() -> new Dress.Bedded(List.of(0), Bed.UNDER).on(stage.plan(), WORKSHOP))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("Glue it on the mat or on bare card");
    }

    @ParameterizedTest
    @MethodSource("cards")
    void noLayerHasANotchOrAHole(Plan plan) {
        for (Length border : List.of(Length.ofMillimetres(2), Length.ofMillimetres(4))) {
            WorkedPlan worked = dressed(plan, border, border);
            for (Layer layer : worked.layers().all()) {
                assertThat(isPlain(layer.shape())
                                || isOutline(
                                        layer.shape(),
                                        worked.grounds().shape(layer.face().panel()),
                                        2 * border.millimetres()))
                        .as(
                                "%s, %s: %s",
                                plan.structureId(),
                                worked.form().graph().name(layer.face().panel()),
                                layer.shape())
                        .isTrue();
            }
        }
    }

    /** A rectangle, triangle or trapezium. */
    private static boolean isPlain(Polygon shape) {
        return shape.getNumInteriorRing() == 0
                && DouglasPeuckerSimplifier.simplify(shape, 0.01).getNumPoints() <= 5
                && shape.convexHull().getArea() - shape.getArea() < 1e-3;
    }

    /** The panel's outline smaller by no more than the borders and a mark a layer. */
    private static boolean isOutline(Polygon shape, Geometry panel, double borders) {
        BufferParameters mitred = new BufferParameters(8, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 10);
        return Stream.of(borders / 2, borders / 2 + 0.5, borders, borders + 1)
                .map(border -> BufferOp.bufferOp(panel, -border, mitred))
                .anyMatch(inset -> DiscreteHausdorffDistance.distance(inset, shape) < 2.5);
    }

    private static Polygon matOn(WorkedPlan worked, String panel) {
        FoldGraph graph = worked.form().graph();
        return worked.layers().all().stream()
                .filter(layer -> layer.level() == 0
                        && layer.face().side() == Side.FACE
                        && graph.panels().get(layer.face().panel()).name().equals(panel))
                .map(Layer::shape)
                .findFirst()
                .orElseThrow();
    }

    private static Plan usual(String id) {
        return cards().filter(plan -> plan.structureId().equals(id)).findFirst().orElseThrow();
    }

    /** Tiers stand on the mats of what they are glued on: 172 × 128 less 2 all round. */
    @Test
    void tiersAreGluedOnMats() {
        WorkedPlan worked = dressed(usual("tiered-stage"), Length.ofMillimetres(2));
        Polygon mat = matOn(worked, "Backdrop");
        assertThat(mat.getEnvelopeInternal().getWidth()).isEqualTo(168);
        assertThat(mat.getEnvelopeInternal().getHeight()).isEqualTo(124);
        FoldGraph graph = worked.form().graph();
        assertThat(GlueArea.of(graph).stream()
                        .filter(area -> graph.panels().get(area.panel()).name().equals("Backdrop"))
                        .filter(area -> mat.intersects(area.shape())))
                .hasSize(2);
    }

    /** The walls of a pillar card hang by their tabs: where one is glued on a pillar, the card is bare. */
    @Test
    void whereATabCarriesTheCardItIsBare() {
        WorkedPlan worked = dressed(usual("pillar-card"), Length.ofMillimetres(2));
        FoldGraph graph = worked.form().graph();
        for (GlueArea area : GlueArea.of(graph)) {
            worked.layers().on(new Face(area.panel(), area.side())).forEach(layer -> assertThat(
                            layer.shape().intersection(area.shape()).getArea())
                    .isLessThan(1e-6));
        }
    }
}
