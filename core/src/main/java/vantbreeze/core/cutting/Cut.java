package vantbreeze.core.cutting;

import java.util.List;
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
 * @param shape as each is cut; one paper across several panels, as the rectangle that it is first
 * @param layers where each goes
 * @param mirror number of the cut that is its mirror image, 0 for none
 * @param parts what one paper that runs across several panels is then cut into, from left to right; else none
 */
public record Cut(
        int number,
        String paperId,
        Cardstock paper,
        boolean otherSide,
        CutShape shape,
        List<Layer> layers,
        int mirror,
        List<CutShape> parts) {

    public Cut {
        layers = List.copyOf(layers);
        parts = List.copyOf(parts);
    }

    /** Whether it is one paper across several panels. */
    public boolean runs() {
        return !parts.isEmpty();
    }

    /** How many; of one paper across several panels one, before it is cut apart. */
    public int count() {
        return runs() ? 1 : layers.size();
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
        return new Cut(other, paperId, paper, otherSide, shape, layers, mirrored, parts);
    }
}
