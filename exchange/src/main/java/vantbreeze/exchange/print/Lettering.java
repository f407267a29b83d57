package vantbreeze.exchange.print;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The face that plans are lettered in, embedded. A character it lacks is printed as a question mark. */
final class Lettering {

    private static final List<String> FILES = List.of(
            "/vantbreeze/exchange/fonts/BarlowSemiCondensed-Medium-latin.ttf",
            "/vantbreeze/exchange/fonts/BarlowSemiCondensed-Medium-latin-ext.ttf",
            // for signs like ≈ and ↑, which the face has not; comes with PDFBox
            "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf");

    private final List<PDFont> fonts = new ArrayList<>();

    Lettering(PDDocument document) throws IOException {
        for (String file : FILES) {
            try (InputStream font = PDFont.class.getResourceAsStream(file)) {
                fonts.add(PDType0Font.load(document, font));
            }
        }
    }

    /** A run of characters that one font has. */
    private record Run(PDFont font, String text) {}

    void write(PDPageContentStream page, String text, float x, float y, float size) throws IOException {
        page.beginText();
        page.newLineAtOffset(x, y);
        for (Run run : runs(text)) {
            page.setFont(run.font(), size);
            // letter by letter where the face would join two into one sign that no reader can read back
            for (String part : run.text().split("(?<=f)(?=[fil])")) {
                page.showText(part);
            }
        }
        page.endText();
    }

    /** Width of {@code text} in the unit of {@code size}. */
    double width(String text, double size) {
        double width = 0;
        for (Run run : runs(text)) {
            try {
                width += run.font().getStringWidth(run.text()) / 1000 * size;
            } catch (IOException unreadable) {
                throw new UncheckedIOException(unreadable);
            }
        }
        return width;
    }

    /** A text in lines of so many characters at the most, broken at spaces. */
    static List<String> wrapped(String text, int longest) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            if (line.length() > 0 && line.length() + word.length() + 1 > longest) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.length() == 0 ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }

    /** A text in lines of so many millimetres at the most in letters of this size, broken at spaces. */
    List<String> wrapped(String text, double widest, double size) {
        List<String> lines = new ArrayList<>();
        String line = "";
        for (String word : text.split(" ")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && width(longer, size) > widest) {
                lines.add(line);
                longer = word;
            }
            line = longer;
        }
        lines.add(line);
        return lines;
    }

    private List<Run> runs(String text) {
        List<Run> runs = new ArrayList<>();
        fractionsWrittenOut(text).codePoints().forEach(codePoint -> {
            Run run = run(codePoint);
            Run last = runs.isEmpty() ? null : runs.get(runs.size() - 1);
            if (last != null && last.font().equals(run.font())) {
                runs.set(runs.size() - 1, new Run(last.font(), last.text() + run.text()));
            } else {
                runs.add(run);
            }
        });
        return runs;
    }

    /** Fractions that no font has, as 1/8, after a space where a whole figure comes before. */
    private String fractionsWrittenOut(String text) {
        StringBuilder written = new StringBuilder();
        text.codePoints().forEach(codePoint -> {
            String character = Character.toString(codePoint);
            String plain = Normalizer.normalize(character, Normalizer.Form.NFKC).replace('\u2044', '/');
            if (plain.indexOf('/') > 0 && fonts.stream().noneMatch(font -> has(font, character))) {
                boolean afterWhole = written.length() > 0 && Character.isDigit(written.charAt(written.length() - 1));
                written.append(afterWhole ? " " : "").append(plain);
            } else {
                written.append(character);
            }
        });
        return written.toString();
    }

    private Run run(int codePoint) {
        String character = Character.toString(codePoint);
        return fonts.stream()
                .filter(font -> has(font, character))
                .findFirst()
                .map(font -> new Run(font, character))
                .orElseGet(() -> new Run(fonts.get(0), "?"));
    }

    private static boolean has(PDFont font, String character) {
        try {
            font.encode(character);
            return true;
        } catch (IllegalArgumentException | IOException lacking) {
            return false;
        }
    }
}
