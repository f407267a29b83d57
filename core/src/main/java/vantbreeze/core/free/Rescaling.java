package vantbreeze.core.free;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Precision;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/** The same free card larger, smaller, or on the marks of another ruler, closing as before. */
public record Rescaling(FreeCard card) {

    /**
     * The card made to measure {@code finished} when closed: each way by its own factor where it still closes so,
     * otherwise by the smaller of the two both ways.
     */
    public FreeCard to(Size finished) {
        Size closed = closed(card).footprint();
        double across = finished.width().millimetres() / closed.width().millimetres();
        double up = finished.height().millimetres() / closed.height().millimetres();
        double both = Math.min(across, up);
        int eighths = card.assembly().eighthTurns();
        boolean turned = eighths % 2 != 0 || card.assembly().joins().stream().anyMatch(Rescaling::isAcross);
        boolean swapped = eighths % 4 != 0;
        FreeCard own = turned ? null : scaled(swapped ? up : across, swapped ? across : up);
        return own != null && closes(own) ? own : scaled(both, both);
    }

    private FreeCard scaled(double across, double up) {
        FreeCard after = moved(piece -> spot -> new Spot(
                Length.nearest(spot.x().millimetres() * across),
                Length.nearest(spot.y().millimetres() * up)));
        return new FreeCard(
                after.assembly(),
                after.stances().stream().map(stance -> stance.slidTimes(across)).toList(),
                after.showing(),
                after.lean(),
                after.lies());
    }

    /**
     * The card on the marks of {@code ruler}: panels that were alike stay alike, and what closed still does. Empty when
     * no way of rounding its lines keeps it closing.
     */
    public Optional<FreeCard> on(Ruler ruler) {
        double before = closed(card).closureError();
        for (BiFunction<TreeSet<Length>, Ruler, TreeMap<Length, Length>> way :
                List.<BiFunction<TreeSet<Length>, Ruler, TreeMap<Length, Length>>>of(
                        Rescaling::gapByGap, Rescaling::lineByLine)) {
            FreeCard ruled = moved(piece -> onMarks(piece, ruler, way));
            if (ruled.impossible().isEmpty() && closed(ruled).closureError() <= Math.max(Precision.CLOSES, before)) {
                return Optional.of(ruled);
            }
        }
        return Optional.empty();
    }

    private static UnaryOperator<Spot> onMarks(
            Piece piece, Ruler ruler, BiFunction<TreeSet<Length>, Ruler, TreeMap<Length, Length>> way) {
        TreeSet<Length> across = new TreeSet<>();
        TreeSet<Length> up = new TreeSet<>();
        piece.spots().forEach(spot -> {
            across.add(spot.x());
            up.add(spot.y());
        });
        TreeMap<Length, Length> x = way.apply(across, ruler);
        TreeMap<Length, Length> y = way.apply(up, ruler);
        return spot -> new Spot(between(x, spot.x()), between(y, spot.y()));
    }

    private static TreeMap<Length, Length> gapByGap(TreeSet<Length> lines, Ruler ruler) {
        TreeMap<Length, Length> marks = new TreeMap<>();
        Length before = null;
        for (Length line : lines) {
            Length mark = before == null
                    ? ruler.nearest(line).length()
                    : requireNonNull(marks.get(before))
                            .plus(ruler.nearest(line.minus(before)).length().max(ruler.division()));
            marks.put(line, mark);
            before = line;
        }
        return marks;
    }

    private static TreeMap<Length, Length> lineByLine(TreeSet<Length> lines, Ruler ruler) {
        TreeMap<Length, Length> marks = new TreeMap<>();
        lines.forEach(line -> marks.put(line, ruler.nearest(line).length()));
        return marks;
    }

    /** Where a spot between two lines goes, in proportion. */
    private static Length between(TreeMap<Length, Length> marks, Length place) {
        Map.Entry<Length, Length> below = marks.floorEntry(place);
        Map.Entry<Length, Length> above = marks.ceilingEntry(place);
        if (below == null || above == null) {
            Map.Entry<Length, Length> end = below == null ? above : below;
            return place.plus(end.getValue().minus(end.getKey()));
        }
        if (below.getKey().equals(above.getKey())) {
            return below.getValue();
        }
        double part = (double) place.minus(below.getKey()).units()
                / above.getKey().minus(below.getKey()).units();
        return below.getValue()
                .plus(Length.ofUnits(
                        Math.round(above.getValue().minus(below.getValue()).units() * part)));
    }

    private FreeCard moved(Function<Piece, UnaryOperator<Spot>> move) {
        FreeCard after = card;
        for (int piece = 0; piece < card.assembly().pieces().size(); piece++) {
            after = new Redrawing(after)
                    .moved(piece, move.apply(card.assembly().pieces().get(piece)));
        }
        return after;
    }

    private static boolean closes(FreeCard card) {
        return card.impossible().isEmpty() && closed(card).closureError() <= Precision.CLOSES;
    }

    private static FoldedForm closed(FreeCard card) {
        return FoldedForm.of(
                FoldGraph.of(card.assembly()),
                card.stances().get(card.stances().size() - 1).pose());
    }

    /** Whether any of its pieces is glued across another. */
    private static boolean isAcross(Join join) {
        return join.at().turnDegrees() % 180 != 0;
    }
}
