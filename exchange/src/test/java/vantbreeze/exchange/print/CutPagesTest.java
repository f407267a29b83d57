package vantbreeze.exchange.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.xml.sax.InputSource;
import vantbreeze.core.cutting.CutLayout;
import vantbreeze.core.cutting.CutPlan;
import vantbreeze.core.cutting.CutStep;
import vantbreeze.core.cutting.CutSteps;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.texts.AllTexts;
import vantbreeze.core.texts.Said;
import vantbreeze.core.texts.TextRules;
import vantbreeze.exchange.table.CutTable;

/** How a card is cut, read back from its files. */
class CutPagesTest {

    private static WorkedPlan card(String structure, Ruler ruler) {
        return AllTexts.cards(Catalogue.full().find(structure).orElseThrow())
                .filter(card -> card.ruler().isInches() == ruler.isInches())
                .map(AllTexts::withLayers)
                .findFirst()
                .orElseThrow();
    }

    private static CutPlan plan(WorkedPlan card) {
        return CutPlan.of(card.cutOrder(card.workshop().sheets()));
    }

    private static List<CutStep> steps(WorkedPlan card, CutPlan plan) {
        return plan.papers().stream()
                .flatMap(paper -> CutSteps.of(CutLayout.of(paper), card.tools(), card.ruler()).stream())
                .toList();
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"gatefold", "concertina-fan", "ring-lock", "tiered-stage"})
    void everyStepIsOnThePagesAndInTheTable(String structure) throws IOException {
        WorkedPlan card = card(structure, Ruler.EIGHTHS);
        CutPlan plan = plan(card);
        List<CutStep> steps = steps(card, plan);
        String pages = text(CutSheet.of(card, plan, PrintPage.LETTER));
        List<String> found = new ArrayList<>();
        for (CutStep step : steps) {
            assertThat(pages).contains(step.doing());
            TextRules.read(new Said(structure, step.words()), card.ruler(), found);
        }
        assertThat(found.stream().distinct().limit(10)).isEmpty();
        try (CSVParser parser = CSVParser.parse(
                CutTable.of(card, plan),
                CSVFormat.RFC4180
                        .builder()
                        .setHeader()
                        .setSkipHeaderRecord(true)
                        .get())) {
            assertThat(parser.getRecords().stream().map((CSVRecord row) -> row.get("what to do")))
                    .containsExactlyElementsOf(
                            steps.stream().map(CutStep::words).toList());
        }
    }

    /** A page for every sheet, as large as that: 72 points to the inch (ISO 32000-1). */
    @Test
    void trueSizePagesAreAsLargeAsTheSheets() throws IOException {
        WorkedPlan card = card("gatefold", Ruler.MM_1);
        CutPlan plan = plan(card);
        try (PDDocument document = Loader.loadPDF(CutSheet.trueSize(card, plan))) {
            assertThat(document.getNumberOfPages())
                    .isEqualTo(plan.papers().stream()
                            .mapToInt(paper -> CutLayout.of(paper).stacks().size())
                            .sum());
            assertThat(document.getPage(0).getMediaBox().getWidth()).isCloseTo(210 / 25.4f * 72, within(0.01f));
            assertThat(document.getPage(0).getMediaBox().getHeight()).isCloseTo(297 / 25.4f * 72, within(0.01f));
        }
    }

    /** Every blank is a closed path within its sheet, in millimetres. */
    @Test
    void theDrawingHoldsEveryBlank() throws Exception {
        WorkedPlan card = card("ring-lock", Ruler.MM_1);
        CutPlan plan = plan(card);
        String svg = CutDrawing.of("<Kites> & tails", plan);
        Document document =
                DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
        Element root = document.getDocumentElement();
        assertThat(root.getAttribute("width")).isEqualTo("210.000mm");
        assertThat(root.getElementsByTagName("title").item(0).getTextContent()).isEqualTo("<Kites> & tails");
        assertThat(root.getElementsByTagName("path").getLength())
                .isEqualTo(plan.papers().stream()
                        .flatMap(paper -> CutLayout.of(paper).stacks().stream())
                        .mapToInt(stack -> stack.blanks().size())
                        .sum());
        for (int i = 0; i < root.getElementsByTagName("path").getLength(); i++) {
            String path = ((Element) root.getElementsByTagName("path").item(i)).getAttribute("d");
            assertThat(path).startsWith("M").endsWith("z");
            for (String corner : path.replaceAll("[Mz]", "L").split("L")) {
                if (!corner.isBlank()) {
                    String[] at = corner.strip().split(" ");
                    assertThat(Double.parseDouble(at[0])).isBetween(-0.001, 210.001);
                    assertThat(Double.parseDouble(at[1])).isBetween(-0.001, 297.001);
                }
            }
        }
    }

    @Test
    void labelsTellSizePaperAndWhereFrom() throws IOException {
        List<OffcutLabels.OffcutLabel> labels = new ArrayList<>();
        for (int i = 0; i < 17; i++) {
            labels.add(new OffcutLabels.OffcutLabel(
                    "120 × %d mm".formatted(60 + i), "Sky blue card", "from Kite theatre, 2 Dec"));
        }
        byte[] pdf = OffcutLabels.of(labels, PrintPage.A4);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(2);
        }
        assertThat(text(pdf)).contains("120 × 60 mm", "120 × 76 mm", "Sky blue card", "from Kite theatre, 2 Dec");
        assertThat(OffcutLabels.of(List.of(), PrintPage.A4)).isNotEmpty();
    }
}
