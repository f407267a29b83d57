package vantbreeze.exchange.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.Embellishment;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Look;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Suggestion;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Tools;
import vantbreeze.exchange.document.PlanDocument;
import vantbreeze.exchange.document.StockDocument;
import vantbreeze.exchange.document.UnreadablePlan;
import vantbreeze.exchange.print.LayerSheet;
import vantbreeze.exchange.print.PrintPage;

/** What is to be cut for a card's layers, as a table, as pages and in the plan document. */
class LayerListTest {

    private static final OwnStock CUPBOARD = new OwnStock(Tools.usual(), List.of(), List.of(), papers(), Set.of());
    private static final Workshop WORKSHOP = Workshop.standard().with(CUPBOARD);

    private static Map<String, Cardstock> papers() {
        Map<String, Cardstock> papers = new LinkedHashMap<>();
        papers.put(
                "own-dusk",
                new Cardstock(
                        "=Dusk, \"rose\"",
                        160,
                        Length.ofMicrometres(200),
                        Cardstock.Grain.LONG,
                        Cardstock.Pattern.PLAIN,
                        "#c98a8a"));
        papers.put(
                "own-kites",
                new Cardstock(
                                "Small kites",
                                120,
                                Length.ofMicrometres(150),
                                Cardstock.Grain.UNKNOWN,
                                Cardstock.Pattern.DIRECTIONAL,
                                "#f3e9d2")
                        .printed(new Look(Look.Print.KITES, "#b0492f", "#ffffff", null)));
        return papers;
    }

    static List<Structure> structures() {
        return Catalogue.full().all();
    }

    private static WorkedPlan dressed(Structure structure, Ruler ruler) {
        WorkedPlan bare = WORKSHOP.work(Plan.of(
                "Kite day", structure.id(), structure.proportioned(Size.ofMillimetres(150, 110), ruler), ruler));
        Suggestion suggestion = new Suggestion(WORKSHOP, bare);
        return WORKSHOP.work(bare.plan().withDressing(suggestion.dressing(suggestion.usualStack())));
    }

    private static List<CSVRecord> table(WorkedPlan worked) throws IOException {
        try (CSVParser parser = CSVParser.parse(
                LayerTable.of(worked),
                CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .get())) {
            return parser.getRecords();
        }
    }

    /** Every layer is in the table once, and its millimetres are those of the layer. */
    @ParameterizedTest
    @MethodSource("structures")
    void theTableCountsEveryLayer(Structure structure) throws IOException {
        WorkedPlan worked = dressed(structure, Ruler.EIGHTHS);
        List<CSVRecord> rows = table(worked);
        assertThat(rows.stream()
                        .mapToInt(row -> Integer.parseInt(row.get("count")))
                        .sum())
                .isEqualTo(worked.layers().all().size());
        for (CSVRecord row : rows) {
            var cut = worked.cuts().cuts().get(Integer.parseInt(row.get("number")) - 1);
            assertThat(Double.parseDouble(row.get("width mm")))
                    .isCloseTo(cut.size().width().millimetres(), within(0.006));
        }
    }

    /** RFC 4180 quotes commas and quotation marks; a name that starts like a formula is no formula. */
    @Test
    void namesAreQuotedAndAreNoFormulas() throws IOException {
        assertThat(table(dressed(WORKSHOP.structure("z-fold"), Ruler.MM_1)))
                .extracting(row -> row.get("paper"))
                .contains("'=Dusk, \"rose\"", "Small kites");
    }

    @ParameterizedTest
    @MethodSource("structures")
    void thePagesNameEveryPaperAndPiece(Structure structure) throws IOException {
        WorkedPlan worked = dressed(structure, Ruler.MM_1);
        try (PDDocument document = Loader.loadPDF(LayerSheet.of(worked, PrintPage.A4))) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text).contains("Small kites", "Where each piece goes", "this side");
            assertThat(text).doesNotContain("?");
            worked.alike().forEach(pieces -> assertThat(worked.layers().faces().stream()
                                    .noneMatch(face ->
                                            face.panel() >= pieces.get(0).first()
                                                    && face.panel()
                                                            < pieces.get(0).first()
                                                                    + pieces.get(0)
                                                                            .panels()
                                                                            .all()
                                                                            .size())
                            || text.contains(pieces.get(0).panels().piece().name()))
                    .isTrue());
        }
    }

    /** What the face of the lettering has not comes from another. */
    @Test
    void everyFractionIsReadable() throws IOException {
        try (PDDocument document = Loader.loadPDF(
                LayerSheet.of(dressed(WORKSHOP.structure("gatefold"), Ruler.EIGHTHS), PrintPage.LETTER))) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("border ⅛ in")
                    .doesNotContain("?");
        }
    }

    @ParameterizedTest
    @MethodSource("structures")
    void layersComeBackFromThePlanDocumentAsTheyWere(Structure structure) {
        for (Ruler ruler : List.of(Ruler.MM_1, Ruler.SIXTEENTHS)) {
            Plan plan = dressed(structure, ruler).plan();
            assertThat(PlanDocument.read(PlanDocument.write(plan)).dressing()).isEqualTo(plan.dressing());
        }
    }

    @Test
    void everythingAboutALayerComesBack() {
        LayerChoice special = new LayerChoice(
                "own-kites", Length.ofMillimetres(4), Size.ofMillimetres(30, 20), Length.ofMillimetres(2), true, null);
        Dressed all = new Dressed(
                List.of(new FaceName(0, "Leg", Side.FACE), new FaceName(0, "Second leg", Side.BACK)),
                List.of(special),
                List.of(new Embellishment("Paper bow", Size.ofMillimetres(12, 8), Length.ofMillimetres(5))));
        Plan plan = dressed(WORKSHOP.structure("z-fold"), Ruler.MM_1).plan().withDressing(new Dressing(List.of(all)));
        assertThat(PlanDocument.read(PlanDocument.write(plan)).dressing()).isEqualTo(plan.dressing());
    }

    @Test
    void garbledLayersAreToldInWords() {
        String written = PlanDocument.write(
                dressed(WORKSHOP.structure("z-fold"), Ruler.MM_1).plan());
        assertThatThrownBy(() -> PlanDocument.read(written.replace("\"side\" : \"face\"", "\"side\" : \"edge\"")))
                .isInstanceOf(UnreadablePlan.class)
                .hasMessageContaining("layers can't be read");
        assertThatThrownBy(() -> PlanDocument.read(written.replace("\"border\" : \"2.5 mm\"", "\"border\" : \"wide\"")))
                .isInstanceOf(UnreadablePlan.class);
    }

    @Test
    void papersKeepTheirLook() {
        assertThat(StockDocument.read(StockDocument.write(CUPBOARD))).isEqualTo(CUPBOARD);
        String before = StockDocument.write(CUPBOARD)
                .replaceAll("\"print\" : \"[A-Z]+\",\\s*\"ink\" : \"#[0-9a-f]{6}\",\\s*", "");
        assertThat(StockDocument.read(before).cardstocks().get("own-kites").look())
                .isEqualTo(Look.plain("#f3e9d2"));
    }
}
