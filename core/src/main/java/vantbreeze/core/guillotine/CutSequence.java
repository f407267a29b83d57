package vantbreeze.core.guillotine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * In which order the cuts of a plan are made, so that the fence is set seldom: what is in hand and wants cutting at a
 * distance is all cut while the fence stands there, of all sheets; strips that fall and want the same distance too.
 * Sheets that are cut alike are one stack.
 *
 * @param stacks sheets that are cut alike
 * @param settings of the fence, one after the other
 */
public record CutSequence(List<Stack> stacks, List<Setting> settings) {

    public CutSequence {
        stacks = List.copyOf(stacks);
        settings = List.copyOf(settings);
    }

    /**
     * Sheets that are cut alike.
     *
     * @param hand the number that these have in hand
     * @param sheets how many
     */
    public record Stack(int hand, Pattern pattern, int sheets) {}

    /**
     * What is cut while the fence stands.
     *
     * @param fence its distance from the blade, units
     */
    public record Setting(long fence, List<Stroke> strokes) {
        public Setting {
            strokes = List.copyOf(strokes);
        }
    }

    /**
     * Cuts of one thing in hand.
     *
     * @param hand what is cut, by its number
     * @param area where that lies on its sheet before the first of them
     * @param upright whether the cuts run upwards as it lies on its sheet
     * @param far whether its right edge, or top, stands against the fence; else its left edge, or foot
     * @param falls what falls, one for each cut
     * @param left what it is then, if it needs no further cut this way; null else
     */
    public record Stroke(int hand, CutArea area, boolean upright, boolean far, List<Fall> falls, @Nullable Fall left) {
        public Stroke {
            falls = List.copyOf(falls);
        }

        /** How long each cut is. */
        public long length() {
            return area.extent(!upright);
        }
    }

    /**
     * Something in hand from now on.
     *
     * @param hand its number
     * @param node what it is or becomes
     * @param area where it lay on its sheet
     */
    public record Fall(int hand, CutNode node, CutArea area) {}

    /** The order for a plan. */
    public static CutSequence of(Solution solution) {
        return of(solution.patterns());
    }

    static CutSequence of(List<Pattern> patterns) {
        return new Walk().walked(patterns);
    }

    /** How often the blade comes down: once for each stack. */
    public int cuts() {
        return settings.stream()
                .flatMap(setting -> setting.strokes().stream())
                .mapToInt(stroke -> stroke.falls().size())
                .sum();
    }

    /** How often something else is taken in hand. */
    int strokes() {
        return settings.stream().mapToInt(setting -> setting.strokes().size()).sum();
    }

    /** How much of it is beyond what a trimmer does at its best. */
    int beyond(TrimmerLimits limits) {
        int beyond = 0;
        for (Setting setting : settings) {
            for (Stroke stroke : setting.strokes()) {
                beyond += limits.beyond(stroke, setting.fence());
            }
        }
        return beyond;
    }

    /** One walk through the trees of all sheets. */
    private static final class Walk {

        private final List<InHand> hands = new ArrayList<>();
        private int numbers;

        CutSequence walked(List<Pattern> patterns) {
            Map<Pattern, Integer> alike = new LinkedHashMap<>();
            patterns.forEach(pattern -> alike.merge(pattern, 1, Integer::sum));
            List<Stack> stacks = new ArrayList<>();
            alike.forEach((pattern, sheets) -> {
                CutNode root = pattern.root();
                CutArea whole = new CutArea(0, 0, root.width(), root.height());
                stacks.add(new Stack(taken(root, whole).hand(), pattern, sheets));
            });
            List<Setting> settings = new ArrayList<>();
            while (!hands.isEmpty()) {
                long fence = next();
                settings.add(new Setting(fence, strokes(fence)));
            }
            return new CutSequence(stacks, settings);
        }

        private Fall taken(CutNode node, CutArea area) {
            numbers++;
            if (node instanceof CutNode.Cut cut) {
                hands.add(cut.kept() ? new KeptInHand(numbers, cut, area) : new FreeInHand(numbers, cut, area));
            }
            return new Fall(numbers, node, area);
        }

        /**
         * A distance that nothing wants later that is still in one piece with others; else the one wanted most; the
         * largest.
         */
        private long next() {
            Map<Long, Integer> now = new TreeMap<>(Comparator.reverseOrder());
            Map<Long, Integer> later = new TreeMap<>();
            hands.forEach(hand -> hand.count(now, later));
            return now.entrySet().stream()
                    .min(Comparator.comparing((Map.Entry<Long, Integer> one) -> later.containsKey(one.getKey()))
                            .thenComparing(one -> -one.getValue()))
                    .orElseThrow()
                    .getKey();
        }

        /** All that is cut at this distance, and what falls and is cut there too. */
        private List<Stroke> strokes(long fence) {
            List<Stroke> strokes = new ArrayList<>();
            for (int i = 0; i < hands.size(); i++) {
                hands.get(i).cutAt(fence, this::taken, strokes);
            }
            hands.removeIf(InHand::isDone);
            return strokes;
        }
    }
}
