package vantbreeze.exchange.print;

import static java.util.Objects.requireNonNull;

import java.awt.Color;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.core.cutting.Cut;
import vantbreeze.core.cutting.CutList;
import vantbreeze.core.cutting.CutWords;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.WorkedPlan;

/**
 * What to cut for a card's layers, on paper: the list by paper, and a map of every piece, both sides, with the numbers
 * on it.
 */
public final class LayerSheet {

    private static final double LINE = 6.4;
    private static final double LARGEST_MAP = 78;

    private final WorkedPlan worked;
    private final PrintPage page;
    private final List<Cut> cuts;
    private final Map<Layer, Integer> numbers;

    private LayerSheet(WorkedPlan worked, PrintPage page) {
        this.worked = worked;
        this.page = page;
        CutList list = worked.cuts();
        this.cuts = list.cuts();
        this.numbers = list.numbers();
    }

    /** The PDF of {@code worked}. */
    public static byte[] of(WorkedPlan worked, PrintPage page) {
        return PdfWriting.file(
                worked.plan().name() + ", layers", document -> new LayerSheet(worked, page).write(document));
    }

    /** A line of the list, or a heading when it has no cut. */
    private record Line(@Nullable String heading, @Nullable Cut cut) {}

    private void write(PDDocument document) throws IOException {
        Lettering lettering = new Lettering(document);
        list(document, lettering);
        map(document, lettering);
    }

    private List<Line> lines() {
        List<Line> lines = new ArrayList<>();
        String paper = null;
        for (Cut cut : cuts) {
            if (!cut.paperId().equals(paper)) {
                lines.add(new Line(cut.paper().name(), null));
                paper = cut.paperId();
            }
            lines.add(new Line(null, cut));
        }
        return lines;
    }

    private void list(PDDocument document, Lettering lettering) throws IOException {
        double top = page.height(false) - PrintPage.MARGIN - PrintPage.HEAD - 4;
        List<Line> lines = lines();
        int next = 0;
        do {
            try (PDPageContentStream content = page(document)) {
                Pen pen = new Pen(content, lettering);
                new PageFrame(pen, page.width(false), page.height(false))
                        .heading(worked.plan().name(), "Mats and layers to cut, width by height as each stands");
                double y = top;
                while (next < lines.size() && y > PrintPage.MARGIN + 2 * LINE) {
                    y -= write(pen, lines.get(next++), y);
                }
            }
        } while (next < lines.size());
    }

    private double write(Pen pen, Line line, double y) throws IOException {
        double left = PrintPage.MARGIN;
        if (line.cut() == null) {
            pen.text(requireNonNull(line.heading()), left, y - 8, 5);
            return 11;
        }
        Cut cut = line.cut();
        CutWords words = new CutWords(
                worked.faceWords(), worked.ruler(), worked.workshop().tools().dies());
        pen.text(String.format(Locale.ROOT, "%d", cut.number()), left, y - 5, 4.6);
        pen.text(CutWords.count(cut), left + 10, y - 5, 3.8);
        pen.figure(Figure.of(cut.size().width(), worked.plan().ruler()), left + 36, y - 5, 4.6);
        pen.text("×", left + 49, y - 5, 4.6);
        pen.figure(Figure.of(cut.size().height(), worked.plan().ruler()), left + 63, y - 5, 4.6);
        pen.text(other(cut), left + 80, y - 5, 3.4);
        List<String> rest =
                Lettering.wrapped(words.where(cut) + (words.notes(cut).isEmpty() ? "" : ". " + words.notes(cut)), 100);
        for (int i = 0; i < rest.size(); i++) {
            pen.text(rest.get(i), left + 10, y - 10 - 4.4 * i, 3.4);
        }
        return LINE + 4.4 * rest.size() + 1;
    }

    /** The size in the other school's unit. */
    private String other(Cut cut) {
        Ruler ruler = worked.plan().ruler().elsewhere();
        return Figure.of(cut.size().width(), ruler).by(Figure.of(cut.size().height(), ruler))
                + (cut.shape().isRectangle() ? "" : ", " + cut.shape().kind().label());
    }

    private void map(PDDocument document, Lettering lettering) throws IOException {
        List<Placed> placed = new ArrayList<>();
        for (List<WorkedPiece> copies : worked.alike()) {
            for (WorkedPiece piece : copies) {
                for (Side side : Side.values()) {
                    if (worked.layers().faces().stream()
                            .anyMatch(face -> face.side() == side && has(piece, face.panel()))) {
                        placed.add(new Placed(piece, side));
                    }
                }
            }
        }
        int next = 0;
        while (next < placed.size()) {
            try (PDPageContentStream content = page(document)) {
                Pen pen = new Pen(content, lettering);
                new PageFrame(pen, page.width(false), page.height(false))
                        .heading(worked.plan().name(), "Where each piece goes. Not to scale.");
                double y = page.height(false) - PrintPage.MARGIN - PrintPage.HEAD;
                while (next < placed.size()) {
                    double height = placed.get(next).height();
                    if (y - height < PrintPage.MARGIN) {
                        break;
                    }
                    placed.get(next++).draw(pen, y);
                    y -= height;
                }
            }
        }
    }

    private static boolean has(WorkedPiece piece, int panel) {
        return panel >= piece.first()
                && panel < piece.first() + piece.panels().all().size();
    }

    /** One side of one piece on the map; the other side as it lies when the piece is turned over like a page. */
    private final class Placed {
        private final WorkedPiece piece;
        private final Side side;

        Placed(WorkedPiece piece, Side side) {
            this.piece = piece;
            this.side = side;
        }

        private double scale() {
            return Math.min(
                    (page.width(false) - 2 * PrintPage.MARGIN)
                            / piece.cut().width().millimetres(),
                    LARGEST_MAP / piece.cut().height().millimetres());
        }

        double height() {
            return Math.min(
                    piece.cut().height().millimetres() * scale() + 12,
                    page.height(false) - 2 * PrintPage.MARGIN - PrintPage.HEAD);
        }

        void draw(Pen pen, double top) throws IOException {
            double scale = scale();
            double width = piece.cut().width().millimetres();
            pen.text(
                    "%s, %s"
                            .formatted(
                                    piece.panels().piece().name(),
                                    side == Side.FACE ? "this side" : "turned over like a page"),
                    PrintPage.MARGIN,
                    top - 6,
                    4);
            double minX = piece.panels().all().stream()
                    .mapToDouble(panel -> panel.shape().getEnvelopeInternal().getMinX())
                    .min()
                    .orElse(0);
            double minY = piece.panels().all().stream()
                    .mapToDouble(panel -> panel.shape().getEnvelopeInternal().getMinY())
                    .min()
                    .orElse(0);
            AffineTransformation to = AffineTransformation.translationInstance(-minX, -minY);
            if (side == Side.BACK) {
                to.scale(-1, 1).translate(width, 0);
            }
            to.scale(scale, scale)
                    .translate(PrintPage.MARGIN, top - 8 - piece.cut().height().millimetres() * scale);
            for (Panel panel : piece.panels().all()) {
                pen.shape(panel.shape(), to, Color.WHITE);
            }
            for (Layer layer : worked.layers().all()) {
                if (layer.face().side() == side && has(piece, layer.face().panel())) {
                    pen.shape(
                            layer.shape(),
                            to,
                            Color.decode(
                                    layer.choice().otherSide()
                                            ? layer.paper().look().back()
                                            : layer.paper().colour()));
                }
            }
            for (Panel panel : piece.panels().all()) {
                numbers(pen, panel, to);
            }
        }

        private void numbers(Pen pen, Panel panel, AffineTransformation to) throws IOException {
            List<Layer> here = worked.layers().all().stream()
                    .filter(layer ->
                            layer.face().side() == side && layer.face().panel() == piece.first() + panel.index())
                    .toList();
            for (int part = 0; part <= here.stream().mapToInt(Layer::part).max().orElse(-1); part++) {
                int one = part;
                List<Layer> stack =
                        here.stream().filter(layer -> layer.part() == one).toList();
                if (!stack.isEmpty()) {
                    Polygon laid =
                            (Polygon) to.transform(stack.get(stack.size() - 1).shape());
                    String text = stack.stream()
                            .map(layer -> "" + numbers.get(layer))
                            .reduce((a, b) -> a + ", " + b)
                            .orElse("");
                    double middle = laid.getInteriorPoint().getX();
                    pen.plate(text, middle, laid.getInteriorPoint().getY() - 1.4, 4);
                }
            }
        }
    }

    private PDPageContentStream page(PDDocument document) throws IOException {
        return PdfWriting.page(document, page.width(false), page.height(false));
    }
}
