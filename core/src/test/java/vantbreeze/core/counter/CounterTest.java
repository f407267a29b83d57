package vantbreeze.core.counter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.Lighten;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.KiteCards;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Wrapping;
import vantbreeze.core.post.Obstacle;
import vantbreeze.core.post.PostLimits;
import vantbreeze.core.post.PostService;
import vantbreeze.core.post.PostTable;
import vantbreeze.core.post.PostTables;
import vantbreeze.core.post.Span;

/** A kite card at the counter: what would let a cheaper service take it, and that it then does. */
class CounterTest {

    private static final PostTable GERMANY = PostTables.find("de").orElseThrow();

    /** Dressed all over, the first stack on foam of 3 mm. */
    private static WorkedPlan raised() {
        WorkedPlan card = KiteCards.dressed("side-fold");
        List<Dressed> all = card.plan().dressing().all();
        Dressed first = all.get(0);
        Dressing padded = card.plan()
                .dressing()
                .with(first.layered(first.layers().stream()
                        .map(layer -> layer.raised(Length.ofMillimetres(3)))
                        .toList()));
        return KiteCards.WORKSHOP.work(card.plan().withDressing(padded));
    }

    private static Sending sent(WorkedPlan card, WorkedPlan... wraps) {
        return new Sending(card, List.of(wraps), null, 0);
    }

    private static PostTable taking(double thick, double grams) {
        Span any = new Span(50, 400);
        return new PostTable(
                "kites",
                "Kite town",
                "EUR",
                List.of(
                        PostService.of(
                                "thin",
                                "Thin kite mail",
                                PostLimits.of(any, any, Span.upTo(thick), Span.upTo(grams)),
                                ""),
                        PostService.of(
                                "any", "Any kite mail", PostLimits.of(any, any, Span.upTo(90), Span.upTo(900)), "")));
    }

    /** Thinner foam comes before no foam, no foam before no layers; each by itself is enough. */
    @Test
    void theChangeThatIsMissedLeastComesFirst() {
        WorkedPlan card = raised();
        double foams = card.closedCard().thickness();
        int layers = card.plan().dressing().all().get(0).layers().size();
        // both layers of the stack rise: a millimetre less of foam is so much less for each
        Counter counter = new Counter(taking(foams - layers + 0.1, 900), sent(card));
        assertThat(counter.cheapest())
                .hasValueSatisfying(service -> assertThat(service.id()).isEqualTo("any"));
        List<Saving> ways = counter.ways().getOrDefault("thin", List.of());
        assertThat(ways.get(0).words()).startsWith("foam of 2 mm instead of 3 mm on ");
        assertThat(ways).hasSize(3).extracting(Saving::words).anyMatch(words -> words.startsWith("no foam on"));
        for (Saving way : ways) {
            WorkedPlan after = KiteCards.WORKSHOP.work(
                    new Lighten(way.id()).on(card.plan(), KiteCards.WORKSHOP).plan());
            assertThat(new Counter(taking(foams - layers + 0.1, 900), sent(after)).cheapest())
                    .as(way.words())
                    .hasValueSatisfying(service -> assertThat(service.id()).isEqualTo("thin"));
        }
    }

    /** A stack less is so many grams less as it weighs, by area and grammage. */
    @Test
    void aStackLessIsLighter() {
        WorkedPlan card = KiteCards.dressed("side-fold");
        double grams = sent(card).item().grams();
        Counter counter = new Counter(taking(90, grams - 1), sent(card));
        Saving less = counter.ways().getOrDefault("thin", List.of()).stream()
                .filter(way -> way.words().startsWith("no layers on "))
                .findFirst()
                .orElseThrow();
        Dressed gone = card.plan().dressing().all().stream()
                .filter(dressed -> !less.plan().dressing().all().contains(dressed))
                .findFirst()
                .orElseThrow();
        double byHand = card.layers().all().stream()
                .filter(layer -> gone.faces().stream()
                        .anyMatch(face -> face.find(card.form().graph())
                                .filter(layer.face()::equals)
                                .isPresent()))
                .mapToDouble(layer -> layer.paper().grams(layer.shape().getArea()))
                .sum();
        assertThat(grams - sent(KiteCards.WORKSHOP.work(less.plan())).item().grams())
                .isCloseTo(byHand, within(1e-6));
    }

    /** What is too long is not mended by layers; an empty table and a card that goes anyway have no ways. */
    @Test
    void thereIsNotAlwaysAWay() {
        WorkedPlan card = raised();
        PostService tiny = PostService.of(
                "tiny", "Tiny", PostLimits.of(Span.upTo(9), Span.upTo(9), Span.upTo(90), Span.upTo(900)), "");
        PostTable table = new PostTable("kites", "Kite town", "EUR", List.of(tiny));
        assertThat(new Counter(table, sent(card)).ways()).isEqualTo(Map.of("tiny", List.of()));
        assertThat(new Counter(new PostTable("none", "Nowhere", "EUR", List.of()), sent(card)).ways())
                .isEmpty();
        assertThat(new Counter(taking(90, 900), sent(card)).ways()).isEmpty();
    }

    /** Lighter card of the same look, by hand: 50 g/m² less over 2 × the closed card. */
    @Test
    void lighterCardIsLighter() {
        WorkedPlan card = KiteCards.bare(KiteCards.WORKSHOP.structure("side-fold"));
        Saving lighter = Savings.of(card).get(0);
        assertThat(lighter.words()).isEqualTo("card of 250 g/m² instead of 300 g/m²");
        double area = 2
                * card.footprint().width().millimetres()
                * card.footprint().height().millimetres();
        assertThat(sent(card).item().grams()
                        - sent(KiteCards.WORKSHOP.work(lighter.plan())).item().grams())
                .isCloseTo(50 * area / 1e6, within(1e-6));
    }

    /** Where no single change is enough two are told, and made together at a press. */
    @Test
    void twoChangesAreMadeTogether() {
        WorkedPlan card = raised();
        double grams = sent(card).item().grams();
        List<Double> single = Savings.of(card).stream()
                .map(saving ->
                        sent(KiteCards.WORKSHOP.work(saving.plan())).item().grams())
                .toList();
        double least = single.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
        assertThat(least).isLessThan(grams);
        PostTable table = taking(90, least - 0.5);
        List<Saving> ways = new Counter(table, sent(card)).ways().getOrDefault("thin", List.of());
        assertThat(ways).isNotEmpty().allMatch(way -> way.words().contains(" and "));
        for (Saving way : ways) {
            Plan after =
                    new Lighten(way.id()).on(card.plan(), KiteCards.WORKSHOP).plan();
            assertThat(after).isEqualTo(way.plan());
            assertThat(new Counter(table, sent(KiteCards.WORKSHOP.work(after))).cheapest())
                    .hasValueSatisfying(service -> assertThat(service.id()).isEqualTo("thin"));
        }
    }

    /** A card that is 8 mm too long is made 8 mm shorter, and goes. */
    @Test
    void aSmallerCardGoes() {
        WorkedPlan card = KiteCards.bare(KiteCards.WORKSHOP.structure("side-fold"));
        double length = card.footprint().longSide().millimetres() - 8;
        PostTable table = new PostTable(
                "kites",
                "Kite town",
                "EUR",
                List.of(
                        PostService.of(
                                "short",
                                "Short",
                                PostLimits.of(Span.upTo(length), Span.upTo(900), Span.upTo(90), Span.upTo(900)),
                                ""),
                        PostService.of(
                                "any",
                                "Any",
                                PostLimits.of(Span.upTo(900), Span.upTo(900), Span.upTo(90), Span.upTo(900)),
                                "")));
        Saving smaller = new Counter(table, sent(card))
                .ways()
                .getOrDefault("short", List.of())
                .get(0);
        assertThat(smaller.words()).startsWith("a card of ");
        WorkedPlan after = KiteCards.WORKSHOP.work(
                new Lighten(smaller.id()).on(card.plan(), KiteCards.WORKSHOP).plan());
        assertThat(after.footprint().longSide().millimetres()).isEqualTo(length);
        assertThat(new Counter(table, sent(after)).cheapest())
                .hasValueSatisfying(service -> assertThat(service.id()).isEqualTo("short"));
    }

    /** Its wraps follow a change of the card: an envelope round a thinner card is no larger. */
    @Test
    void wrapsFollowTheChange() {
        WorkedPlan card = raised();
        WorkedPlan envelope = KiteCards.WORKSHOP.work(Wrapping.begun("rectangle-envelope", card, List.of()));
        Sending whole = sent(card, envelope);
        Saving least = Savings.of(card).get(0);
        Sending after = whole.after(least);
        assertThat(after.item().thickness()).isLessThan(whole.item().thickness());
        assertThat(after.item().width()).isLessThanOrEqualTo(whole.item().width());
        assertThat(whole.item().grams())
                .isCloseTo(
                        card.closedCard().weight().grams()
                                + envelope.closedCard().weight().grams()
                                + Mailing.STAMP,
                        within(1e-9));
    }

    /** A bought envelope is a little larger than what goes in, and weighs: C6 by hand, 2.3 × 164 × 116 mm² of 100 g. */
    @Test
    void aBoughtEnvelopeIsWeighedToo() {
        WorkedPlan card = KiteCards.bare(KiteCards.WORKSHOP.structure("side-fold"));
        Sending bare = sent(card);
        Sending bought = new Sending(card, List.of(), KiteCards.WORKSHOP.envelope("c6"), 2);
        assertThat(bought.item().grams() - bare.item().grams())
                .isCloseTo(2.3 * 164 * 116 / 1e6 * 100 + 10, within(1e-6));
        assertThat(bought.item().length()).isEqualTo(164);
    }

    /** A letter is no more uneven for an envelope that is larger than the card. */
    @Test
    void anEnvelopeMakesNothingUneven() {
        WorkedPlan card = KiteCards.dressed("side-fold");
        WorkedPlan envelope = KiteCards.WORKSHOP.work(Wrapping.begun("square-envelope", card, List.of()));
        assertThat(sent(card, envelope).mailing().unevenness())
                .isEqualTo(sent(card).mailing().unevenness());
        assertThat(sent(card, envelope).item().thickness())
                .isEqualTo(card.closedCard().in(envelope.closedCard()).thickness());
    }

    /** Nor for a sleeve whose edges stand a little beyond it: there it is empty, and not thin. */
    @Test
    void aSleeveMakesNothingUneven() {
        WorkedPlan card = KiteCards.dressed("exploding-gatefold");
        WorkedPlan sleeve = KiteCards.WORKSHOP.work(Wrapping.begun("sleeve", card, List.of()));
        WorkedPlan wider = KiteCards.WORKSHOP.work(sleeve.plan()
                .withMeasures(sleeve.measures()
                        .with(
                                "front",
                                sleeve.structure()
                                        .measure("front", sleeve.measures())
                                        .plus(Length.ofMillimetres(20)))));
        assertThat(sent(card, wider).mailing().unevenness())
                .isEqualTo(sent(card).mailing().unevenness());
    }

    /** A bought envelope that is too small for the card with its sleeve is told. */
    @Test
    void whetherItGoesInABoughtEnvelopeIsAsked() {
        WorkedPlan card = KiteCards.bare(KiteCards.WORKSHOP.structure("side-fold"));
        WorkedPlan sleeve = KiteCards.WORKSHOP.work(Wrapping.begun("sleeve", card, List.of()));
        assertThat(sent(card).fit()).isEmpty();
        assertThat(new Sending(card, List.of(), KiteCards.WORKSHOP.envelope("c5"), 0).fit())
                .hasValueSatisfying(fit -> assertThat(fit.goesIn()).isTrue());
        assertThat(new Sending(card, List.of(sleeve), KiteCards.WORKSHOP.envelope("c7"), 0).fit())
                .hasValueSatisfying(fit -> assertThat(fit.goesIn()).isFalse());
    }

    @Test
    void whatMayHappenIsTold() {
        WorkedPlan card = raised();
        List<String> risks = new Counter(GERMANY, sent(card)).risks();
        assertThat(risks).anyMatch(words -> words.contains("does not bend round a roller"));
        assertThat(risks).anyMatch(words -> words.contains("thicker in one place"));
        assertThat(risks).anyMatch(words -> words.startsWith("It has no envelope"));
        WorkedPlan thin = KiteCards.bare(KiteCards.WORKSHOP.structure("side-fold"));
        assertThat(new Counter(GERMANY, new Sending(thin, List.of(), KiteCards.WORKSHOP.envelope("c6"), 0)).risks())
                .isEmpty();
    }

    @Test
    void whatCannotBeIsTold() {
        WorkedPlan card = KiteCards.bare(KiteCards.WORKSHOP.structure("side-fold"));
        Plan plan = card.plan();
        assertThatThrownBy(() -> new Lighten("layers 7").on(plan, KiteCards.WORKSHOP))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("Look at the services again");
        assertThatThrownBy(() -> new Sending(card, List.of(), null, 40)).hasMessageContaining("gift cards");
    }

    /** In inches what stands in the way is read off an inch ruler, weight in grams. */
    @Test
    void obstaclesAreReadOffTheRuler() {
        assertThat(new Obstacle(Obstacle.Limit.THICKNESS, 0.6).inWords(Ruler.MM_1))
                .isEqualTo("1 mm too thick");
        assertThat(new Obstacle(Obstacle.Limit.THICKNESS, 0.6).inWords(Ruler.EIGHTHS))
                .isEqualTo("1/32 in too thick");
        assertThat(new Obstacle(Obstacle.Limit.WEIGHT, 8.2).inWords(Ruler.EIGHTHS))
                .isEqualTo("9 g too heavy");
        assertThat(new Obstacle(Obstacle.Limit.SHAPE, -0.2).inWords(Ruler.MM_1)).isEqualTo("too nearly square");
    }
}
