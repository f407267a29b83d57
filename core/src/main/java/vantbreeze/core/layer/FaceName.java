package vantbreeze.core.layer;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Side;

/**
 * One side of a panel as a plan names it.
 *
 * @param piece which piece of the card, from 0
 * @param panel the panel's name
 * @param side which side of the paper
 */
public record FaceName(int piece, String panel, Side side) {

    /** How a plan names {@code face}, which outlives a change of measures. */
    public static FaceName of(Face face, FoldGraph graph) {
        return new FaceName(
                graph.pieceOf().get(face.panel()),
                graph.panels().get(face.panel()).name(),
                face.side());
    }

    /**
     * The face of this name; none when an edit took its panel away. A piece that is another among them now, since
     * others came or went, is known by the panel's name where only one panel has it.
     */
    public Optional<Face> find(FoldGraph graph) {
        return graph.find(new PanelRef(piece, panel)).or(() -> only(graph)).map(index -> new Face(index, side));
    }

    private Optional<Integer> only(FoldGraph graph) {
        List<Integer> named = IntStream.range(0, graph.panels().size())
                .filter(i -> graph.panels().get(i).name().equals(panel))
                .boxed()
                .toList();
        return named.size() == 1 ? Optional.of(named.get(0)) : Optional.empty();
    }
}
