package vantbreeze.core.hand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.order.Ordering;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

/** What is done to a plan as a whole, and drawn on a free one. */
class DraftingTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static Length mm(long millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    private static Spot spot(long x, long y) {
        return new Spot(mm(x), mm(y));
    }

    private static Stretch line(long x1, long y1, long x2, long y2) {
        return new Stretch(spot(x1, y1), spot(x2, y2));
    }

    private static Plan bare() {
        return Drafting.bare("Kite day", Size.ofMillimetres(200, 100), Ruler.MM_1);
    }

    private static Drafting on(Plan plan) {
        return new Drafting(WORKSHOP, plan);
    }

    private static Plan bound(String id) {
        return Plan.of(
                        "Kite day",
                        id,
                        WORKSHOP.structure(id).proportioned(Size.ofMillimetres(140, 100), Ruler.MM_1),
                        Ruler.MM_1)
                .withEnvelope("c6")
                .withSheet("a4");
    }

    private static List<String> names(Plan plan) {
        return plan.drawn().assembly().pieces().stream()
                .flatMap(piece -> Panels.of(piece).all().stream())
                .map(panel -> panel.name())
                .toList();
    }

    @Test
    void aBareSheetIsOnePanelAndFlat() {
        WorkedPlan worked = WORKSHOP.work(bare());
        assertThat(worked.footprint()).isEqualTo(Size.ofMillimetres(200, 100));
        assertThat(worked.form().ordering().verdict()).isEqualTo(Ordering.Verdict.FOUND);
        assertThatThrownBy(() -> Drafting.bare("Kite", Size.ofMillimetres(0, 100), Ruler.MM_1))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("Type both");
    }

    @Test
    void aScoreThatRunsOffTheSheetIsCutOffThere() {
        Plan scored = on(bare()).scored(0, line(100, -50, 100, 300), Fold.VALLEY);
        assertThat(scored.drawn().assembly().pieces().get(0).creases()).hasSize(1);
        assertThat(scored.drawn()
                        .assembly()
                        .pieces()
                        .get(0)
                        .creases()
                        .get(0)
                        .line()
                        .millimetres())
                .isEqualTo(100.0);
        assertThat(WORKSHOP.work(scored).footprint()).isEqualTo(Size.ofMillimetres(100, 100));
        Plan beside = on(bare()).scored(0, line(300, 0, 300, 100), Fold.VALLEY);
        assertThat(beside.drawn().assembly().pieces().get(0).creases()).isEmpty();
    }

    /** One figure: straight up from foot to head, or level from side to side. */
    @Test
    void oneFigureIsEnoughForAScore() {
        Plan upright = on(bare()).scoredThrough(0, mm(74), false, Fold.VALLEY);
        assertThat(upright).isEqualTo(on(bare()).scored(0, line(74, 0, 74, 100), Fold.VALLEY));
        Plan level = on(bare()).scoredThrough(0, mm(31), true, Fold.MOUNTAIN);
        assertThat(level).isEqualTo(on(bare()).scored(0, line(0, 31, 200, 31), Fold.MOUNTAIN));
        assertThatThrownBy(() -> on(bare()).scoredThrough(0, mm(200), false, Fold.VALLEY))
                .isInstanceOf(ValidationException.class)
                .hasMessage("The piece is 200 mm wide: a score lies within it. Type less, and more than 0.");
        assertThatThrownBy(() -> on(bare()).scoredThrough(0, mm(0), true, Fold.VALLEY))
                .hasMessageContaining("100 mm high");
    }

    /** Whichever sides meet: it comes to lie where it is said, by its own corners on the sheet below. */
    @ParameterizedTest
    @CsvSource({"BACK, FACE", "FACE, FACE", "BACK, BACK", "FACE, BACK"})
    void whatIsGluedIsMoved(Side gluedSide, Side onSide) {
        Plan two = on(on(bare()).scored(0, line(100, 0, 100, 100), Fold.VALLEY))
                .withPiece("Kite", Size.ofMillimetres(40, 30), "Panel 2");
        Plan laid = on(on(two).glued(names(two).get(2), gluedSide, "Panel 2", onSide, spot(120, 20)))
                .unglued(0);
        assertThat(GluedCorner.of(laid.drawn().assembly(), 0)).isEqualTo(spot(120, 20));
        Plan moved = on(laid).glueMoved(0, spot(131, 44));
        assertThat(GluedCorner.of(moved.drawn().assembly(), 0)).isEqualTo(spot(131, 44));
        assertThat(on(moved).glueMoved(0, spot(120, 20))).isEqualTo(laid);
        assertThat(WORKSHOP.work(moved).form().closed().closureError()).isLessThan(0.001);
        assertThatThrownBy(() -> on(laid).glueMoved(1, spot(0, 0))).hasMessageContaining("not there any more");
    }

    @Test
    void aLineOfNoLengthIsRefused() {
        assertThatThrownBy(() -> on(bare()).scored(0, line(50, 50, 50, 50), Fold.VALLEY))
                .hasMessageContaining("two ends");
        assertThatThrownBy(() -> on(bare()).slit(7, line(50, 50, 60, 50))).hasMessageContaining("not there any more");
    }

    @Test
    void aScoreThatEndsInsideIsDrawnAndFound() {
        Plan loose = on(bare()).scored(0, line(100, 0, 100, 50), Fold.VALLEY);
        assertThat(WORKSHOP.work(loose).findings())
                .anyMatch(finding -> finding.text().contains("ends inside a panel"));
    }

    @Test
    void aSlitThatCutsAPanelFreeIsRefused() {
        assertThatThrownBy(() -> on(bare()).slit(0, line(100, 0, 100, 100))).hasMessageContaining("cut free");
    }

    @Test
    void slantedScoresFold() {
        // a corner turned over along a diagonal
        Plan corner = on(bare()).scored(0, line(160, 0, 200, 40), Fold.VALLEY);
        WorkedPlan worked = WORKSHOP.work(corner);
        assertThat(worked.pieces().get(0).panels().all()).hasSize(2);
        assertThat(worked.form().ordering().verdict()).isEqualTo(Ordering.Verdict.FOUND);
    }

    @Test
    void panelsKeepTheirNamesWhateverIsDrawnBesideThem() {
        Plan two = on(bare()).scored(0, line(100, 0, 100, 100), Fold.VALLEY);
        List<String> before = names(two);
        Plan three = on(two).scored(0, line(150, 0, 150, 100), Fold.MOUNTAIN);
        assertThat(names(three)).hasSize(3).doesNotHaveDuplicates().contains(before.get(0));
        Plan erased = on(three).without(new Handle(Handle.Kind.SCORE, 0, 1, Handle.End.WHOLE));
        assertThat(names(erased)).hasSize(2).contains(before.get(0));
    }

    @Test
    void flippingTwiceIsAsBefore() {
        Plan scored = on(bare()).scored(0, line(100, 0, 100, 100), Fold.VALLEY);
        Handle handle = new Handle(Handle.Kind.SCORE, 0, 0, Handle.End.WHOLE);
        assertThat(on(on(scored).flipped(handle)).flipped(handle)).isEqualTo(scored);
    }

    @ParameterizedTest
    @CsvSource({"BACK, FACE", "FACE, FACE", "BACK, BACK", "FACE, BACK"})
    void aPieceIsGluedByEitherSideToEitherSide(Side gluedSide, Side onSide) {
        Plan two = on(on(bare()).scored(0, line(100, 0, 100, 100), Fold.VALLEY))
                .withPiece("Kite", Size.ofMillimetres(40, 30), "Panel 2");
        String kite = names(two).get(2);
        Plan moved = on(on(two).glued(kite, gluedSide, "Panel 2", onSide, spot(120, 20)))
                .unglued(0);
        WorkedPlan worked = WORKSHOP.work(moved);
        assertThat(worked.form().closed().closureError()).isLessThan(0.001);
        assertThat(worked.form().ordering().verdict()).isEqualTo(Ordering.Verdict.FOUND);
        // it lies where it was laid, within its panel
        assertThat(worked.footprint()).isEqualTo(Size.ofMillimetres(100, 100));
    }

    @Test
    void whatIsGluedAcrossTwoPanelsKeepsThemFromFolding() {
        Plan two = on(on(bare()).scored(0, line(100, 0, 100, 100), Fold.VALLEY))
                .withPiece("Kite", Size.ofMillimetres(40, 30), "Panel 2");
        Plan across = on(two).glued(names(two).get(2), Side.BACK, "Panel 1", Side.FACE, spot(80, 20));
        assertThat(WORKSHOP.work(across).findings())
                .anyMatch(finding -> finding.text().contains("does not close"));
    }

    @Test
    void whatIsBoundToAStructureIsLoosenedFirst() {
        assertThatThrownBy(() -> on(bound("gatefold")).scored(0, line(10, 0, 10, 100), Fold.VALLEY))
                .hasMessageContaining("Make it free");
        Plan loose = on(bound("gatefold")).loosened();
        assertThat(loose.isFree()).isTrue();
        assertThat(loose.envelopeId()).isEqualTo("c6");
        assertThat(on(loose).loosened()).isSameAs(loose);
        assertThat(on(loose).lying(true).drawn().lies()).isTrue();
    }

    @Test
    void aFreeCardFillsItsEnvelopeIsTurnedAndResized() {
        Plan loose = on(bound("z-fold")).loosened();
        Size filled = WORKSHOP.work(on(loose).into(WORKSHOP.envelope("c6"))).footprint();
        assertThat(filled.width()).isGreaterThan(mm(150)).isLessThan(mm(162));
        assertThat(WORKSHOP.work(on(loose).turned()).footprint()).isEqualTo(Size.ofMillimetres(100, 140));
        assertThat(WORKSHOP.work(on(loose).resized(Size.ofMillimetres(150, 150)))
                        .footprint())
                .isEqualTo(Size.ofMillimetres(150, 150));
        assertThatThrownBy(() -> on(loose).resized(Size.ofMillimetres(0, 150))).hasMessageContaining("Type both");
    }

    @Test
    void aCardIsBroughtToAnotherRulerAndKeepsClosing() {
        Plan inches = on(bound("gatefold")).onMarks(Ruler.SIXTEENTHS);
        assertThat(inches.measures().byId().values()).allMatch(Ruler.SIXTEENTHS::marks);
        Plan loose = on(on(bound("w-fold")).loosened()).onMarks(Ruler.EIGHTHS);
        assertThat(loose.ruler()).isEqualTo(Ruler.EIGHTHS);
        assertThat(WORKSHOP.work(loose).form().closed().closureError()).isLessThan(0.001);
    }

    @Test
    void nothingIsUngluedOnACardThatFollowsItsStructure() {
        for (int join : new int[] {-1, 0, 3}) {
            assertThatThrownBy(() -> on(bound("stage")).unglued(join))
                    .isInstanceOf(ValidationException.class)
                    .hasMessageContaining("Make it free");
        }
    }

    @Test
    void theFirstPieceStays() {
        assertThatThrownBy(() -> on(bare()).withoutPiece(0)).hasMessageContaining("first piece");
        assertThatThrownBy(() -> on(bare()).unglued(0)).hasMessageContaining("not there any more");
        assertThatThrownBy(() -> new Hand(WORKSHOP, bare()).widened("Panel 9", mm(20)))
                .hasMessageContaining("no panel");
        assertThatThrownBy(() -> new Hand(WORKSHOP, bare()).widened("Panel 1", Length.ZERO))
                .hasMessageContaining("can't be under");
    }
}
