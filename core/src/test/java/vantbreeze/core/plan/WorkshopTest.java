package vantbreeze.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.Finding.Severity;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.ZFold;

class WorkshopTest {

    private final Workshop workshop = Workshop.standard();
    private final ZFold zFold = new ZFold();

    private Plan plan(long width, long height, Ruler ruler, String envelope, String sheet) {
        return Plan.of("Kite day", "z-fold", zFold.proportioned(Size.ofMillimetres(width, height), ruler), ruler)
                .withEnvelope(envelope)
                .withSheet(sheet);
    }

    /** Findings but for what is only to be minded at the table. */
    private static List<Finding> amiss(WorkedPlan worked) {
        return worked.findings().stream()
                .filter(finding -> finding.severity() != Severity.TIP)
                .toList();
    }

    @Test
    void aGoodCardHasNothingToFind() {
        WorkedPlan worked = workshop.work(plan(148, 105, Ruler.MM_1, "c6", "a4"));
        assertThat(amiss(worked)).isEmpty();
        assertThat(worked.footprint()).isEqualTo(Size.ofMillimetres(148, 105));
        assertThat(worked.pieces().get(0).yield().count()).isEqualTo(2);
        assertThat(worked.pieces().get(0).cut()).isEqualTo(Size.ofMillimetres(296, 105));
    }

    @Test
    void aCardTooLongForItsEnvelopeIsMendedAtAStroke() {
        Plan plan = plan(164, 105, Ruler.MM_1, "c6", "a3");
        var finding = workshop.work(plan).findings().get(0);
        assertThat(finding.severity()).isEqualTo(Severity.CHECK);
        assertThat(finding.text())
                .isEqualTo("The closed card is 2 mm too long for the envelope C6. Make it smaller, or take a larger "
                        + "envelope.");
        Plan mended = plan.changing(
                zFold,
                finding.mends().get(0).parameter(),
                finding.mends().get(0).length());
        assertThat(amiss(workshop.work(mended))).isEmpty();
    }

    @Test
    void aStripTooLongForItsSheetIsMendedAtAStroke() {
        Plan plan = plan(156, 105, Ruler.MM_1, "c6", "a4");
        var finding = workshop.work(plan).findings().get(0);
        assertThat(finding.text())
                .isEqualTo("The card is 15 mm too long for a sheet of A4. Take a larger sheet, make the card"
                        + " smaller, or join it from parts where you cut it.");
        assertThat(finding.mends().get(0).label()).isEqualTo("Make the finished width 148 mm");
        Plan mended = plan.changing(
                zFold,
                finding.mends().get(0).parameter(),
                finding.mends().get(0).length());
        assertThat(amiss(workshop.work(mended))).isEmpty();
    }

    @Test
    void whatIsOffTheRulerIsNotedWithItsDrift() {
        assertThat(workshop.work(plan(140, 105, Ruler.EIGHTHS, null, null)).findings())
                .filteredOn(finding -> finding.text().contains("two marks"))
                .singleElement()
                .satisfies(finding -> {
                    assertThat(finding.severity()).isEqualTo(Severity.TIP);
                    assertThat(finding.text())
                            .isEqualTo("Between two marks of this ruler lie the finished width (140 mm), the "
                                    + "finished height "
                                    + "(105 mm) and the leg (70 mm). Round them to its marks, or choose "
                                    + "another ruler.");
                });
    }

    /** A stage saved before there were swing inserts. */
    @Test
    void aPlanFromBeforeAVariantWasThereIsCompleted() {
        Measures old = new Measures(Map.of(
                "width",
                Length.ofMillimetres(150),
                "height",
                Length.ofMillimetres(105),
                "wall",
                Length.ofMillimetres(34),
                "wing",
                Length.ofMillimetres(34),
                "band",
                Length.ofMillimetres(35)));
        WorkedPlan worked = workshop.work(Plan.of("Theatre", "stage", old, Ruler.MM_1));
        assertThat(worked.footprint()).isEqualTo(Size.ofMillimetres(150, 105));
        assertThat(worked.plan().measures().get("depth")).isEqualTo(Length.ofMillimetres(17));
    }

    @Test
    void limitsAreSaidInTheMakersFigures() {
        Plan plan = plan(140, 105, Ruler.MM_1, null, null);
        assertThatThrownBy(() -> plan.changing(zFold, ZFold.LEG, Length.ofMillimetres(141)))
                .isInstanceOf(ValidationException.class)
                .hasMessage("Leg can't be over 140 mm: the leg would be wider than the finished card and stick out.");
        assertThatThrownBy(() -> plan.changing(zFold, Parameter.HEIGHT, Length.ZERO))
                .hasMessageContaining("can't be under 6 mm");
        assertThatThrownBy(() -> plan.changing(zFold, "spine", Length.ZERO)).hasMessageContaining("no measure called");
    }

    @Test
    void aPlanThatNamesWhatIsNotThereIsRefusedInWords() {
        assertThatThrownBy(() -> workshop.work(plan(140, 105, Ruler.MM_1, "c99", null)))
                .hasMessageContaining("no envelope");
        assertThatThrownBy(() -> workshop.work(plan(140, 105, Ruler.MM_1, null, "a99")))
                .hasMessageContaining("no sheet");
        assertThatThrownBy(() -> plan(140, 105, Ruler.MM_1, null, null).withName("  "))
                .hasMessageContaining("needs a name");
        Measures half = new Measures(Map.of("width", Length.ofMillimetres(100)));
        assertThatThrownBy(() ->
                        workshop.work(plan(140, 105, Ruler.MM_1, null, null).withMeasures(half)))
                .hasMessageContaining("does not say the finished height");
    }

    @Property
    void reruledPlansStayWithinHalfADivisionAndCanStillBeMade(
            @ForAll @LongRange(min = 400_000, max = 3_000_000) long width,
            @ForAll @LongRange(min = 400_000, max = 3_000_000) long height,
            @ForAll Ruler ruler) {
        Measures measures = zFold.proportioned(new Size(Length.ofUnits(width), Length.ofUnits(height)), ruler);
        Reruling reruled = Reruling.of(zFold, measures, ruler);
        assertThat(reruled.largestDrift().times(2)).isLessThanOrEqualTo(ruler.division());
        Plan plan = Plan.of("Re-ruled", "z-fold", reruled.measures(), ruler);
        assertThat(amiss(workshop.work(plan)))
                .noneMatch(finding -> !finding.about().equals("writing"));
    }
}
