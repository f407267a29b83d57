package vantbreeze.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import vantbreeze.core.cutting.CutStep.Edge;
import vantbreeze.core.cutting.CutStep.Fallen;
import vantbreeze.core.cutting.CutStep.Kind;
import vantbreeze.core.cutting.CutStep.What;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Tools;

/** The steps of a plan, done by somebody who knows only what they say. */
class CutStepsTest {

    private static List<CutStep> steps(CutOrder order) {
        return CutSteps.of(CutLayout.of(CutCases.plan(order)), order.tools(), order.ruler());
    }

    /** Things alike in hand. */
    private record Things(Size size, int count) {}

    private static final Pattern SEVERAL = Pattern.compile("(?:both|all (\\d+)) strips (.*)");

    /** Does every step by its words; answers how many of each thing are in hand at the end. */
    private static Map<String, Integer> done(PaperPlan plan, List<CutStep> steps) {
        Map<String, Things> hands = new HashMap<>();
        CutLayout.of(plan).stacks().forEach(stack -> {
            String name = stack.sheets() == 1
                    ? "sheet " + stack.first()
                    : "sheets " + stack.first() + " to " + (stack.first() + stack.sheets() - 1);
            hands.put(name, new Things(stack.sheet().size(), 1));
        });
        Map<String, Integer> fallen = new HashMap<>();
        Length fence = Length.ZERO;
        for (CutStep step : steps) {
            if (step.kind() != Kind.CUT) {
                continue;
            }
            assertThat(step.isSet()).isEqualTo(step.fence().equals(fence) && step.isSet());
            fence = step.fence();
            Matcher several = SEVERAL.matcher(step.hand());
            String called = several.matches() ? "strip " + several.group(2) : step.hand();
            Things things = hands.remove(called);
            assertThat(things).as(step.words()).isNotNull();
            int count = !several.matches() ? 1 : several.group(1) == null ? 2 : Integer.parseInt(several.group(1));
            assertThat(things.count()).as(step.words()).isEqualTo(count);
            assertThat(step.areas()).hasSize(count);
            Size hand = things.size();
            boolean upright = step.edge() == Edge.LEFT || step.edge() == Edge.RIGHT;
            int sheets = CutLayout.of(plan).stacks().get(step.stack()).sheets();
            assertThat(step.falls().stream().mapToInt(Fallen::count).sum()).isEqualTo(step.cuts() * count);
            for (Fallen one : step.falls()) {
                Size part = upright ? new Size(fence, hand.height()) : new Size(hand.width(), fence);
                assertThat(one.size()).as(step.words()).isEqualTo(part);
                put(one, sheets, hands, fallen);
            }
            for (int i = 0; i < step.cuts(); i++) {
                hand = upright
                        ? new Size(hand.width().minus(fence), hand.height())
                        : new Size(hand.width(), hand.height().minus(fence));
                assertThat(hand.width().isPositive() && hand.height().isPositive())
                        .isTrue();
            }
            if (step.left() == null) {
                hands.put(called, new Things(hand, count));
            } else {
                assertThat(step.left().size()).isEqualTo(hand);
                assertThat(step.left().count()).isEqualTo(count);
                put(step.left(), sheets, hands, fallen);
            }
        }
        assertThat(hands).isEmpty();
        return fallen;
    }

    private static void put(Fallen one, int sheets, Map<String, Things> hands, Map<String, Integer> fallen) {
        if (one.what() == What.STRIP) {
            assertThat(hands.put(one.name(), new Things(one.size(), one.count())))
                    .isNull();
        } else if (one.what() == What.BLANK) {
            fallen.merge(one.name(), sheets * one.count(), Integer::sum);
        }
    }

    @Property(tries = 30)
    void everyBlankFallsWhenTheStepsAreDone(@ForAll @IntRange(max = 100_000) int seed) {
        Random random = new Random(seed);
        Blanks blanks = CutCases.rectangles("A", 1 + random.nextInt(6), 40 + random.nextInt(60), 30)
                .and(CutCases.rectangles("B", 1 + random.nextInt(6), 35, 60 + random.nextInt(30)))
                .and(CutCases.rectangles("C", 1 + random.nextInt(9), 90, 70));
        CutOrder order = CutCases.order(blanks, CutChoices.NONE, CutCases.sheet("a", 210, 297, 9));
        PaperPlan plan = CutCases.plan(order);
        assertThat(done(plan, steps(order)))
                .isEqualTo(blanks.all().stream().collect(Collectors.toMap(Blank::name, Blank::count)));
    }

    /** Sheets alike are cut together, in goes as deep as the trimmer takes. */
    @Test
    void sheetsAreStackedAsDeepAsTheTrimmerTakes() {
        CutOrder order = CutCases.order(
                CutCases.rectangles("Tag", 40, 100, 70), CutChoices.NONE, CutCases.sheet("a", 210, 297, 9));
        List<CutStep> steps = steps(order);
        assertThat(steps.get(0).hand()).isEqualTo("sheets 1 to 5");
        assertThat(steps.get(0).passes()).isEqualTo(2);
        assertThat(steps.get(0).notes()).containsExactly("in 2 goes, at most 3 sheets at once");
        Tools deep = order.tools().with(order.tools().allowances().with(Allowance.STACK_DEPTH, 5.0));
        CutOrder deeper = new CutOrder(order.blanks(), order.sheets(), null, order.ruler(), deep, order.choices());
        assertThat(steps(deeper).get(0).notes()).containsExactly("5 sheets on one another, under removable tape");
    }

    /** Strips that are cut alike lie on one another: one step, as many goes as the trimmer needs. */
    @Test
    void stripsAlikeAreCutTogether() {
        CutOrder order = CutCases.order(
                CutCases.rectangles("Tag", 6, 100, 90), CutChoices.NONE, CutCases.sheet("a", 210, 297, 1));
        List<String> words = steps(order).stream().map(CutStep::words).toList();
        assertThat(words)
                .containsExactly(
                        "Sheet 1, foot at the fence, 270 mm: strip A; 210 × 27 mm is left over.",
                        "Strip A, left edge at the fence, 100 mm: 2 × strip B; 10 × 270 mm is left over.",
                        "Both strips B, foot at the fence, 90 mm: 4 × Tag; the rest of each is Tag (2 strips on one"
                                + " another, under removable tape).");
    }

    /** A blade that cuts a hair too wide each time: the fence is set to a hair less, what falls is as it shall be. */
    @Test
    void theBladesBiasIsTakenOff() {
        CutOrder usual = CutCases.order(CutCases.rectangles("Tag", 1, 100, 297), CutChoices.NONE);
        Tools wide =
                usual.tools().with(usual.tools().allowances().with(Allowance.BLADE_BIAS, Length.ofMicrometres(500)));
        CutStep cut = steps(new CutOrder(usual.blanks(), usual.sheets(), null, Ruler.MM_HALF, wide, CutChoices.NONE))
                .get(0);
        assertThat(cut.fence()).isEqualTo(Length.ofMillimetres(100));
        assertThat(cut.set()).isEqualTo(Length.ofMicrometres(99_500));
        assertThat(cut.words())
                .isEqualTo("Sheet 1, left edge at the fence, 100 mm: Tag; 110 × 297 mm is left over (set to 99.5 mm,"
                        + " as your trimmer cuts 0.5 mm too wide).");
    }

    /** The first cut of a sheet longer than the bed runs across it, so that none is too long. */
    @Test
    void cutsLongerThanTheBedAreAvoidedOrTold() {
        CutOrder order = CutCases.order(
                CutCases.rectangles("Tag", 6, 140, 130), CutChoices.NONE, CutCases.sheet("a3", 297, 420, 2));
        assertThat(steps(order).stream().flatMap(step -> step.notes().stream()))
                .noneMatch(note -> note.contains("bed"));
        CutOrder banner = CutCases.order(
                CutCases.rectangles("Banner", 1, 200, 420), CutChoices.NONE, CutCases.sheet("a3", 297, 420, 2));
        assertThat(steps(banner).get(0).notes())
                .containsExactly("longer than the trimmer's bed: in two goes, along a metal rule");
    }

    @Test
    void whatIsTooSmallToHoldIsCutWithAKnife() {
        CutOrder order = CutCases.order(
                CutCases.rectangles("Speck", 2, 10, 10), CutChoices.NONE, CutCases.sheet("a", 20, 10, 2));
        assertThat(steps(order).get(0).notes())
                .containsExactly("too small to hold at the blade: with a knife, along a metal rule");
    }

    @Test
    void edgesAreSquaredFirst() {
        CutChoices squared =
                CutChoices.NONE.withWishes(new CutWishes(true, CutWishes.Grain.NONE, Length.ofMillimetres(2)));
        List<CutStep> steps = steps(
                CutCases.order(CutCases.rectangles("Tag", 1, 100, 70), squared, CutCases.sheet("a", 210, 297, 9)));
        assertThat(steps.get(0).words()).isEqualTo("Square sheet 1: trim 2 mm off each edge.");
        assertThat(steps.get(1).areas().get(0).width())
                .isEqualTo(Length.ofMillimetres(206).units());
    }

    @Test
    void whatTheTrimmerCanNotDoIsForScissorsOrKnife() {
        CutOrder order = CutCases.order(
                CutCases.outlined("Sail", 2, CutCases.PLAIN, 0, 0, 800, 0, 0, 600),
                CutChoices.NONE,
                CutCases.sheet("a", 210, 297, 9));
        assertThat(steps(order).stream()
                        .filter(step -> step.kind() == Kind.OUTLINE)
                        .map(CutStep::words))
                .containsExactly(
                        "From each rectangle of 80 × 60 mm: 2 of Sail, laid on as drawn and cut out with scissors or a"
                                + " knife.",
                        "Cut the outline of Sail: two come from one rectangle, by its diagonal.");
    }
}
