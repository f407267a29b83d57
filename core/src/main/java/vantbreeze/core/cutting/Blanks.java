package vantbreeze.core.cutting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.paper.Cardstock;

/**
 * All that is to be cut for a card.
 *
 * @param all like ones together, pieces before layers
 */
public record Blanks(List<Blank> all) {

    public Blanks {
        all = List.copyOf(all);
    }

    /** What pieces that are cut together have in common. */
    private record Alike(Piece piece, String stockId) {}

    /**
     * The pieces of a card.
     *
     * @param stockIds what each is made of, as plans name it
     * @param stocks the same
     */
    public static Blanks ofPieces(List<Piece> pieces, List<String> stockIds, List<Cardstock> stocks) {
        List<PieceId> ids = PieceId.all(pieces);
        Map<Alike, List<Integer>> alike = new LinkedHashMap<>();
        for (int i = 0; i < pieces.size(); i++) {
            alike.computeIfAbsent(new Alike(pieces.get(i), stockIds.get(i)), key -> new ArrayList<>())
                    .add(i);
        }
        return new Blanks(alike.entrySet().stream()
                .map(one -> Blank.of(
                        one.getKey().piece(),
                        one.getKey().stockId(),
                        stocks.get(one.getValue().get(0)),
                        one.getValue().stream()
                                .<Blank.Use>map(i -> new Blank.OfPiece(ids.get(i)))
                                .toList()))
                .toList());
    }

    /** The pieces of a card of which nothing is chosen yet; each by itself. */
    public static Blanks ofPieces(List<Piece> pieces) {
        List<PieceId> ids = PieceId.all(pieces);
        List<Blank> all = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            all.add(Blank.of(pieces.get(i), ids.get(i)));
        }
        return new Blanks(all);
    }

    /** The layers of a card. */
    public static Blanks ofLayers(CutList cuts, FoldGraph graph) {
        Map<List<Object>, List<Cut>> wholes = new LinkedHashMap<>();
        List<Blank> all = new ArrayList<>();
        for (Cut cut : cuts.cuts()) {
            if (cut.whole() == null) {
                all.add(Blank.of(cut, uses(List.of(cut), graph)));
            } else {
                Layer first = cut.layers().get(0);
                wholes.computeIfAbsent(List.of(first.dressed(), first.level()), key -> new ArrayList<>())
                        .add(cut);
            }
        }
        // what runs across several panels is one piece, cut apart after
        wholes.values().forEach(parts -> all.add(Blank.of(parts.get(0), List.of(new Blank.OfRun(uses(parts, graph))))));
        return new Blanks(all);
    }

    private static List<Blank.Use> uses(List<Cut> cuts, FoldGraph graph) {
        return cuts.stream()
                .flatMap(cut -> cut.layers().stream())
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
