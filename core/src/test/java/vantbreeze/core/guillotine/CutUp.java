package vantbreeze.core.guillotine;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Random;

/** Sheets cut up at random from edge to edge, so that it is known how many they were. */
final class CutUp {

    static final long WIDTH = 297;
    static final long HEIGHT = 210;
    private static final long NARROWEST = 15;

    private CutUp() {}

    /**
     * The pieces, shuffled, each turned by a quarter or not.
     *
     * @param waste part of each sheet that is thrown away: its smallest pieces, then strips off the largest
     * @param turns whether pieces may be turned
     */
    static Problem of(Random random, int sheets, int pieces, double waste, boolean turns) {
        List<Item> items = new ArrayList<>();
        for (int sheet = 0; sheet < sheets; sheet++) {
            List<long[]> cut = new ArrayList<>();
            cut(random, WIDTH, HEIGHT, pieces / sheets, cut);
            for (long[] piece : thrown(cut, waste * WIDTH * HEIGHT)) {
                boolean turned = turns && random.nextBoolean();
                items.add(new Item(turned ? piece[1] : piece[0], turned ? piece[0] : piece[1], 1));
            }
        }
        Collections.shuffle(items, random);
        return new Problem(
                items, List.of(new Bin(WIDTH, HEIGHT, Bin.PLENTY, 1)), turns ? Rotations.FREE : Rotations.NONE);
    }

    private static void cut(Random random, long width, long height, int pieces, List<long[]> cut) {
        boolean narrow = width < 2 * NARROWEST;
        boolean low = height < 2 * NARROWEST;
        if (pieces <= 1 || (narrow && low)) {
            cut.add(new long[] {width, height});
            return;
        }
        boolean upright = !narrow && (low || random.nextDouble() < (double) width / (width + height));
        long side = upright ? width : height;
        long at = NARROWEST + random.nextInt((int) (side - 2 * NARROWEST + 1));
        int first = Math.max(1, (int) Math.round(pieces * (double) at / side));
        int second = Math.max(1, pieces - first);
        cut(random, upright ? at : width, upright ? height : at, first, cut);
        cut(random, upright ? width - at : width, upright ? height : height - at, second, cut);
    }

    private static List<long[]> thrown(List<long[]> pieces, double waste) {
        double left = waste;
        pieces.sort(Comparator.comparingLong(piece -> piece[0] * piece[1]));
        List<long[]> kept = new ArrayList<>();
        for (long[] piece : pieces) {
            if (piece[0] * piece[1] <= left) {
                left -= piece[0] * piece[1];
            } else {
                kept.add(piece);
            }
        }
        Collections.reverse(kept);
        for (long[] piece : kept) {
            long strip = Math.min(piece[0] - NARROWEST, (long) Math.ceil(left / piece[1]));
            if (strip > 0) {
                piece[0] -= strip;
                left -= strip * piece[1];
            }
        }
        return kept;
    }
}
