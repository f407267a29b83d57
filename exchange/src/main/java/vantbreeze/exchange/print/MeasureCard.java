package vantbreeze.exchange.print;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import vantbreeze.core.cutting.Cut;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fit.EnvelopeFit;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.DrawnMark;
import vantbreeze.core.fold.Extent;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.WorkedPlan;

/**
 * All figures of a card, in both units, as a maker notes them: closed, each piece with its scores from left and from
 * foot, slits, layers; then the same of each of its wraps. Lettered as large as one side takes it, down to what can
 * still be read; what is more goes on the back.
 */
public final class MeasureCard {

    /** Letters are as large as they go between these, mm; smaller ones can't be read on a table (from memory). */
    private static final double LARGEST = 5.2;

    private static final double SMALLEST = 1.9;
    private static final double LESS = 0.1;

    private static final double LEADING = 1.35;
    private static final String INDENT = "    ";

    private final WorkedPlan card;
    private final List<WorkedPlan> wraps;
    private final Ruler ruler;
    private final Ruler other;
    private final CardPage page;

    private MeasureCard(WorkedPlan card, List<WorkedPlan> wraps, CardPage page) {
        this.card = card;
        this.wraps = List.copyOf(wraps);
        this.ruler = card.ruler();
        this.other = ruler.elsewhere();
        this.page = page;
    }

    /**
     * The PDF: one page, its back where one side does not take it.
     *
     * @param wraps what goes round the card, the innermost first
     */
    public static byte[] of(WorkedPlan card, List<WorkedPlan> wraps, CardPage page) {
        return PdfWriting.file(
                card.plan().name() + ", measurements", document -> new MeasureCard(card, wraps, page).write(document));
    }

    /** What is lettered, in lines that fit. */
    private record Lettered(double size, List<String> lines, int onAPage) {

        boolean fits() {
            return lines.size() <= onAPage;
        }
    }

    private void write(PDDocument document) throws IOException {
        Lettering lettering = new Lettering(document);
        Lettered lettered = lettered(lettering, LARGEST);
        while (!lettered.fits() && lettered.size - LESS >= SMALLEST) {
            lettered = lettered(lettering, lettered.size - LESS);
        }
        for (int first = 0; first < lettered.lines.size(); first += lettered.onAPage) {
            try (PDPageContentStream content = PdfWriting.page(document, page.width(), page.height())) {
                Pen pen = new Pen(content, lettering);
                double y = page.height() - page.margin() - heading(lettered.size);
                pen.text(card.plan().name(), page.margin(), y + lettered.size * 0.5, lettered.size * 1.4);
                pen.line(page.margin(), y, page.width() - page.margin(), y);
                int last = Math.min(lettered.lines.size(), first + lettered.onAPage);
                for (String line : lettered.lines.subList(first, last)) {
                    y -= lettered.size * LEADING;
                    pen.text(line, page.margin(), y, lettered.size);
                }
            }
        }
    }

    private static double heading(double size) {
        return size * 2;
    }

    private Lettered lettered(Lettering lettering, double size) {
        double wide = page.width() - 2 * page.margin() - lettering.width(INDENT, size);
        List<String> lines = new ArrayList<>();
        for (String line : lines()) {
            List<String> parts = lettering.wrapped(line, wide, size);
            lines.add(parts.get(0));
            parts.stream().skip(1).forEach(rest -> lines.add(INDENT + rest));
        }
        int onAPage = (int) ((page.height() - 2 * page.margin() - heading(size)) / (size * LEADING));
        return new Lettered(size, lines, Math.max(1, onAPage));
    }

    private List<String> lines() {
        List<String> lines = new ArrayList<>();
        lines.add("%s, closed %s, %s thick, %s"
                .formatted(
                        card.structure().name(),
                        both(card.footprint()),
                        card.thickness(),
                        String.format(
                                Locale.ROOT,
                                "%.0f g",
                                Math.ceil(card.closedCard().weight().grams()))));
        EnvelopeFit fit = card.fit();
        if (fit != null) {
            lines.add("Envelope: " + fit.envelope().name());
        }
        parts(card, lines);
        for (WorkedPlan wrap : wraps) {
            lines.add("%s, %s".formatted(wrap.structure().name(), both(wrap.footprint())));
            parts(wrap, lines);
        }
        return lines;
    }

    /** Pieces and layers. */
    private void parts(WorkedPlan of, List<String> lines) {
        of.alike().forEach(alike -> piece(of, alike, lines));
        for (Cut cut : of.cuts().cuts()) {
            lines.add(String.format(
                    Locale.ROOT,
                    "Layer %d: %s of %s%s",
                    cut.number(),
                    both(cut.size()),
                    cut.paper().name(),
                    cut.layers().size() > 1 && !cut.runs() ? ", " + cut.layers().size() + " of it" : ""));
        }
    }

    private void piece(WorkedPlan of, List<WorkedPiece> alike, List<String> lines) {
        WorkedPiece piece = alike.get(0);
        String count = alike.size() == 1 ? "" : String.format(Locale.ROOT, "%d × ", alike.size());
        String stock = of.stocks().get(of.pieces().indexOf(piece)).name();
        lines.add("%s%s: %s of %s".formatted(count, piece.panels().piece().name(), both(piece.cut()), stock));
        if (!piece.scores().isEmpty()) {
            lines.add("– scores from left: " + scores(piece.scores()));
        }
        if (!piece.turned().isEmpty()) {
            lines.add("– scores from foot: " + scores(piece.turned()));
        }
        Extent extent = piece.panels().piece().extent();
        for (DrawnMark mark : DrawnMark.of(piece.panels().piece())) {
            Fold fold = mark.fold();
            lines.add("– %s from left %s, foot %s to left %s, foot %s"
                    .formatted(
                            fold == null ? "slit" : "slanted " + word(fold),
                            both(extent.fromCorner(mark.from()), true),
                            both(extent.fromCorner(mark.from()), false),
                            both(extent.fromCorner(mark.to()), true),
                            both(extent.fromCorner(mark.to()), false)));
        }
    }

    private String scores(List<BoardScore> scores) {
        return String.join(
                ", ",
                scores.stream()
                        .map(score -> both(score.fromLeft()) + " " + word(score.fold()))
                        .toList());
    }

    private static String word(Fold fold) {
        return switch (fold) {
            case VALLEY -> "valley";
            case MOUNTAIN -> "mountain";
            case UNASSIGNED, BEND -> "either way";
        };
    }

    private String both(Spot spot, boolean across) {
        return both(across ? spot.x() : spot.y());
    }

    private String both(Length length) {
        return "%s (%s)"
                .formatted(
                        Figure.of(length, ruler).inWords(),
                        Figure.of(length, other).inWords());
    }

    private String both(Size size) {
        return "%s (%s)".formatted(by(size, ruler), by(size, other));
    }

    private static String by(Size size, Ruler ruler) {
        return Figure.of(size.width(), ruler).by(Figure.of(size.height(), ruler));
    }
}
