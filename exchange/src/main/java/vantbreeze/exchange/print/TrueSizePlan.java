package vantbreeze.exchange.print;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.exchange.print.Tiling.Tile;

/** A plan printed at true size: each piece's outline, scores and figures, and rules to check the printer by. */
public final class TrueSizePlan {

    /** Room round a piece for its figures, mm. */
    private static final double BORDER = 9;

    private final WorkedPlan worked;
    private final PrintPage page;

    private TrueSizePlan(WorkedPlan worked, PrintPage page) {
        this.worked = worked;
        this.page = page;
    }

    /** The PDF of {@code worked} on pages of this size; what is larger is tiled. */
    public static byte[] of(WorkedPlan worked, PrintPage page) {
        try {
            return new TrueSizePlan(worked, page).pdf();
        } catch (IOException impossible) {
            throw new UncheckedIOException("writing to memory", impossible);
        }
    }

    private byte[] pdf() throws IOException {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(worked.plan().name());
            document.getDocumentInformation().setCreator("Vantbreeze");
            Lettering lettering = new Lettering(document);
            for (List<WorkedPiece> copies : worked.alike()) {
                add(document, lettering, copies.get(0), copies.size());
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        }
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
            PDPage sheet = new PDPage(new PDRectangle((float) (width * Pen.POINTS), (float) (height * Pen.POINTS)));
            document.addPage(sheet);
            try (PDPageContentStream content = new PDPageContentStream(document, sheet)) {
                Pen pen = new Pen(content, lettering);
                PageFrame frame = new PageFrame(pen, width, height);
                frame.heading(worked.plan().name(), heading(piece, copies, tiles.indexOf(tile) + 1, tiles.size()));
                frame.checkRules();
                frame.overlapMarks(tiling, tile);
                pen.window(
                        PrintPage.MARGIN, PrintPage.MARGIN + PrintPage.FOOT, tiling.tileWidth(), tiling.tileHeight());
                double left = PrintPage.MARGIN + BORDER - tile.left();
                double foot = PrintPage.MARGIN + PrintPage.FOOT + BORDER - tile.foot();
                new TrueSizePiece(pen, piece, worked.plan().ruler(), left, foot).draw();
                pen.whole();
            }
        }
    }

    private String heading(WorkedPiece piece, int copies, int number, int count) {
        String part = count == 1 ? "" : String.format(Locale.ROOT, ", page %d of %d", number, count);
        String times = copies == 1 ? "" : String.format(Locale.ROOT, ", cut %d", copies);
        return "%s, %s%s, true size%s. Print at 100 %%, no fitting to the page."
                .formatted(
                        worked.structure().name(), piece.panels().piece().name().toLowerCase(Locale.ROOT), times, part);
    }
}
