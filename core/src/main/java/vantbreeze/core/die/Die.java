package vantbreeze.core.die;

import java.util.stream.Stream;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/**
 * One die or punch.
 *
 * @param nest which it belongs to
 * @param size what it cuts out, as it stands
 */
public record Die(Nest nest, Size size) {

    /** What it cuts out. */
    public DieShape shape() {
        return nest.shape();
    }

    /** Whether it cuts this out, turned by a quarter if need be. */
    public boolean cuts(DieShape other, Size wanted) {
        return shape().isAkin(other) && (size.equals(wanted) || size.equals(wanted.turned()));
    }

    /** Its size as it is said: one figure for what is as wide as high. */
    public static String sizeInWords(DieShape shape, Size size, Ruler ruler) {
        Ruler shown = shownOn(size, ruler);
        Figure width = Figure.of(size.width(), shown);
        return shape.isEven() || size.width().equals(size.height())
                ? width.inWords()
                : "%s × %s"
                        .formatted(
                                width.printed(), Figure.of(size.height(), shown).inWords());
    }

    /** The ruler if its marks tell the size, or the finest of either school that does. */
    public static Ruler shownOn(Size size, Ruler ruler) {
        return Stream.of(ruler, Ruler.THIRTY_SECONDS, Ruler.MM_HALF)
                .filter(one -> one.marks(size.width()) && one.marks(size.height()))
                .findFirst()
                .orElse(ruler);
    }
}
