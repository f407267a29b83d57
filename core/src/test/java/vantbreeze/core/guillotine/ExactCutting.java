package vantbreeze.core.guillotine;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * The fewest sheets, by trying everything: which pieces share a sheet, and each cut from edge to edge at each sum of
 * sides. For a handful of small whole numbers only.
 */
final class ExactCutting {

    private final List<long[]> pieces;
    private final boolean turns;
    private final Map<Long, Boolean> known = new HashMap<>();

    ExactCutting(List<long[]> pieces, boolean turns) {
        this.pieces = pieces;
        this.turns = turns;
    }

    int sheets(long width, long height) {
        int all = (1 << pieces.size()) - 1;
        int[] fewest = new int[all + 1];
        for (int set = 1; set <= all; set++) {
            fewest[set] = Integer.MAX_VALUE;
            int lowest = Integer.lowestOneBit(set);
            for (int part = set; part > 0; part = (part - 1) & set) {
                if ((part & lowest) != 0 && fewest[set ^ part] + 1 < fewest[set] && fits(part, width, height)) {
                    fewest[set] = fewest[set ^ part] + 1;
                }
            }
        }
        return fewest[all];
    }

    private boolean fits(int set, long width, long height) {
        if (set == 0) {
            return true;
        }
        long area = 0;
        for (int i = 0; i < pieces.size(); i++) {
            area += (set >> i & 1) * pieces.get(i)[0] * pieces.get(i)[1];
        }
        if (area > width * height) {
            return false;
        }
        long key = ((long) set << 32) | (width << 16) | height;
        Boolean before = known.get(key);
        if (before == null) {
            before = Integer.bitCount(set) == 1
                    ? fits(pieces.get(Integer.numberOfTrailingZeros(set)), width, height)
                    : isCut(set, width, height, true) || isCut(set, width, height, false);
            known.put(key, before);
        }
        return before;
    }

    private boolean fits(long[] piece, long width, long height) {
        return (piece[0] <= width && piece[1] <= height) || (turns && piece[1] <= width && piece[0] <= height);
    }

    private boolean isCut(int set, long width, long height, boolean upright) {
        long side = upright ? width : height;
        for (int part = (set - 1) & set; part > 0; part = (part - 1) & set) {
            for (long at : sums(part, side, upright)) {
                boolean first = fits(part, upright ? at : width, upright ? height : at);
                if (first && fits(set ^ part, upright ? width - at : width, upright ? height : height - at)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Where a cut may be: what lies before it is pushed together, so it is as far as some of its pieces reach. */
    private SortedSet<Long> sums(int set, long side, boolean upright) {
        TreeSet<Long> sums = new TreeSet<>(List.of(0L));
        for (int i = 0; i < pieces.size(); i++) {
            if ((set >> i & 1) == 1) {
                for (long sum : new ArrayList<>(sums)) {
                    sums.add(sum + pieces.get(i)[upright ? 0 : 1]);
                    if (turns) {
                        sums.add(sum + pieces.get(i)[upright ? 1 : 0]);
                    }
                }
            }
        }
        sums.remove(0L);
        return sums.headSet(side);
    }
}
