package vantbreeze.core.extra;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static vantbreeze.core.extra.Carried.MM;
import static vantbreeze.core.extra.Carried.WORKSHOP;
import static vantbreeze.core.extra.Carried.card;
import static vantbreeze.core.extra.Carried.index;
import static vantbreeze.core.extra.Carried.put;
import static vantbreeze.core.extra.Carried.wrong;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.Carry;
import vantbreeze.core.edit.TriedExtra;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.folding.Station;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Allowances;

/** Everything that can be set on a card, on every structure, and over the whole of its measures. */
class EveryExtraTest {

    private static final int MOST_FACES = 5;
    private static final String SAYS_SO = "either it closes all the way, or it is said that it does not";

    static List<String> structures() {
        return WORKSHOP.catalogue().all().stream().map(Structure::id).toList();
    }

    @ParameterizedTest
    @MethodSource("structures")
    void onEveryStructureItClosesOrItIsSaidWhyNot(String structure) {
        Plan plan = card(structure, 140, 150);
        WorkedPlan worked = WORKSHOP.work(plan);
        FoldGraph graph = worked.form().graph();
        int good = 0;
        int faces = 0;
        for (int panel = graph.panels().size() - 1; panel >= 0 && faces < MOST_FACES; panel--) {
            for (Side side : Side.values()) {
                Face face = new Face(panel, side);
                if (!worked.grounds().of(face).isFree()) {
                    continue;
                }
                faces++;
                for (TriedExtra tried : TriedExtra.on(face, worked, WORKSHOP)) {
                    if (tried.against().isEmpty()) {
                        good++;
                        closesAllTheWay(new Carry.Put(tried.offer().kind(), "Kite", face, tried.to())
                                .on(plan, WORKSHOP)
                                .plan());
                    }
                }
            }
        }
        assertThat(good).as("things that can be set on it").isGreaterThanOrEqualTo(faces);
    }

    private static void closesAllTheWay(Plan plan) {
        WorkedPlan worked = WORKSHOP.work(plan);
        for (Station station : worked.form().stations()) {
            assertThat(FoldedForm.of(worked.form().graph(), station.pose()).closureError())
                    .as(SAYS_SO)
                    .isLessThan(0.02);
        }
        assertThat(worked.form().fromBelow())
                .hasSameSizeAs(worked.form().graph().panels());
        assertThat(worked.blanks().all()).isNotEmpty();
    }

    /** Measures of each kind on a side fold, wherever each alone can go: at both ends it closes, or says why not. */
    @ParameterizedTest
    @CsvSource({
        "topper, FACE, ",
        "spring-mount, FACE, ",
        "spring-mount, BACK, ",
        "figure, FACE, ",
        "pop-out, FACE, Back",
        "swing, FACE, Back",
        "insert, FACE, ",
        "small-card, FACE, "
    })
    void atBothEndsOfEveryMeasureItClosesOrSaysWhyNot(String kind, Side side, @Nullable String to) {
        Plan plan = put(card("side-fold", 120, 160), kind, "Kite", "Cover", side, to);
        Structure structure = WORKSHOP.structure(plan);
        for (Measures chosen : choices(structure, plan.measures())) {
            Plan one = plan.withMeasures(chosen);
            for (Measure measure : kind(kind).measures()) {
                String id = "extra-1-" + measure.key();
                if (structure.asked(chosen).stream()
                        .noneMatch(asked -> asked.id().equals(id))) {
                    continue;
                }
                Limits limits = structure.limits(id, chosen);
                for (Length end : List.of(limits.least(), limits.most().min(Length.ofMillimetres(300)))) {
                    Plan atEnd = one.withMeasures(chosen.with(id, end));
                    if (!structure.allows(atEnd.measures())) {
                        assertThatThrownBy(() -> one.changing(structure, id, end))
                                .as(id)
                                .isInstanceOf(ValidationException.class);
                    } else if (wrong(WORKSHOP.work(atEnd)).isEmpty()) {
                        closesAllTheWay(atEnd);
                    }
                }
            }
        }
    }

    /** As it usually is, with each alternative of each choice, and with a seat of one's own where there is one. */
    private static List<Measures> choices(Structure structure, Measures usual) {
        List<Measures> all = new ArrayList<>(List.of(usual));
        structure.choices().stream()
                .filter(choice -> choice.id().startsWith("extra-"))
                .forEach(choice -> choice.alternatives()
                        .forEach(one -> all.add(structure.rechosen(usual, choice.id(), one.id(), MM))));
        if (structure.parameter("extra-1-seat").isPresent()) {
            List.copyOf(all).forEach(one -> all.add(one.with("extra-1-seat", Length.ofMillimetres(50))));
        }
        return all;
    }

    private static ExtraKind kind(String id) {
        return ExtraKinds.find(id).orElseThrow();
    }

    static Stream<String> kindsOnOneFace() {
        return ExtraKinds.ALL.stream()
                .filter(kind -> kind.reach() == ExtraKind.Reach.ONE)
                .map(ExtraKind::id);
    }

    /** Built a little beyond a limit that is said to be the panel's edge, less of it is glued than ought to be. */
    @ParameterizedTest
    @CsvSource({"spring-mount, ", "figure, ", "pop-out, Back", "swing, Back", "insert, ", "small-card, "})
    void beyondALimitItFailsAsSaid(String kind, @Nullable String to) {
        Plan plan = put(card("side-fold", 120, 160), kind, "Kite", "Cover", to);
        Structure structure = WORKSHOP.structure(plan);
        int checked = 0;
        for (Measures chosen : choices(structure, plan.measures())) {
            for (Measure measure : kind(kind).measures()) {
                String id = "extra-1-" + measure.key();
                if (structure.asked(chosen).stream()
                        .noneMatch(asked -> asked.id().equals(id))) {
                    continue;
                }
                Limits limits = structure.limits(id, chosen);
                Measures over = chosen.with(id, limits.most().plus(Length.ofMillimetres(1)));
                switch (limits.mostBecause()) {
                    case Edges.BEYOND, "it would reach beyond the fold" -> {
                        assertThat(glued(plan, over)).as(id).isLessThan(meantToBeGlued(plan, over) - 0.5);
                        checked++;
                    }
                    case "the fold could not be opened flat: the strip would be too short" -> {
                        assertThat(openGap(plan, over)).as(id).isGreaterThan(0.1);
                        checked++;
                    }
                    case "the tabs would meet under the seat" -> {
                        assertThat(tabsOverlap(plan, over)).as(id).isTrue();
                        checked++;
                    }
                    default ->
                        assertThat(limits.mostBecause())
                                .isIn(
                                        "no sheet or board takes a larger one",
                                        "the springs would meet under the seat",
                                        "there would be no seat between the springs");
                }
            }
        }
        assertThat(checked).isPositive();
    }

    /** The card with it built, whether or not its measures are within their limits. */
    private static FoldGraph built(Plan plan, Measures measures) {
        Structure base = WORKSHOP.structure(plan.structureId());
        Assembly bare = base.assemble(measures);
        Fitted at = Fitted.of(
                        plan.extras().all().get(0),
                        FoldedForm.of(FoldGraph.of(bare), base.closed(measures)),
                        measures,
                        Allowances.usual())
                .orElseThrow();
        return FoldGraph.of(Building.on(bare, at));
    }

    private static double glued(Plan plan, Measures measures) {
        FoldGraph graph = built(plan, measures);
        return GlueArea.of(graph).stream()
                        .mapToDouble(area -> area.shape().getArea())
                        .sum()
                / 2;
    }

    /** Whole panels, or a strip of the sheet that is glued by its edge. */
    private static double meantToBeGlued(Plan plan, Measures measures) {
        FoldGraph graph = built(plan, measures);
        double sum = 0;
        for (Link.Glued link : graph.joins()) {
            Panel panel = graph.panels().get(link.to());
            sum += link.join().area().isEmpty()
                    ? panel.area()
                    : panel.area()
                            / panel.width().millimetres()
                            * link.join()
                                    .area()
                                    .get(1)
                                    .x()
                                    .minus(link.join().area().get(0).x())
                                    .millimetres();
        }
        return sum;
    }

    private static boolean tabsOverlap(Plan plan, Measures measures) {
        FoldGraph graph = built(plan, measures);
        List<GlueArea> onCover = GlueArea.of(graph).stream()
                .filter(area -> area.panel() == 1 || area.panel() == 0)
                .toList();
        return onCover.size() == 2
                && onCover.get(0).shape().intersection(onCover.get(1).shape()).getArea() > 0.1;
    }

    /** How far the loop of a strip over an open fold is from closing, whatever the angles: by its length alone. */
    private static double openGap(Plan plan, Measures measures) {
        FoldGraph graph = built(plan, measures);
        List<Panel> strip = graph.panels().stream()
                .filter(panel -> panel.name().startsWith("Kite"))
                .filter(panel -> !panel.name().endsWith("tab"))
                .toList();
        double length =
                strip.stream().mapToDouble(panel -> panel.width().millimetres()).sum();
        List<GlueArea> tabs = GlueArea.of(graph).stream()
                .filter(area -> graph.panels().get(area.panel()).name().matches("Cover|Back"))
                .toList();
        double between = tabs.get(0).shape().distance(tabs.get(1).shape());
        return between - length;
    }

    /** What nobody typed lies on the ruler's marks, in inches and in millimetres. */
    @ParameterizedTest
    @MethodSource("kindsOnOneFace")
    void usualMeasuresLieOnMarks(String kind) {
        for (String id : List.of("mm", "mm5", "eighths", "sixteenths")) {
            var ruler = Ruler.find(id).orElseThrow();
            Plan bare = Plan.of(
                    "Kite day",
                    "side-fold",
                    WORKSHOP.structure("side-fold").proportioned(Size.ofMillimetres(133, 187), ruler),
                    ruler);
            Plan plan = put(bare, kind, "Kite", "Cover", null);
            Structure structure = WORKSHOP.structure(plan);
            structure.asked(plan.measures()).stream()
                    .filter(parameter -> parameter.id().startsWith("extra-"))
                    .forEach(parameter -> assertThat(ruler.marks(structure.measure(parameter.id(), plan.measures())))
                            .as("%s on %s", parameter.label(), id)
                            .isTrue());
        }
    }

    /** Where it is looked at from the back of the sheet, left is left all the same. */
    @ParameterizedTest
    @CsvSource({"FACE", "BACK"})
    void placesGoFromTheLeftAsOneLooksAtIt(Side side) {
        Plan plan = Carried.set(
                put(card("side-fold", 120, 160), "topper", "Kite", "Cover", side, null),
                "extra-1-width",
                "40",
                "extra-1-across",
                "10");
        WorkedPlan worked = WORKSHOP.work(plan);
        FoldGraph graph = worked.form().graph();
        int cover = index(worked, "Cover");
        GlueArea glue = GlueArea.of(graph).stream()
                .filter(area -> area.panel() == cover)
                .findFirst()
                .orElseThrow();
        double left = glue.shape().getEnvelopeInternal().getMinX()
                - graph.panels().get(cover).left().millimetres();
        assertThat(Math.round(left)).isEqualTo(side == Side.FACE ? 10 : 120 - 10 - 40);
    }
}
