package vantbreeze.core.made;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import vantbreeze.core.build.BuildPlan;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.FollowMade;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.hand.Drafting;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.KiteCards;
import vantbreeze.core.plan.WorkedPlan;

/** What the ruler shows of a card while it is made, and what the rest has to be then. */
class CameOutTest {

    private static final Length HALF = Length.ofMicrometres(500);

    private static BuildPlan building(WorkedPlan card) {
        return card.of(BuildPlan.STAGE);
    }

    private static CameOut shorter(WorkedPlan card, String figure, Length by, Set<String> done) {
        MadeFigure made = CameOut.find(building(card), figure).orElseThrow();
        List<CameOut> out =
                CameOut.of(building(card), Map.of(figure, made.planned().minus(by)), done);
        assertThat(out).hasSize(1);
        return out.get(0);
    }

    private static WorkedPlan followed(WorkedPlan card, CameOut out, CameOut.Remedy way) {
        return KiteCards.WORKSHOP.work(new FollowMade(out.figure().id(), out.came(), way.words())
                .on(card.plan(), KiteCards.WORKSHOP)
                .plan());
    }

    private static long mustFix(WorkedPlan card) {
        return card.findings().stream()
                .filter(finding -> finding.severity() == Finding.Severity.MUST_FIX)
                .count();
    }

    /**
     * Whatever is cut half a millimetre short: in each way that is offered the piece is as it came out, and all fits.
     */
    @TestFactory
    Stream<DynamicTest> inEachWayThePieceIsAsItCameOut() {
        return KiteCards.eachStructure(structure -> fits(KiteCards.bare(structure)));
    }

    private static void fits(WorkedPlan card) {
        PieceId piece = PieceId.all(card.form().graph().assembly().pieces()).get(0);
        CameOut out = shorter(card, piece.inWords() + ", height", HALF, Set.of());
        assertThat(out.words()).endsWith("0.5 mm less than planned.");
        assertThat(out.ways()).isNotEmpty();
        for (CameOut.Remedy way : out.ways()) {
            WorkedPlan after = followed(card, out, way);
            assertThat(after.pieces().get(0).cut().height()).isEqualTo(out.came());
            assertThat(mustFix(after)).isLessThanOrEqualTo(mustFix(card));
        }
    }

    @Test
    void whatIsStillToBeCutFollowsWhatIsCut() {
        WorkedPlan card = KiteCards.bare(KiteCards.WORKSHOP.structure("w-fold"));
        CameOut out = shorter(card, "Card base, width", HALF, Set.of());
        assertThat(out.words()).isEqualTo("Card base, width: 303.5 mm, 0.5 mm less than planned.");
        assertThat(out.ways().get(0).changes())
                .contains(new CameOut.Alteration("Strip", "304 mm × 39 mm", "303.5 mm × 39 mm"));
    }

    @Test
    void whatIsDoneAlreadyIsTold() {
        WorkedPlan card = KiteCards.bare(KiteCards.WORKSHOP.structure("w-fold"));
        String cut = building(card).steps().get(0).id().text();
        CameOut out = shorter(card, "Card base, width", HALF, Set.of(cut));
        assertThat(out.ways().get(0).again())
                .extracting(CameOut.Alteration::what)
                .containsExactly("Strip");
        assertThat(shorter(card, "Card base, height", HALF, Set.of(cut))
                        .ways()
                        .get(0)
                        .again())
                .isEmpty();
    }

    /** Two flaps of a gatefold: the way that spoils nothing comes first. */
    @Test
    void theWayThatLeavesWhatIsDoneComesFirst() {
        WorkedPlan card = KiteCards.bare(KiteCards.WORKSHOP.structure("gatefold"));
        Set<String> done = Set.of(
                building(card).steps().get(0).id().text(),
                building(card).steps().get(1).id().text());
        List<CameOut.Remedy> ways =
                shorter(card, "Card base, width", HALF, done).ways();
        assertThat(ways.get(0).words()).startsWith("Right flap");
        assertThat(ways.get(0).again()).isEmpty();
        assertThat(ways.get(ways.size() - 1).again()).isNotEmpty();
    }

    @Test
    void aScoreThatCameOutElsewhereIsFollowedToo() {
        WorkedPlan card = KiteCards.bare(KiteCards.WORKSHOP.structure("side-fold"));
        String id = MadeFigures.of(building(card)).values().stream()
                .flatMap(List::stream)
                .filter(figure -> figure.words().contains("score"))
                .findFirst()
                .orElseThrow()
                .id();
        CameOut out = shorter(card, id, HALF, Set.of());
        WorkedPlan after = followed(card, out, out.ways().get(0));
        assertThat(after.pieces().get(0).scores().get(0).fromLeft()).isEqualTo(out.came());
    }

    @Test
    void whatLiesOnALayerFollowsIt() {
        WorkedPlan card = KiteCards.dressed("side-fold");
        MadeFigure mat = MadeFigures.of(building(card)).values().stream()
                .flatMap(List::stream)
                .filter(figure -> figure.where() instanceof MadeFigure.OfLayer layer
                        && layer.level() == 0
                        && card.plan()
                                        .dressing()
                                        .on(layer.face())
                                        .orElseThrow()
                                        .layers()
                                        .size()
                                > 1
                        && layer.across())
                .findFirst()
                .orElseThrow();
        CameOut out = shorter(card, mat.id(), Length.ofMillimetres(1), Set.of());
        CameOut.Remedy way = out.ways().get(0);
        assertThat(way.changes()).singleElement().satisfies(change -> {
            assertThat(change.was()).startsWith("142 mm");
            assertThat(change.now()).startsWith("141 mm");
        });
        assertThat(CameOut.find(building(followed(card, out, way)), mat.id())
                        .orElseThrow()
                        .planned())
                .isEqualTo(out.came());
    }

    /** Of a card of one's own nothing is tied: what does not close then is told. */
    @Test
    void onAFreeCardWhatIsWrongThenIsTold() {
        WorkedPlan card = KiteCards.bare(KiteCards.WORKSHOP.structure("corner-flip"));
        WorkedPlan free = KiteCards.WORKSHOP.work(new Drafting(KiteCards.WORKSHOP, card.plan()).loosened());
        CameOut out = shorter(free, "Card base, width", Length.ofMillimetres(2), Set.of());
        assertThat(out.asItIs()).anyMatch(words -> words.startsWith("The card does not close"));
        assertThat(out.ways()).isEmpty();
    }

    @Test
    void aCardThatCameOutThickerMayNotGoInItsEnvelope() {
        WorkedPlan bare = KiteCards.bare(KiteCards.WORKSHOP.structure("side-fold"));
        WorkedPlan card = KiteCards.WORKSHOP.work(bare.plan()
                .withSupplies(bare.plan()
                        .supplies()
                        .withEnvelope(bare.betterEnvelope().orElseThrow().id())));
        assertThat(card.fit()).isNotNull();
        assertThat(shorter(card, "Closed, thickness", Length.ofMillimetres(-8), Set.of())
                        .asItIs())
                .singleElement()
                .asString()
                .startsWith("It does not go into the ");
        assertThat(shorter(card, "Closed, width", HALF, Set.of()).asItIs()).isEmpty();
    }

    @Test
    void aFigureFarOffIsAnotherPiece() {
        WorkedPlan card = KiteCards.bare(KiteCards.WORKSHOP.structure("side-fold"));
        MadeFigure width = CameOut.find(building(card), "Card base, width").orElseThrow();
        assertThatThrownBy(() -> CameOut.checked("came", width, Length.ofMillimetres(30), Ruler.MM_1))
                .isInstanceOf(ValidationException.class)
                .hasMessage("Card base, width is planned at 304 mm: 30 mm is too far off to be the same piece. Type"
                        + " what the ruler shows.");
        assertThat(CameOut.checked("came", width, Length.ofMillimetres(303), Ruler.MM_1))
                .isEqualTo(Length.ofMillimetres(303));
    }

    @Test
    void aWayThatIsNotOpenIsRefused() {
        WorkedPlan card = KiteCards.bare(KiteCards.WORKSHOP.structure("side-fold"));
        FollowMade follow = new FollowMade("Card base, width", Length.ofMillimetres(303), "Band 3 mm");
        assertThatThrownBy(() -> follow.on(card.plan(), KiteCards.WORKSHOP))
                .isInstanceOf(ValidationException.class)
                .hasMessageStartingWith("That way is not open any more.");
    }
}
