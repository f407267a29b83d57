package vantbreeze.exchange.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.core.cutting.Blank;
import vantbreeze.core.cutting.CutChoices;
import vantbreeze.core.cutting.CutPin;
import vantbreeze.core.cutting.CutWishes;
import vantbreeze.core.cutting.Seam;
import vantbreeze.core.cutting.SheetUse;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.PanelId;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.free.Loosening;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.Embellishment;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Size;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.plan.BuildChoices;
import vantbreeze.core.plan.CutDone;
import vantbreeze.core.plan.Habit;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.FloatingBook;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.SideFold;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Board;
import vantbreeze.core.tool.Tools;

class PlanDocumentTest {

    private static final Plan KITES = Plan.of(
                    "Kite \"day\" ½",
                    "z-fold",
                    new Measures(Map.of("width", Length.ofInches(5, 1, 2), "height", Length.ofMillimetres(105))),
                    Ruler.EIGHTHS)
            .withEnvelope("c6")
            .withNotes("Pale blue.\nTails outwards.");

    @Test
    void isReadBackAsItWasWritten() {
        assertThat(PlanDocument.read(PlanDocument.write(KITES))).isEqualTo(KITES);
    }

    @Test
    void writesMeasuresAsAMakerWould() {
        assertThat(PlanDocument.write(KITES))
                .contains("\"5 1/2 in\"")
                .contains("\"105 mm\"")
                .contains("\"version\" : 1");
    }

    /** A free card of every structure, and what is locked, comes back exactly. */
    @Test
    void aFreeCardIsReadBackAsItWasWritten() {
        for (Structure structure : Catalogue.full().all()) {
            FreeCard card = Loosening.of(structure, structure.proportioned(Size.ofMillimetres(146, 103), Ruler.MM_1));
            Plan plan = Plan.of("Kite", card, Ruler.MM_1).withLock("Panel 1", true);
            assertThat(PlanDocument.read(PlanDocument.write(plan))).isEqualTo(plan);
            assertThat(PlanDocument.write(plan).length()).isLessThan(PlanDocument.LONGEST);
        }
    }

    /** Foam between two pieces of a card that is drawn free stays as thick as it was. */
    @Test
    void foamOfAFreeCardIsReadBackAsItWasWritten() {
        FreeCard bare =
                Loosening.of(new SideFold(), new SideFold().proportioned(Size.ofMillimetres(90, 120), Ruler.MM_1));
        Join glued = Join.of(
                        new PanelRef(0, "Cover"),
                        Side.BACK,
                        new PanelRef(1, "Kite"),
                        Side.BACK,
                        Attachment.at(
                                new Spot(Length.ofMillimetres(70), Length.ofMillimetres(20)),
                                new Spot(Length.ZERO, Length.ZERO)))
                .onFoam(Length.ofMicrometres(1500));
        Assembly topped = new Assembly(
                List.of(bare.assembly().pieces().get(0), FreeCard.sheet("Kite", Size.ofMillimetres(40, 50))),
                List.of(glued));
        Plan plan = Plan.of("Kite", FreeCard.of(topped), Ruler.MM_1);
        assertThat(PlanDocument.read(PlanDocument.write(plan))
                        .drawn()
                        .assembly()
                        .joins()
                        .get(0)
                        .foam())
                .isEqualTo(Length.ofMicrometres(1500));
    }

    /** What a piece is cut from, and what a bow weighs, are the maker's. */
    @Test
    void acetateAndWeightsAreReadBackAsTheyWereWritten() {
        Structure book = new FloatingBook();
        Measures measures =
                book.proportioned(Size.ofMillimetres(146, 103), Ruler.MM_1).choosing("over", "acetate");
        Plan arched = Plan.of("Kite", Loosening.of(book, measures), Ruler.MM_1);
        assertThat(PlanDocument.write(arched)).contains("\"material\" : \"acetate\"");
        assertThat(PlanDocument.read(PlanDocument.write(arched))).isEqualTo(arched);
        assertThatThrownBy(() -> PlanDocument.read(
                        PlanDocument.write(arched).replace("\"material\" : \"acetate\"", "\"material\" : \"tin\"")))
                .isInstanceOf(UnreadablePlan.class);
        Plan bowed = KITES.withDressing(new Dressing(List.of(new Dressed(
                List.of(new FaceName(0, "Leg", Side.FACE)),
                List.of(),
                List.of(
                        new Embellishment("bow", Size.ofMillimetres(20, 12), Length.ofMillimetres(4), 1.5),
                        new Embellishment("bell", Size.ofMillimetres(9, 9), Length.ofMillimetres(5)))))));
        assertThat(PlanDocument.read(PlanDocument.write(bowed))).isEqualTo(bowed);
        assertThatThrownBy(() -> PlanDocument.read(PlanDocument.write(bowed).replace("1.5", "\"heavy\"")))
                .isInstanceOf(UnreadablePlan.class)
                .hasMessageContaining("no weight in grams");
    }

    @Test
    void aGarbledDrawingIsRefusedInWords() {
        String written = PlanDocument.write(Plan.of("Kite", FreeCard.bare(Size.ofMillimetres(100, 80)), Ruler.MM_1));
        for (String garbled : new String[] {
            written.replace("\"100 0\"", "\"100\""),
            written.replace("\"100 0\"", "\"a b\""),
            written.replace("\"100 0\"", "null")
        }) {
            assertThatThrownBy(() -> PlanDocument.read(garbled))
                    .isInstanceOf(UnreadablePlan.class)
                    .hasMessageContaining("drawing can't be read");
        }
    }

    @Test
    void howItIsCutIsReadBackAsItWasWritten() {
        CutChoices choices = new CutChoices(
                new CutWishes(false, CutWishes.Grain.RULE, Length.ofMicrometres(1500)),
                Map.of(new CutChoices.SheetOf("own-sky", "a3"), SheetUse.ADDED),
                List.of(
                        new CutPin(
                                new Blank.OfPiece(new PieceId("Flap", 2)),
                                "a4",
                                1,
                                Length.ofInches(1, 1, 8),
                                Length.ofMicrometres(10),
                                true),
                        new CutPin(
                                new Blank.OfLayer(new FaceName(1, "Front", Side.BACK), 1),
                                "own-2",
                                3,
                                Length.ZERO,
                                Length.ofMillimetres(7),
                                false),
                        new CutPin(new Blank.OfPart(PieceId.BASE, 2), "a4", 2, Length.ZERO, Length.ZERO, false)),
                List.of(new Seam(PieceId.BASE, false, Length.ofInches(9, 3, 16), Length.ofInches(0, 1, 2))));
        Plan cut = KITES.withCutting(choices);
        assertThat(PlanDocument.read(PlanDocument.write(cut))).isEqualTo(cut);
        assertThat(PlanDocument.write(KITES)).doesNotContain("cutting");
        for (String garbled : new String[] {
            PlanDocument.write(cut).replace("\"rule\"", "null"),
            PlanDocument.write(cut).replace("\"Flap\"", "null"),
            PlanDocument.write(cut).replaceFirst("\"squared\" : \"[^\"]*\"", "\"squared\" : \"90 mm\"")
        }) {
            assertThatThrownBy(() -> PlanDocument.read(garbled))
                    .isInstanceOf(UnreadablePlan.class)
                    .hasMessageContaining("How the card is cut can't be read");
        }
    }

    @Test
    void howItIsBuiltIsReadBackAsItWasWritten() {
        JoinId join = new JoinId(new PanelId(PieceId.BASE, "Back"), new PanelId(new PieceId("Flap", 2), "Tab"), 1);
        BuildChoices choices = BuildChoices.NONE
                .withHabit(Habit.AS_I_GO)
                .withAdhesive(join, "strong-tape")
                .withMoved(new BuildChoices.MovedStep("LAY: Card base, Back, face", ""));
        Plan built = KITES.withBuilding(choices);
        assertThat(PlanDocument.read(PlanDocument.write(built))).isEqualTo(built);
        assertThat(PlanDocument.write(KITES)).doesNotContain("building");
        // written alike where a small I has no dot (the tests run in Turkish too)
        assertThat(PlanDocument.write(built)).contains("\"as_i_go\"");
        assertThatThrownBy(() -> PlanDocument.read(PlanDocument.write(built).replace("as_i_go", "some day")))
                .isInstanceOf(UnreadablePlan.class);
        String often = ",{\"step\":\"FOLD: x\",\"before\":\"\"}".repeat(BuildChoices.MOST_MOVED);
        assertThatThrownBy(() -> PlanDocument.read(
                        PlanDocument.write(built).replaceFirst("(\"before\" : \"\"\\s*})", "$1" + often)))
                .isInstanceOf(UnreadablePlan.class)
                .hasMessageContaining("How the card is built can't be read");
    }

    @Test
    void whatWasCutIsReadBackAsItWasWritten() {
        OwnStock stock = OwnStock.usual()
                .cut(
                        new CutDone(
                                "own-9", "card", "Kite day", LocalDate.of(2026, 12, 2), Map.of("a", 2), List.of("b")),
                        List.of(new StockSheet(
                                "b", "from Kite day, 2 Dec", Size.ofMillimetres(90, 120), "own-sky", 2, true, null)));
        String written = StockDocument.write(stock);
        assertThat(StockDocument.read(written)).isEqualTo(stock);
        assertThat(StockDocument.write(OwnStock.usual())).doesNotContain("cuts");
        assertThatThrownBy(() -> StockDocument.read(written.replace("2026-12-02", "today")))
                .isInstanceOf(UnreadablePlan.class);
    }

    @Test
    void ownStockIsReadBackAsItWasWritten() {
        OwnStock stock = new OwnStock(
                new Tools(
                        new Board("Big board", Length.ofInches(0, 1, 8), Length.ofInches(16)),
                        Tools.usual().metric(),
                        Length.ofInches(15),
                        true),
                List.of(new Envelope("own-1", "Kite envelope", Size.ofMillimetres(171, 121), Envelope.Source.OWN)),
                List.of(new StockSheet("own-2", "Offcuts", Size.ofMillimetres(200, 300))),
                Map.of(
                        "own-3",
                        new Cardstock(
                                "Sky",
                                280,
                                Length.ofMicrometres(340),
                                Cardstock.Grain.SHORT,
                                Cardstock.Pattern.DIRECTIONAL,
                                "#aaccee")),
                Set.of("c7"));
        assertThat(StockDocument.read(StockDocument.write(stock))).isEqualTo(stock);
        assertThatThrownBy(() -> StockDocument.read("{}")).isInstanceOf(UnreadablePlan.class);
    }

    @Property
    void keepsEveryLengthExactly(@ForAll @LongRange(min = 0, max = 30_000_000) long units, @ForAll Ruler ruler) {
        Plan plan = KITES.withRuler(ruler).withMeasures(new Measures(Map.of("width", Length.ofUnits(units))));
        assertThat(PlanDocument.read(PlanDocument.write(plan))).isEqualTo(plan);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "hello | not a Vantbreeze plan",
                "~~ | is empty",
                "{} | not a Vantbreeze plan",
                "[1, 2] | not a Vantbreeze plan",
                "{\"format\":\"vantbreeze-plan\",\"version\":2} | newer Vantbreeze (version 2",
                "{\"format\":\"vantbreeze-plan\"} | does not say its version",
                "{\"format\":\"vantbreeze-plan\",\"version\":1,\"ruler\":\"cubit\"} | ruler, \"cubit\"",
                "{\"format\":\"vantbreeze-plan\",\"version\":1,\"ruler\":\"mm\",\"name\":\"x\","
                        + "\"measures\":{\"width\":\"5 1/\"}} | no lower figure",
                "{\"format\":\"vantbreeze-plan\",\"version\":1,\"ruler\":\"mm\",\"measures\":{}} | needs a name"
            })
    void saysWhyAFileIsNoPlan(String text, String words) {
        assertThatThrownBy(() -> PlanDocument.read(text))
                .isInstanceOf(UnreadablePlan.class)
                .hasMessageContaining(words);
    }

    @Test
    void refusesWhatIsTooLargeOrTooDeep() {
        assertThatThrownBy(() -> PlanDocument.read("x".repeat(PlanDocument.LONGEST + 1)))
                .hasMessageContaining("too large");
        assertThatThrownBy(() -> PlanDocument.read("[".repeat(100_000))).isInstanceOf(UnreadablePlan.class);
    }

    @Property
    void anyTextIsReadOrRefusedInWords(@ForAll @StringLength(max = 200) String text) {
        assertThatThrownBy(() -> PlanDocument.read(text)).isInstanceOf(UnreadablePlan.class);
    }
}
