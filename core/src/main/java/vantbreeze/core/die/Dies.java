package vantbreeze.core.die;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;

/**
 * All dies and punches on hand.
 *
 * @param nests in the order in which they were kept
 */
public record Dies(List<Nest> nests) {

    /** None on hand. */
    public static final Dies NONE = new Dies(List.of());

    /** Most dies in all: so many can be tried three at a time in no time. */
    public static final int MOST = 300;

    /** Where none leaves what is wanted so many of the nearest are named. */
    private static final int NEAREST = 4;

    /** Borders that differ by less look even; our estimate. */
    private static final Length EVEN = Length.ofMicrometres(250);

    /** @throws IllegalArgumentException in words for the maker, when there are too many or two share an id */
    public Dies {
        nests = List.copyOf(nests);
        if (nests.stream().mapToInt(nest -> nest.sizes().size()).sum() > MOST) {
            throw new IllegalArgumentException(
                    String.format(Locale.ROOT, "That is more than %d dies. Put some away first.", MOST));
        }
        if (new HashSet<>(nests.stream().map(Nest::id).toList()).size() < nests.size()) {
            throw new IllegalArgumentException("Two nests are kept under the same id. Give one of them another.");
        }
    }

    /** The same and one more. */
    public Dies with(Nest nest) {
        List<Nest> more = new ArrayList<>(nests);
        more.add(nest);
        return new Dies(more);
    }

    /** The same without those. */
    public Dies without(Collection<String> ids) {
        return new Dies(nests.stream().filter(nest -> !ids.contains(nest.id())).toList());
    }

    /** The nest of that id. */
    public Optional<Nest> find(String id) {
        return nests.stream().filter(nest -> nest.id().equals(id)).findFirst();
    }

    /** Each of them. */
    public List<Die> all() {
        return nests.stream().flatMap(nest -> nest.dies().stream()).toList();
    }

    /** The die that cuts this out. */
    public Optional<Die> cutting(DieShape shape, Size size) {
        return all().stream().filter(die -> die.cuts(shape, size)).findFirst();
    }

    /** Of those that cut this shape the one nearest in size. */
    public Optional<Die> nearest(DieShape shape, Size size) {
        return all().stream()
                .filter(die -> die.shape().isAkin(shape))
                .min(Comparator.comparing((Die die) -> off(die.size(), size).min(off(die.size(), size.turned()))));
    }

    private static Length off(Size one, Size other) {
        return one.width()
                .minus(other.width())
                .abs()
                .max(one.height().minus(other.height()).abs());
    }

    /**
     * Which two leave a ring so wide: those that do, the largest first; where none do, those that come nearest.
     *
     * @param most how many to name at the most
     */
    public List<DieFrame> rings(Length band, int most) {
        List<DieFrame> rings = frames(2, all()).stream()
                .sorted(Comparator.comparing(
                                (DieFrame ring) -> ring.border().minus(band).abs())
                        .thenComparing(LARGEST_FIRST))
                .toList();
        List<DieFrame> exact = rings.stream()
                .filter(ring -> ring.border().minus(band).abs().isShorterThan(EVEN))
                .toList();
        return exact.isEmpty()
                ? rings.stream().limit(Math.min(most, NEAREST)).toList()
                : exact.stream().limit(most).toList();
    }

    /**
     * Which of {@code among} go into one another with an even border, so many at a time.
     *
     * @return the largest first, of equally large ones the narrowest border first
     */
    public static List<DieFrame> frames(int count, List<Die> among) {
        List<DieFrame> frames = new ArrayList<>();
        for (Die outer : among) {
            for (Die inner : among) {
                Length border = border(outer, inner);
                if (border.isPositive()) {
                    frames.add(new DieFrame(List.of(outer, inner), border));
                }
            }
        }
        for (int have = 2; have < count; have++) {
            List<DieFrame> more = new ArrayList<>();
            for (DieFrame frame : frames) {
                Die last = frame.dies().get(frame.dies().size() - 1);
                for (Die next : among) {
                    Length border = border(last, next);
                    if (border.isPositive()
                            && border.minus(frame.border()).abs().isShorterThan(EVEN)) {
                        List<Die> dies = new ArrayList<>(frame.dies());
                        dies.add(next);
                        more.add(new DieFrame(dies, frame.border()));
                    }
                }
            }
            frames = more;
        }
        frames.sort(LARGEST_FIRST);
        return frames;
    }

    private static final Comparator<DieFrame> LARGEST_FIRST = Comparator.comparing(
                    (DieFrame frame) -> frame.dies().get(0).size().longSide())
            .reversed()
            .thenComparing(DieFrame::border);

    /** What {@code inner} leaves of {@code outer} all round; nil where that is uneven, nothing, or of another shape. */
    private static Length border(Die outer, Die inner) {
        if (!inner.size().width().isShorterThan(outer.size().width())
                || !outer.shape().isAkin(inner.shape())
                || outer.shape() == DieShape.EDGE) {
            return Length.ZERO;
        }
        Length across = outer.size().width().minus(inner.size().width()).dividedBy(2);
        Length up = outer.size().height().minus(inner.size().height()).dividedBy(2);
        return across.minus(up).abs().isShorterThan(EVEN) ? across.min(up) : Length.ZERO;
    }
}
