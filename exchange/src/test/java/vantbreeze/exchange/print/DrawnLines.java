package vantbreeze.exchange.print;

import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;

/** Reads the straight lines off a PDF page, in millimetres, by running its content stream. */
final class DrawnLines extends PDFGraphicsStreamEngine {

    /** A line on the page and how many lengths its dash pattern has. */
    record Drawn(double x1, double y1, double x2, double y2, int dashes) {

        double length() {
            return Math.hypot(x2 - x1, y2 - y1);
        }

        boolean isUpright() {
            return Math.abs(x1 - x2) < 0.01;
        }
    }

    private final List<Drawn> pending = new ArrayList<>();
    private final List<Drawn> drawn = new ArrayList<>();
    private Point2D at = new Point2D.Double();

    private DrawnLines(PDPage page) {
        super(page);
    }

    static List<Drawn> on(PDPage page) throws IOException {
        DrawnLines lines = new DrawnLines(page);
        lines.processPage(page);
        return lines.drawn;
    }

    @Override
    public void moveTo(float x, float y) {
        at = new Point2D.Double(x, y);
    }

    @Override
    public void lineTo(float x, float y) {
        int dashes = getGraphicsState().getLineDashPattern().getDashArray().length;
        pending.add(new Drawn(at.getX() / Pen.POINTS, at.getY() / Pen.POINTS, x / Pen.POINTS, y / Pen.POINTS, dashes));
        at = new Point2D.Double(x, y);
    }

    @Override
    public void strokePath() {
        drawn.addAll(pending);
        pending.clear();
    }

    @Override
    public void endPath() {
        pending.clear();
    }

    @Override
    public Point2D getCurrentPoint() {
        return at;
    }

    @Override
    public void appendRectangle(Point2D p0, Point2D p1, Point2D p2, Point2D p3) {
        at = p0;
    }

    @Override
    public void drawImage(PDImage image) {
        throw new AssertionError("a plan has no images");
    }

    @Override
    public void clip(int windingRule) {}

    @Override
    public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
        throw new AssertionError("a plan has no curves: " + Arrays.asList(x1, y1, x2, y2, x3, y3));
    }

    @Override
    public void closePath() {}

    @Override
    public void fillPath(int windingRule) {}

    @Override
    public void fillAndStrokePath(int windingRule) {}

    @Override
    public void shadingFill(COSName name) {}
}
