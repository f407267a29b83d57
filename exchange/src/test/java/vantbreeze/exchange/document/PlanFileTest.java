package vantbreeze.exchange.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Look;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.structure.ZFold;
import vantbreeze.core.tool.Tools;

class PlanFileTest {

    private static final Cardstock KITES =
            Cardstock.of("Our kites", 150).printed(new Look(Look.Print.IMAGE, "#000000", "#ffffff", "a-picture"));
    private static final OwnStock OWN = new OwnStock(
            Tools.usual(),
            List.of(new Envelope("own-kite", "Kite envelope", Size.ofMillimetres(171, 119), Envelope.Source.OWN)),
            List.of(new StockSheet("own-tail", "Tail paper", Size.ofMillimetres(211, 333))),
            Map.of("own-kites", KITES, "own-rain", Cardstock.of("Rain", 200)),
            Set.of());
    private static final Plan PLAN = Plan.of(
                    "Kite day", "z-fold", new ZFold().proportioned(Size.ofMillimetres(126, 92), Ruler.MM_1), Ruler.MM_1)
            .withEnvelope("own-kite")
            .withSheet("a4")
            .withCardstock("own-kites");

    private static String file(Plan plan) {
        return PlanFile.write(
                PlanDocument.write(plan),
                OWN,
                id -> id.equals("a-picture") ? Optional.of(new byte[] {1, 2, 3}) : Optional.empty());
    }

    @Test
    void bringsWhatThePlanNamesOfItsMakersOwn() {
        PlanFile.Brought brought = PlanFile.read(file(PLAN));
        assertThat(brought.plan()).isEqualTo(PLAN);
        assertThat(brought.stock()).isEqualTo(new OwnThings(OWN.envelopes(), List.of(), Map.of("own-kites", KITES)));
        assertThat(brought.pictures()).containsOnlyKeys("a-picture");
        assertThat(brought.pictures().get("a-picture")).containsExactly(1, 2, 3);
        assertThat(brought.document()).doesNotContain("\"stock\"");
        assertThat(PlanDocument.read(brought.document())).isEqualTo(PLAN);
    }

    @Test
    void isThePlainDocumentWhereNothingOfOnesOwnIsNamed() {
        Plan plain = PLAN.withEnvelope("c6").withCardstock((String) null);
        assertThat(file(plain)).isEqualTo(PlanDocument.write(plain));
        assertThat(PlanFile.read(PlanDocument.write(plain)).stock()).isEqualTo(OwnThings.NONE);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", "dear diary", "[]", "7", "{\"stock\":{}}", "{\"stock\":7,\"format\":\"vantbreeze-plan\"}"})
    void whatIsNoPlanIsRefusedInWords(String text) {
        assertThatThrownBy(() -> PlanFile.read(text))
                .isInstanceOf(UnreadablePlan.class)
                .hasMessageMatching("This (file|plan) .*");
    }

    @Test
    void stockThatCannotBeReadIsRefusedInWords() {
        assertThatThrownBy(() -> PlanFile.read(file(PLAN).replace("171 mm", "wide")))
                .isInstanceOf(UnreadablePlan.class)
                .hasMessageContaining("Ask for the file again");
        assertThatThrownBy(() -> PlanFile.read(file(PLAN).replace("AQID", "*")))
                .isInstanceOf(UnreadablePlan.class)
                .hasMessageContaining("picture");
        String many = "\"p%d\":\"AQID\","
                .repeat(30)
                .formatted(java.util.stream.IntStream.range(0, 30).boxed().toArray());
        assertThatThrownBy(() -> PlanFile.read(file(PLAN).replace("\"pictures\" : {", "\"pictures\" : {" + many)))
                .isInstanceOf(UnreadablePlan.class)
                .hasMessageContaining("more than 20");
    }

    /** Nested deeper, longer and with more in it than any plan: refused, and soon. */
    @Test
    void moreThanAnyPlanHasIsRefused() {
        for (String huge : new String[] {
            "[".repeat(1_000_000),
            "{\"a\":".repeat(100_000),
            "{" + "\"k\":1,".repeat(300_000) + "\"z\":1}",
            "\"" + "z".repeat(PlanFile.LONGEST) + "\"",
            "{\"stock\":" + "9".repeat(100_000) + "}"
        }) {
            assertThatThrownBy(() -> PlanFile.read(huge)).isInstanceOf(UnreadablePlan.class);
        }
        String digits = PlanDocument.write(PLAN).replace("126 mm", "1".repeat(100_000));
        assertThatThrownBy(() -> PlanDocument.read(digits)).isInstanceOf(UnreadablePlan.class);
    }
}
