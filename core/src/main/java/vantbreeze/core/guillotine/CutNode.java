package vantbreeze.core.guillotine;

import java.util.List;
import java.util.stream.Stream;

/** A rectangle in hand and what becomes of it: the tree of cuts of one sheet. */
public sealed interface CutNode {

    /** Across, units. */
    long width();

    /** Up, units. */
    long height();

    /** What falls and is wanted: an item, lying as it stands or turned by a quarter. */
    record Part(long width, long height, int item, boolean turned) implements CutNode {}

    /** What is left over. */
    record Rest(long width, long height) implements CutNode {}

    /**
     * Cut into parts by cuts that run side by side.
     *
     * @param upright whether the cuts run upwards, the parts lying beside one another from the left; else from the foot
     *     up
     * @param parts two or more
     * @param kept whether the parts lie where they are, so that only the first or the last can be cut off; else they
     *     come in any order
     */
    record Cut(long width, long height, boolean upright, List<CutNode> parts, boolean kept) implements CutNode {
        public Cut {
            parts = List.copyOf(parts);
        }

        /** Cut into parts that come in any order. */
        public Cut(long width, long height, boolean upright, List<CutNode> parts) {
            this(width, height, upright, parts, false);
        }

        /** How far a part reaches in the direction in which they lie beside one another: where the fence stands. */
        public long extent(CutNode part) {
            return upright ? part.width() : part.height();
        }
    }

    /** It and all that it is cut into, at last. */
    default Stream<CutNode> all() {
        return this instanceof Cut cut
                ? Stream.concat(Stream.of(this), cut.parts().stream().flatMap(CutNode::all))
                : Stream.of(this);
    }

    default double area() {
        return (double) width() * height();
    }
}
