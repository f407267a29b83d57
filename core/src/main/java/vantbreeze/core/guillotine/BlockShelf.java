package vantbreeze.core.guillotine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Blocks of one size: all single items, and of those put together the ones worth most for their size. */
final class BlockShelf {

    /** So many times as many as are kept wait to be chosen from. */
    private static final int ROOM = 3;

    /** Blocks kept that measure just the same. */
    private static final int TWINS = 2;

    /** Blocks kept that are built of the same items. */
    private static final int SAME = 2;

    private final int kept;
    private final List<Built> items = new ArrayList<>();
    private final List<Built> blocks = new ArrayList<>();
    private final LongSet seen = new LongSet();
    /** Blocks worth less for their size are not kept. */
    private double least;

    BlockShelf(int kept) {
        this.kept = kept;
    }

    /** Whether what is worth so much for its size is kept. */
    boolean wants(double density) {
        return density >= least;
    }

    /** Whether no block of the same items measures the same. */
    boolean isNew(long width, long height, boolean turns, long hash) {
        return seen.add(Mixing.ofBlock(width, height, turns, hash));
    }

    void add(Built built) {
        if (built.items.length == 1) {
            items.add(built);
            return;
        }
        blocks.add(built);
        if (blocks.size() > ROOM * kept) {
            List<Built> best = best();
            blocks.clear();
            blocks.addAll(best);
            least = best.get(best.size() - 1).density;
        }
    }

    /** What is kept, items first. */
    List<Built> all() {
        return Stream.concat(items.stream().sorted(DENSEST), best().stream()).toList();
    }

    private static final Comparator<Built> DENSEST =
            Comparator.comparingDouble((Built built) -> -built.density).thenComparingLong(built -> built.width);

    private List<Built> best() {
        List<Built> sorted = new ArrayList<>(blocks);
        sorted.sort(DENSEST);
        Map<Long, Integer> measures = new HashMap<>();
        Map<Long, Integer> choices = new HashMap<>();
        List<Built> best = new ArrayList<>();
        for (Built built : sorted) {
            if (best.size() < kept
                    && measures.merge(built.width * 1_000_003 + built.height, 1, Integer::sum) <= TWINS
                    && choices.merge(built.hash, 1, Integer::sum) <= SAME) {
                best.add(built);
            }
        }
        return best;
    }
}
