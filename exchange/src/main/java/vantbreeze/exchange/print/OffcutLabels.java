package vantbreeze.exchange.print;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** Labels for what is left over, two beside one another, to be cut apart and stuck or clipped on. */
public final class OffcutLabels {

    private static final double HIGH = 34;
    private static final int COLUMNS = 2;

    private OffcutLabels() {}

    /** What stands on a label: its size in large, what it is of, and where it is from. */
    public record OffcutLabel(String size, String paper, String from) {}

    /** The PDF of these labels. */
    public static byte[] of(List<OffcutLabel> labels, PrintPage page) {
        return PdfWriting.file("Labels for offcuts", document -> write(document, labels, page));
    }

    private static void write(PDDocument document, List<OffcutLabel> labels, PrintPage page) throws IOException {
        Lettering lettering = new Lettering(document);
        int rows = (int) ((page.height(false) - 2 * PrintPage.MARGIN) / HIGH);
        List<OffcutLabel> left = new ArrayList<>(labels);
        do {
            try (PDPageContentStream content = PdfWriting.page(document, page.width(false), page.height(false))) {
                Pen pen = new Pen(content, lettering);
                for (int i = 0; i < rows * COLUMNS && !left.isEmpty(); i++) {
                    label(pen, page, i, left.remove(0));
                }
            }
        } while (!left.isEmpty());
    }

    private static void label(Pen pen, PrintPage page, int place, OffcutLabel label) throws IOException {
        double wide = (page.width(false) - 2 * PrintPage.MARGIN) / COLUMNS;
        double x = PrintPage.MARGIN + wide * (place % COLUMNS);
        double top = page.height(false) - PrintPage.MARGIN - HIGH * Math.floorDiv(place, COLUMNS);
        pen.line(x, top, x + wide, top);
        pen.line(x, top - HIGH, x + wide, top - HIGH);
        pen.line(x, top, x, top - HIGH);
        pen.line(x + wide, top, x + wide, top - HIGH);
        pen.text(label.size(), x + 4, top - 11, 7);
        List<String> lines = new ArrayList<>(Lettering.wrapped(label.paper(), 44));
        lines.addAll(Lettering.wrapped(label.from(), 44));
        for (int i = 0; i < Math.min(lines.size(), 4); i++) {
            pen.text(lines.get(i), x + 4, top - 17 - 4.5 * i, 3.6);
        }
    }
}
