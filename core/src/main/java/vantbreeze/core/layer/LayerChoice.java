package vantbreeze.core.layer;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.die.DieShape;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/**
 * One layer of a stack as a maker chose it.
 *
 * @param paper id of what it is cut from
 * @param border how much of what lies beneath shows all round it, measured square to every edge
 * @param own a size of its own instead of a border, as it stands upright; or null
 * @param pad how thick the foam beneath it is, nil for none
 * @param otherSide whether the paper's other side shows
 * @param die what cuts it out, where it has a size of its own; null for a pair of scissors
 */
public record LayerChoice(
        String paper, Length border, @Nullable Size own, Length pad, boolean otherSide, @Nullable DieShape die) {

    /** Foam as it is sold; our estimate. */
    public static final List<Length> FOAMS =
            List.of(Length.ofMillimetres(1), Length.ofMillimetres(2), Length.ofMillimetres(3));

    /** Thickest foam, and largest border: beyond it is a misread figure. */
    private static final Length MOST = Length.ofMillimetres(300);

    /** @throws IllegalArgumentException in words for the maker, when a figure is beyond what can be meant */
    public LayerChoice {
        if (border.isNegative()) {
            throw new IllegalArgumentException(
                    "A border can't be less than nothing. For a layer that reaches over, type its own size.");
        }
        if (border.isLongerThan(MOST) || pad.isLongerThan(MOST)) {
            throw new IllegalArgumentException("That is more than %s. Type a smaller one.".formatted(MOST));
        }
        if (pad.isNegative()) {
            throw new IllegalArgumentException(
                    "Foam can't be thinner than nothing. Type its thickness, or 0 for none.");
        }
        if (own != null && !(own.width().isPositive() && own.height().isPositive())) {
            throw new IllegalArgumentException("A layer has a width and a height. Type both.");
        }
        if (die != null && own == null) {
            throw new IllegalArgumentException("What a die cuts out has the die's size. Choose which one.");
        }
    }

    /** A layer that leaves a border. */
    public static LayerChoice of(String paper, Length border) {
        return new LayerChoice(paper, border, null, Length.ZERO, false, null);
    }

    /** The same on foam. */
    public LayerChoice raised(Length foam) {
        return new LayerChoice(paper, border, own, foam, otherSide, die);
    }

    /** The same in a size of its own. */
    public LayerChoice sized(Size size) {
        return new LayerChoice(paper, border, size, pad, otherSide, null);
    }

    /** The same cut out with a die. */
    public LayerChoice cutOut(DieShape shape, Size size) {
        return new LayerChoice(paper, border, size, pad, otherSide, shape);
    }

    /** The same from another paper. */
    public LayerChoice from(String other) {
        return new LayerChoice(other, border, own, pad, otherSide, die);
    }

    LayerChoice on(Ruler ruler) {
        Length marked = border.isPositive() ? ruler.nearest(border).length().max(ruler.division()) : border;
        Size cut = own == null || die != null
                ? own
                : new Size(
                        ruler.nearest(own.width()).length().max(ruler.division()),
                        ruler.nearest(own.height()).length().max(ruler.division()));
        return new LayerChoice(paper, marked, cut, pad, otherSide, die);
    }
}
