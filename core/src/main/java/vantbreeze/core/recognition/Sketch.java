package vantbreeze.core.recognition;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Extent;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;

/**
 * A card as patterns and figures, piece by piece, then join by join.
 *
 * @param patterns of each piece
 * @param joins what is glued to what, and how
 * @param figures of all of them, in that order
 */
record Sketch(List<String> patterns, List<String> joins, List<Place> figures) {

    Sketch {
        patterns = List.copyOf(patterns);
        joins = List.copyOf(joins);
        figures = List.copyOf(figures);
    }

    /** What of a card's joins is looked at. */
    enum Joins {
        /** Where each is, and how far its glue reaches. */
        WITH_GLUE,
        /** Where each is. */
        PLACES,
        /** Nothing: its pieces alone. */
        NONE
    }

    /** Of a card whose pieces are taken in this order. */
    static Sketch of(Assembly assembly, List<Integer> order, PieceSketch.Order lines, Joins looked) {
        List<String> patterns = new ArrayList<>();
        List<Place> figures = new ArrayList<>();
        IdentityHashMap<Piece, PieceSketch> alike = new IdentityHashMap<>();
        for (int piece : order) {
            PieceSketch sketch = alike.computeIfAbsent(assembly.pieces().get(piece), one -> PieceSketch.of(one, lines));
            patterns.add(sketch.pattern());
            figures.addAll(sketch.figures());
        }
        List<String> joins = new ArrayList<>();
        if (looked != Joins.NONE) {
            List<Placed> placed = assembly.joins().stream()
                    .map(join -> Placed.of(join, assembly, order, looked))
                    .sorted(Comparator.comparing(Placed::label))
                    .toList();
            for (Placed one : placed) {
                joins.add(one.label());
                figures.addAll(one.figures());
            }
        }
        return new Sketch(patterns, joins, figures);
    }

    /** Whether the figures of both speak of the same lines; of those drawn here, some may fold either way. */
    boolean isLike(Sketch other) {
        return patterns.size() == other.patterns.size()
                && IntStream.range(0, patterns.size())
                        .allMatch(i -> PieceSketch.isLike(patterns.get(i), other.patterns.get(i)))
                && joins.equals(other.joins)
                && figures.size() == other.figures.size();
    }

    /** Where a piece is glued on another: where its lower left corner comes to lie, and how it is turned. */
    private record Placed(String label, List<Place> figures) {

        static Placed of(Join join, Assembly assembly, List<Integer> order, Joins looked) {
            Piece on = assembly.pieces().get(join.on().piece());
            Piece glued = assembly.pieces().get(join.glued().piece());
            Extent below = on.extent();
            Extent above = glued.extent();
            Spot corner = new Spot(above.left(), above.foot());
            var lies = join.motion(0).apply(corner);
            double across = lies.getX() * Length.PER_MILLIMETRE - below.left().units();
            double up = lies.getY() * Length.PER_MILLIMETRE - below.foot().units();
            List<Place> figures = new ArrayList<>(
                    List.of(new Place(glued.name(), "glue", across), new Place(glued.name(), "glue", up)));
            if (looked == Joins.WITH_GLUE) {
                for (Spot spot : PieceSketch.ring(join.area())) {
                    figures.add(new Place(
                            glued.name(), "glue", spot.x().minus(below.left()).units()));
                    figures.add(new Place(
                            glued.name(), "glue", spot.y().minus(below.foot()).units()));
                }
            }
            String label = String.format(
                    Locale.ROOT,
                    "%02d on %02d %s %s %d%s %d",
                    order.indexOf(join.glued().piece()),
                    order.indexOf(join.on().piece()),
                    join.onSide(),
                    join.onSide() == join.gluedSide() ? "like" : "unlike",
                    Math.floorMod(Math.round(join.at().turnDegrees()), 360),
                    join.slides() ? " slides" : "",
                    figures.size());
            return new Placed(label, figures);
        }
    }
}
