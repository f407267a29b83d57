package vantbreeze.exchange.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.fail;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.extra.Extra;
import vantbreeze.core.extra.Extras;
import vantbreeze.core.extra.FaceId;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.PanelId;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.Side;
import vantbreeze.core.free.Loosening;
import vantbreeze.core.layer.Bed;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.Embellishment;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Design;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.structure.FloatingBook;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.SideFold;
import vantbreeze.core.structure.Structure;

/** Documents changed by hand: each opens, or is refused in words; and what is not there is what it always was. */
class GarbledDocumentsTest {

    private static final ObjectMapper JSON = new ObjectMapper();
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private static Plan rich() {
        Structure book = new FloatingBook();
        Dressed dressed = new Dressed(
                List.of(new FaceName(0, "Cover", Side.FACE)),
                List.of(LayerChoice.of("paper-120", Length.ofMillimetres(3)).raised(Length.ofMillimetres(1))),
                List.of(new Embellishment("bow", Size.ofMillimetres(20, 12), Length.ofMillimetres(4), 1.5)));
        Plan plan = Plan.of(
                        "Kite",
                        Loosening.of(book, book.proportioned(Size.ofMillimetres(146, 103), Ruler.MM_1)),
                        Ruler.MM_1)
                .withEnvelope("c6")
                .withCardstock("card-300")
                .withDressing(new Dressing(
                        List.of(dressed),
                        Map.of(
                                new JoinId(
                                        new PanelId(PieceId.of("Card base"), "Cover"),
                                        new PanelId(PieceId.of("Tail"), "Tail"),
                                        1),
                                Bed.CARD)));
        return plan.withSupplies(plan.supplies().withCardstock(PieceId.of("Tail"), "paper-160"))
                .withLock("Cover", true);
    }

    /** A card of the catalogue with a pop-out over its fold and a topper on that. */
    private static Plan carrying() {
        FaceId cover = new FaceId(new PanelId(PieceId.of("Card base"), "Cover"), Side.FACE);
        FaceId back = new FaceId(new PanelId(PieceId.of("Card base"), "Back"), Side.FACE);
        FaceId seat = new FaceId(new PanelId(PieceId.of("Mount"), "Mount seat"), Side.FACE);
        Measures measures = new SideFold()
                .proportioned(Size.ofMillimetres(120, 160), Ruler.MM_1)
                .with("extra-1-spring", Length.ofMillimetres(21))
                .choosing("extra-1-runs", "up");
        return Plan.of(
                "Kite",
                new Design.Parametric(
                        "side-fold",
                        measures,
                        Set.of("width"),
                        new Extras(List.of(
                                new Extra("extra-1", "Mount", "pop-out", cover, back),
                                new Extra("extra-2", "Kite", "topper", seat, null)))),
                Ruler.MM_1);
    }

    @Test
    void whatIsSetOnACardIsReadBackAsItWasWritten() {
        assertThat(PlanDocument.read(PlanDocument.write(carrying()))).isEqualTo(carrying());
        assertThat(PlanDocument.write(rich())).doesNotContain("extras");
        assertThatThrownBy(() -> PlanDocument.read(
                        PlanDocument.write(carrying()).replace("\"Kite\",\n    \"kind\"", "\"Mount\",\n    \"kind\"")))
                .isInstanceOf(UnreadablePlan.class)
                .hasMessageContaining("There is a \"Mount\" on this card already");
    }

    /** Every place of a document, given something that does not belong there, and taken out. */
    @ParameterizedTest
    @MethodSource("documents")
    void whatIsGarbledAnywhereIsReadOrRefusedInWords(Plan plan, int least) throws Exception {
        String written = PlanDocument.write(plan);
        int places = places(JSON.readTree(written)).size();
        assertThat(places).isGreaterThan(least);
        List<JsonNode> strange = List.of(
                NODES.nullNode(),
                NODES.numberNode(-7),
                NODES.textNode("kite"),
                NODES.arrayNode().add(1),
                NODES.objectNode().put("a", 1),
                NODES.booleanNode(true),
                NODES.textNode(""));
        for (int i = 0; i < places; i += places > 400 ? 3 : 1) {
            for (JsonNode other : strange) {
                JsonNode document = JSON.readTree(written);
                places(document).get(i).accept(other);
                try {
                    Plan read = PlanDocument.read(document.toString());
                    assertThat(PlanDocument.read(PlanDocument.write(read))).isEqualTo(read);
                } catch (UnreadablePlan refused) {
                    assertThat(refused.getMessage()).endsWith(".");
                } catch (RuntimeException wrong) {
                    fail("place %d given %s".formatted(i, other), wrong);
                }
            }
        }
    }

    static List<Arguments> documents() {
        return List.of(Arguments.of(rich(), 100), Arguments.of(carrying(), 25));
    }

    private static List<Consumer<JsonNode>> places(JsonNode node) {
        List<Consumer<JsonNode>> all = new ArrayList<>();
        if (node instanceof ObjectNode object) {
            for (Map.Entry<String, JsonNode> field : Set.copyOf(object.properties()).stream()
                    .sorted(Map.Entry.comparingByKey())
                    .toList()) {
                all.add(other -> object.set(field.getKey(), other));
                all.addAll(places(field.getValue()));
            }
        } else if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                int at = i;
                all.add(other -> array.set(at, other));
                all.addAll(places(array.get(i)));
            }
        }
        return all;
    }

    @Test
    void aFieldOfTheWrongKindIsNamed() {
        assertThatThrownBy(() -> PlanDocument.read(PlanDocument.write(rich())
                        .replace("\"locked\" : [ \"Cover\" ]", "\"locked\" : { \"Cover\" : 1 }")))
                .isInstanceOf(UnreadablePlan.class)
                .hasMessageContaining("The plan's locked can't be read");
    }

    /** Each piece may be of its own cardstock; what a piece is made of is not lost with the piece's place. */
    @Test
    void cardstocksOfPiecesAreKept() {
        Plan plan = rich();
        assertThat(PlanDocument.read(PlanDocument.write(plan))).isEqualTo(plan);
        assertThat(PlanDocument.write(plan)).contains("pieceCardstocks");
        assertThat(PlanDocument.write(plan.withSupplies(plan.supplies().withCardstock(PieceId.of("Tail"), null))))
                .doesNotContain("pieceCardstocks");
    }

    /** One more field is one more component of a record, and an older house keeps what it does not know. */
    @Test
    void aFieldOfALaterHouse() throws Exception {
        record Later(String name, String due) {}
        ObjectNode document = (ObjectNode) JSON.readTree(PlanDocument.write(rich()));
        document.put("due", "kite day");
        String kept = PlanDocument.rewritten(document.toString(), rich().withName("Kite night"));
        assertThat(DocumentJson.ofRecords().readValue(kept, Later.class))
                .isEqualTo(new Later("Kite night", "kite day"));
        assertThat(DocumentJson.ofRecords().readValue(PlanDocument.write(rich()), Later.class))
                .isEqualTo(new Later("Kite", ""));
    }
}
