package vantbreeze.exchange.print;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.texts.AllTexts;
import vantbreeze.core.texts.Said;
import vantbreeze.core.texts.TextRules;
import vantbreeze.exchange.table.LayerTable;

/** What is printed, read back from the files themselves by a reader of PDF, and the table line by line. */
class PaperTextsTest {

    static List<Structure> structures() {
        return Catalogue.full().all();
    }

    @ParameterizedTest
    @MethodSource("structures")
    void whatIsPrintedIsSaidInOurWords(Structure structure) {
        List<String> found = new ArrayList<>();
        List<WorkedPlan> cards = AllTexts.cards(structure).toList();
        for (WorkedPlan card : List.of(cards.get(0), cards.get(cards.size() - 1))) {
            WorkedPlan dressed = AllTexts.withLayers(card);
            List<String> plan = lines(TrueSizePlan.of(card, PrintPage.A4)).toList();
            assertThat(plan).as("a reader finds the steps").anyMatch(line -> line.startsWith("□ Cut"));
            assertThat(plan)
                    .as("letter by letter, so that it can be searched and read aloud")
                    .anyMatch(line -> line.contains("no fitting to the page"));
            Stream.concat(plan.stream(), rows(LayerTable.of(dressed)))
                    .forEach(line -> TextRules.read(new Said(structure.name(), line), card.ruler(), found));
            // the list of layers has a size on both rulers in each row
            lines(LayerSheet.of(dressed, PrintPage.LETTER))
                    .forEach(line -> TextRules.words(new Said(structure.name(), line), found));
        }
        assertThat(found.stream().distinct().limit(20)).isEmpty();
    }

    /** Without the columns in millimetres that are there to reckon with. */
    private static Stream<String> rows(String table) {
        return table.lines().skip(1).map(line -> line.replaceAll("\\d+\\.\\d\\d(?=,)", ""));
    }

    private static Stream<String> lines(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper()
                    .getText(document)
                    .lines()
                    // the rules that a printer is checked by are of both schools
                    .filter(line -> !line.endsWith("lay a ruler on this"));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
