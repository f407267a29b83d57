package vantbreeze.exchange.print;

import java.io.IOException;

/** What every page carries beside the drawing: heading, check rules, and marks where tiles overlap. */
final class PageFrame {

    private final Pen pen;
    private final double width;
    private final double height;

    PageFrame(Pen pen, double width, double height) {
        this.pen = pen;
        this.width = width;
        this.height = height;
    }

    void heading(String name, String what) throws IOException {
        double top = height - PrintPage.MARGIN;
        pen.text(name, PrintPage.MARGIN, top - 5, 5);
        pen.text(what, PrintPage.MARGIN, top - 10, 3.4);
    }

    /** A rule of 100 mm and one of 4 in, one over the other, to lay a ruler on before trusting the print. */
    void checkRules() throws IOException {
        double left = PrintPage.MARGIN;
        rule(left, PrintPage.MARGIN + 9, 100, 10, "100 mm");
        rule(left, PrintPage.MARGIN + 3, 4 * 25.4, 8, "4 in");
    }

    private void rule(double x, double y, double length, int parts, String label) throws IOException {
        pen.line(x, y, x + length, y);
        for (int i = 0; i <= parts; i++) {
            double at = x + length * i / parts;
            pen.line(at, y, at, y + (i == 0 || i == parts ? 3.5 : 2));
        }
        pen.text(label + ": lay a ruler on this", x + length + 4, y, 3.4);
    }

    /** Thin lines where the next page's edge comes to lie, with a cross at the middle of each. */
    void overlapMarks(Tiling tiling, Tiling.Tile tile) throws IOException {
        double left = PrintPage.MARGIN;
        double right = left + tiling.tileWidth();
        double foot = PrintPage.MARGIN + PrintPage.FOOT;
        double head = foot + tiling.tileHeight();
        if (tile.column() > 0) {
            upright(left + Tiling.OVERLAP, foot, head);
        }
        if (tile.column() + 1 < tiling.columns()) {
            upright(right - Tiling.OVERLAP, foot, head);
        }
        if (tile.row() > 0) {
            across(foot + Tiling.OVERLAP, left, right);
        }
        if (tile.row() + 1 < tiling.rows()) {
            across(head - Tiling.OVERLAP, left, right);
        }
    }

    private void upright(double x, double foot, double head) throws IOException {
        for (double y : new double[] {foot + 4, (foot + head) / 2, head - 4}) {
            cross(x, y);
        }
        pen.text("overlap to the crosses", Math.min(x + 1, width - 45), head - 3, 2.6);
    }

    private void across(double y, double left, double right) throws IOException {
        for (double x : new double[] {left + 4, (left + right) / 2, right - 4}) {
            cross(x, y);
        }
    }

    private void cross(double x, double y) throws IOException {
        pen.line(x - 3, y, x + 3, y);
        pen.line(x, y - 3, x, y + 3);
    }
}
