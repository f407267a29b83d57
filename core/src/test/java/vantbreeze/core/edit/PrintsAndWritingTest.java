package vantbreeze.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Look;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.Slide;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Prints;
import vantbreeze.core.plan.Stages;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

/** The base's own print slid under its scores, and somewhere to write where there was nowhere. */
class PrintsAndWritingTest {

    private static final Workshop WORKSHOP = Workshop.standard()
            .with(new OwnStock(
                    OwnStock.usual().tools(),
                    List.of(),
                    List.of(),
                    Map.of(
                            "own-awning", card("Awning", "#fbf5e6", Look.of(Look.Print.STRIPES, "#a8382e")),
                            "own-night", card("Night", "#1f3350", Look.plain("#1f3350"))),
                    Set.of()));

    private static Cardstock card(String name, String colour, Look look) {
        return new Cardstock(
                name, 300, Length.ofMicrometres(400), Cardstock.Grain.UNKNOWN, Cardstock.Pattern.PLAIN, colour, look);
    }

    private static Plan plan(String structure, int width, int height, String cardstock) {
        return Plan.of(
                        "Kite day",
                        structure,
                        WORKSHOP.structure(structure).proportioned(Size.ofMillimetres(width, height), Ruler.MM_1),
                        Ruler.MM_1)
                .withCardstock(cardstock);
    }

    private static Plan set(Plan plan, String field, String text) {
        return SetField.to(field, text).on(plan, WORKSHOP).plan();
    }

    private static Optional<Finding> nowhere(Plan plan) {
        return WORKSHOP.work(plan).findings().stream()
                .filter(finding -> finding.about().equals("writing"))
                .findFirst();
    }

    @Test
    void theWhiteBackOfAPrintedCardIsSomewhereToWrite() {
        assertThat(nowhere(plan("z-fold", 140, 100, "own-awning"))).isEmpty();
        assertThat(nowhere(plan("z-fold", 140, 100, "own-night"))).isPresent();
    }

    @ParameterizedTest
    @ValueSource(strings = {"z-fold", "side-fold", "gatefold", "stage", "inverted-z", "floating-book"})
    void eachWayToMakeAPlaceToWriteMakesOne(String structure) {
        Plan plan = plan(structure, 150, 120, "own-night");
        List<Finding.Mend> mends = nowhere(plan).orElseThrow().mends();
        assertThat(mends).hasSize(2);
        for (Finding.Mend mend : mends) {
            Plan mended = set(plan, mend.parameter(), String.valueOf(mend.chosen()));
            assertThat(nowhere(mended)).as("%s, %s", structure, mend.label()).isEmpty();
            assertThat(WORKSHOP.work(mended).findings())
                    .noneMatch(finding -> finding.severity() == Finding.Severity.MUST_FIX);
        }
        Plan carded = set(plan, "writing", "small-card");
        assertThat(carded.extras().all()).hasSize(1);
        // it is of pale card, and the rest of the night's
        WorkedPlan worked = WORKSHOP.work(carded);
        int last = worked.pieces().size() - 1;
        assertThat(worked.stocks().get(last).takesWriting(true)).isTrue();
        assertThat(worked.stocks().get(0).name()).isEqualTo("Night");
    }

    @Test
    void whereNoPanelIsLargeEnoughNothingIsOffered() {
        Plan small = plan("side-fold", 50, 50, "own-night");
        assertThat(nowhere(small).orElseThrow().mends()).isEmpty();
        assertThatThrownBy(() -> set(small, "writing", "small-card"))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("No panel takes a small card");
        assertThatThrownBy(() -> set(small, "writing", "kite")).hasMessageContaining("no place to write called");
    }

    /** By hand: stripes begin again every 8 mm; counted from where they begin, a score is at a whole one or at half. */
    @Test
    void aPrintLeadsToTheScores() {
        WorkedPlan worked = WORKSHOP.work(plan("z-fold", 140, 100, "own-awning"));
        List<Prints.Lead> leads = Prints.leads(worked, 0);
        assertThat(leads).hasSize(1 + 2 * 2);
        List<BoardScore> scores = worked.pieces().get(0).scores();
        for (int i = 1; i < leads.size(); i++) {
            double from = scores.get((i - 1) / 2).fromLeft().millimetres()
                    - leads.get(i).across().millimetres();
            assertThat(Math.abs(Math.IEEEremainder(from, 8)))
                    .as(leads.get(i).words())
                    .isCloseTo(i % 2 == 1 ? 0 : 4, within(1e-9));
        }
        assertThat(Prints.leads(WORKSHOP.work(plan("z-fold", 140, 100, "own-night")), 0))
                .isEmpty();
    }

    @Test
    void aPrintIsSlidOnAPieceAndOnThoseCutAlike() {
        Plan plan = plan("never-ending", 120, 120, "own-awning");
        List<PieceId> ids = PieceId.all(WORKSHOP.work(plan).of(Stages.ASSEMBLY).pieces());
        String first = "%s#%d".formatted(ids.get(0).name(), ids.get(0).nth());
        Plan slid = set(set(plan, "print-across:" + first, "3"), "print-up:" + first, "2.5");
        Slide slide = new Slide(Length.ofMillimetres(3), Length.ofMicrometres(2500));
        WorkedPlan worked = WORKSHOP.work(slid);
        int copies = worked.alike().get(0).size();
        assertThat(slid.supplies().slides()).hasSize(copies).containsValue(slide);
        assertThat(Prints.slide(worked, 0)).isEqualTo(slide);
        assertThat(Prints.slide(worked, 3)).isEqualTo(Slide.NONE);
        Plan back = set(set(slid, "print-across:" + first, "0"), "print-up:" + first, "0");
        assertThat(back.supplies()).isEqualTo(plan.supplies());
        // it does not go before the edge
        Edit left = new SetField("print-across:" + first, Entry.marks(-4));
        assertThat(left.on(plan, WORKSHOP).plan().supplies().slides()).isEmpty();
        assertThatThrownBy(() -> set(plan, "print-up:Sail#1", "3")).hasMessageContaining("no piece \"Sail\"");
        assertThatThrownBy(() -> set(plan, "print-up:" + first, "far")).hasMessageContaining("not a measure");
    }
}
