package vantbreeze.core.fold;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.locationtech.jts.math.Vector3D;

/** A line drawing put together from the engine's own output, as SVG; for docs/fold-model.md. */
final class Drawing {

    private static final double SCALE = 2.2;

    private final StringBuilder body = new StringBuilder();
    private final List<double[]> seen = new ArrayList<>();
    private double shiftX;
    private double shiftY;

    /** What is drawn from now on lies so far to the right and down, mm. */
    Drawing at(double x, double y) {
        shiftX = x;
        shiftY = y;
        return this;
    }

    Drawing polygon(List<double[]> points, String fill) {
        body.append("<path d='");
        for (int i = 0; i < points.size(); i++) {
            body.append(i == 0 ? 'M' : 'L').append(place(points.get(i)));
        }
        body.append("Z' fill='")
                .append(fill)
                .append("' stroke='#1e2a33' stroke-width='1.2' stroke-linejoin='round'/>\n");
        return this;
    }

    Drawing line(double[] from, double[] to, String dashes) {
        body.append("<path d='M")
                .append(place(from))
                .append('L')
                .append(place(to))
                .append("' fill='none' stroke='#1e2a33' stroke-width='1.4'")
                .append(dashes.isEmpty() ? "" : " stroke-dasharray='" + dashes + "'")
                .append("/>\n");
        return this;
    }

    Drawing text(double x, double y, String text) {
        String[] at = place(new double[] {x, y}).split(" ");
        body.append("<text x='")
                .append(at[0])
                .append("' y='")
                .append(at[1])
                .append("' text-anchor='middle'>")
                .append(text)
                .append("</text>\n");
        return this;
    }

    /** A piece with its scores in the published notation and its panels numbered. */
    Drawing sheet(FoldGraph graph, int piece) {
        for (int i = 0; i < graph.panels().size(); i++) {
            if (graph.pieceOf().get(i) == piece) {
                Panel panel = graph.panels().get(i);
                polygon(panel.corners().stream().map(Drawing::flat).toList(), "#fffdf8");
                // over the polygon's own outline, scores are drawn below
            }
        }
        for (Link.Folded link : graph.hinges()) {
            if (graph.pieceOf().get(link.from()) == piece) {
                line(flat(link.hinge().line().from()), flat(link.hinge().line().to()), "")
                        .over("#fffdf8");
                line(
                        flat(link.hinge().line().from()),
                        flat(link.hinge().line().to()),
                        link.hinge().fold() == Fold.MOUNTAIN ? "9 3 1.5 3 1.5 3" : "7 4");
            }
        }
        for (int i = 0; i < graph.panels().size(); i++) {
            if (graph.pieceOf().get(i) == piece) {
                var inside = graph.panels().get(i).shape().getInteriorPoint();
                text(inside.getX(), -inside.getY() + 2, "" + i);
            }
        }
        return this;
    }

    /** Panels in space, seen from the front left and above, the farthest first. */
    Drawing space(FoldGraph graph, List<Rigid> placed, double[] lift) {
        List<Integer> order = new ArrayList<>();
        List<List<double[]>> shapes = new ArrayList<>();
        List<Double> near = new ArrayList<>();
        for (int i = 0; i < placed.size(); i++) {
            double up = lift[i];
            Rigid motion = placed.get(i);
            List<double[]> points = graph.panels().get(i).corners().stream()
                    .map(motion::apply)
                    .map(v -> oblique(v, up))
                    .toList();
            shapes.add(points);
            near.add(points.stream().mapToDouble(p -> p[2]).average().orElse(0));
            order.add(i);
        }
        order.sort((a, b) -> Double.compare(near.get(a), near.get(b)));
        order.forEach(i -> polygon(shapes.get(i), placed.get(i).showsFace() ? "#fffdf8" : "#e4d8c0"));
        return this;
    }

    String svg() {
        double left = seen.stream().mapToDouble(p -> p[0]).min().orElse(0) - 12;
        double top = seen.stream().mapToDouble(p -> p[1]).min().orElse(0) - 12;
        double right = seen.stream().mapToDouble(p -> p[0]).max().orElse(0) + 12;
        double bottom = seen.stream().mapToDouble(p -> p[1]).max().orElse(0) + 12;
        return String.format(
                Locale.ROOT,
                "<svg xmlns='http://www.w3.org/2000/svg' viewBox='%.1f %.1f %.1f %.1f' "
                        + "font-family='sans-serif' font-size='14' fill='#1e2a33'>%n<rect x='%.1f' y='%.1f' "
                        + "width='%.1f' height='%.1f' fill='#f8f5ee'/>%n%s</svg>%n",
                left,
                top,
                right - left,
                bottom - top,
                left,
                top,
                right - left,
                bottom - top,
                body);
    }

    private void over(String colour) {
        int last = body.lastIndexOf("stroke='#1e2a33'");
        body.replace(last, last + "stroke='#1e2a33'".length(), "stroke='" + colour + "'");
    }

    private static double[] flat(Spot spot) {
        return new double[] {spot.x().millimetres(), -spot.y().millimetres()};
    }

    private static double[] oblique(Vector3D v, double lift) {
        double turn = Math.toRadians(24);
        double raise = Math.toRadians(36);
        double x = v.getX() * Math.cos(turn) - v.getY() * Math.sin(turn);
        double y = v.getX() * Math.sin(turn) + v.getY() * Math.cos(turn);
        double z = v.getZ() + lift;
        return new double[] {x, -(y * Math.sin(raise) + z * Math.cos(raise)), z * Math.sin(raise) - y * Math.cos(raise)
        };
    }

    private String place(double[] point) {
        double x = (point[0] + shiftX) * SCALE;
        double y = (point[1] + shiftY) * SCALE;
        seen.add(new double[] {x, y});
        return String.format(Locale.ROOT, "%.1f %.1f", x, y);
    }
}
