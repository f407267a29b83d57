package vantbreeze.exchange.table;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import vantbreeze.core.cutting.Cut;
import vantbreeze.core.cutting.CutWords;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.WorkedPlan;

/**
 * What to cut for a card's layers as comma-separated values (RFC 4180): on the card's ruler, and in millimetres to
 * reckon with.
 */
public final class LayerTable {

    private LayerTable() {}

    /** The table of {@code worked}; its first line names the columns. */
    public static String of(WorkedPlan worked) {
        StringWriter text = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(
                        "number",
                        "count",
                        "width",
                        "height",
                        "width mm",
                        "height mm",
                        "shape",
                        "paper",
                        "goes on",
                        "notes")
                .get();
        try (CSVPrinter printer = new CSVPrinter(text, format)) {
            CutWords words = new CutWords(
                    worked.faceWords(),
                    worked.ruler(),
                    worked.workshop().tools().dies());
            for (Cut cut : worked.cuts().cuts()) {
                printer.printRecord(
                        cut.number(),
                        cut.count(),
                        figure(cut.size().width(), worked.plan().ruler()),
                        figure(cut.size().height(), worked.plan().ruler()),
                        Cells.millimetres(cut.size().width()),
                        Cells.millimetres(cut.size().height()),
                        cut.shape().kind().label(),
                        Cells.safe(cut.paper().name()),
                        Cells.safe(words.where(cut)),
                        Cells.safe(words.notes(cut)));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException("writing to memory", impossible);
        }
        return text.toString();
    }

    private static String figure(Length length, Ruler ruler) {
        return Figure.of(length, ruler).inWords();
    }
}
