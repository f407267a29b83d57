package vantbreeze.core.guillotine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The sides by which blocks of one size can lie beside another, the shortest first. */
final class BlockSides {

    final Built[] blocks;
    final boolean[] turned;
    /** Where a block stands among those of its size. */
    final int[] places;
    /** {@link Built#mark} of each. */
    final long[] marks;
    /** Least and largest area, and largest worth for it. */
    final double least;

    final double most;
    final double density;
    final boolean allTurn;
    private final long[] lengths;

    private record Side(Built block, int place, boolean turned, long length) {}

    /** @param widths whether widths are meant, else heights */
    BlockSides(List<Built> all, boolean widths) {
        List<Side> sides = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            Built one = all.get(i);
            sides.add(new Side(one, i, false, one.up(widths)));
            if (one.turns) {
                sides.add(new Side(one, i, true, one.up(!widths)));
            }
        }
        sides.sort(Comparator.comparingLong(Side::length).thenComparingInt(Side::place));
        blocks = sides.stream().map(Side::block).toArray(Built[]::new);
        lengths = sides.stream().mapToLong(Side::length).toArray();
        places = sides.stream().mapToInt(Side::place).toArray();
        marks = sides.stream().mapToLong(side -> side.block().mark).toArray();
        turned = new boolean[blocks.length];
        for (int i = 0; i < turned.length; i++) {
            turned[i] = sides.get(i).turned();
        }
        least = all.stream().mapToDouble(Built::around).min().orElse(Double.POSITIVE_INFINITY);
        most = all.stream().mapToDouble(Built::around).max().orElse(0);
        density = all.stream().mapToDouble(one -> one.density).max().orElse(0);
        allTurn = all.stream().allMatch(one -> one.turns);
    }

    /** The first side as long as this, or longer. */
    int from(long length) {
        int low = 0;
        int high = lengths.length;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (lengths[middle] < length) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
