package vantbreeze.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vantbreeze.core.cutting.CardYield;
import vantbreeze.core.cutting.SheetYield;
import vantbreeze.core.fit.EnvelopeFit.Verdict;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Envelopes;
import vantbreeze.core.paper.Sheets;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.structure.ZFold;
import vantbreeze.core.tool.Board;
import vantbreeze.core.tool.Tools;

class FitTest {

    private static final Size FIVE_AND_A_HALF = new Size(Length.ofInches(5, 1, 2), Length.ofInches(4, 1, 4));

    private static Envelope envelope(String id) {
        return Envelopes.published().find(id).orElseThrow();
    }

    private static StockSheet sheet(String id) {
        return Sheets.published().find(id).orElseThrow();
    }

    private static Proposals proposals(Ruler ruler, String sheet) {
        return new Proposals(new ZFold(), ruler, sheet(sheet), Envelopes.published(), Tools.usual());
    }

    /** Common practice, no source: a 5½ × 4¼ card goes in an A2 envelope with ¼ and ⅛ to spare. */
    @Test
    void slackIsGivenEachWay() {
        EnvelopeFit fit = EnvelopeFit.of(FIVE_AND_A_HALF, envelope("a2"));
        assertThat(fit.slackAcross()).isEqualTo(Length.ofInches(0, 1, 4));
        assertThat(fit.slackUp()).isEqualTo(Length.ofInches(0, 1, 8));
        assertThat(fit.verdict()).isEqualTo(Verdict.FITS);
        assertThat(fit.turned()).isFalse();
        assertThat(EnvelopeFit.of(FIVE_AND_A_HALF.turned(), envelope("a2")).turned())
                .isTrue();
    }

    @Test
    void tooLargeTightAndLooseAreTold() {
        assertThat(EnvelopeFit.of(Size.ofMillimetres(163, 100), envelope("c6")).verdict())
                .isEqualTo(Verdict.TOO_LARGE);
        assertThat(EnvelopeFit.of(Size.ofMillimetres(161, 100), envelope("c6")).verdict())
                .isEqualTo(Verdict.TIGHT);
        assertThat(EnvelopeFit.of(Size.ofMillimetres(120, 100), envelope("c6")).verdict())
                .isEqualTo(Verdict.LOOSE);
        assertThat(EnvelopeFit.of(Size.ofMillimetres(162, 114), envelope("c6")).goesIn())
                .isTrue();
    }

    @Test
    void fromAnA2EnvelopeAndLetterTheUsualCardComesFirst() {
        List<Proposal> found = proposals(Ruler.EIGHTHS, "letter").forEnvelope(envelope("a2"));
        assertThat(found.get(0).finished()).isEqualTo(FIVE_AND_A_HALF);
        assertThat(found.get(0).bound()).isEqualTo(Proposal.Bound.ENVELOPE);
        assertThat(found.get(0).yield().count()).isEqualTo(2);
    }

    @Test
    void fromAC6EnvelopeAndA4TheSheetSetsTheWidth() {
        List<Proposal> found = proposals(Ruler.MM_1, "a4").forEnvelope(envelope("c6"));
        assertThat(found).isNotEmpty().allSatisfy(proposal -> {
            assertThat(proposal.fit().verdict()).isIn(Verdict.FITS, Verdict.LOOSE);
            assertThat(proposal.yield().count()).isPositive();
            proposal.measures().byId().values().forEach(length -> assertThat(Ruler.MM_1.marks(length))
                    .isTrue());
        });
        assertThat(found)
                .filteredOn(p -> p.finished().width().equals(Length.ofMillimetres(148)))
                .isNotEmpty()
                .allMatch(p -> p.bound() == Proposal.Bound.SHEET);
        assertThat(found)
                .anyMatch(p -> p.finished().equals(Size.ofMillimetres(148, 105))
                        && p.yield().count() == 2);
    }

    @Test
    void everyEnvelopeOnEverySheetAndRulerGivesCardsThatGoInAndComeOut() {
        for (Ruler ruler : Ruler.values()) {
            for (StockSheet sheet : Sheets.published().all()) {
                for (Envelope envelope : Envelopes.published().all()) {
                    assertThat(proposals(ruler, sheet.id()).forEnvelope(envelope))
                            .as("%s from %s on %s", envelope.name(), sheet.name(), ruler)
                            .isNotEmpty()
                            .allMatch(proposal ->
                                    proposal.fit().goesIn() && proposal.yield().count() > 0);
                }
            }
        }
    }

    @Test
    void fromASheetAloneComesTwoFromOneSheet() {
        List<Proposal> letter = proposals(Ruler.EIGHTHS, "letter").forSheet();
        assertThat(letter)
                .anyMatch(p -> p.finished().equals(FIVE_AND_A_HALF)
                        && p.yield().count() == 2
                        && p.fit().envelope().id().equals("a2"));
        assertThat(letter).allMatch(p -> p.yield().count() > 0);
    }

    @Test
    void aSizeThatNoEnvelopeTakesIsTakenAllTheSame() {
        Proposal own = proposals(Ruler.MM_1, "a3").forSize(Size.ofMillimetres(400, 300));
        assertThat(own.fit()).isNull();
        assertThat(own.yield().count()).isZero();
        assertThat(own.yield().missing()).isEqualTo(Length.ofMillimetres(380));
    }

    @Test
    void aYieldTurnsThePieceWhenThatGivesMore() {
        SheetYield yield = SheetYield.of(Size.ofMillimetres(290, 100), sheet("a4"));
        assertThat(yield.turned()).isTrue();
        assertThat(yield.count()).isEqualTo(2);
    }

    @Test
    void proposalsAreRankedAndOneHasItsScoresOnTheGrooves() {
        Board board = Tools.usual().metric();
        List<Proposal> found = proposals(Ruler.MM_1, "a4").forEnvelope(envelope("c6"));
        assertThat(found)
                .extracting(p -> p.finished().width().millimetres()
                        * p.finished().height().millimetres())
                .isSortedAccordingTo(Comparator.reverseOrder());
        assertThat(found)
                .filteredOn(p -> p.bound() == Proposal.Bound.GROOVES)
                .isNotEmpty()
                .allSatisfy(proposal -> {
                    assertThat(proposal.onGrooves()).isTrue();
                    assertThat(board.hasGrooveAt(proposal.measures().get(ZFold.LEG)))
                            .isTrue();
                    assertThat(board.hasGrooveAt(proposal.finished().width())).isTrue();
                });
        assertThat(proposals(Ruler.MM_1, "a4").forSheet())
                .extracting(p -> Math.rint(100 * p.cards().waste()))
                .isSorted();
    }

    /** Every structure has something to offer for the usual envelopes from the usual sheets. */
    @Test
    void everyStructureFitsACommonEnvelope() {
        for (Structure structure : Catalogue.full().all()) {
            for (Ruler ruler : List.of(Ruler.EIGHTHS, Ruler.MM_1)) {
                List<Proposal> found = new Proposals(
                                structure, ruler, sheet("a3"), Envelopes.published(), Tools.usual())
                        .forEnvelope(envelope("a7"));
                assertThat(found)
                        .as("%s on %s", structure.name(), ruler)
                        .isNotEmpty()
                        .allMatch(proposal -> proposal.fit().goesIn())
                        .allSatisfy(
                                proposal -> structure.asked(proposal.measures()).forEach(parameter -> assertThat(
                                                ruler.marks(structure.measure(parameter.id(), proposal.measures())))
                                        .as(parameter.label())
                                        .isTrue()));
            }
        }
    }

    /** By hand: two cards of a 200 × 100 and a 97 × 50 fit A4 (297 × 210) in two rows, a third does not. */
    @Test
    void wholeCardsAreCountedNotPieces() {
        CardYield yield = CardYield.of(List.of(Size.ofMillimetres(200, 100), Size.ofMillimetres(97, 50)), sheet("a4"));
        assertThat(yield.cards()).isEqualTo(2);
        assertThat(yield.waste()).isCloseTo(1 - 2 * (20_000 + 4_850) / (297.0 * 210), within(1e-9));
        assertThat(CardYield.of(List.of(Size.ofMillimetres(300, 100)), sheet("a4"))
                        .cards())
                .isZero();
        assertThat(CardYield.of(List.of(Size.ofMillimetres(105, 148)), sheet("a4"))
                        .cards())
                .isEqualTo(4);
    }

    /**
     * Every size that is proposed comes out of the sheet that it was proposed for, all its pieces, and as often as
     * said.
     */
    @ParameterizedTest
    @EnumSource(names = {"EIGHTHS", "MM_1"})
    void whatIsProposedComesOutOfItsSheet(Ruler ruler) {
        int proposed = 0;
        for (Structure structure : Catalogue.full().all()) {
            for (StockSheet sheet : Sheets.published().all()) {
                Proposals found = new Proposals(structure, ruler, sheet, Envelopes.published(), Tools.usual());
                List<Proposal> all = new ArrayList<>(found.forSheet());
                Envelopes.published().all().forEach(envelope -> all.addAll(found.forEnvelope(envelope)));
                for (Proposal proposal : all) {
                    for (Piece piece : structure.assemble(proposal.measures()).pieces()) {
                        Size cut = piece.cutSize().landscape();
                        Size lying = sheet.size().landscape();
                        assertThat(!cut.width().isLongerThan(lying.width())
                                        && !cut.height().isLongerThan(lying.height()))
                                .as("%s %s: %s from %s", structure.name(), proposal.finished(), cut, sheet.name())
                                .isTrue();
                    }
                    assertThat(proposal.yield().count()).isPositive();
                    proposed++;
                }
            }
        }
        assertThat(proposed).isGreaterThan(1_000);
    }

    @Test
    void wherePiecesGoInLooseOnesAreNotOffered() {
        assertThat(proposals(Ruler.EIGHTHS, "letter").forEnvelope(envelope("a2")))
                .isNotEmpty()
                .allMatch(proposal -> proposal.fit().verdict() == Verdict.FITS);
        assertThat(EnvelopeFit.of(Size.ofMillimetres(163, 100), envelope("c6")).goesIn())
                .isFalse();
    }

    @Test
    void aPieceIsNotTurnedForNothing() {
        assertThat(SheetYield.of(
                                Size.ofMillimetres(100, 70),
                                new StockSheet("square", "Square", Size.ofMillimetres(200, 200)))
                        .turned())
                .isFalse();
    }

    /** By hand, on 100 × 100: three pieces of 60 × 40 are 120 high, however low what is laid beside them. */
    @Test
    void aLowPieceGivesNoRoomToAHighOne() {
        StockSheet square = new StockSheet("square", "Square", Size.ofMillimetres(100, 100));
        assertThat(CardYield.of(List.of(Size.ofMillimetres(10, 1), Size.ofMillimetres(60, 40)), square)
                        .cards())
                .isEqualTo(2);
        // longer than the sheet is wide: it only goes in upright
        StockSheet narrow = new StockSheet("narrow", "Narrow", Size.ofMillimetres(50, 100));
        assertThat(CardYield.of(List.of(Size.ofMillimetres(80, 25)), narrow).cards())
                .isEqualTo(2);
    }
}
