package vantbreeze.exchange.print;

import java.awt.Color;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.core.cutting.Blank;
import vantbreeze.core.cutting.CutLayout;
import vantbreeze.core.cutting.CutLayout.CutStack;
import vantbreeze.core.cutting.CutPlan;
import vantbreeze.core.cutting.CutStep;
import vantbreeze.core.cutting.CutSteps;
import vantbreeze.core.cutting.PaperPlan;
import vantbreeze.core.guillotine.CutArea;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.plan.WorkedPlan;

/** How a card is cut, on paper: of each paper the sheets to scale with the numbers of the cuts, then cut after cut. */
public final class CutSheet {

    /** Widest and highest that a sheet is drawn, mm. */
    private static final double WIDEST = 88;

    private static final double HIGHEST = 118;
    private static final double GAP = 10;
    /** Characters of a step in a line. */
    private static final int WIDE = 88;

    private static final double LINE = 4.6;

    private final WorkedPlan worked;
    private final CutPlan plan;
    private final PrintPage page;

    private CutSheet(WorkedPlan worked, CutPlan plan, PrintPage page) {
        this.worked = worked;
        this.plan = plan;
        this.page = page;
    }

    /** The PDF of a plan on pages of a printer. */
    public static byte[] of(WorkedPlan worked, CutPlan plan, PrintPage page) {
        return written(worked, document -> new CutSheet(worked, plan, page).pages(document));
    }

    /** The PDF of a plan with every sheet on a page of its own as large as it is, to be laid on it. */
    public static byte[] trueSize(WorkedPlan worked, CutPlan plan) {
        return written(worked, document -> new CutSheet(worked, plan, PrintPage.A4).sheets(document));
    }

    private static byte[] written(WorkedPlan worked, PdfWriting writing) {
        return PdfWriting.file(worked.plan().name() + ", cutting", writing);
    }

    private List<CutStep> steps(CutLayout layout) {
        return CutSteps.of(layout, worked.tools(), worked.ruler());
    }

    private void pages(PDDocument document) throws IOException {
        Lettering lettering = new Lettering(document);
        for (PaperPlan paper : plan.papers()) {
            CutLayout layout = CutLayout.of(paper);
            List<CutStep> steps = steps(layout);
            Flow flow = new Flow(document, lettering, paper);
            for (int i = 0; i < layout.stacks().size(); i++) {
                flow.stack(layout, i, steps);
            }
            flow.steps(steps);
            flow.close();
        }
        if (plan.papers().isEmpty()) {
            new Flow(document, lettering, null).close();
        }
    }

    private void sheets(PDDocument document) throws IOException {
        Lettering lettering = new Lettering(document);
        for (PaperPlan paper : plan.papers()) {
            CutLayout layout = CutLayout.of(paper);
            List<CutStep> steps = steps(layout);
            for (int i = 0; i < layout.stacks().size(); i++) {
                var size = layout.stacks().get(i).sheet().size();
                try (PDPageContentStream content = PdfWriting.page(
                        document, size.width().millimetres(), size.height().millimetres())) {
                    new Drawing(layout, i, steps, 1).draw(new Pen(content, lettering), 0, 0);
                }
            }
        }
        if (document.getNumberOfPages() == 0) {
            PdfWriting.page(document, page.width(false), page.height(false)).close();
        }
    }

    /** Pages filled from the top down with what is about one paper. */
    private final class Flow {
        private final PDDocument document;
        private final Lettering lettering;
        private final String heading;
        private PDPageContentStream content;
        private Pen pen;
        private double y;
        private double x = PrintPage.MARGIN;
        private double high;

        Flow(PDDocument document, Lettering lettering, @Nullable PaperPlan paper) throws IOException {
            this.document = document;
            this.lettering = lettering;
            this.heading = paper == null
                    ? "Nothing to cut"
                    : "To cut from " + paper.stock().name();
            this.content = PdfWriting.page(document, page.width(false), page.height(false));
            this.pen = new Pen(content, lettering);
            begin();
        }

        private void begin() throws IOException {
            new PageFrame(pen, page.width(false), page.height(false))
                    .heading(worked.plan().name(), heading);
            y = page.height(false) - PrintPage.MARGIN - PrintPage.HEAD - 2;
            x = PrintPage.MARGIN;
            high = 0;
        }

        private void turn() throws IOException {
            content.close();
            content = PdfWriting.page(document, page.width(false), page.height(false));
            pen = new Pen(content, lettering);
            begin();
        }

        void stack(CutLayout layout, int index, List<CutStep> steps) throws IOException {
            CutStack stack = layout.stacks().get(index);
            double wide = stack.sheet().size().width().millimetres();
            double tall = stack.sheet().size().height().millimetres();
            double scale = Math.min(WIDEST / wide, HIGHEST / tall);
            if (x + wide * scale > page.width(false) - PrintPage.MARGIN) {
                x = PrintPage.MARGIN;
                y -= high + GAP;
                high = 0;
            }
            if (y - tall * scale - 8 < PrintPage.MARGIN) {
                turn();
            }
            String name = String.format(
                    Locale.ROOT,
                    "%s, %s",
                    stack.sheets() == 1
                            ? "Sheet " + stack.first()
                            : "Sheets " + stack.first() + " to " + (stack.first() + stack.sheets() - 1),
                    stack.sheet().name());
            pen.text(name, x, y - 4, 3.6);
            new Drawing(layout, index, steps, scale).draw(pen, x, y - 7 - tall * scale);
            x += wide * scale + GAP;
            high = Math.max(high, tall * scale + 8);
        }

        void steps(List<CutStep> steps) throws IOException {
            y -= high + 8;
            for (CutStep step : steps) {
                List<String> lines = Lettering.wrapped(step.doing(), WIDE);
                List<String> notes =
                        step.notes().isEmpty() ? List.of() : Lettering.wrapped(String.join("; ", step.notes()), WIDE);
                double height = LINE * (lines.size() + notes.size()) + 2;
                if (y - height < PrintPage.MARGIN) {
                    turn();
                }
                pen.text(String.format(Locale.ROOT, "%d", step.number()), PrintPage.MARGIN, y - 4, 4);
                Length set = step.set();
                if (set != null && !step.isSet()) {
                    pen.figure(Figure.of(set, worked.ruler()), PrintPage.MARGIN + 22, y - 4, 4.4);
                } else if (set != null) {
                    pen.text("the same", PrintPage.MARGIN + 14, y - 4, 3.2);
                }
                List<String> all = new ArrayList<>(lines);
                all.addAll(notes);
                for (int i = 0; i < all.size(); i++) {
                    pen.text(all.get(i), PrintPage.MARGIN + 38, y - 4 - LINE * i, 3.6);
                }
                y -= height;
            }
        }

        void close() throws IOException {
            content.close();
        }
    }

    /** One sheet drawn: what comes from it, and its cuts with their numbers. */
    private record Drawing(CutLayout layout, int index, List<CutStep> steps, double scale) {

        void draw(Pen pen, double left, double foot) throws IOException {
            CutStack stack = layout.stacks().get(index);
            double trim = stack.trim().millimetres();
            AffineTransformation to = AffineTransformation.translationInstance(trim, trim);
            to.scale(scale, scale).translate(left, foot);
            double wide = stack.sheet().size().width().millimetres() * scale;
            double tall = stack.sheet().size().height().millimetres() * scale;
            pen.line(left, foot, left + wide, foot);
            pen.line(left + wide, foot, left + wide, foot + tall);
            pen.line(left + wide, foot + tall, left, foot + tall);
            pen.line(left, foot + tall, left, foot);
            for (CutLayout.LaidBlank laid : stack.blanks()) {
                pen.shape(laid.outline(), to, PIECE);
            }
            for (CutStep step : steps) {
                if (step.stack() == index) {
                    for (CutArea line : step.lines()) {
                        pen.line(
                                left + (mm(line.x()) + trim) * scale,
                                foot + (mm(line.y()) + trim) * scale,
                                left + (mm(line.x() + line.width()) + trim) * scale,
                                foot + (mm(line.y() + line.height()) + trim) * scale);
                    }
                }
            }
            for (CutLayout.LaidBlank laid : stack.blanks()) {
                Envelope box = to.transform(laid.outline()).getEnvelopeInternal();
                label(pen, layout.plan().blanks().get(laid.blank()), box);
            }
            for (CutStep step : steps) {
                if (step.stack() == index && !step.lines().isEmpty()) {
                    CutArea line = step.lines().get(0);
                    pen.plate(
                            String.format(Locale.ROOT, "(%d)", step.number()),
                            left + (mm(line.x()) + trim) * scale,
                            foot + (mm(line.y() + line.height()) + trim) * scale - 1,
                            3);
                }
            }
        }

        private static void label(Pen pen, Blank blank, Envelope box) throws IOException {
            String text = blank.number() > 0 ? String.format(Locale.ROOT, "%d", blank.number()) : blank.name();
            double size = blank.number() > 0 ? 4 : 3;
            if (box.getHeight() > size && box.getWidth() > text.length() * size * 0.5) {
                pen.centred(text, box.centre().x, box.centre().y - size / 3, size);
            }
        }

        private static double mm(long units) {
            return Length.ofUnits(units).millimetres();
        }
    }

    private static final Color PIECE = new Color(0xf0, 0xec, 0xe2);
}
