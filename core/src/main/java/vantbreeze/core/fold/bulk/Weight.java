package vantbreeze.core.fold.bulk;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.paper.Cardstock;

/**
 * What a card weighs: area times grammage (ISO 536), grams.
 *
 * @param pieces of each piece
 * @param added of all that lies on them
 */
public record Weight(List<Double> pieces, double added) {

    public Weight {
        pieces = List.copyOf(pieces);
    }

    /** The weight of {@code graph}, each piece of its own cardstock. */
    public static Weight of(FoldGraph graph, List<Cardstock> stocks, List<Added> added) {
        double[] areas = new double[graph.assembly().pieces().size()];
        for (int panel = 0; panel < graph.panels().size(); panel++) {
            areas[graph.pieceOf().get(panel)] += graph.panels().get(panel).area();
        }
        List<Double> pieces = new ArrayList<>();
        for (int piece = 0; piece < areas.length; piece++) {
            pieces.add(stocks.get(piece).grams(areas[piece]));
        }
        return new Weight(pieces, added.stream().mapToDouble(Added::grams).sum());
    }

    /** This and something else, the pieces of that after those of this. */
    public Weight and(Weight other) {
        return new Weight(Stream.concat(pieces.stream(), other.pieces.stream()).toList(), added + other.added);
    }

    /** All together. */
    public double grams() {
        return pieces.stream().mapToDouble(Double::doubleValue).sum() + added;
    }
}
