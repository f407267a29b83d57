package vantbreeze.core.post;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.Currency;
import java.util.List;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.post.Obstacle.Limit;

/** Which service takes a kite card in its envelope, and what stands in the way of the cheaper one; by hand. */
class PostTablesTest {

    private static final PostTable GERMANY = PostTables.find("de").orElseThrow();

    private static PostService service(String id, double thick, double heavy, @Nullable String price) {
        return new PostService(
                id,
                "Kite mail " + id,
                PostLimits.of(new Span(100, 240), new Span(70, 165), Span.upTo(thick), Span.upTo(heavy)),
                new Surcharges(new Span(1.3, 2.5), BigDecimal.valueOf(40, 2), BigDecimal.valueOf(25, 2)),
                price == null ? null : new BigDecimal(price),
                "made up");
    }

    private static PostItem item(double length, double width, double thickness, double grams) {
        return new PostItem(length, width, thickness, grams, false, false);
    }

    @Test
    void theFirstThatTakesItIsTheCheapest() {
        assertThat(GERMANY.cheapest(item(162, 114, 2, 18)))
                .hasValueSatisfying(service -> assertThat(service.id()).isEqualTo("de-standard"));
        assertThat(GERMANY.cheapest(item(162, 114, 5.6, 29)))
                .hasValueSatisfying(service -> assertThat(service.id()).isEqualTo("de-compact"));
        assertThat(GERMANY.cheapest(item(360, 240, 2, 18))).isEmpty();
    }

    /** 5.6 of 5 mm is 0.6 too thick, 29 of 20 g is 9 too heavy. */
    @Test
    void whatStandsInTheWayIsTold() {
        List<PostTable.Asked> cheaper = GERMANY.cheaper(item(162, 114, 5.6, 29));
        assertThat(cheaper).hasSize(1);
        assertThat(cheaper.get(0).obstacles())
                .extracting(Obstacle::limit)
                .containsExactly(Limit.THICKNESS, Limit.WEIGHT);
        assertThat(cheaper.get(0).obstacles().get(0).beyond()).isCloseTo(0.6, within(1e-9));
        assertThat(cheaper.get(0).obstacles().get(0).inWords()).isEqualTo("too thick");
        assertThat(cheaper.get(0).obstacles().get(1).beyond()).isCloseTo(9, within(1e-9));
        assertThat(cheaper.get(0).obstacles().get(1).isWeight()).isTrue();
        assertThat(GERMANY.ask(item(120, 114, 1, 10)).get(0).obstacles())
                .extracting(Obstacle::inWords)
                .containsExactly("too short", "too nearly square");
    }

    /** Two inches round: 500 + 380 + 30 is 10 over 900. */
    @Test
    void allRoundIsLimitedToo() {
        PostService bulky = PostTables.find("upu").orElseThrow().services().get(2);
        assertThat(bulky.against(item(500, 380, 30, 800)))
                .singleElement()
                .satisfies(obstacle -> assertThat(obstacle.beyond()).isCloseTo(10, within(1e-9)));
    }

    /** Priced all of them, what is due besides decides: 1.10 + 0.40 is dearer than 1.45. */
    @Test
    void whatIsSquarePaysMore() {
        PostService plain = service("plain", 5, 100, "1.10");
        PostService large = new PostService(
                "large",
                "Large kite mail",
                PostLimits.of(new Span(100, 353), new Span(70, 250), Span.upTo(20), Span.upTo(500)),
                Surcharges.NONE,
                new BigDecimal("1.45"),
                "made up");
        PostTable table = new PostTable("kites", "Kite town", "EUR", List.of(plain, large));
        assertThat(table.cheapest(item(160, 110, 2, 20))).contains(plain);
        assertThat(table.cheapest(item(160, 160, 2, 20))).contains(large);
        assertThat(plain.cost(item(160, 160, 2, 20))).contains(new BigDecimal("1.50"));
        assertThat(plain.cost(new PostItem(160, 160, 4, 20, false, true))).contains(new BigDecimal("1.75"));
        assertThat(plain.isOddlyShaped(item(160, 110, 2, 20))).isFalse();
    }

    /** One that is not priced leaves them as they stand. */
    @Test
    void unpricedTheyStandAsTheyAreTyped() {
        PostTable table = new PostTable(
                "kites", "Kite town", "EUR", List.of(service("a", 5, 100, "9"), service("b", 5, 100, null)));
        assertThat(table.ask(item(160, 110, 2, 20)))
                .extracting(asked -> asked.service().id())
                .containsExactly("a", "b");
    }

    @Test
    void anEmptyTableHasNoService() {
        PostTable empty = new PostTable("none", "Nowhere", "EUR", List.of());
        assertThat(empty.cheapest(item(160, 110, 2, 20))).isEmpty();
        assertThat(empty.cheaper(item(160, 110, 2, 20))).isEmpty();
    }

    @Test
    void whatContradictsItselfIsToldAndNamed() {
        assertThatThrownBy(() -> PostLimits.of(new Span(240, 140), new Span(70, 165), Span.upTo(5), Span.upTo(20)))
                .isInstanceOfSatisfying(ValidationException.class, refused -> {
                    assertThat(refused.field()).isEqualTo("length");
                    assertThat(refused)
                            .hasMessageContaining("from 240 to 140 mm")
                            .hasMessageContaining("Swap");
                });
        assertThatThrownBy(() -> PostLimits.of(new Span(0, 60), new Span(70, 165), Span.upTo(5), Span.upTo(20)))
                .hasMessageContaining("at most 60 mm long and at least 70 mm wide");
        assertThatThrownBy(() -> Span.upTo(Double.NaN).require("weight", "weight", "g"))
                .isInstanceOf(ValidationException.class);
        assertThatThrownBy(() -> service("x", 5, 100, "-1")).hasMessageContaining("price");
        PostService twice = service("x", 5, 100, null);
        assertThatThrownBy(() -> new PostTable("kites", "Kite town", "EUR", List.of(twice, twice)))
                .hasMessageContaining("twice");
    }

    /** Data, tested as data: every table can be read, says where it is from, and holds no price. */
    @Test
    void theTablesAreWhole() {
        assertThat(PostTables.all())
                .extracting(PostTable::id)
                .doesNotHaveDuplicates()
                .hasSizeGreaterThan(3);
        for (PostTable table : PostTables.all()) {
            assertThat(Currency.getInstance(table.currency())).isNotNull();
            assertThat(table.services()).isNotEmpty().allSatisfy(service -> {
                assertThat(service.source()).contains("from memory", "ask your counter");
                assertThat(service.price()).isNull();
            });
        }
    }

    /** Whatever is asked: what no obstacle names is taken, and less of what is too much is taken sooner. */
    @Test
    void lessOfWhatIsTooMuchIsTaken() {
        Random random = new Random(1911);
        for (int i = 0; i < 2000; i++) {
            PostItem item = item(
                    200 + random.nextInt(200),
                    70 + random.nextInt(130),
                    random.nextDouble() * 60,
                    random.nextInt(3000));
            for (PostTable table : PostTables.all()) {
                for (PostTable.Asked asked : table.ask(item)) {
                    double thick = item.thickness();
                    double grams = item.grams();
                    for (Obstacle obstacle : asked.obstacles()) {
                        thick -= obstacle.limit() == Limit.THICKNESS ? obstacle.beyond() : 0;
                        grams -= obstacle.limit() == Limit.WEIGHT ? obstacle.beyond() : 0;
                    }
                    PostItem less = item(item.length(), item.width(), thick, grams);
                    assertThat(asked.service().against(less))
                            .extracting(Obstacle::limit)
                            .doesNotContain(Limit.THICKNESS, Limit.WEIGHT);
                }
            }
        }
    }
}
