package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Cardstocks;

/**
 * All that is to be cut for a card.
 *
 * @param all like ones together, pieces before layers
 */
public record Blanks(List<Blank> all) {

    private static final Cardstock USUAL =
            Cardstocks.usual().find(Cardstocks.USUAL).orElseThrow();

    public Blanks {
        all = List.copyOf(all);
    }

    /** What pieces that are cut together have in common. */
    private record Alike(
            Piece piece, Blank.Folds folds, Blank.@Nullable Under under, String stockId, Cardstock stock) {}

    /**
     * The pieces of a card.
     *
     * @param stocks what each is made of
     */
    public static Blanks ofPieces(List<Piece> pieces, List<PieceStock> stocks) {
        return ofParts(
                pieces.stream()
                        .map(piece -> new PieceParts(piece, List.of(), List.of(piece)))
                        .toList(),
                stocks);
    }

    /**
     * The pieces of a card, some of them joined from parts.
     *
     * @param stocks what each is made of
     */
    public static Blanks ofParts(List<PieceParts> pieces, List<PieceStock> stocks) {
        Map<Alike, List<Blank.Use>> alike = new LinkedHashMap<>();
        for (int i = 0; i < pieces.size(); i++) {
            PieceParts piece = pieces.get(i);
            PieceStock stock = stocks.get(i);
            Blank.Folds folds = Blank.folds(piece.piece());
            for (int part = 0; part < piece.parts().size(); part++) {
                alike.computeIfAbsent(
                                new Alike(
                                        piece.parts().get(part),
                                        folds,
                                        piece.under(part),
                                        stock.stockId(),
                                        stock.stock()),
                                key -> new ArrayList<>())
                        .add(
                                piece.isSeamed()
                                        ? new Blank.OfPart(stock.piece(), part + 1)
                                        : new Blank.OfPiece(stock.piece()));
            }
        }
        List<Blank> all = new ArrayList<>();
        alike.forEach((one, uses) -> all.add(Blank.of(one.piece, one.folds, one.under, one.stockId, one.stock, uses)));
        return new Blanks(all);
    }

    /** The pieces of a card of which nothing is chosen yet: of the usual card. */
    public static Blanks ofPieces(List<Piece> pieces) {
        return ofPieces(
                pieces,
                PieceId.all(pieces).stream()
                        .map(piece -> new PieceStock(piece, Cardstocks.USUAL, USUAL))
                        .toList());
    }

    /** Of each piece of the card that is whole the blank that it is cut as. */
    public Map<PieceId, Blank> byPiece() {
        Map<PieceId, Blank> blanks = new HashMap<>();
        for (Blank blank : all) {
            for (Blank.Use use : blank.uses()) {
                if (use instanceof Blank.OfPiece one) {
                    blanks.put(one.piece(), blank);
                }
            }
        }
        return blanks;
    }

    /** The layers of a card. */
    public static Blanks ofLayers(CutList cuts, FoldGraph graph) {
        return new Blanks(cuts.cuts().stream()
                .map(cut -> Blank.of(cut, cut.runs() ? List.of(run(cut, graph)) : uses(cut, graph)))
                .toList());
    }

    private static Blank.Use run(Cut cut, FoldGraph graph) {
        return new Blank.OfRun(
                uses(cut, graph), cut.parts().stream().map(CutShape::size).toList());
    }

    private static List<Blank.Use> uses(Cut cut, FoldGraph graph) {
        return cut.layers().stream()
                .<Blank.Use>map(layer -> new Blank.OfLayer(FaceName.of(layer.face(), graph), layer.level()))
                .toList();
    }

    /** These and others. */
    public Blanks and(Blanks others) {
        return new Blanks(Stream.concat(all.stream(), others.all.stream()).toList());
    }

    /** By what they are cut from, in the order in which each comes first. */
    public Map<String, List<Blank>> byStock() {
        return all.stream().collect(Collectors.groupingBy(Blank::stockId, LinkedHashMap::new, Collectors.toList()));
    }
}
