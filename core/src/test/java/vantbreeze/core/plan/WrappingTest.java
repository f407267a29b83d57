package vantbreeze.core.plan;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.Draw;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Rigid;
import vantbreeze.core.fold.order.Ordering;
import vantbreeze.core.free.Loosening;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.wrap.CardInWrap;
import vantbreeze.core.wrap.Insertion;
import vantbreeze.core.wrap.WrapStructure;

/** Wraps round kite cards that are thin, thick and uneven; they follow their card. */
class WrappingTest {

    private static final List<WorkedPlan> CARDS = List.of(
            KiteCards.bare(KiteCards.WORKSHOP.structure("side-fold")),
            KiteCards.dressed("exploding-gatefold"),
            KiteCards.dressed("stage"));

    private static Wrapping round(WorkedPlan card, Structure wrap, List<WorkedPlan> others) {
        return Wrapping.of(card, others, KiteCards.WORKSHOP.work(Wrapping.begun(wrap.id(), card, others)));
    }

    private static Wrapping round(WorkedPlan card, String wrap, WorkedPlan... others) {
        return round(card, KiteCards.WORKSHOP.structure(wrap), List.of(others));
    }

    /** Whatever the card and the wrap: it folds, the card goes in, and nothing must be fixed. */
    @TestFactory
    Stream<DynamicTest> everyCardGoesInEveryWrap() {
        return CARDS.stream().flatMap(card -> KiteCards.WORKSHOP.wraps().all().stream()
                .map(wrap -> DynamicTest.dynamicTest(
                        wrap.name() + " round a " + card.structure().name(), () -> {
                            Wrapping wrapping = round(card, wrap, List.of());
                            assertThat(wrapping.wrap().form().ordering().verdict())
                                    .isEqualTo(Ordering.Verdict.FOUND);
                            assertThat(wrapping.insertion().goesIn()).isTrue();
                            assertThat(wrapping.wrap().plan().cardstockId())
                                    .isEqualTo(card.plan().cardstockId());
                            Stream.concat(wrapping.findings().stream(), wrapping.wrap().findings().stream())
                                    .forEach(finding -> assertThat(finding.severity())
                                            .as(finding.text())
                                            .isNotEqualTo(Finding.Severity.MUST_FIX));
                            if (Wrapping.holds(wrapping.wrap())) {
                                liesInside(wrapping);
                            } else {
                                assertThat(wrapping.drawn().in()).isZero();
                                assertThat(wrapping.findings()).isEmpty();
                            }
                        })));
    }

    /** What lines the envelope makes it no larger; its paper is weighed. */
    @Test
    void aLinerTakesNoRoom() {
        WorkedPlan card = CARDS.get(0);
        WorkedPlan liner = round(card, "liner").wrap();
        Wrapping plain = round(card, "rectangle-envelope");
        Wrapping lined = round(card, "rectangle-envelope", liner);
        assertThat(lined.wrap().measures()).isEqualTo(plain.wrap().measures());
        Size inside = plain.wrap().footprint();
        assertThat(liner.footprint().width()).isLessThan(inside.width());
        assertThat(liner.footprint().height()).isLessThan(inside.height());
        double gap = inside.width().minus(liner.footprint().width()).millimetres();
        // 3 mm at each side; the envelope lies on the mark above and the liner on the one below
        assertThat(gap).isBetween(6.0, 8.0);
    }

    /** It lines the envelope that the card has, whatever its measures and its flap, and follows that one's changes. */
    @Test
    void aLinerIsMadeForTheEnvelopeThereIs() {
        WorkedPlan card = CARDS.get(0);
        Plan usual = round(card, "rectangle-envelope").wrap().plan();
        WorkedPlan roomy = KiteCards.WORKSHOP.work(usual.withMeasures(usual.measures()
                .with("inside-width", Length.ofMillimetres(211))
                .with("flap", Length.ofMillimetres(61))
                .choosing("flap-shape", "pointed")));
        Plan liner = Wrapping.begun("liner", card, List.of(roomy));
        WorkedPlan made = KiteCards.WORKSHOP.work(liner);
        assertThat(made.footprint().width()).isEqualTo(Length.ofMillimetres(205));
        assertThat(made.footprint().height())
                .isEqualTo(roomy.footprint().height().minus(Length.ofMillimetres(3)));
        assertThat(made.measures().choices()).containsEntry("flap-shape", "pointed");
        assertThat(made.structure().measure("flap", made.measures())).isLessThan(Length.ofMillimetres(61));

        WorkedPlan narrower = KiteCards.WORKSHOP.work(
                roomy.plan().withMeasures(roomy.measures().with("inside-width", Length.ofMillimetres(187))));
        assertThat(KiteCards.WORKSHOP
                        .work(Wrapping.following(liner, card, List.of(narrower)))
                        .footprint()
                        .width())
                .isEqualTo(Length.ofMillimetres(181));
        assertThat(Wrapping.following(liner, card, List.of()).measures().byId())
                .as("without an envelope it is made for the usual one")
                .isEqualTo(Wrapping.begun("liner", card, List.of()).measures().byId());
        Plan held = Wrapping.holding(
                KiteCards.WORKSHOP,
                liner,
                liner.withMeasures(liner.measures().with("envelope-width", Length.ofMillimetres(199))));
        assertThat(Wrapping.following(held, card, List.of(narrower)).measures().get("envelope-width"))
                .isEqualTo(Length.ofMillimetres(199));
        assertThat(round(card, "rectangle-envelope", made).within())
                .as("the envelope does not follow its liner")
                .isEmpty();
    }

    /** A banded card in its envelope is drawn with its band, which goes in and out with it. */
    @Test
    void whatTheCardWearsIsDrawn() {
        for (WorkedPlan card : CARDS) {
            WorkedPlan band = round(card, "belly-band").wrap();
            WorkedPlan sleeve = round(card, "sleeve", band).wrap();
            Wrapping wrapping = round(card, "rectangle-envelope", band, sleeve);
            assertThat(wrapping.worn()).containsExactly(band, sleeve);
            CardInWrap drawn = wrapping.drawn();
            List<Rigid> in = drawn.steps().get(drawn.in());
            List<Rigid> out = drawn.steps().get(0);
            int own = wrapping.wrap().form().graph().panels().size();
            int first = own
                    + band.form().graph().panels().size()
                    + sleeve.form().graph().panels().size();
            List<Panel> panels = Stream.of(wrapping.wrap(), band, sleeve, card)
                    .flatMap(one -> one.form().graph().panels().stream())
                    .toList();
            assertThat(in).hasSize(panels.size());
            double[] cards = heights(panels.subList(first, panels.size()), in.subList(first, in.size()));
            for (int i = own; i < first; i++) {
                double[] heights = heights(panels.subList(i, i + 1), in.subList(i, i + 1));
                // seen from behind: its front is the farther one
                if (panels.get(i).name().equals("Front")) {
                    assertThat(heights[1]).isLessThan(cards[0]);
                } else {
                    assertThat(heights[0]).isGreaterThan(cards[1]);
                }
                assertThat(out.get(i).dy() - in.get(i).dy())
                        .isCloseTo(out.get(first).dy() - in.get(first).dy(), within(1e-9));
            }
        }
    }

    private static double[] heights(List<Panel> panels, List<Rigid> motions) {
        List<Double> heights = new ArrayList<>();
        for (int i = 0; i < panels.size(); i++) {
            corners(panels.get(i), motions.get(i)).forEach(corner -> heights.add(corner.getZ()));
        }
        return new double[] {Collections.min(heights), Collections.max(heights)};
    }

    /**
     * Six doors of the card that never ends meet at half its height: the lower three face up and are pushed open as it
     * comes out, the upper three as it goes in. A band round its middle holds them.
     */
    @Test
    void theMouthPushesDoorsOpen() {
        WorkedPlan card = KiteCards.bare(KiteCards.WORKSHOP.structure("never-ending"));
        double half = card.footprint().height().millimetres() / 2;
        Wrapping envelope = round(card, "rectangle-envelope");
        List<Insertion.Swinging> swinging = envelope.insertion().swinging();
        assertThat(swinging).hasSize(6).allSatisfy(panel -> assertThat(panel.up())
                .isCloseTo(half, within(1e-6)));
        assertThat(swinging).filteredOn(Insertion.Swinging::isOnTheWayOut).hasSize(3);
        assertThat(envelope.findings())
                .filteredOn(finding -> finding.kind().id().equals("panel-swings-in-wrap"))
                .singleElement()
                .satisfies(finding -> assertThat(finding.text())
                        .startsWith(
                                "The mouth of the envelope pushes Foot 1, Foot 3, Foot 5 open on the way in and out:")
                        .endsWith("or put a band round the card first."));
        Wrapping banded =
                round(card, "rectangle-envelope", round(card, "belly-band").wrap());
        assertThat(banded.insertion().swinging()).isEmpty();
    }

    /** Doors that swing sideways pass the mouth; a front that is hinged at the head faces it with its foot. */
    @Test
    void whatIsHingedAtTheSidesStaysShut() {
        for (String sideways : List.of("gatefold", "side-fold", "z-fold", "fold-back-gate", "concertina")) {
            assertThat(round(KiteCards.bare(KiteCards.WORKSHOP.structure(sideways)), "rectangle-envelope")
                            .insertion()
                            .swinging())
                    .as(sideways)
                    .isEmpty();
        }
        assertThat(round(KiteCards.bare(KiteCards.WORKSHOP.structure("step-card")), "rectangle-envelope")
                        .insertion()
                        .swinging())
                .singleElement()
                .satisfies(front -> {
                    assertThat(front.panel()).isEqualTo("Front");
                    assertThat(front.isOnTheWayOut()).isFalse();
                });
    }

    /** Wherever a closed form lies on the table: what is told to be up the card is between its foot and its head. */
    @TestFactory
    Stream<DynamicTest> placesAreToldFromTheFoot() {
        return KiteCards.eachStructure(structure -> {
            WorkedPlan card = KiteCards.dressed(structure);
            double height = card.footprint().height().millimetres();
            Insertion insertion = round(card, "rectangle-envelope").insertion();
            assertThat(insertion.tightest()).isBetween(0.0, height);
            assertThat(insertion.catching())
                    .allSatisfy(edge -> assertThat(edge.up()).isBetween(0.0, height));
            assertThat(insertion.swinging())
                    .allSatisfy(panel -> assertThat(panel.up()).isBetween(0.0, height));
        });
    }

    /** What is cut is read off the ruler: every piece of every wrap, whatever the thickness of the card. */
    @Test
    void everyPieceIsCutOnTheMarks() {
        for (WorkedPlan card : CARDS) {
            for (Structure wrap : KiteCards.WORKSHOP.wraps().all()) {
                round(card, wrap, List.of()).wrap().pieces().forEach(piece -> assertThat(piece.cut())
                        .as("%s round %s", wrap.name(), card.structure().name())
                        .matches(cut -> Ruler.MM_1.marks(cut.width()) && Ruler.MM_1.marks(cut.height())));
            }
        }
    }

    /** Cut round a card that is wider than high, a tag still lies on it; so nothing that goes round both is larger. */
    @Test
    void aTagIsNoLargerThanItsCard() {
        for (WorkedPlan card : CARDS) {
            WorkedPlan tag = round(card, "tag").wrap();
            assertThat(tag.footprint().height()).isLessThan(card.footprint().height());
            Wrapping sleeve = round(card, "sleeve", tag);
            assertThat(sleeve.inner().footprint()).isEqualTo(card.footprint());
        }
    }

    /** A pocket page with the card in it: an envelope for both is as large as the page. */
    @Test
    void anEnvelopeGoesRoundAPocketPage() {
        WorkedPlan card = CARDS.get(0);
        WorkedPlan page = round(card, "pocket-page").wrap();
        Wrapping both = round(card, "rectangle-envelope", page);
        assertThat(both.inner().footprint()).isEqualTo(page.footprint());
        assertThat(both.insertion().goesIn()).isTrue();
    }

    /** By each corner: all in, the card lies behind the front and before all that lies folded over behind it. */
    private static void liesInside(Wrapping wrapping) {
        CardInWrap drawn = wrapping.drawn();
        int panels = wrapping.wrap().form().graph().panels().size();
        List<Rigid> out = drawn.steps().get(0);
        List<Rigid> in = drawn.steps().get(drawn.in());
        List<Rigid> last = drawn.steps().get(drawn.steps().size() - 1);
        Envelope front = null;
        double behind = Double.NEGATIVE_INFINITY;
        double before = Double.POSITIVE_INFINITY;
        for (int i = 0; i < panels; i++) {
            Panel panel = wrapping.wrap().form().graph().panels().get(i);
            List<Vector3D> corners = corners(panel, last.get(i));
            if (panel.name().equals("Front")) {
                front = new Envelope();
                for (Vector3D corner : corners) {
                    front.expandToInclude(corner.getX(), corner.getY());
                    before = Math.min(before, Math.abs(corner.getZ()));
                }
            } else if (Math.abs(last.get(i).zz()) > 0.9) {
                behind = Math.max(
                        behind,
                        -corners.stream()
                                .mapToDouble(corner -> Math.abs(corner.getZ()))
                                .min()
                                .orElseThrow());
            }
        }
        requireNonNull(front);
        List<Panel> card = wrapping.card().form().graph().panels();
        for (int i = 0; i < card.size(); i++) {
            for (Vector3D corner : corners(card.get(i), in.get(panels + i))) {
                assertThat(Math.abs(corner.getZ())).isBetween(before, -behind);
                assertThat(corner.getX()).isBetween(front.getMinX() - 0.01, front.getMaxX() + 0.01);
            }
            double up = out.get(panels + i).dy() - in.get(panels + i).dy();
            assertThat(up).isCloseTo(0.62 * wrapping.card().footprint().height().millimetres(), within(1e-6));
        }
    }

    private static List<Vector3D> corners(Panel panel, Rigid motion) {
        List<Vector3D> corners = new ArrayList<>();
        for (Coordinate corner : panel.shape().getExteriorRing().getCoordinates()) {
            corners.add(motion.apply(corner.x, corner.y, 0));
        }
        return corners;
    }

    /** Its measures are the card's: one that is 10 mm wider wants a front that is 10 mm wider. */
    @Test
    void aWrapFollowsItsCard() {
        WorkedPlan card = KiteCards.bare(KiteCards.WORKSHOP.structure("side-fold"));
        Plan band = Wrapping.begun("belly-band", card, List.of());
        Plan wider = card.plan()
                .withMeasures(card.measures()
                        .with(
                                Parameter.WIDTH,
                                card.measures().get(Parameter.WIDTH).plus(Length.ofMillimetres(10))));
        WorkedPlan after = KiteCards.WORKSHOP.work(wider);
        double moved = front(Wrapping.following(band, after, List.of())) - front(band);
        assertThat(moved).isCloseTo(10, within(1e-9));
        assertThat(Wrapping.following(band, card, List.of())).isEqualTo(band);
    }

    private static double front(Plan band) {
        return KiteCards.WORKSHOP
                .structure(band.structureId())
                .measure("front", band.measures())
                .millimetres();
    }

    /** What the maker says of what it goes round is held; let go, it follows the card again. */
    @Test
    void whatTheMakerSaysIsHeld() {
        WorkedPlan card = CARDS.get(0);
        Plan begun = Wrapping.begun("sleeve", card, List.of());
        Plan typed = begun.withMeasures(begun.measures().with(WrapStructure.BULK, Length.ofMillimetres(9)));
        Plan held = Wrapping.holding(KiteCards.WORKSHOP, begun, typed);
        assertThat(held.locked()).contains(WrapStructure.BULK);
        assertThat(Wrapping.following(held, card, List.of()).measures().get(WrapStructure.BULK))
                .isEqualTo(Length.ofMillimetres(9));
        assertThat(Wrapping.following(held.withLock(WrapStructure.BULK, false), card, List.of())
                        .measures())
                .isEqualTo(begun.measures());
    }

    /** An envelope goes round the card with its band on: by hand, two layers of card thicker where that lies. */
    @Test
    void anEnvelopeGoesRoundTheBandToo() {
        WorkedPlan card = CARDS.get(0);
        WorkedPlan band = round(card, "belly-band").wrap();
        Wrapping bare = round(card, "rectangle-envelope");
        Wrapping banded = round(card, "rectangle-envelope", band);
        double caliper = card.cardstock().caliper().millimetres();
        // the ends of the band overlap behind the card: three layers there
        assertThat(banded.inner().thickness() - bare.inner().thickness()).isCloseTo(3 * caliper, within(1e-9));
        assertThat(banded.closed().weight().grams() - bare.closed().weight().grams())
                .isCloseTo(
                        band.closedCard().weight().grams()
                                + banded.wrap().closedCard().weight().grams()
                                - bare.wrap().closedCard().weight().grams(),
                        within(1e-9));
        // a band goes round the card alone, whatever goes round both
        assertThat(round(card, "belly-band", banded.wrap()).inner().thickness())
                .isEqualTo(card.closedCard().thickness());
    }

    @Test
    void whatIsNoWrapOrGoesRoundNothingIsTold() {
        WorkedPlan card = CARDS.get(0);
        assertThatThrownBy(() -> Wrapping.begun("side-fold", card, List.of()))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("is no wrap");
        assertThatThrownBy(() -> Wrapping.begun("kite-bag", card, List.of())).isInstanceOf(ValidationException.class);
    }

    /** A front that the maker made too narrow is brought back to what goes round. */
    @Test
    void whatWouldNotGoRoundGivesWay() {
        WorkedPlan card = CARDS.get(2);
        Plan begun = Wrapping.begun("rectangle-envelope", card, List.of());
        Plan narrow = begun.withMeasures(begun.measures().with("inside-width", Length.ofMillimetres(60)));
        Plan after = Wrapping.following(narrow, card, List.of());
        assertThat(Wrapping.of(card, List.of(), KiteCards.WORKSHOP.work(after))
                        .insertion()
                        .goesIn())
                .isTrue();
    }

    /** Round a card as small as a matchbox and round a poster every wrap can be made. */
    @Test
    void everyWrapGoesRoundSmallAndLargeCards() {
        Structure structure = KiteCards.WORKSHOP.structure("side-fold");
        for (Size size :
                List.of(Size.ofMillimetres(40, 30), Size.ofMillimetres(30, 120), Size.ofMillimetres(420, 594))) {
            WorkedPlan card = KiteCards.WORKSHOP.work(
                    Plan.of("Kite day", structure.id(), structure.proportioned(size, Ruler.MM_1), Ruler.MM_1));
            for (Structure wrap : KiteCards.WORKSHOP.wraps().all()) {
                Wrapping wrapping = round(card, wrap, List.of());
                assertThat(wrapping.wrap().form().ordering().verdict())
                        .as("%s round %s", wrap.name(), size)
                        .isEqualTo(Ordering.Verdict.FOUND);
                assertThat(wrapping.insertion().goesIn()).isTrue();
            }
        }
    }

    /** Whatever the card's shape: every flap that shall be glued has something to be glued to. */
    @Test
    void everyJoinOfAWrapHasGlue() {
        Structure structure = KiteCards.WORKSHOP.structure("side-fold");
        for (Size size : List.of(
                Size.ofMillimetres(76, 140),
                Size.ofMillimetres(140, 76),
                Size.ofMillimetres(120, 120),
                Size.ofMillimetres(30, 120),
                Size.ofMillimetres(420, 594))) {
            WorkedPlan card = KiteCards.WORKSHOP.work(
                    Plan.of("Kite day", structure.id(), structure.proportioned(size, Ruler.MM_1), Ruler.MM_1));
            for (Structure wrap : KiteCards.WORKSHOP.wraps().all()) {
                FoldGraph graph = round(card, wrap, List.of()).wrap().form().graph();
                graph.joins().forEach(join -> assertThat(GlueArea.of(join, graph))
                        .as("%s round %s", wrap.name(), size)
                        .isNotEmpty());
            }
        }
    }

    /** One that is drawn freely is no wrap any more: it stays as it is, whatever the card does. */
    @Test
    void whatIsDrawnFreelyDoesNotFollow() {
        WorkedPlan card = CARDS.get(0);
        Plan band = Wrapping.begun("belly-band", card, List.of());
        Plan free = band.withDrawing(Loosening.of(KiteCards.WORKSHOP.structure(band.structureId()), band.measures()));
        assertThat(Wrapping.following(free, card, List.of())).isEqualTo(free);
        assertThat(Wrapping.isWrap(free, KiteCards.WORKSHOP)).isFalse();
        assertThatThrownBy(() -> new Draw.Loosen().on(band, KiteCards.WORKSHOP))
                .isInstanceOf(ValidationException.class)
                .hasMessage("Belly band follows its card, so its lines are not drawn freely. "
                        + "Change its measures instead.");
    }

    /** In inches all that it says is read off an inch ruler. */
    @Test
    void itIsMeasuredOnTheCardsRuler() {
        Structure structure = KiteCards.WORKSHOP.structure("side-fold");
        WorkedPlan card = KiteCards.WORKSHOP.work(Plan.of(
                "Kite day",
                structure.id(),
                structure.proportioned(new Size(Length.ofInches(6), Length.ofInches(4, 1, 2)), Ruler.EIGHTHS),
                Ruler.EIGHTHS));
        Wrapping sleeve = round(card, "sleeve");
        assertThat(sleeve.wrap().ruler()).isEqualTo(Ruler.EIGHTHS);
        assertThat(sleeve.findings()).hasSize(1).allSatisfy(finding -> assertThat(finding.text())
                .matches("It goes in with [0-9/ ]+ in to spare half the way round\\."));
    }
}
