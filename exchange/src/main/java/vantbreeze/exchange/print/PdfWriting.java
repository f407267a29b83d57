package vantbreeze.exchange.print;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Something that writes pages into a PDF. */
interface PdfWriting {

    /** Adds all its pages. */
    void on(PDDocument document) throws IOException;

    /** The file with those pages. */
    static byte[] file(String title, PdfWriting writing) {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(title);
            document.getDocumentInformation().setCreator("Vantbreeze");
            writing.on(document);
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException("writing to memory", impossible);
        }
    }

    /** A new page, millimetres. */
    static PDPageContentStream page(PDDocument document, double width, double height) throws IOException {
        PDPage sheet = new PDPage(new PDRectangle((float) (width * Pen.POINTS), (float) (height * Pen.POINTS)));
        document.addPage(sheet);
        return new PDPageContentStream(document, sheet);
    }
}
