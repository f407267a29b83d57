package vantbreeze.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import vantbreeze.core.cutting.CutChoices.SheetOf;
import vantbreeze.core.cutting.CutLayout.CutStack;
import vantbreeze.core.cutting.CutLayout.LaidBlank;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.guillotine.VirtualTrimmer;
import vantbreeze.core.length.Length;

/** What a maker decides about a plan of cuts: where blanks lie, which sheets are used. */
class CutPinsTest {

    private static CutPin pin(String name, int nth, String sheet, int x, int y, boolean turned) {
        return new CutPin(
                new Blank.OfPiece(new PieceId(name, nth)),
                sheet,
                1,
                Length.ofMillimetres(x),
                Length.ofMillimetres(y),
                turned);
    }

    private static PaperPlan plan(CutOrder order) {
        PaperPlan plan = CutCases.plan(order);
        new VirtualTrimmer(plan.problem()).cut(plan.solution());
        return plan;
    }

    private static LaidBlank lying(PaperPlan plan, String name, int nth) {
        return CutLayout.of(plan).stacks().stream()
                .flatMap(stack -> stack.blanks().stream())
                .filter(one -> one.uses().contains(new Blank.OfPiece(new PieceId(name, nth))))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatIsPinnedLiesThereAndTheRestIsPlannedAboutIt() {
        Blanks blanks = CutCases.rectangles("Tail", 5, 60, 40).and(CutCases.rectangles("Sail", 2, 100, 80));
        CutChoices choices = CutChoices.NONE.withPin(pin("Sail", 2, "a", 50, 100, true));
        PaperPlan plan = plan(CutCases.order(blanks, choices, CutCases.sheet("a", 210, 297, 9)));
        LaidBlank sail = lying(plan, "Sail", 2);
        assertThat(sail.isPinned()).isTrue();
        assertThat(sail.turned()).isTrue();
        assertThat(sail.outline().getEnvelopeInternal().getMinX()).isEqualTo(50);
        assertThat(sail.outline().getEnvelopeInternal().getMinY()).isEqualTo(100);
        assertThat(sail.outline().getEnvelopeInternal().getHeight()).isEqualTo(100);
        assertThat(plan.solution().isWhole()).isTrue();
        // every piece lies somewhere, once
        assertThat(CutLayout.of(plan).stacks().stream()
                        .flatMap(stack -> stack.blanks().stream())
                        .flatMap(one -> one.uses().stream()))
                .containsExactlyInAnyOrderElementsOf(blanks.all().stream()
                        .flatMap(blank -> blank.uses().stream())
                        .toList());
        assertThat(CutLayout.of(plan).stacks().get(0).nths()).containsExactly(1);
    }

    /** Pinned across the middle it takes one more sheet: the plan without is told beside it. */
    @Test
    void whatAPinCostsIsKnown() {
        Blanks blanks = CutCases.rectangles("Sail", 4, 100, 140);
        CutChoices choices = CutChoices.NONE.withPin(pin("Sail", 1, "a", 55, 80, false));
        CutOrder order = CutCases.order(blanks, choices, CutCases.sheet("a", 210, 297, 9));
        CutPlan plan = CutPlan.of(order);
        OtherPlans others = OtherPlans.of(order, CutWatch.NONE);
        assertThat(sheetsOf(plan)).isEqualTo(2);
        assertThat(sheetsOf(others.unpinned().orElseThrow())).isEqualTo(1);
        assertThat(others.plain()).isEqualTo(others.unpinned());
        CutOrder free = order.with(CutChoices.NONE.withWishes(CutWishes.USUAL.withGrain(CutWishes.Grain.RULE)));
        assertThat(OtherPlans.of(free, CutWatch.NONE).unpinned()).isEmpty();
        assertThat(OtherPlans.of(free, CutWatch.NONE).plain()).isPresent();
        assertThat(OtherPlans.of(order.with(CutChoices.NONE), CutWatch.NONE)).isEqualTo(OtherPlans.NONE);
    }

    private static int sheetsOf(CutPlan plan) {
        return plan.papers().get(0).solution().patterns().size();
    }

    /** What was pinned the other way than the grain allows has a place: nothing of it is left out. */
    @Test
    void whatIsPinnedAcrossTheGrainHasItsPlace() {
        Blanks blanks = CutCases.across("Stage", 250, 190);
        CutChoices rule = CutChoices.NONE.withWishes(CutWishes.USUAL.withGrain(CutWishes.Grain.RULE));
        CutOrder order = CutCases.order(blanks, rule, CutCases.sheet("a", 200, 300, 9));
        assertThat(plan(order).leftOut()).extracting(PaperPlan.LeftOut::why).containsExactly(PaperPlan.Why.GRAIN);
        PaperPlan pinned = CutCases.plan(order.with(rule.withPin(pin("Stage", 1, "a", 0, 0, true))));
        assertThat(pinned.leftOut()).isEmpty();
        assertThat(pinned.folds()).isEqualTo(PaperPlan.Folds.PINNED_ACROSS);
    }

    @Test
    void whatCanNotLieThereAnyMoreIsTold() {
        Blanks blanks = CutCases.rectangles("Sail", 3, 100, 140);
        CutChoices choices = CutChoices.NONE
                .withPin(pin("Sail", 1, "a", 120, 0, false))
                .withPin(pin("Sail", 2, "a", 0, 0, false))
                .withPin(pin("Sail", 3, "a", 90, 100, false));
        PaperPlan plan = plan(CutCases.order(blanks, choices, CutCases.sheet("a", 210, 297, 9)));
        assertThat(plan.lostPins())
                .extracting(PaperPlan.LostPin::why)
                .containsExactly("it reaches beyond the sheet there", "it lies on another that is pinned");
        assertThat(lying(plan, "Sail", 2).isPinned()).isTrue();
        assertThat(plan.solution().isWhole()).isTrue();
    }

    @Test
    void whereItMayNotBePutIsSaid() {
        Blanks blanks = CutCases.rectangles("Kite", 4, 30, 60)
                .and(CutCases.outlined("Print", 1, CutCases.PLAIN, 0, 0, 100, 0, 100, 100, 0, 100));
        CutChoices pinwheel = CutChoices.NONE
                .withPin(pin("Kite", 1, "a", 0, 0, true))
                .withPin(pin("Kite", 2, "a", 60, 0, false))
                .withPin(pin("Kite", 3, "a", 30, 60, true));
        CutOrder order = CutCases.order(blanks, pinwheel, CutCases.sheet("a", 210, 297, 1));
        assertThat(refusal(order, pin("Kite", 4, "a", 0, 30, false)))
                .hasValue("no cuts from edge to edge would free it from the others that are pinned");
        assertThat(refusal(order, pin("Kite", 4, "a", 100, 100, false))).isEmpty();
        assertThat(refusal(order, pin("Kite", 4, "b", 0, 0, false))).hasValue("that sheet is not cut from");
        CutPin second = new CutPin(new Blank.OfPiece(new PieceId("Kite", 4)), "a", 2, Length.ZERO, Length.ZERO, false);
        assertThat(refusal(order, second)).hasValue("there are no more of these sheets");
        Blanks printed = CutCases.outlined("Print", 1, CutCases.PRINTED, 0, 0, 300, 0, 300, 100, 0, 100);
        assertThat(refusal(CutCases.order(printed, CutChoices.NONE), pin("Print", 1, "a4", 0, 0, true)))
                .hasValue("its pattern has an upper end, so it is not turned");
    }

    private static Optional<String> refusal(CutOrder order, CutPin pin) {
        return CutPlan.tried(
                        order,
                        pin.use(),
                        pin.sheetId(),
                        pin.nth(),
                        pin.x().millimetres(),
                        pin.y().millimetres(),
                        pin.turned())
                .refusal();
    }

    @Test
    void aSheetIsLeftAloneOrUsedFirstOrAdded() {
        Blanks blanks = CutCases.rectangles("Sail", 2, 100, 140);
        CutOrder order = CutCases.order(
                blanks, CutChoices.NONE, CutCases.sheet("large", 297, 420, 2), CutCases.sheet("small", 150, 210, 2));
        assertThat(sheets(order)).containsOnly("small");
        assertThat(sheets(order.with(CutChoices.NONE.withSheet(new SheetOf("kite", "small"), SheetUse.BANNED))))
                .containsOnly("large");
        assertThat(sheets(order.with(CutChoices.NONE.withSheet(new SheetOf("kite", "large"), SheetUse.FIRST))))
                .containsOnly("large");
        CutChoices a3 = CutChoices.NONE
                .withSheet(new SheetOf("kite", "small"), SheetUse.BANNED)
                .withSheet(new SheetOf("kite", "large"), SheetUse.BANNED)
                .withSheet(new SheetOf("kite", "a5"), SheetUse.ADDED);
        assertThat(sheets(order.with(a3))).containsOnly("a5");
        PaperPlan none = plan(order.with(a3.withSheet(new SheetOf("kite", "a5"), null)));
        assertThat(none.hasNoSheet()).isTrue();
        assertThat(none.leftOut()).extracting(PaperPlan.LeftOut::count).containsExactly(2);
    }

    private static List<String> sheets(CutOrder order) {
        return CutLayout.of(plan(order)).stacks().stream()
                .map(CutStack::sheet)
                .map(sheet -> sheet.id())
                .toList();
    }

    @Test
    void thereIsAnEndToPinning() {
        CutChoices many = new CutChoices(
                CutWishes.USUAL,
                Map.of(),
                IntStream.rangeClosed(1, CutChoices.MOST_PINS)
                        .mapToObj(nth -> pin("Sail", nth, "a", 0, 0, false))
                        .toList(),
                List.of());
        assertThatThrownBy(() -> many.withPin(pin("Sail", 201, "a", 0, 0, false)))
                .hasMessage("More than 200 pieces are pinned. Let some go: the rest is planned for you.");
        assertThatThrownBy(() -> pin("Sail", 1, "a", -1, 0, false))
                .hasMessage("It lies beyond the sheet. Put it where it is all paper.");
    }
}
