package vantbreeze.exchange.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.structure.ZFold;
import vantbreeze.exchange.print.DrawnLines.Drawn;

/** Lengths are read off the PDF itself: what a printer at 100 % puts on paper (ISO 32000-1: 72 units to the inch). */
class TrueSizePlanTest {

    private static final double A_TENTH_OF_A_MILLIMETRE = 0.1;

    private static PDDocument print(long width, long height, PrintPage page, String name) throws IOException {
        Plan plan = Plan.of(
                        name,
                        "z-fold",
                        new ZFold().proportioned(Size.ofMillimetres(width, height), Ruler.MM_1),
                        Ruler.MM_1)
                .withEnvelope("c6")
                .withSheet("a3");
        WorkedPlan worked = Workshop.standard().work(plan);
        return Loader.loadPDF(TrueSizePlan.of(worked, page));
    }

    private static Drawn only(List<Drawn> lines, int dashes) {
        List<Drawn> found =
                lines.stream().filter(line -> line.dashes() == dashes).toList();
        assertThat(found).hasSize(1);
        return found.get(0);
    }

    @ParameterizedTest
    @EnumSource(PrintPage.class)
    void printsAtTrueSize(PrintPage page) throws IOException {
        try (PDDocument document = print(118, 92, page, "Kite day")) {
            // the drawing, and the list of what to do
            assertThat(document.getNumberOfPages()).isEqualTo(2);
            List<Drawn> lines = DrawnLines.on(document.getPage(0));
            Drawn mountain = only(lines, 6);
            Drawn valley = only(lines, 2);
            double left = lines.stream()
                    .filter(line -> line.isUpright() && Math.abs(line.length() - 92) < 0.1 && line.dashes() == 0)
                    .mapToDouble(Drawn::x1)
                    .min()
                    .orElseThrow();
            assertThat(mountain.x1() - left).isCloseTo(59, within(A_TENTH_OF_A_MILLIMETRE));
            assertThat(valley.x1() - left).isCloseTo(118, within(A_TENTH_OF_A_MILLIMETRE));
            assertThat(valley.length()).isCloseTo(92, within(A_TENTH_OF_A_MILLIMETRE));
            assertThat(lines).anyMatch(line -> Math.abs(line.length() - 236) < A_TENTH_OF_A_MILLIMETRE);
        }
    }

    @ParameterizedTest
    @EnumSource(PrintPage.class)
    void carriesRulesToCheckThePrinterBy(PrintPage page) throws IOException {
        try (PDDocument document = print(118, 92, page, "Kite day")) {
            List<Drawn> lines = DrawnLines.on(document.getPage(0));
            assertThat(lines).anyMatch(line -> Math.abs(line.length() - 100) < 0.01);
            assertThat(lines).anyMatch(line -> Math.abs(line.length() - 101.6) < 0.01);
        }
    }

    @Test
    void tilesWhatIsLargerThanThePageAndTheTilesAgree() throws IOException {
        try (PDDocument document = print(180, 240, PrintPage.A4, "Large")) {
            assertThat(document.getNumberOfPages()).isEqualTo(5);
            Tiling tiling = Tiling.of(360 + 18, 240 + 18, PrintPage.A4);
            List<Tiling.Tile> tiles = tiling.tiles();
            for (int i = 0; i < tiles.size(); i++) {
                Drawn valley = only(DrawnLines.on(document.getPage(i)), 2);
                assertThat(valley.x1() + tiles.get(i).left() - PrintPage.MARGIN - 9)
                        .isCloseTo(180, within(A_TENTH_OF_A_MILLIMETRE));
            }
            assertThat(new PDFTextStripper().getText(document))
                    .contains("page 4 of 4")
                    .contains("overlap to the crosses");
        }
    }

    @Test
    void tilesCoverTheWholeDrawingWithTheirOverlap() {
        for (double width = 50; width < 1500; width += 37) {
            Tiling tiling = Tiling.of(width, 300, PrintPage.LETTER);
            double covered = tiling.columns() * tiling.tileWidth() - (tiling.columns() - 1) * Tiling.OVERLAP;
            assertThat(covered).isGreaterThanOrEqualTo(width);
            assertThat(tiling.tiles()).hasSize(tiling.count());
        }
    }

    @Test
    void lettersPanelsScoresAndNamesInAnyScript() throws IOException {
        try (PDDocument document = print(118, 92, PrintPage.A4, "Drachenfest žluťoučký 凧")) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text)
                    .contains("Drachenfest žluťoučký ?")
                    .contains("mountain")
                    .contains("Second leg")
                    .contains("118");
        }
    }

    /** The fan's leaves are cut from one drawing each, however many there are. */
    @Test
    void likePiecesArePrintedOnceWithHowManyToCut() throws IOException {
        Structure fan = Workshop.standard().structure("concertina-fan");
        Plan plan =
                Plan.of("Kite day", fan.id(), fan.proportioned(Size.ofMillimetres(120, 80), Ruler.MM_1), Ruler.MM_1);
        try (PDDocument document =
                Loader.loadPDF(TrueSizePlan.of(Workshop.standard().work(plan), PrintPage.A4))) {
            int drawings = 0;
            for (int page = 1; page <= document.getNumberOfPages(); page++) {
                PDFTextStripper one = new PDFTextStripper();
                one.setStartPage(page);
                one.setEndPage(page);
                drawings += one.getText(document).contains("Step by step.") ? 0 : 1;
            }
            assertThat(drawings).as("one for each drawing, beside what to do").isEqualTo(4);
            assertThat(new PDFTextStripper().getText(document)).contains("left leaf, cut 4, this side up, true size");
        }
    }

    /** Every structure prints, and the lines on its pages are as long as the outlines of its pieces. */
    @Test
    void everyStructurePrints() throws IOException {
        for (Structure structure : Catalogue.full().all()) {
            Plan plan = Plan.of(
                    "Kite day",
                    structure.id(),
                    structure.proportioned(Size.ofMillimetres(120, 100), Ruler.MM_1),
                    Ruler.MM_1);
            WorkedPlan worked = Workshop.standard().work(plan);
            try (PDDocument document = Loader.loadPDF(TrueSizePlan.of(worked, PrintPage.A4))) {
                assertThat(document.getNumberOfPages())
                        .as(structure.name())
                        .isGreaterThanOrEqualTo(worked.alike().size());
            }
        }
    }
}
