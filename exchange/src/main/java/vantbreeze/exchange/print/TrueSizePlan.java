package vantbreeze.exchange.print;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import vantbreeze.core.build.BuildPlan;
import vantbreeze.core.build.BuildStep;
import vantbreeze.core.build.StepWords;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.exchange.print.Tiling.Tile;

/** A plan printed at true size: each piece's outline, scores and figures, and rules to check the printer by. */
public final class TrueSizePlan {

    /** Room round a piece for its figures, mm. */
    private static final double BORDER = 9;

    /** A line of the list, and its letters, mm. */
    private static final double LINE = 5.6;

    private static final double LETTER = 3.8;
    private static final int LONGEST = 92;

    private final WorkedPlan worked;
    private final PrintPage page;

    private TrueSizePlan(WorkedPlan worked, PrintPage page) {
        this.worked = worked;
        this.page = page;
    }

    /** The PDF of {@code worked} on pages of this size; what is larger is tiled. */
    public static byte[] of(WorkedPlan worked, PrintPage page) {
        return PdfWriting.file(worked.plan().name(), document -> new TrueSizePlan(worked, page).write(document));
    }

    private void write(PDDocument document) throws IOException {
        Lettering lettering = new Lettering(document);
        for (List<WorkedPiece> copies : worked.alike()) {
            add(document, lettering, copies.get(0), copies.size());
        }
        steps(document, lettering);
    }

    private void add(PDDocument document, Lettering lettering, WorkedPiece piece, int copies) throws IOException {
        Tiling tiling = Tiling.of(
                piece.cut().width().millimetres() + 2 * BORDER,
                piece.cut().height().millimetres() + 2 * BORDER,
                page);
        double width = page.width(tiling.landscape());
        double height = page.height(tiling.landscape());
        List<Tile> tiles = tiling.tiles();
        for (Tile tile : tiles) {
            try (PDPageContentStream content = PdfWriting.page(document, width, height)) {
                Pen pen = new Pen(content, lettering);
                PageFrame frame = new PageFrame(pen, width, height);
                frame.heading(worked.plan().name(), heading(piece, copies, tiles.indexOf(tile) + 1, tiles.size()));
                frame.checkRules();
                frame.overlapMarks(tiling, tile);
                pen.window(
                        PrintPage.MARGIN, PrintPage.MARGIN + PrintPage.FOOT, tiling.tileWidth(), tiling.tileHeight());
                double left = PrintPage.MARGIN + BORDER - tile.left();
                double foot = PrintPage.MARGIN + PrintPage.FOOT + BORDER - tile.foot();
                new TrueSizePiece(pen, piece, worked, left, foot).draw();
                pen.whole();
            }
        }
    }

    /** What to do, step by step, in sentences: the same as at the table. */
    private void steps(PDDocument document, Lettering lettering) throws IOException {
        List<String> lines = new ArrayList<>();
        for (BuildStep step : worked.of(BuildPlan.STAGE).steps()) {
            List<String> told = new ArrayList<>();
            StepWords.lines(step, worked.ruler()).forEach(line -> told.addAll(Lettering.wrapped(line, LONGEST)));
            lines.add("□ " + told.get(0));
            told.stream().skip(1).forEach(rest -> lines.add("   " + rest));
        }
        double top = page.height(false) - PrintPage.MARGIN - PrintPage.HEAD;
        int onAPage = (int) ((top - PrintPage.MARGIN) / LINE);
        for (int first = 0; first < lines.size(); first += onAPage) {
            try (PDPageContentStream content = PdfWriting.page(document, page.width(false), page.height(false))) {
                Pen pen = new Pen(content, lettering);
                new PageFrame(pen, page.width(false), page.height(false))
                        .heading(worked.plan().name(), "Step by step. From left and from foot of each piece.");
                List<String> here = lines.subList(first, Math.min(lines.size(), first + onAPage));
                for (int i = 0; i < here.size(); i++) {
                    pen.text(here.get(i), PrintPage.MARGIN, top - LINE * (i + 1), LETTER);
                }
            }
        }
    }

    private String heading(WorkedPiece piece, int copies, int number, int count) {
        String part = count == 1 ? "" : String.format(Locale.ROOT, ", page %d of %d", number, count);
        String times = copies == 1 ? "" : String.format(Locale.ROOT, ", cut %d", copies);
        return "%s, %s%s, this side up, true size%s. Print at 100 %%, no fitting to the page."
                .formatted(
                        worked.structure().name(), piece.panels().piece().name().toLowerCase(Locale.ROOT), times, part);
    }
}
