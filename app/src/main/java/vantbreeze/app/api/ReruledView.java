package vantbreeze.app.api;

import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.structure.Parameter;

/**
 * What becomes of a card's figures on another ruler.
 *
 * @param rows each figure that moves
 * @param largestDrift how far the one moves that moves most, as written
 * @param closed the closed card then
 */
public record ReruledView(List<Row> rows, String largestDrift, SizeView closed) {

    /** One figure: what it is, as it is now and as it would be, and by how much that differs. */
    public record Row(String label, FigureView was, FigureView now, String drift) {}

    static ReruledView of(WorkedPlan before, WorkedPlan after) {
        Ruler was = before.plan().ruler();
        Ruler now = after.plan().ruler();
        List<Row> rows = before.plan().isFree()
                ? scores(before, after)
                : said(before)
                        .map(parameter -> row(
                                parameter.label(),
                                before.structure()
                                        .measure(parameter.id(), before.plan().measures()),
                                after.structure()
                                        .measure(parameter.id(), after.plan().measures()),
                                was,
                                now))
                        .toList();
        Length largest = before.plan().isFree()
                ? drift(before.footprint().width(), after.footprint().width())
                : said(before)
                        .map(parameter -> drift(
                                before.structure()
                                        .measure(parameter.id(), before.plan().measures()),
                                after.structure()
                                        .measure(parameter.id(), after.plan().measures())))
                        .reduce(Length.ZERO, Length::max);
        return new ReruledView(rows, written(largest), SizeView.of(after.footprint(), now));
    }

    /** The measures that somebody said; the others follow from them. */
    private static Stream<Parameter> said(WorkedPlan before) {
        return before.structure().asked(before.plan().measures()).stream()
                .filter(parameter -> before.plan().measures().says(parameter.id()));
    }

    private static List<Row> scores(WorkedPlan before, WorkedPlan after) {
        return IntStream.range(0, before.pieces().size())
                .boxed()
                .flatMap(i -> {
                    WorkedPiece one = before.pieces().get(i);
                    WorkedPiece other = after.pieces().get(i);
                    String name = one.panels().piece().name();
                    return Stream.concat(
                            Stream.of(
                                    row(
                                            name + ", width",
                                            one.cut().width(),
                                            other.cut().width(),
                                            before.plan().ruler(),
                                            after.plan().ruler()),
                                    row(
                                            name + ", height",
                                            one.cut().height(),
                                            other.cut().height(),
                                            before.plan().ruler(),
                                            after.plan().ruler())),
                            IntStream.range(
                                            0,
                                            Math.min(
                                                    one.scores().size(),
                                                    other.scores().size()))
                                    .mapToObj(k -> row(
                                            String.format(Locale.ROOT, "%s, score %d", name, k + 1),
                                            one.scores().get(k).fromLeft(),
                                            other.scores().get(k).fromLeft(),
                                            before.plan().ruler(),
                                            after.plan().ruler())));
                })
                .toList();
    }

    private static Row row(String label, Length was, Length now, Ruler from, Ruler to) {
        return new Row(label, FigureView.of(was, from), FigureView.of(now, to), written(drift(was, now)));
    }

    private static Length drift(Length was, Length now) {
        return now.minus(was).abs();
    }

    private static String written(Length drift) {
        return String.format(Locale.ROOT, "%.2f mm", drift.millimetres());
    }
}
