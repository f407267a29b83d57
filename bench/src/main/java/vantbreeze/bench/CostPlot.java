package vantbreeze.bench;

import java.util.List;
import java.util.Locale;

/** Cost against size as a line drawing. */
final class CostPlot {

    private static final int WIDTH = 640;
    private static final int HEIGHT = 320;
    private static final int EDGE = 56;

    private CostPlot() {}

    static String svg(List<FoldBench.Cost> costs) {
        double most =
                costs.stream().mapToDouble(FoldBench.Cost::milliseconds).max().orElse(1);
        int panels = costs.get(costs.size() - 1).panels();
        StringBuilder line = new StringBuilder();
        StringBuilder marks = new StringBuilder();
        for (FoldBench.Cost cost : costs) {
            double x = EDGE + (WIDTH - 2.0 * EDGE) * cost.panels() / panels;
            double y = HEIGHT - EDGE - (HEIGHT - 2.0 * EDGE) * cost.milliseconds() / most;
            line.append(String.format(Locale.ROOT, "%s%.1f %.1f", line.isEmpty() ? "M" : "L", x, y));
            marks.append(String.format(Locale.ROOT, "<circle cx='%.1f' cy='%.1f' r='3'/>", x, y));
        }
        return String.format(
                Locale.ROOT,
                """
                <svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 %1$d %2$d'
                    font-family='sans-serif' font-size='14' fill='#1e2a33'>
                <rect width='%1$d' height='%2$d' fill='#f8f5ee'/>
                <path d='M%3$d %3$dV%4$dH%5$d' fill='none' stroke='#1e2a33'/>
                <path d='%6$s' fill='none' stroke='#1e2a33' stroke-width='1.5'/>%7$s
                <text x='%3$d' y='%8$d'>%9$.2f ms</text><text x='%5$d' y='%10$d' text-anchor='end'>%11$d panels</text>
                </svg>
                """,
                WIDTH,
                HEIGHT,
                EDGE,
                HEIGHT - EDGE,
                WIDTH - EDGE,
                line,
                marks,
                EDGE - 10,
                most,
                HEIGHT - EDGE + 24,
                panels);
    }
}
