package vantbreeze.core.wrap;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import vantbreeze.core.check.Finding;
import vantbreeze.core.fit.Girth;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.GlueArea;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.fold.order.Ordering;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.KiteCards;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/** Wraps round a kite card of 148 × 104 mm that is thin, thick, or very thick. */
class WrapsTest {

    private static final List<Double> BULKS = List.of(0.6, 2.4, 7.5);
    private static final int WIDE = 148;
    private static final int HIGH = 104;

    private static Measures measures(Structure wrap, double bulk) {
        return wrap.proportioned(Size.ofMillimetres(WIDE, HIGH), Ruler.MM_1)
                .with(WrapStructure.BULK, Length.nearest(bulk));
    }

    private static WorkedPlan wrap(String id, Measures measures) {
        return KiteCards.WORKSHOP.work(Plan.of("Wrap of the kite card", id, measures, Ruler.MM_1));
    }

    private static WorkedPlan wrap(String id, double bulk) {
        return wrap(id, measures(KiteCards.WORKSHOP.structure(id), bulk));
    }

    private static double mm(Length length) {
        return length.millimetres();
    }

    /** All ways in which a wrap can be chosen. */
    private static List<Map<String, String>> ways(Structure wrap) {
        List<Map<String, String>> ways = List.of(Map.of());
        for (Choice choice : wrap.choices()) {
            ways = ways.stream()
                    .flatMap(way -> choice.alternatives().stream().map(alternative -> {
                        Map<String, String> more = new LinkedHashMap<>(way);
                        more.put(choice.id(), alternative.id());
                        return more;
                    }))
                    .toList();
        }
        return ways;
    }

    /** Whatever the wrap, however chosen and however thick the card: it closes, has an order, and is not crossed. */
    @TestFactory
    Stream<DynamicTest> everyWrapCloses() {
        return Wraps.all().all().stream().flatMap(wrap -> ways(wrap).stream().flatMap(way -> BULKS.stream()
                .map(bulk -> DynamicTest.dynamicTest("%s %s %s mm".formatted(wrap.name(), way.values(), bulk), () -> {
                    Measures measures = measures(wrap, bulk);
                    for (Map.Entry<String, String> one : way.entrySet()) {
                        measures = measures.choosing(one.getKey(), one.getValue());
                    }
                    closes(wrap(wrap.id(), measures));
                }))));
    }

    private static void closes(WorkedPlan wrap) {
        assertThat(wrap.form().ordering().verdict()).isEqualTo(Ordering.Verdict.FOUND);
        assertThat(wrap.form().motion().frames()).allMatch(frame -> frame.gap() < 0.01);
        assertThat(wrap.structure().allows(wrap.measures())).isTrue();
        // nothing is amiss, none is taken for a tube that should square, and what it holds lies on no mark
        assertThat(wrap.findings().stream().filter(finding -> finding.severity() != Finding.Severity.TIP))
                .isEmpty();
        assertThat(wrap.readiness())
                .hasValueSatisfying(
                        words -> assertThat(words).startsWith("It closes").doesNotContain("envelope"));
        assertThat(wrap.findings()).extracting(Finding::about).doesNotContain("ruler", "bulk", "half-across");
    }

    /** By hand: 2 × (width + thickness) + ease of 3 + overlap of 13; half as high as the card. */
    @Test
    void aBandGoesOnceRound() {
        for (double bulk : BULKS) {
            Size cut = cut(wrap("belly-band", bulk));
            double round = mm(cut.width()) - 13 - 3;
            // the front and the wall lie on marks, so twice may add up to four of them
            assertThat(round).isBetween(2 * (WIDE + bulk) - 1e-6, 2 * (WIDE + bulk) + 4);
            assertThat(mm(cut.height())).isEqualTo(52);
        }
    }

    private static Size cut(WorkedPlan wrap) {
        return wrap.pieces().get(0).panels().piece().extent().size();
    }

    /** Round a stack of 4 mm or more it is scored twice at each edge, as far apart as the stack is thick. */
    @Test
    void aThickStackWantsWalls() {
        assertThat(wrap("belly-band", 2.4).pieces().get(0).scores()).hasSize(2);
        WorkedPlan thick = wrap("belly-band", 7.5);
        assertThat(thick.pieces().get(0).scores()).hasSize(4);
        var scores = thick.pieces().get(0).scores();
        assertThat(mm(scores.get(1).fromLeft().minus(scores.get(0).fromLeft()))).isEqualTo(8);
        // round the card its panels stand square, and its front is as wide as the card and half the ease
        assertThat(thick.form().motion().frames().get(0).degrees()).allMatch(degrees -> Math.abs(degrees + 90) < 1e-6);
        assertThat(mm(scores.get(2).fromLeft().minus(scores.get(1).fromLeft()))).isEqualTo(149);
    }

    /** Without ease, overlap and thickness the two ends meet: front and back are the card, edge to edge. */
    @Test
    void aBandOfNoOverlapClosesExactly() {
        Structure band = KiteCards.WORKSHOP.structure("belly-band");
        Measures measures = measures(band, 0).with(Banded.EASE, Length.ZERO).with(Banded.OVERLAP, Length.ZERO);
        WorkedPlan exact = wrap("belly-band", measures);
        assertThat(exact.form().motion().frames()).allMatch(frame -> frame.gap() < 1e-6);
        assertThat(mm(cut(exact).width())).isEqualTo(2 * WIDE);
        assertThat(mm(exact.footprint().width())).isEqualTo(WIDE);
        // once round two layers of paper everywhere: twice the front's area is the strip's
        assertThat(exact.form().closed().outline().getArea() * 2)
                .isCloseTo(
                        exact.pieces().get(0).panels().all().stream()
                                .mapToDouble(panel -> panel.area())
                                .sum(),
                        within(1e-6));
    }

    /** By hand: a sleeve as high as the card, less half a circle of 20 mm across. */
    @Test
    void aSleeveHasAThumbNotch() {
        WorkedPlan sleeve = wrap("sleeve", 2.4);
        Size cut = cut(sleeve);
        assertThat(mm(cut.height())).isEqualTo(HIGH);
        double area = sleeve.pieces().get(0).panels().all().stream()
                .mapToDouble(panel -> panel.area())
                .sum();
        assertThat(mm(cut.width()) * HIGH - area).isCloseTo(Math.PI * 100 / 2, within(2.0));
    }

    /** By hand: inside 148 + 2.4 + 6.35 and 104 + 2.4 + 3.175, on marks of a millimetre; seams of 13, a flap of 44. */
    @Test
    void anEnvelopeIsCutFromARectangle() {
        WorkedPlan envelope = wrap("rectangle-envelope", 2.4);
        assertThat(mm(envelope.footprint().width())).isEqualTo(157);
        assertThat(mm(envelope.footprint().height())).isEqualTo(110);
        assertThat(mm(cut(envelope).width())).isEqualTo(157 + 2 * 13);
        assertThat(mm(cut(envelope).height())).isEqualTo(110 + 110 + 44);
        WorkedPlan atTheFoot = wrap(
                "rectangle-envelope",
                measures(KiteCards.WORKSHOP.structure("rectangle-envelope"), 2.4)
                        .choosing("seams", "foot"));
        assertThat(atTheFoot.footprint()).isEqualTo(envelope.footprint());
        assertThat(mm(cut(atTheFoot).width())).isEqualTo(157 + 157 + 13);
        assertThat(mm(cut(atTheFoot).height())).isEqualTo(13 + 110 + 44);
    }

    /** What the card gives follows the card; what the maker holds, and what is cut otherwise, stays. */
    @Test
    void aWrapFollowsItsCard() {
        WorkedPlan card = KiteCards.dressed("stage");
        Structure band = KiteCards.WORKSHOP.structure("belly-band");
        Measures usual = Closed.round(band, card.closedCard(), new Measures(Map.of()), Set.of());
        assertThat(usual.get("width")).isEqualTo(card.footprint().width());
        assertThat(mm(usual.get(WrapStructure.BULK)))
                .isBetween(
                        card.closedCard().thickness() - 1e-9, card.closedCard().thickness() + 0.1);
        assertThat(mm(usual.get(WrapStructure.HALF_ACROSS)))
                .isLessThanOrEqualTo(mm(usual.get("width").plus(usual.get(WrapStructure.BULK))) + 1e-9);
        assertThat(band.allows(usual)).isTrue();

        Measures own = usual.with("width", Length.ofMillimetres(300)).with(Banded.STRIP, Length.ofMillimetres(41));
        Measures follows = Closed.round(band, KiteCards.dressed("bridge").closedCard(), own, Set.of());
        assertThat(follows.get("width"))
                .isEqualTo(KiteCards.dressed("bridge").footprint().width());
        assertThat(mm(follows.get(Banded.STRIP))).isEqualTo(41);
        Measures held = Closed.round(band, KiteCards.dressed("bridge").closedCard(), own, Set.of("width"));
        assertThat(mm(held.get("width"))).isEqualTo(300);
    }

    /**
     * By geometry: a square's side is (width + height)/√2 and the overlap; folded in, the front is as large as the card
     * with its thickness and the room that an envelope has, and no flap pokes out.
     */
    @Test
    void anEnvelopeIsCutFromASquare() {
        Allowances allowances = Allowances.usual();
        double room = mm(allowances.of(Allowance.ENVELOPE_LONG, Ruler.MM_1))
                + mm(allowances.of(Allowance.ENVELOPE_SHORT, Ruler.MM_1));
        for (double bulk : BULKS) {
            WorkedPlan envelope = wrap("square-envelope", bulk);
            Size cut = cut(envelope);
            assertThat(cut.width()).isEqualTo(cut.height());
            double byHand = (WIDE + HIGH + 2 * bulk + room) / Math.sqrt(2) + 13;
            assertThat(mm(cut.width())).isBetween(byHand - 1e-3, byHand + 2);
            Size closed = envelope.footprint();
            assertThat(mm(closed.width())).isBetween(WIDE + bulk, WIDE + bulk + 12);
            assertThat(mm(closed.height())).isBetween(HIGH + bulk, HIGH + bulk + 12);
        }
    }

    /** Shut, the flap lies outside: of all panels it is the one farthest from the front. */
    @Test
    void theFlapLiesOutside() {
        for (String id : List.of("rectangle-envelope", "square-envelope")) {
            for (Map<String, String> way : ways(KiteCards.WORKSHOP.structure(id))) {
                Measures measures = measures(KiteCards.WORKSHOP.structure(id), 2.4);
                for (Map.Entry<String, String> one : way.entrySet()) {
                    measures = measures.choosing(one.getKey(), one.getValue());
                }
                WorkedPlan envelope = wrap(id, measures);
                List<Integer> fromBelow = envelope.form().fromBelow();
                assertThat(envelope.form().graph().name(fromBelow.get(0))).isEqualTo("Flap");
                assertThat(envelope.form().graph().name(fromBelow.get(fromBelow.size() - 1)))
                        .isEqualTo("Front");
            }
        }
    }

    /** The label lies over both ends, half of it on each, and holds a band whose ends only meet. */
    @Test
    void aLabelClosesABand() {
        Measures measures = measures(KiteCards.WORKSHOP.structure("belly-band"), 0.6)
                .choosing("closing", "label")
                .with(Banded.OVERLAP, Length.ZERO);
        WorkedPlan band = wrap("belly-band", measures);
        closes(band);
        FoldGraph graph = band.form().graph();
        double label = mm(KiteCards.WORKSHOP.structure("belly-band").measure(BellyBand.LABEL, measures));
        for (int join : List.of(1, 2)) {
            assertThat(GlueArea.of(graph.joins().get(join), graph)
                            .get(0)
                            .shape()
                            .getArea())
                    .isCloseTo(label * label / 2, within(1e-3));
        }
    }

    /** A window shows the card behind it; by hand, a round one of half the strip and one on its corner. */
    @Test
    void aWindowIsCutOutOfTheFront() {
        Structure band = KiteCards.WORKSHOP.structure("belly-band");
        double whole = frontArea(band, "none");
        assertThat(whole - frontArea(band, "square")).isCloseTo(26 * 26, within(1e-6));
        assertThat(whole - frontArea(band, "kite")).isCloseTo(26 * 26 / 2.0, within(1e-6));
        // 48 corners: a polygon a little smaller than the circle
        assertThat(whole - frontArea(band, "round")).isCloseTo(Math.PI * 13 * 13, within(3.0));
    }

    private static double frontArea(Structure band, String window) {
        WorkedPlan worked = wrap("belly-band", measures(band, 0.6).choosing("window-shape", window));
        return worked.form().graph().panels().stream()
                .filter(panel -> panel.name().equals("Front"))
                .mapToDouble(panel -> panel.shape().getArea())
                .findFirst()
                .orElseThrow();
    }

    /** Once round, across 2 × (148 + 2), up 2 × (104 + 2), and 45 cm for the bow. */
    @Test
    void aRibbonGoesOnceRoundAndIsTied() {
        Girth girth = new Girth(150, 106, 2, "all over");
        Ribbon ribbon = Ribbon.round(girth, Allowances.usual(), Ruler.MM_1);
        assertThat(mm(ribbon.across())).isEqualTo(300 + 450);
        assertThat(mm(ribbon.up())).isEqualTo(212 + 450);
        assertThat(mm(ribbon.crossed())).isEqualTo(512 + 450);
        assertThat(Ruler.EIGHTHS.marks(
                        Ribbon.round(girth, Allowances.usual(), Ruler.EIGHTHS).across()))
                .isTrue();
    }

    /** By hand: across seam, wall, inside, wall, seam; up inside, wall, inside, wall, flap; as thick as its wall. */
    @Test
    void aBoxIsAsDeepAsItsCard() {
        WorkedPlan box = wrap("box-envelope", 7.5);
        Structure structure = box.structure();
        assertThat(mm(structure.measure(BoxEnvelope.WALL, box.measures()))).isEqualTo(8);
        double across = mm(structure.measure(BoxEnvelope.INSIDE_WIDTH, box.measures()));
        double up = mm(structure.measure(BoxEnvelope.INSIDE_HEIGHT, box.measures()));
        assertThat(across).isBetween(WIDE + 3.0, WIDE + 10.0);
        Size cut = cut(box);
        assertThat(mm(cut.width())).isEqualTo(2 * 13 + 2 * 8 + across);
        assertThat(mm(cut.height()))
                .isEqualTo(2 * up + 2 * 8 + mm(structure.measure(BoxEnvelope.FLAP, box.measures())));
        double caliper = box.cardstock().caliper().millimetres();
        // front, seam, back and flap lie over one another at the sides, with the air between
        assertThat(box.closedCard().thickness()).isCloseTo(8 + 4 * caliper, within(1e-9));
        assertThat(mm(box.footprint().width())).isEqualTo(across);
        assertThat(mm(box.footprint().height())).isEqualTo(up);
        assertThat(box.form().graph().name(box.form().fromBelow().get(0))).isEqualTo("Flap");
        // from its end, the front lies at the top, over the air
        assertThat(requireNonNull(box.closedCard().endView()).layers().stream()
                        .filter(layer -> box.form().graph().name(layer.panel()).equals("Front")))
                .allSatisfy(layer -> assertThat(layer.bottom()).isGreaterThan(8));
    }

    /** What lies in a box lies in its air: both together are no thicker, until the card is thicker than the wall. */
    @Test
    void aCardLiesInTheAirOfItsBox() {
        ClosedCard box = wrap("box-envelope", 7.5).closedCard();
        ClosedCard thin = ClosedCard.sheet(WIDE, HIGH, 5, 30);
        ClosedCard thick = ClosedCard.sheet(WIDE, HIGH, 11, 30);
        assertThat(thin.in(box).thickness()).isCloseTo(box.thickness(), within(1e-9));
        assertThat(thick.in(box).thickness() - box.thickness()).isCloseTo(3, within(1e-9));
    }

    /** Round a long narrow card two flaps would reach beyond the opposite edge: their tips are cut off. */
    @Test
    void aFlapThatReachesTooFarIsBlunt() {
        Structure square = KiteCards.WORKSHOP.structure("square-envelope");
        for (Size card :
                List.of(Size.ofMillimetres(240, 60), Size.ofMillimetres(60, 240), Size.ofMillimetres(90, 90))) {
            WorkedPlan envelope = wrap("square-envelope", square.proportioned(card, Ruler.MM_1));
            closes(envelope);
            Size front = square.finished(envelope.measures());
            assertThat(mm(envelope.footprint().width())).isCloseTo(mm(front.width()), within(0.001));
            assertThat(mm(envelope.footprint().height())).isCloseTo(mm(front.height()), within(0.001));
        }
    }

    /** Whatever the maker said of it: round any other card it can still be made. */
    @Test
    void whatTheMakerSaidStandsNotInTheWay() {
        Random random = new Random(1752);
        List<WorkedPlan> cards = Stream.of("stage", "bridge", "z-fold", "pillar-card")
                .map(KiteCards::dressed)
                .toList();
        for (Structure wrap : Wraps.all().all()) {
            for (int i = 0; i < 60; i++) {
                Measures said = new Measures(Map.of());
                Set<String> kept = new HashSet<>();
                for (Parameter parameter : wrap.parameters()) {
                    if (random.nextBoolean()) {
                        said = said.with(parameter.id(), Length.ofMillimetres(random.nextInt(400)));
                        kept.add(parameter.id());
                    }
                }
                Measures round = Closed.round(wrap, cards.get(i % cards.size()).closedCard(), said, kept);
                assertThat(wrap.allows(round)).as("%s of %s", round, said).isTrue();
                assertThat(wrap(wrap.id(), round).form().closed()).isNotNull();
            }
        }
    }

    /** The same in every run: documents list what was said in the order of the wrap's parameters. */
    @Test
    void whatFollowsStandsInTheOrderOfTheParameters() {
        Structure sleeve = KiteCards.WORKSHOP.structure("sleeve");
        Measures round =
                Closed.round(sleeve, KiteCards.dressed("stage").closedCard(), new Measures(Map.of()), Set.of());
        assertThat(round.byId().keySet()).containsExactly("width", "height", "bulk", "half-across", "half-up");
    }

    /** What is thicker than any wrap of the house takes is told, with what to do. */
    @Test
    void whatIsTooThickIsTold() {
        assertThat(Wraps.objection(ClosedCard.sheet(150, 100, 60, 200))).isEmpty();
        assertThat(Wraps.objection(ClosedCard.sheet(150, 100, 72.4, 200)))
                .hasValueSatisfying(words -> assertThat(words).contains("73 mm", "60 mm", "Take foam"));
    }

    /** Its names stand once, so that plans find their wrap. */
    @Test
    void noWrapIsCalledLikeACard() {
        List<String> cards =
                KiteCards.WORKSHOP.catalogue().all().stream().map(Structure::id).toList();
        assertThat(Wraps.all().all())
                .extracting(Structure::id)
                .doesNotHaveDuplicates()
                .doesNotContainAnyElementsOf(cards);
    }
}
