package vantbreeze.exchange.print;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vantbreeze.core.build.BuildPlan;
import vantbreeze.core.build.BuildStep;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Wrapping;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.texts.AllTexts;

/** Measurements and steps on paper, read back by a reader of PDF. */
class BuildPagesTest {

    /** No figure is printed beyond this edge, mm. */
    private static final double EDGE = 3;

    private static WorkedPlan dressed(Structure structure) {
        return AllTexts.withLayers(AllTexts.cards(structure).findFirst().orElseThrow());
    }

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    /** Whatever the structure: every figure of every piece on every size of card, in both units, within its edges. */
    @TestFactory
    Stream<DynamicTest> allFiguresOfEveryStructure() {
        return Catalogue.full().all().stream()
                .map(structure -> DynamicTest.dynamicTest(structure.name(), () -> {
                    WorkedPlan card = dressed(structure);
                    for (CardPage page : CardPage.values()) {
                        byte[] pdf = MeasureCard.of(card, List.of(), page);
                        String text = text(pdf);
                        for (Ruler ruler :
                                List.of(card.ruler(), card.ruler().isInches() ? Ruler.MM_1 : Ruler.SIXTEENTHS)) {
                            card.pieces().forEach(piece -> piece.scores().forEach(score -> assertThat(text)
                                    .contains(plain(Figure.of(score.fromLeft(), ruler)))));
                        }
                        card.cuts().cuts().forEach(cut -> assertThat(text).contains("Layer " + cut.number() + ":"));
                        staysWithinItsEdges(pdf);
                        if (page == CardPage.A4 || page == CardPage.LETTER) {
                            assertThat(pages(pdf)).isEqualTo(1);
                        }
                    }
                }));
    }

    /** What goes round the card stands on its card of measurements too, with its scores. */
    @Test
    void wrapsStandOnTheCardOfMeasurements() throws IOException {
        WorkedPlan card = dressed(Catalogue.full().find("z-fold").orElseThrow());
        WorkedPlan box = card.workshop().work(Wrapping.begun("box-envelope", card, List.of()));
        byte[] pdf = MeasureCard.of(card, List.of(box), CardPage.A6);
        String text = text(pdf);
        assertThat(text).contains("Box envelope,");
        box.pieces().get(0).scores().forEach(score -> assertThat(text)
                .contains(plain(Figure.of(score.fromLeft(), card.ruler()))));
        staysWithinItsEdges(pdf);
    }

    /** As far as a stacked or written-out fraction leaves it. */
    private static String plain(Figure figure) {
        return figure.whole() + (figure.numerator() == 0 ? " " + figure.unit().sign() : "");
    }

    private static int pages(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return document.getNumberOfPages();
        }
    }

    private static void staysWithinItsEdges(byte[] pdf) throws IOException {
        float dpi = 40;
        try (PDDocument document = Loader.loadPDF(pdf)) {
            for (int page = 0; page < document.getNumberOfPages(); page++) {
                BufferedImage image = new PDFRenderer(document).renderImageWithDPI(page, dpi);
                int edge = (int) (EDGE / 25.4 * dpi);
                for (int y = 0; y < image.getHeight(); y++) {
                    for (int x = 0; x < image.getWidth(); x++) {
                        boolean isEdge =
                                x < edge || y < edge || x >= image.getWidth() - edge || y >= image.getHeight() - edge;
                        if (isEdge) {
                            assertThat(image.getRGB(x, y) & 0xffffff).isEqualTo(0xffffff);
                        }
                    }
                }
            }
        }
    }

    /** Whatever the structure: every step once and in order, and its page not overfull. */
    @TestFactory
    Stream<DynamicTest> everyStepOfEveryStructure() {
        return Catalogue.full().all().stream()
                .map(structure -> DynamicTest.dynamicTest(structure.name(), () -> {
                    WorkedPlan card = dressed(structure);
                    byte[] pdf = StepSheet.of(card, PrintPage.A4);
                    String text = text(pdf);
                    int at = 0;
                    List<BuildStep> steps = card.of(BuildPlan.STAGE).steps();
                    for (int i = 0; i < steps.size(); i++) {
                        at = text.indexOf(
                                "□ " + (i + 1) + ". " + steps.get(i).what().split(" ")[0], at);
                        assertThat(at).as(steps.get(i).what()).isNotNegative();
                    }
                    staysWithinItsEdges(pdf);
                    assertThat(pages(pdf)).isBetween(1, 8);
                }));
    }

    @ParameterizedTest
    @EnumSource(PrintPage.class)
    void aDressedGatefoldTakesTwoToFourPages(PrintPage page) throws IOException {
        WorkedPlan card = dressed(Catalogue.full().find("gatefold").orElseThrow());
        assertThat(pages(StepSheet.of(card, page))).isBetween(1, 4);
    }

    @Test
    void anIndexCardIsThreeInchesByFive() throws IOException {
        WorkedPlan card = dressed(Catalogue.full().find("z-fold").orElseThrow());
        try (PDDocument document = Loader.loadPDF(MeasureCard.of(card, List.of(), CardPage.INDEX))) {
            assertThat(document.getPage(0).getMediaBox().getWidth()).isEqualTo(5 * 72f);
            assertThat(document.getPage(0).getMediaBox().getHeight()).isEqualTo(3 * 72f);
        }
        assertThat(CardPage.find("index")).contains(CardPage.INDEX);
        assertThat(CardPage.find("napkin")).isEmpty();
    }
}
