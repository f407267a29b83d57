package vantbreeze.core.guillotine;

import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;

/**
 * What is to be cut from what.
 *
 * @param turning which way round items may lie
 * @param limits what the trimmer does at its best
 */
public record Problem(List<Item> items, List<Bin> bins, Rotations turning, TrimmerLimits limits) {

    /** Most rectangles that are cut in one plan. */
    public static final int MOST = 5_000;

    /** @throws IllegalArgumentException in words for the maker when there are more than {@link #MOST} */
    public Problem {
        items = List.copyOf(items);
        bins = List.copyOf(bins);
        long count = items.stream().mapToLong(Item::copies).sum();
        if (count > MOST) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT,
                    "%,d pieces are too many for one plan of cuts: %,d at most. Plan them in several lots.",
                    count,
                    MOST));
        }
    }

    /**
     * With a trimmer that cuts anything.
     *
     * @throws IllegalArgumentException in words for the maker when there are more than {@link #MOST}
     */
    public Problem(List<Item> items, List<Bin> bins, Rotations turning) {
        this(items, bins, turning, TrimmerLimits.NONE);
    }

    /** How many rectangles in all. */
    public int count() {
        return items.stream().mapToInt(Item::copies).sum();
    }

    /** Whether it fits a sheet of these at all, lying so. */
    boolean fits(int item, int bin, boolean turned) {
        Item one = items.get(item);
        Bin sheet = bins.get(bin);
        return turning.allows(item, bin, turned)
                && one.across(turned) <= sheet.width()
                && one.up(turned) <= sheet.height();
    }

    /** Whether it fits a sheet of these either way round. */
    boolean fits(int item, int bin) {
        return fits(item, bin, false) || fits(item, bin, true);
    }

    /** Whether it fits any sheet at all. */
    public boolean fits(int item) {
        return IntStream.range(0, bins.size()).anyMatch(bin -> bins.get(bin).copies() > 0 && fits(item, bin));
    }

    double area() {
        return items.stream().mapToDouble(item -> item.area() * item.copies()).sum();
    }
}
