package vantbreeze.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import vantbreeze.core.length.Length;
import vantbreeze.core.plan.KiteCards;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.structure.FloatingBook;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;
import vantbreeze.core.tool.Tools;

/** What is read of steps, at the table and on paper. */
class StepWordsTest {

    private static WorkedPlan bare(String structure) {
        return KiteCards.bare(KiteCards.WORKSHOP.structure(structure));
    }

    private static List<String> told(String structure) {
        return told(bare(structure));
    }

    private static List<String> told(WorkedPlan card) {
        return card.of(BuildPlan.STAGE).steps().stream()
                .flatMap(step -> StepWords.lines(step, card.ruler()).stream())
                .toList();
    }

    /** By hand: a leaf of the fan is a right triangle, the square of the exploding insert a sheet scored on slants. */
    @Test
    void whatIsNoRectangleSaysHowItIsCut() {
        assertThat(PieceWords.howCut(bare("concertina-fan"), 0)).isEmpty();
        assertThat(told("concertina-fan"))
                .anyMatch(text -> text.contains("cut from both top corners to the middle of the foot"))
                .anyMatch(text -> text.contains("two come from one rectangle, by its diagonal"));
        assertThat(told("graduated-silhouettes"))
                .anyMatch(text -> text.contains("along its outline: print it at true size"));
    }

    /** A score between rows says from where to where; one off the grooves says so; glue says on which side. */
    @Test
    void whatIsToldOnPaperSaysAll() {
        assertThat(told("slit-tower"))
                .anyMatch(text -> text.matches("\\d+( ↑ \\d+ – \\d+){2,} mm: \\w+; only these stretches, from foot\\."))
                // folded one after the other, and each only so far
                .anyMatch(text -> text.matches("\\d+ mm: \\w+; only from .* to .* from foot.*\\."))
                .anyMatch(text -> text.matches("↑ \\d+ → \\d+ – \\d+ mm: from foot; start and stop from left\\."));
        assertThat(told("threaded-concertina"))
                .anyMatch(text -> text.matches("\\d+ ↑ \\d+ – \\d+ mm: from left; start and stop from foot\\."))
                .anyMatch(text -> text.contains("between two grooves, so along a rule"));
        assertThat(told("gabled-concertina")).anyMatch(text -> text.contains("from left and from foot, to the same"));
        assertThat(told("pocket"))
                .anyMatch(text -> text.contains("on Pocket front, this side"))
                .anyMatch(text -> text.startsWith("Pencil marks on ") && text.contains("from left and from foot"));
    }

    /** Common practice, no source: a pocket's edges take strong tape, film takes tape, what is pulled at takes glue. */
    @Test
    void whatGetsALayerGetsASmallX() {
        WorkedPlan stage = KiteCards.dressed("stage");
        List<String> folded = stage.of(BuildPlan.STAGE).steps().stream()
                .filter(step -> step.id().kind() == StepKind.FOLD)
                .flatMap(step -> step.readings().stream())
                .map(BuildStep.Reading::words)
                .toList();
        int dressed = stage.layers().faces().size();
        assertThat(dressed).isGreaterThan(1);
        assertThat(folded).anyMatch(text -> text.matches("a small X in pencil on each of the \\d+ panels .*"));
        assertThat(told("stage")).noneMatch(text -> text.contains("small X"));
    }

    @Test
    void eachJointHasItsAdhesive() {
        assertThat(told("pocket")).anyMatch(text -> text.contains("Strong double-sided tape on Pocket front"));
        WorkedPlan book = bare("floating-book");
        WorkedPlan arched =
                KiteCards.WORKSHOP.work(book.plan().choosing(book.structure(), FloatingBook.OVER.id(), "acetate"));
        assertThat(told(arched)).anyMatch(text -> text.contains("keep it short of the fold"));
        assertThat(told("stage"))
                .anyMatch(text -> text.contains("Construction glue on Band"))
                // its ends are as wide as a tab that holds
                .noneMatch(text -> text.contains("A tab that holds"));
        // somebody whose tabs are wider is told so
        WorkedPlan stage = bare("stage");
        Allowances wide = Allowances.usual().with(Allowance.TAB, Length.ofMillimetres(20));
        assertThat(new Gluing(stage.form(), Tools.usual().with(wide), stage.ruler())
                        .of(stage.form().graph().joins().get(0))
                        .orElseThrow()
                        .weak())
                .contains("A tab that holds is 20 mm wide");
        assertThat(told("threaded-concertina")).anyMatch(text -> text.startsWith("Thread "));
    }

    /** Common practice, no source: a ring and its disc are glued by one half each. */
    @Test
    void aRingIsGluedByOneHalf() {
        assertThat(told("ring-lock"))
                .anyMatch(text -> text.contains("on Left half of ring") && text.contains("keep Right half of ring dry"))
                .anyMatch(
                        text -> text.contains("on Right half of disc") && text.contains("keep Left half of disc dry"));
    }

    /** By hand: where a fold brings an edge to a line, that is what to look at. */
    @Test
    void whatMeetsWhenItIsFolded() {
        assertThat(told("side-fold")).anyMatch(text -> text.contains("look: "));
        assertThat(told("pocket")).anyMatch(text -> text.contains("look: left edge meets right edge"));
    }

    /** A strip of 13 × 37 is 13 wide, an L of such strips too. */
    @Test
    void howWideAStripOfGlueIs() throws Exception {
        var reader = new org.locationtech.jts.io.WKTReader();
        var strip = (org.locationtech.jts.geom.Polygon) reader.read("POLYGON((0 0, 37 0, 37 13, 0 13, 0 0))");
        assertThat(Gluing.width(strip)).isCloseTo(13, org.assertj.core.data.Offset.offset(1e-9));
        var angle = (org.locationtech.jts.geom.Polygon)
                reader.read("POLYGON((0 0, 100 0, 100 13, 13 13, 13 80, 0 80, 0 0))");
        assertThat(Gluing.width(angle)).isBetween(12.0, 14.0);
    }
}
