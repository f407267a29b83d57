package vantbreeze.core.die;

import java.util.stream.Stream;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
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

    /**
     * What it is called, in figures that lie on the ruler or, where it was made for another, on that: "2½ in circle".
     */
    public String inWords(Ruler ruler) {
        return "%s %s".formatted(sizeInWords(shape(), size, ruler), shape().label());
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

    /** How much wider a larger one is all round, at the least and at the most. */
    Length[] bordersOf(Die larger) {
        Length across = larger.size.width().minus(size.width()).dividedBy(2);
        Length up = larger.size.height().minus(size.height()).dividedBy(2);
        return new Length[] {across.min(up), across.max(up)};
    }
}
