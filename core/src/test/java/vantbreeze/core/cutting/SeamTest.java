package vantbreeze.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Envelope;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.ChooseCuts;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Stages;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Structure;

/** Pieces that no sheet is large enough for, joined from parts. */
class SeamTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static Plan plan(String structure, int width, int height, Ruler ruler) {
        Structure fold = WORKSHOP.structure(structure);
        return Plan.of("Kite day", structure, fold.proportioned(Size.ofMillimetres(width, height), ruler), ruler);
    }

    private static WorkedPlan joined(Plan plan) {
        return WORKSHOP.work(
                new ChooseCuts.Join(paper(plan), 0).on(plan, WORKSHOP).plan());
    }

    private static String paper(Plan plan) {
        return WORKSHOP.work(plan).blanks().all().get(0).stockId();
    }

    private static PaperPlan cut(WorkedPlan worked) {
        return CutPlan.of(worked.cutOrder(WORKSHOP.sheets())).papers().get(0);
    }

    /** Whatever is joined: every part comes from a sheet, no seam lies on a line, and the paper is that of the card. */
    @ParameterizedTest
    @CsvSource({"gatefold,200,90", "z-fold,260,100", "concertina,150,150", "gatefold,290,150", "z-fold,400,180"})
    void partsComeFromSheetsAndSeamsKeepOffFolds(String structure, int width, int height) {
        Plan plan = plan(structure, width, height, Ruler.MM_1);
        WorkedPlan whole = WORKSHOP.work(plan);
        assertThat(cut(whole).leftOut()).extracting(PaperPlan.LeftOut::why).contains(PaperPlan.Why.TOO_LARGE);
        WorkedPlan joined = joined(plan);
        assertThat(cut(joined).leftOut()).isEmpty();
        PieceParts parts = joined.of(Stages.PARTS).get(0);
        assertThat(parts.isSeamed()).isTrue();
        Piece piece = parts.piece();
        double overlaps = 0;
        for (int i = 0; i < parts.seams().size(); i++) {
            Seam seam = parts.seams().get(i);
            assertThat(seam.overlap()).isEqualTo(Length.ofMillimetres(13));
            // the two that meet there overlap by just the strip, and are cut to a mark of the ruler
            Envelope one = outline(parts.parts().get(i));
            Envelope other = outline(parts.parts().get(i + 1));
            Envelope both = one.intersection(other);
            assertThat(seam.upright() ? both.getWidth() : both.getHeight()).isCloseTo(13, within(1e-6));
            assertThat(Ruler.MM_1.marks(seam.at())).isTrue();
            overlaps += parts.strips().get(i).shape().getArea();
            piece.creases().forEach(crease -> assertThat(
                            SeamStrip.line(crease.line()).distance(SeamStrip.FACTORY.toGeometry(both)))
                    .isGreaterThanOrEqualTo(3));
        }
        double area = parts.parts().stream()
                .mapToDouble(part -> SeamStrip.paper(part).getArea())
                .sum();
        assertThat(area - overlaps).isCloseTo(SeamStrip.paper(piece).getArea(), within(0.01));
        assertThat(parts.parts().stream()
                        .mapToInt(part -> part.creases().size())
                        .sum())
                .isEqualTo(piece.creases().size());
    }

    private static Envelope outline(Piece piece) {
        return SeamStrip.paper(piece).getEnvelopeInternal();
    }

    /** The seam adds one thickness of card where it lies, and its weight. */
    @Test
    void anOverlapIsThickerAndHeavier() {
        Plan plan = plan("gatefold", 200, 90, Ruler.MM_1);
        WorkedPlan whole = WORKSHOP.work(plan);
        WorkedPlan joined = joined(plan);
        double caliper = whole.stocks().get(0).caliper().millimetres();
        assertThat(joined.closedCard().thickness()).isCloseTo(whole.closedCard().thickness() + caliper, within(1e-6));
        double strip = joined.of(Stages.PARTS).get(0).strips().get(0).shape().getArea();
        assertThat(strip).isCloseTo(13 * 90, within(1e-6));
        assertThat(joined.closedCard().weight().grams()
                        - whole.closedCard().weight().grams())
                .isCloseTo(strip * 1e-6 * whole.stocks().get(0).grammage(), within(1e-6));
    }

    /** A mat on one panel draws the seam there. */
    @Test
    void aSeamGoesUnderALayer() {
        Plan plan = plan("z-fold", 150, 100, Ruler.MM_1);
        WorkedPlan whole = WORKSHOP.work(plan);
        List<String> panels = whole.form().graph().panels().stream()
                .map(panel -> panel.name())
                .toList();
        for (String panel : panels) {
            FaceName face = new FaceName(0, panel, Side.FACE);
            FaceName back = new FaceName(0, panel, Side.BACK);
            LayerChoice mat = LayerChoice.of("card-160", Length.ofMillimetres(3));
            Plan dressed = plan.withDressing(
                    Dressing.NONE.with(Dressed.of(face, List.of(mat))).with(Dressed.of(back, List.of(mat))));
            WorkedPlan joined = joined(dressed);
            PieceParts parts = joined.of(Stages.PARTS).get(0);
            assertThat(parts.strips())
                    .extracting(strip -> panels.get(strip.panel()))
                    .containsExactly(panel);
        }
    }

    private static Length firstFold(WorkedPlan card) {
        Piece base = card.of(Stages.ASSEMBLY).pieces().get(0);
        return base.creases().get(0).line().from().x();
    }

    /** Where every strip would cross a fold there is no seam, and that is said. */
    @Test
    void whereNoSeamMayBeIsSaid() {
        Plan plan = plan("gatefold", 200, 90, Ruler.MM_1);
        PieceId base = PieceId.BASE;
        WorkedPlan worked = joined(plan);
        Seam seam = worked.of(Stages.PARTS).get(0).seams().get(0);
        Length fold = firstFold(worked);
        assertThatThrownBy(() -> new ChooseCuts.MoveSeam(base, 0, fold, 0).on(worked.plan(), WORKSHOP))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("A seam lies in one panel, clear of folds, slits and edges.");
        assertThatThrownBy(() -> new ChooseCuts.MoveSeam(base, 1, fold, 0).on(worked.plan(), WORKSHOP))
                .hasMessageContaining("That seam is not there any more.");
        Length moved = seam.at().minus(Length.ofMillimetres(4));
        Plan after = new ChooseCuts.MoveSeam(base, 0, null, -4)
                .on(worked.plan(), WORKSHOP)
                .plan();
        assertThat(WORKSHOP.work(after).of(Stages.PARTS).get(0).seams().get(0).at())
                .isEqualTo(moved);
        Plan again = new ChooseCuts.Whole(base).on(after, WORKSHOP).plan();
        assertThat(again.cutting()).isEqualTo(plan.cutting());
        Plan large = plan("gatefold", 700, 700, Ruler.MM_1);
        assertThatThrownBy(() -> joined(large)).hasMessageContaining("There is no place for a seam");
    }

    /** A seam that comes to lie on a fold when measures change is none: the piece is whole, and too large again. */
    @Test
    void aSeamThatCrossesAFoldByNowIsNone() {
        WorkedPlan joined = joined(plan("gatefold", 200, 90, Ruler.MM_1));
        Seam seam = joined.of(Stages.PARTS).get(0).seams().get(0);
        Length fold = firstFold(joined);
        Plan across = joined.plan()
                .withCutting(joined.plan()
                        .cutting()
                        .withSeams(PieceId.BASE, List.of(new Seam(PieceId.BASE, true, fold, seam.overlap()))));
        WorkedPlan worked = WORKSHOP.work(across);
        assertThat(worked.of(Stages.PARTS).get(0).isSeamed()).isFalse();
        assertThat(cut(worked).leftOut()).hasSize(1);
        assertThatThrownBy(() -> new Seam(PieceId.BASE, true, seam.overlap(), seam.overlap()))
                .hasMessageContaining("A seam lies within its piece");
    }

    /** At the table the parts are cut, and joined before anything is scored. */
    @Test
    void theStepsTellHowItIsJoined() {
        WorkedPlan joined = joined(plan("gatefold", 200, 90, Ruler.MM_1));
        List<CutStep> steps = CutSteps.of(CutLayout.of(cut(joined)), joined.tools(), joined.ruler());
        assertThat(steps.stream().flatMap(step -> step.falls().stream()).map(CutStep.Fallen::name))
                .contains("part 1 of Card base", "part 2 of Card base");
        assertThat(steps.get(steps.size() - 1).words())
                .isEqualTo("Glue the left 13 mm of part 2 of Card base, face up, under the right end of the part before"
                        + " it: the edges beside the seam in one line along a rule. Score and fold only then.");
    }
}
