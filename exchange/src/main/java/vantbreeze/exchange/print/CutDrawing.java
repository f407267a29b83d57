package vantbreeze.exchange.print;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.cutting.CutLayout;
import vantbreeze.core.cutting.CutLayout.CutStack;
import vantbreeze.core.cutting.CutPlan;
import vantbreeze.core.cutting.PaperPlan;
import vantbreeze.core.guillotine.CutArea;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/**
 * Every sheet of a plan as SVG 1.1 in millimetres, true to size, one below the other: blanks as closed paths, what is
 * left over in dashes.
 */
public final class CutDrawing {

    private static final double GAP = 20;

    private final StringBuilder text = new StringBuilder();

    private CutDrawing() {}

    /** The drawing of a plan. */
    public static String of(String name, CutPlan plan) {
        return new CutDrawing().drawn(name, plan);
    }

    private String drawn(String name, CutPlan plan) {
        double widest = 1;
        double y = 0;
        StringBuilder sheets = new StringBuilder();
        for (PaperPlan paper : plan.papers()) {
            for (CutStack stack : CutLayout.of(paper).stacks()) {
                Size size = stack.sheet().size();
                text.setLength(0);
                sheet(paper, stack, y);
                sheets.append(text);
                widest = Math.max(widest, size.width().millimetres());
                y += size.height().millimetres() + GAP;
            }
        }
        double high = Math.max(1, y - GAP);
        return String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" version=\"1.1\" width=\"%1$.3fmm\" height=\"%2$.3fmm\""
                        + " viewBox=\"0 0 %1$.3f %2$.3f\">%n<title>%3$s</title>%n%4$s</svg>%n",
                widest,
                high,
                escaped(name),
                sheets);
    }

    private void sheet(PaperPlan paper, CutStack stack, double top) {
        double wide = stack.sheet().size().width().millimetres();
        double high = stack.sheet().size().height().millimetres();
        double trim = stack.trim().millimetres();
        text.append(String.format(
                Locale.ROOT,
                "<g fill=\"none\" stroke=\"#000\" stroke-width=\"0.2\" transform=\"translate(0 %.3f)\">%n"
                        + "<title>%s, %s, %d of these</title>%n"
                        + "<rect width=\"%.3f\" height=\"%.3f\"/>%n",
                top,
                escaped(paper.stock().name()),
                escaped(stack.sheet().name()),
                stack.sheets(),
                wide,
                high));
        for (CutArea rest : stack.rests()) {
            text.append(String.format(
                    Locale.ROOT,
                    "<rect x=\"%.3f\" y=\"%.3f\" width=\"%.3f\" height=\"%.3f\" stroke-dasharray=\"3 2\"/>%n",
                    mm(rest.x()) + trim,
                    high - trim - mm(rest.y() + rest.height()),
                    mm(rest.width()),
                    mm(rest.height())));
        }
        for (CutLayout.LaidBlank laid : stack.blanks()) {
            text.append(String.format(
                    Locale.ROOT,
                    "<path d=\"%s\"><title>%s</title></path>%n",
                    path(laid.outline(), trim, high),
                    escaped(paper.blanks().get(laid.blank()).name())));
        }
        text.append("</g>\n");
    }

    private static String path(Polygon outline, double trim, double high) {
        StringBuilder path = new StringBuilder(ring(outline.getExteriorRing(), trim, high));
        for (int i = 0; i < outline.getNumInteriorRing(); i++) {
            path.append(ring(outline.getInteriorRingN(i), trim, high));
        }
        return path.toString();
    }

    private static String ring(LinearRing ring, double trim, double high) {
        Coordinate[] corners = ring.getCoordinates();
        return Arrays.stream(corners, 0, corners.length - 1)
                .map(corner -> String.format(Locale.ROOT, "%.3f %.3f", corner.x + trim, high - trim - corner.y))
                .collect(Collectors.joining("L", "M", "z"));
    }

    private static double mm(long units) {
        return Length.ofUnits(units).millimetres();
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}
