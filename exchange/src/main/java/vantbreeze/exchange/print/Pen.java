package vantbreeze.exchange.print;

import java.awt.Color;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.length.Figure;

/** Draws on one page in millimetres from its lower left corner. */
final class Pen {

    /** PDF points in a millimetre: 72 to the inch (ISO 32000-1, 8.3.2.3). */
    static final double POINTS = 72 / 25.4;

    private static final double HAIRLINE = 0.18;
    private static final double BOLD = 0.7;

    private final PDPageContentStream page;
    private final Lettering lettering;

    Pen(PDPageContentStream page, Lettering lettering) {
        this.page = page;
        this.lettering = lettering;
    }

    void line(double x1, double y1, double x2, double y2) throws IOException {
        page.setLineWidth(points(HAIRLINE));
        page.moveTo(points(x1), points(y1));
        page.lineTo(points(x2), points(y2));
        page.stroke();
    }

    /** Between hairlines of a hatching, mm. */
    private static final double HATCH = 3;

    private static final double GLINT = 9;
    /** Half of a pencil cross, mm. */
    private static final double CROSS = 2;

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** A score in the published notation: valley dashed, mountain dash-dot-dot (Yoshizawa and Randlett). */
    void score(double x1, double y1, double x2, double y2, Fold fold) throws IOException {
        float[] dashes =
                switch (fold) {
                    case VALLEY -> new float[] {points(4), points(2)};
                    case MOUNTAIN ->
                        new float[] {points(6), points(1.2), points(0.6), points(1.2), points(0.6), points(1.2)};
                    case UNASSIGNED, BEND -> new float[] {points(0.6), points(1.2)};
                };
        page.setLineDashPattern(dashes, 0);
        line(x1, y1, x2, y2);
        page.setLineDashPattern(new float[0], 0);
    }

    /** A filled shape with a hairline round it; holes are left open. */
    void shape(Polygon shape, AffineTransformation to, Color colour) throws IOException {
        Polygon laid = (Polygon) to.transform(shape);
        page.setLineWidth(points(HAIRLINE));
        page.setNonStrokingColor(colour);
        ring(laid.getExteriorRing().getCoordinates());
        for (int i = 0; i < laid.getNumInteriorRing(); i++) {
            ring(laid.getInteriorRingN(i).getCoordinates());
        }
        page.fillAndStrokeEvenOdd();
        page.setNonStrokingColor(Color.BLACK);
    }

    private void ring(Coordinate[] ring) throws IOException {
        page.moveTo(points(ring[0].x), points(ring[0].y));
        for (int i = 1; i < ring.length - 1; i++) {
            page.lineTo(points(ring[i].x), points(ring[i].y));
        }
        page.closePath();
    }

    /** A line that is meant. */
    void bold(double x1, double y1, double x2, double y2) throws IOException {
        page.setLineWidth(points(BOLD));
        page.moveTo(points(x1), points(y1));
        page.lineTo(points(x2), points(y2));
        page.stroke();
    }

    /** Round a shape that is meant. */
    void bold(Polygon shape) throws IOException {
        page.setLineWidth(points(BOLD));
        ring(shape.getExteriorRing().getCoordinates());
        page.stroke();
    }

    /** A shape filled with slanted hairlines, or only dotted round where it is on the other side. */
    void glue(Polygon shape, boolean thisSide) throws IOException {
        page.setLineDashPattern(new float[] {points(0.4), points(1)}, 0);
        page.setLineWidth(points(HAIRLINE));
        ring(shape.getExteriorRing().getCoordinates());
        page.stroke();
        page.setLineDashPattern(new float[0], 0);
        if (thisSide) {
            hatch(shape, HATCH);
        }
    }

    /** What is seen through: its edges, and far apart slanted hairlines. */
    void film(Polygon shape) throws IOException {
        page.setLineWidth(points(HAIRLINE));
        ring(shape.getExteriorRing().getCoordinates());
        for (int i = 0; i < shape.getNumInteriorRing(); i++) {
            ring(shape.getInteriorRingN(i).getCoordinates());
        }
        page.stroke();
        hatch(shape, GLINT);
    }

    private void hatch(Polygon shape, double apart) throws IOException {
        Envelope box = shape.getEnvelopeInternal();
        for (double at = box.getMinX() - box.getHeight(); at < box.getMaxX(); at += apart) {
            Geometry line = FACTORY.createLineString(new Coordinate[] {
                new Coordinate(at, box.getMinY()), new Coordinate(at + box.getHeight(), box.getMaxY())
            });
            Geometry within = line.intersection(shape);
            for (int i = 0; i < within.getNumGeometries(); i++) {
                Coordinate[] ends = within.getGeometryN(i).getCoordinates();
                if (ends.length == 2) {
                    line(ends[0].x, ends[0].y, ends[1].x, ends[1].y);
                }
            }
        }
    }

    /** A small cross where a corner of another piece comes to lie. */
    void pencil(double x, double y) throws IOException {
        line(x - CROSS, y, x + CROSS, y);
        line(x, y - CROSS, x, y + CROSS);
    }

    /** Shows only what lies in this window until {@link #whole()}. */
    void window(double x, double y, double width, double height) throws IOException {
        page.saveGraphicsState();
        page.addRect(points(x), points(y), points(width), points(height));
        page.clip();
    }

    void whole() throws IOException {
        page.restoreGraphicsState();
    }

    void text(String text, double x, double y, double size) throws IOException {
        lettering.write(page, text, points(x), points(y), points(size));
    }

    void centred(String text, double x, double y, double size) throws IOException {
        text(text, x - lettering.width(text, size) / 2, y, size);
    }

    /** Text centred on a white ground, readable on any paper. */
    void plate(String text, double x, double y, double size) throws IOException {
        double width = lettering.width(text, size) + 1.6;
        page.setNonStrokingColor(Color.WHITE);
        page.addRect(points(x - width / 2), points(y - size * 0.3), points(width), points(size * 1.15));
        page.fill();
        page.setNonStrokingColor(Color.BLACK);
        centred(text, x, y, size);
    }

    /** A figure with its fraction stacked, centred on {@code x}. */
    void figure(Figure figure, double x, double y, double size) throws IOException {
        String whole = (figure.isExact() ? "" : Figure.NEARLY)
                + figure.sign()
                + (figure.numerator() > 0 && figure.whole().equals("0") ? "" : figure.whole());
        String unit = " " + figure.unit().sign();
        double wholeWidth = lettering.width(whole, size);
        double small = size * 0.62;
        double fraction = figure.numerator() == 0
                ? 0
                : Math.max(
                                lettering.width("" + figure.numerator(), small),
                                lettering.width("" + figure.denominator(), small))
                        + size * 0.25;
        double left = x - (wholeWidth + fraction + lettering.width(unit, size)) / 2;
        text(whole, left, y, size);
        if (fraction > 0) {
            double middle = left + wholeWidth + fraction / 2;
            centred("" + figure.numerator(), middle, y + size * 0.42, small);
            line(middle - fraction * 0.4, y + size * 0.33, middle + fraction * 0.4, y + size * 0.33);
            centred("" + figure.denominator(), middle, y - size * 0.22, small);
        }
        text(unit, left + wholeWidth + fraction, y, size);
    }

    private static float points(double millimetres) {
        return (float) (millimetres * POINTS);
    }
}
