package vantbreeze.exchange.document;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.structure.ZFold;

/** What a later build writes into a document and this one does not know is still there after this one has saved it. */
class UnknownFieldsTest {

    private static final ObjectMapper JSON = new ObjectMapper();
    private static final FaceName LEG = new FaceName(0, "Leg", Side.FACE);
    private static final FaceName BACK = new FaceName(0, "Back", Side.FACE);

    private static final Plan PLAN = Plan.of(
                    "Kite day", "z-fold", new ZFold().proportioned(Size.ofMillimetres(126, 92), Ruler.MM_1), Ruler.MM_1)
            .withEnvelope("c6")
            .withDressing(new Dressing(List.of(
                    Dressed.of(LEG, List.of(LayerChoice.of("paper-120", Length.ofMillimetres(4)))),
                    Dressed.of(
                            BACK,
                            List.of(
                                    LayerChoice.of("paper-160", Length.ofMillimetres(5)),
                                    LayerChoice.of("paper-120", Length.ofMillimetres(3)))))));

    private static ObjectNode document() throws Exception {
        return (ObjectNode) JSON.readTree(PlanDocument.write(PLAN));
    }

    private static JsonNode rewritten(JsonNode before, Plan after) throws Exception {
        return JSON.readTree(PlanDocument.rewritten(before.toString(), after));
    }

    @Test
    void fieldsOfTheDocumentAndOfItsPartsAreKept() throws Exception {
        ObjectNode before = document();
        before.putObject("wrap").put("band", "40 mm");
        ((ObjectNode) before.path("layers").path(0)).put("glitter", true);
        ((ObjectNode) before.path("layers").path(1).path("layers").path(1)).put("scent", "grass");
        JsonNode after = rewritten(before, PLAN.withName("Kite night"));
        assertThat(after.path("name").asText()).isEqualTo("Kite night");
        assertThat(after.path("wrap").path("band").asText()).isEqualTo("40 mm");
        assertThat(after.path("layers").path(0).path("glitter").asBoolean()).isTrue();
        assertThat(after.path("layers")
                        .path(1)
                        .path("layers")
                        .path(1)
                        .path("scent")
                        .asText())
                .isEqualTo("grass");
        // and once more: nothing is added, nothing lost
        assertThat(rewritten(after, PLAN.withName("Kite night"))).isEqualTo(after);
    }

    @Test
    void theyStayWithThePartTheyBelongToWhenOthersGo() throws Exception {
        ObjectNode before = document();
        ((ObjectNode) before.path("layers").path(1)).put("glitter", true);
        JsonNode after = rewritten(before, PLAN.withDressing(PLAN.dressing().without(List.of(LEG))));
        assertThat(after.path("layers")).hasSize(1);
        assertThat(after.path("layers").path(0).path("glitter").asBoolean()).isTrue();
    }

    @Test
    void whatThisBuildTookAwayDoesNotComeBack() throws Exception {
        ObjectNode before = document();
        JsonNode after = rewritten(before, PLAN.withDressing(Dressing.NONE).withEnvelope((String) null));
        assertThat(after.has("layers")).isFalse();
        assertThat(after.path("envelope").isNull()).isTrue();
        assertThat(after)
                .isEqualTo(JSON.readTree(
                        PlanDocument.write(PLAN.withDressing(Dressing.NONE).withEnvelope((String) null))));
    }

    @ParameterizedTest
    @ValueSource(strings = {"{}", "[1,2]", "\"text\"", "7", "null", "{\"deep\":{\"deeper\":[{\"deepest\":[]}]}}"})
    void anythingCanStandInThem(String unknown) throws Exception {
        ObjectNode before = document();
        before.set("future", JSON.readTree(unknown));
        assertThat(rewritten(before, PLAN.withNotes("changed")).path("future")).isEqualTo(JSON.readTree(unknown));
    }

    @Test
    void theStocksDocumentKeepsThemToo() throws Exception {
        ObjectNode before = (ObjectNode) JSON.readTree(StockDocument.write(OwnStock.usual()));
        before.put("glues", 3);
        ((ObjectNode) before.path("tools")).put("blade", "45°");
        JsonNode after = JSON.readTree(StockDocument.rewritten(
                before.toString(), OwnStock.usual().with(OwnStock.usual().tools())));
        assertThat(after.path("glues").asInt()).isEqualTo(3);
        assertThat(after.path("tools").path("blade").asText()).isEqualTo("45°");
    }
}
