package vantbreeze.core.guillotine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
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
     * @param upright whether the cuts run upwards as it lies on its sheet
     * @param falls what falls, one for each cut
     * @param left what it is then, if it needs no further cut this way; null else
     */
    public record Stroke(int hand, boolean upright, List<Fall> falls, @Nullable Fall left) {
        public Stroke {
            falls = List.copyOf(falls);
        }
    }

    /**
     * Something in hand from now on.
     *
     * @param hand its number
     * @param node what it is or becomes
     */
    public record Fall(int hand, CutNode node) {}

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

    /** One walk through the trees of all sheets. */
    private static final class Walk {

        /** What is in hand and not cut up yet: by distance of the fence, what falls there. */
        private static final class Hand {
            final int number;
            final CutNode.Cut cut;
            final CutNode last;
            final SortedMap<Long, List<CutNode>> waiting = new TreeMap<>(Comparator.reverseOrder());

            Hand(int number, CutNode.Cut cut) {
                this.number = number;
                this.cut = cut;
                this.last = cut.parts().get(cut.parts().size() - 1);
                for (CutNode part : cut.parts().subList(0, cut.parts().size() - 1)) {
                    waiting.computeIfAbsent(cut.extent(part), fence -> new ArrayList<>())
                            .add(part);
                }
            }
        }

        private final List<Hand> hands = new ArrayList<>();
        private int numbers;

        CutSequence walked(List<Pattern> patterns) {
            Map<Pattern, Integer> alike = new LinkedHashMap<>();
            patterns.forEach(pattern -> alike.merge(pattern, 1, Integer::sum));
            List<Stack> stacks = new ArrayList<>();
            alike.forEach((pattern, sheets) ->
                    stacks.add(new Stack(taken(pattern.root()).hand(), pattern, sheets)));
            List<Setting> settings = new ArrayList<>();
            while (!hands.isEmpty()) {
                long fence = next();
                settings.add(new Setting(fence, strokes(fence)));
            }
            return new CutSequence(stacks, settings);
        }

        private Fall taken(CutNode node) {
            numbers++;
            if (node instanceof CutNode.Cut cut) {
                hands.add(new Hand(numbers, cut));
            }
            return new Fall(numbers, node);
        }

        /**
         * A distance that nothing wants later that is still in one piece with others; else the one wanted most; the
         * largest.
         */
        private long next() {
            Map<Long, Integer> now = new TreeMap<>(Comparator.reverseOrder());
            Map<Long, Integer> later = new TreeMap<>();
            for (Hand hand : hands) {
                hand.waiting.forEach((fence, parts) -> {
                    now.merge(fence, parts.size(), Integer::sum);
                    parts.forEach(part -> count(part, later));
                });
                count(hand.last, later);
            }
            return now.entrySet().stream()
                    .min(Comparator.comparing((Map.Entry<Long, Integer> one) -> later.containsKey(one.getKey()))
                            .thenComparing(one -> -one.getValue()))
                    .orElseThrow()
                    .getKey();
        }

        private static void count(CutNode node, Map<Long, Integer> later) {
            if (node instanceof CutNode.Cut cut) {
                cut.parts()
                        .subList(0, cut.parts().size() - 1)
                        .forEach(part -> later.merge(cut.extent(part), 1, Integer::sum));
                cut.parts().forEach(part -> count(part, later));
            }
        }

        /** All that is cut at this distance, and what falls and is cut there too. */
        private List<Stroke> strokes(long fence) {
            List<Stroke> strokes = new ArrayList<>();
            for (int i = 0; i < hands.size(); i++) {
                Hand hand = hands.get(i);
                List<CutNode> parts = hand.waiting.remove(fence);
                if (parts != null) {
                    List<Fall> falls = parts.stream().map(this::taken).toList();
                    strokes.add(new Stroke(
                            hand.number, hand.cut.upright(), falls, hand.waiting.isEmpty() ? taken(hand.last) : null));
                }
            }
            hands.removeIf(hand -> hand.waiting.isEmpty());
            return strokes;
        }
    }
}
