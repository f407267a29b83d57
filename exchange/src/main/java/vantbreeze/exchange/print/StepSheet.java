package vantbreeze.exchange.print;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import vantbreeze.core.build.BuildPlan;
import vantbreeze.core.build.BuildStep;
import vantbreeze.core.build.BuildStep.Reading;
import vantbreeze.core.build.PaperColours;
import vantbreeze.core.build.StepPicture;
import vantbreeze.core.build.StepWords;
import vantbreeze.core.plan.WorkedPlan;

/** Every step of a card on paper, in both units, each with its picture, in two columns read from above. */
public final class StepSheet {

    private static final double GUTTER = 8;
    /** Height of a picture, mm. */
    private static final double PICTURE = 27;

    private static final double TITLE = 3.7;
    private static final double LETTER = 2.9;
    private static final double LINE = 3.8;
    private static final double BETWEEN = 4;

    private final WorkedPlan card;
    private final BuildPlan building;
    private final PrintPage page;
    private final double wide;
    private final StepDrawing drawing;

    private StepSheet(WorkedPlan card, PrintPage page) {
        this.card = card;
        this.building = card.of(BuildPlan.STAGE);
        this.page = page;
        this.wide = (page.width(false) - 2 * PrintPage.MARGIN - GUTTER) / 2;
        this.drawing = new StepDrawing(new PaperColours(card));
    }

    /** The PDF on pages of a printer. */
    public static byte[] of(WorkedPlan card, PrintPage page) {
        return PdfWriting.file(
                card.plan().name() + ", step by step", document -> new StepSheet(card, page).write(document));
    }

    /** What is told of a step, and its picture. */
    private record Told(String title, List<String> lines, StepPicture picture) {

        boolean isDrawn() {
            return !picture.patches().isEmpty();
        }

        double height() {
            return TITLE + 2 + LINE * lines.size() + (isDrawn() ? PICTURE + 2 : 0) + BETWEEN;
        }
    }

    private void write(PDDocument document) throws IOException {
        Lettering lettering = new Lettering(document);
        double top = page.height(false) - PrintPage.MARGIN - PrintPage.HEAD - 2;
        PDPageContentStream content = begun(document, lettering);
        int column = 0;
        double y = top;
        for (int i = 0; i < building.steps().size(); i++) {
            Told told = told(i, lettering);
            if (y - told.height() < PrintPage.MARGIN && y < top) {
                y = top;
                column++;
                if (column == 2) {
                    column = 0;
                    content.close();
                    content = begun(document, lettering);
                }
            }
            draw(told, new Pen(content, lettering), PrintPage.MARGIN + column * (wide + GUTTER), y);
            y -= told.height();
        }
        content.close();
    }

    private PDPageContentStream begun(PDDocument document, Lettering lettering) throws IOException {
        PDPageContentStream content = PdfWriting.page(document, page.width(false), page.height(false));
        new PageFrame(new Pen(content, lettering), page.width(false), page.height(false))
                .heading(
                        card.plan().name(),
                        String.format(
                                Locale.ROOT,
                                "%s, step by step. Page %d",
                                card.structure().name(),
                                document.getNumberOfPages()));
        return content;
    }

    private Told told(int number, Lettering lettering) {
        BuildStep step = building.steps().get(number);
        List<String> lines = new ArrayList<>();
        if (!step.how().isEmpty()) {
            lines.addAll(lettering.wrapped(step.how(), wide, LETTER));
        }
        step.readings().forEach(reading -> lines.addAll(lettering.wrapped("– " + line(reading), wide, LETTER)));
        step.cautions().forEach(caution -> lines.addAll(lettering.wrapped("Mind: " + caution, wide, LETTER)));
        String title = String.format(Locale.ROOT, "□ %d. %s", number + 1, step.what());
        List<String> titles = lettering.wrapped(title, wide, TITLE);
        lines.addAll(0, titles.subList(1, titles.size()));
        return new Told(titles.get(0), lines, building.overview(number));
    }

    private String line(Reading reading) {
        String figures = StepWords.figures(reading.figures(), card.ruler());
        return figures.isEmpty()
                ? reading.words()
                : "%s (%s)%s%s"
                        .formatted(
                                figures,
                                StepWords.figures(
                                        reading.figures(), card.ruler().elsewhere()),
                                reading.words().isEmpty() ? "" : ": ",
                                reading.words());
    }

    private void draw(Told told, Pen pen, double left, double top) throws IOException {
        double y = top - TITLE;
        pen.text(told.title(), left, y, TITLE);
        y -= 2;
        for (String line : told.lines()) {
            y -= LINE;
            pen.text(line, left, y + 1, LETTER);
        }
        if (told.isDrawn()) {
            drawing.draw(told.picture(), pen, left, y - PICTURE - 1, wide, PICTURE);
        }
    }
}
