package vantbreeze.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fold.Faults;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.free.Loosening;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.tool.Allowances;

/** What must hold for every structure of the catalogue, whichever they are. */
class EveryStructureTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    static Stream<Structure> all() {
        return Catalogue.full().all().stream();
    }

    @Provide
    Arbitrary<Variant> variants() {
        List<Variant> variants = new ArrayList<>();
        for (Structure structure : Catalogue.full().all()) {
            variants.add(new Variant(structure, null, null));
            structure.choices().forEach(choice -> choice.alternatives().stream()
                    .skip(1)
                    .forEach(alternative -> variants.add(new Variant(structure, choice, alternative.id()))));
        }
        return Arbitraries.of(variants);
    }

    record Variant(Structure structure, Choice choice, String chosen) {
        Plan plan(Size finished, Ruler ruler) {
            Plan plan = Plan.of("Kite day", structure.id(), structure.proportioned(finished, ruler), ruler);
            return choice == null ? plan : plan.choosing(structure, choice.id(), chosen);
        }

        @Override
        public String toString() {
            return structure.id() + (choice == null ? "" : ", %s %s".formatted(choice.id(), chosen));
        }
    }

    private static void holds(Variant variant, Size finished, WorkedPlan worked) {
        boolean square = variant.structure instanceof ExplodingGatefold || variant.structure instanceof NeverEnding;
        if (!square) {
            assertThat(worked.footprint()).as("%s", variant).isEqualTo(finished);
        }
        assertThat(worked.footprint())
                .isEqualTo(new Size(
                        worked.plan().measures().get(Parameter.WIDTH),
                        worked.plan().measures().get(Parameter.HEIGHT)));
        assertThat(worked.form().closed().closureError()).isLessThan(0.001);
        assertThat(worked.form().fromBelow())
                .as("%s", variant)
                .hasSameSizeAs(worked.form().graph().panels());
        assertThat(worked.form().motion().isRigid()).as("%s", variant).isTrue();
        assertThat(worked.form().motion().passings()).as("%s", variant).isEmpty();
        assertThat(worked.findings())
                .as("%s", variant)
                .noneMatch(finding -> finding.severity() == Finding.Severity.MUST_FIX);
        worked.pieces()
                .forEach(piece -> assertThat(Faults.of(piece.panels().piece()).all())
                        .as("%s", variant)
                        .isEmpty());
    }

    @Property(tries = 400)
    void closesToItsFinishedSizeHasAnOrderAndMoves(
            @ForAll @IntRange(min = 100, max = 300) int width,
            @ForAll @IntRange(min = 100, max = 300) int height,
            @ForAll("variants") Variant variant) {
        Size finished = Size.ofMillimetres(width, height);
        Plan plan;
        try {
            plan = variant.plan(finished, Ruler.MM_HALF);
        } catch (ValidationException tooSmallForSoMany) {
            Assume.that(false);
            return;
        }
        holds(variant, finished, WORKSHOP.work(plan));
    }

    @Property(tries = 100)
    void doesSoInInchesToo(
            @ForAll @IntRange(min = 16, max = 40) int quarters,
            @ForAll @IntRange(min = 16, max = 40) int high,
            @ForAll("variants") Variant variant) {
        Size finished = new Size(Length.ofInches(0, quarters, 4), Length.ofInches(0, high, 4));
        Plan plan;
        try {
            plan = variant.plan(finished, Ruler.SIXTEENTHS);
        } catch (ValidationException tooSmallForSoMany) {
            Assume.that(false);
            return;
        }
        holds(variant, finished, WORKSHOP.work(plan));
    }

    /**
     * Whatever a structure lets be typed, one measure after another, it closes with; what excludes another measure is
     * refused with the ways out.
     */
    @Property(tries = 1000)
    void closesWithMeasuresMovedInPairs(
            @ForAll @IntRange(min = 110, max = 300) int width,
            @ForAll @IntRange(min = 110, max = 300) int height,
            @ForAll("variants") Variant variant,
            @ForAll @IntRange(min = 0, max = 63) int first,
            @ForAll @IntRange(min = 0, max = 63) int second,
            @ForAll @IntRange(min = 0, max = 8) int far,
            @ForAll @IntRange(min = 0, max = 8) int further) {
        Plan plan;
        try {
            plan = variant.plan(Size.ofMillimetres(width, height), Ruler.MM_HALF);
            WORKSHOP.work(plan);
        } catch (ValidationException tooSmallForSoMany) {
            Assume.that(false);
            return;
        }
        String words = "";
        for (int[] moved : new int[][] {{first, far}, {second, further}}) {
            List<Parameter> asked = variant.structure.asked(plan.measures());
            Parameter parameter = asked.get(moved[0] % asked.size());
            Limits limits = variant.structure.limits(parameter.id(), plan.measures());
            Length span = limits.most().min(Length.ofMillimetres(400)).minus(limits.least());
            Length wanted = limits.least().plus(span.times(moved[1]).dividedBy(8));
            Length length = limits.nearest(Ruler.MM_HALF.below(wanted).length(), Ruler.MM_HALF);
            if (!limits.allow(length)) {
                continue;
            }
            words += " %s %s".formatted(parameter.id(), length);
            try {
                plan = plan.changing(variant.structure, parameter.id(), length);
            } catch (ValidationException refused) {
                assertThat(refused.getMessage())
                        .as("%s%s", variant, words)
                        .containsAnyOf("exclude one another", "Better stop", "Better leave");
            }
        }
        WorkedPlan worked = WORKSHOP.work(plan);
        assertThat(worked.footprint())
                .as("%s%s", variant, words)
                .isEqualTo(new Size(
                        plan.measures().get(Parameter.WIDTH), plan.measures().get(Parameter.HEIGHT)));
        assertThat(worked.form().closed().closureError())
                .as("%s%s", variant, words)
                .isLessThan(0.001);
        assertThat(worked.form().fromBelow())
                .as("%s%s", variant, words)
                .hasSameSizeAs(worked.form().graph().panels());
        assertThat(worked.form().motion().isRigid()).as("%s%s", variant, words).isTrue();
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyUsualOneIsPossibleFromTenCentimetresOn(Structure structure) {
        for (Size size :
                List.of(Size.ofMillimetres(100, 100), Size.ofMillimetres(100, 300), Size.ofMillimetres(300, 100))) {
            WORKSHOP.work(
                    Plan.of("Kite day", structure.id(), structure.proportioned(size, Ruler.MM_HALF), Ruler.MM_HALF));
        }
    }

    /**
     * Limits that leave room for the hand and the paper and not for geometry alone: a little beyond them the card still
     * closes, but nobody can cut, score, glue or use it. Common practice, no source.
     */
    private static final Set<String> ROOM_TO_WORK = Set.of(
            "a narrower edging does not cover the tab's fold",
            "a narrower frame tears",
            "a narrower jog does not fold",
            "a narrower seal does not hold",
            "a narrower spring does not fold",
            Bounds.TAB_TOO_NARROW,
            "a smaller square can't be folded cleanly",
            "a thinner ring tears",
            "no back would be left beside wall and wing",
            "no frame would be left above and below",
            "no hole worth the name would be left in it",
            "no paper would be left above and below the slits",
            "no wall would be left beside the stairs",
            "nothing would be left of the middle",
            "nothing would go into the pocket",
            "outlines can't be cut cleanly on a narrower card",
            "so narrow an arch does not stand",
            "so narrow a side does not fold back",
            "so narrow an end does not stay folded in",
            "so small a lap slips through the ring",
            "so low a leaf can't be cut cleanly",
            "so narrow an outline can't be cut cleanly",
            "so slim a triangle can't be cut cleanly",
            "the back would be narrower than what folds over it",
            "the band does not lie on more of the wings",
            "the band would hardly come out from the leg",
            "the band would have nothing to hold on",
            "there is no more of the square to glue",
            "the bridge would have nothing to hold on",
            "the diagonal would run off the cover",
            "the flaps would lie on each other",
            "the disc would hide the ring",
            "the fold beside the slits would tear",
            "the fronts would slip out from under it",
            "the last hinge would be too short to hold",
            "the last tier would have no height",
            "the last two folds of the middle would lie too near each other",
            "the middle would hardly differ from the frame",
            "the middle would poke out of the closed card",
            "the outlines would hardly differ",
            "the leg and the band's end are no wider",
            "the pocket's edge would begin above it",
            "the risers would be higher than the back",
            "the score would leave too little to glue",
            "the slanted panels would be too narrow to fold cleanly",
            "the slits would have no length",
            "the slits would have no length or the diagonal run off the cover",
            "the slits would run off the second leg",
            "the slots would leave too little between them",
            "the strips would be pulled out of their slots, or not go in",
            "the strut would poke out from under the page",
            "it would stick out from the book",
            "its folds would lie beyond what its tabs are glued on",
            "its tabs would stick out above what they are glued on",
            "the tabs would not lie under the seat",
            "the tube would not square",
            "too little of the leaves would lie on their faces",
            "too little would be left beside the slots",
            "too little would be left to glue the tube",
            "it would be wider than the pillar it is glued on",
            "the tiers before it would not be less",
            "the tiers would hide one another",
            "the wings would be too narrow to fold back");

    /**
     * What a limit says happens beyond it does happen: the same card with that measure one millimetre on, made without
     * asking the limits, pokes out, does not close, lock or fold, can't be drawn, or has a panel too narrow to score.
     */
    @ParameterizedTest
    @MethodSource("all")
    void beyondEveryLimitWhatItSaysHappens(Structure structure) {
        Measures measures = structure.proportioned(Size.ofMillimetres(150, 110), Ruler.MM_HALF);
        for (Parameter parameter : structure.asked(measures)) {
            Limits limits = structure.limits(parameter.id(), measures);
            Length less = limits.least().minus(Length.ofMillimetres(1));
            assertThat(what(structure, structure.changed(measures, parameter.id(), less), limits.leastBecause()))
                    .as("%s under %s: %s", parameter.label(), limits.least(), limits.leastBecause())
                    .isNotEqualTo(GOOD);
            Length more = limits.most().plus(Length.ofMillimetres(1));
            assertThat(what(structure, structure.changed(measures, parameter.id(), more), limits.mostBecause()))
                    .as("%s over %s: %s", parameter.label(), limits.most(), limits.mostBecause())
                    .isNotEqualTo(GOOD);
        }
    }

    private static final String GOOD = "it closes, fits and folds";

    private static String what(Structure structure, Measures measures, String because) {
        if (ROOM_TO_WORK.contains(because)) {
            return because;
        }
        WorkedPlan worked;
        try {
            worked = WORKSHOP.work(Plan.of("Kite day", Loosening.of(structure, measures), Ruler.MM_HALF));
        } catch (IllegalArgumentException cantBeDrawn) {
            return "it can't be drawn";
        }
        Size finished = new Size(measures.get(Parameter.WIDTH), measures.get(Parameter.HEIGHT));
        if (because.equals(Bounds.TOO_LONG)) {
            return finished.width().max(finished.height()).isLongerThan(Bounds.LONGEST) ? "too long" : GOOD;
        }
        boolean narrow = worked.pieces().stream()
                .flatMap(piece -> piece.panels().all().stream())
                .map(panel -> panel.shape().getEnvelopeInternal())
                .anyMatch(box -> Math.min(box.getWidth(), box.getHeight())
                        < new Bounds(Allowances.usual()).narrowest().millimetres() - 1e-6);
        if (because.contains("score")) {
            return narrow ? "a panel is too narrow" : GOOD;
        }
        if (!worked.footprint().equals(finished)) {
            return "it pokes out";
        }
        if (worked.findings().stream().anyMatch(finding -> finding.severity() == Finding.Severity.MUST_FIX)) {
            return "it does not close or lock";
        }
        return worked.form().motion().isRigid()
                        && worked.form().motion().passings().isEmpty()
                ? GOOD
                : "it does not fold";
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyLimitIsTheLastThatClosesAndBeyondItTheReasonIsGiven(Structure structure) {
        Measures measures = structure.proportioned(Size.ofMillimetres(150, 110), Ruler.MM_HALF);
        Plan plan = Plan.of("Kite day", structure.id(), measures, Ruler.MM_HALF);
        for (Parameter parameter : structure.asked(measures)) {
            Limits limits = structure.limits(parameter.id(), measures);
            for (Length edge : List.of(limits.least(), limits.most())) {
                WorkedPlan worked = WORKSHOP.work(plan.changing(structure, parameter.id(), edge));
                assertThat(worked.form().closed().closureError())
                        .as("%s at %s", parameter.label(), edge)
                        .isLessThan(0.001);
                assertThat(worked.footprint().width())
                        .as("%s at %s", parameter.label(), edge)
                        .isEqualTo(worked.plan().measures().get(Parameter.WIDTH));
            }
            Length beyond = limits.most().plus(Length.ofMillimetres(1));
            assertThatThrownBy(() -> plan.changing(structure, parameter.id(), beyond))
                    .isInstanceOf(ValidationException.class)
                    .hasMessageContaining(limits.mostBecause());
            Plan inches = plan.withRuler(Ruler.SIXTEENTHS);
            Length beyondThere =
                    structure.limits(parameter.id(), inches.measures()).most().plus(Length.ofMillimetres(1));
            assertThatThrownBy(() -> inches.changing(structure, parameter.id(), beyondThere))
                    .hasMessageContaining(" in:");
            Length below = limits.least().minus(Length.ofMillimetres(1));
            assertThatThrownBy(() -> plan.changing(structure, parameter.id(), below))
                    .isInstanceOf(ValidationException.class)
                    .hasMessageContaining(limits.leastBecause());
        }
        assertThatThrownBy(() -> structure.limits("no such thing", measures)).hasMessageContaining("no measure");
    }

    /**
     * What nobody typed lies on the marks of the ruler: every level and upright line of every piece, and every measure.
     * But for what is round, which is drawn with a compass.
     */
    @ParameterizedTest
    @EnumSource(names = {"EIGHTHS", "SIXTEENTHS", "MM_1"})
    void whatNobodyTypedLiesOnTheRulersMarks(Ruler ruler) {
        for (Structure structure : Catalogue.full().all()) {
            Length step = structure.widthStep(ruler.division());
            for (int across = 126; across <= 186; across += 6) {
                for (int up = 100; up <= 180; up += 13) {
                    Length width = step.times(Length.ofMillimetres(across).timesContaining(step));
                    Size size = new Size(
                            width, ruler.nearest(Length.ofMillimetres(up)).length());
                    Measures measures = structure.proportioned(size, ruler);
                    measures.byId().forEach((id, length) -> assertThat(ruler.marks(length))
                            .as("%s %s: %s", structure.id(), size, id)
                            .isTrue());
                    for (Piece piece : structure.assemble(measures).pieces()) {
                        if (!piece.name().equals("Disc")) {
                            liesOnMarks(piece, ruler, structure.id() + " " + size);
                        }
                    }
                }
            }
        }
    }

    private static void liesOnMarks(Piece piece, Ruler ruler, String which) {
        Length left = piece.outline().stream().map(Spot::x).reduce(Length::min).orElseThrow();
        Length foot = piece.outline().stream().map(Spot::y).reduce(Length::min).orElseThrow();
        List<Stretch> lines = new ArrayList<>(piece.slits());
        piece.creases().stream()
                .filter(crease -> crease.fold() != Fold.BEND)
                .forEach(crease -> lines.add(crease.line()));
        for (int i = 0; i < piece.outline().size(); i++) {
            lines.add(new Stretch(
                    piece.outline().get(i),
                    piece.outline().get((i + 1) % piece.outline().size())));
        }
        for (Stretch line : lines) {
            Length x = line.from().x().minus(left);
            Length y = line.from().y().minus(foot);
            assertThat(!line.isUpright() || ruler.marks(x))
                    .as("%s, %s: %s across", which, piece.name(), x)
                    .isTrue();
            assertThat(!line.isLevel() || ruler.marks(y))
                    .as("%s, %s: %s up", which, piece.name(), y)
                    .isTrue();
        }
    }

    /** By hand: two thirds of 178 mm are 118.67, on a ruler of millimetres 119; tabs are of ½ in or 13 mm. */
    @Test
    void eachSchoolHasItsOwnTabs() {
        Structure tucked = new TuckedGatefold();
        Piece topper = tucked.assemble(tucked.proportioned(Size.ofMillimetres(140, 178), Ruler.MM_1))
                .pieces()
                .get(3);
        assertThat(topper.cutSize().height()).isEqualTo(Length.ofMillimetres(119));
        Structure pillars = new PillarCard();
        for (Ruler ruler : List.of(Ruler.MM_1, Ruler.EIGHTHS)) {
            Piece strip = pillars.assemble(
                            pillars.proportioned(new Size(Length.ofInches(6, 0, 1), Length.ofInches(5, 0, 1)), ruler))
                    .pieces()
                    .get(0);
            Length tab = strip.creases().stream()
                    .map(crease -> crease.line().from().x())
                    .reduce(Length::min)
                    .orElseThrow();
            assertThat(tab).isEqualTo(ruler.isInches() ? Length.ofInches(0, 1, 2) : Length.ofMillimetres(13));
        }
    }
}
