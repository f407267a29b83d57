package vantbreeze.core.cutting;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Face;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Size;

/**
 * Pieces of one paper that are cut alike.
 *
 * @param number on the list and on the map, from 1
 * @param paperId id of the paper
 * @param paper what they are cut from
 * @param otherSide whether the paper's other side is to show
 * @param shape as each is cut
 * @param layers where each goes
 * @param mirror number of the cut that is its mirror image, 0 for none
 * @param whole when one paper runs across several panels, the size to cut it first, in pattern order; else null
 */
public record Cut(
        int number,
        String paperId,
        Cardstock paper,
        boolean otherSide,
        CutShape shape,
        List<Layer> layers,
        int mirror,
        @Nullable Size whole) {

    public Cut {
        layers = List.copyOf(layers);
    }

    /** How many. */
    public int count() {
        return layers.size();
    }

    /** The faces they go on, in turn. */
    public List<Face> faces() {
        return layers.stream().map(Layer::face).toList();
    }

    /** Width and height as it stands. */
    public Size size() {
        return shape.size();
    }

    Cut numbered(int other, int mirrored) {
        return new Cut(other, paperId, paper, otherSide, shape, layers, mirrored, whole);
    }
}
