package vantbreeze.core.grammar;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;

/**
 * A row of tokens taken as phrases one after another, with tokens between them that no phrase reads: the cheapest ways
 * of all, found by dynamic programming (as in R. Bellman 1957; several of them as in word lattices of speech).
 *
 * @param <T> tokens
 * @param cost of all its phrases, and of what is left over
 * @param phrases in order
 */
public record Phrasing<T>(double cost, List<Tree<T>> phrases) {

    public Phrasing {
        phrases = List.copyOf(phrases);
    }

    /** A way to a place: behind which other way, by which phrase; null when a token was left over. */
    private record Way<T>(double cost, @Nullable Way<T> before, @Nullable Tree<T> phrase) {}

    /**
     * The cheapest ways, the cheapest first.
     *
     * @param rule what a phrase is
     * @param leftOver what it costs to leave a token out
     * @param most how many ways are wanted
     */
    public static <T> List<Phrasing<T>> cheapest(Chart<T> chart, String rule, ToDoubleFunction<T> leftOver, int most) {
        int size = chart.tokens().size();
        List<List<Way<T>>> ways = new ArrayList<>();
        for (int i = 0; i <= size; i++) {
            ways.add(new ArrayList<>());
        }
        ways.get(0).add(new Way<>(0, null, null));
        for (int at = 0; at < size; at++) {
            List<Way<T>> here = best(ways.get(at), most);
            double left = leftOver.applyAsDouble(chart.tokens().get(at));
            for (Way<T> way : here) {
                ways.get(at + 1).add(new Way<>(way.cost + left, way, null));
            }
            for (Tree<T> phrase : chart.at(rule, at)) {
                if (phrase.first() == at) {
                    for (Way<T> way : here) {
                        ways.get(phrase.end()).add(new Way<>(way.cost + phrase.cost(), way, phrase));
                    }
                }
            }
        }
        return best(ways.get(size), most).stream().map(Phrasing::of).toList();
    }

    private static <T> List<Way<T>> best(List<Way<T>> ways, int most) {
        return ways.stream()
                .sorted(Comparator.comparingDouble(Way::cost))
                .limit(most)
                .toList();
    }

    private static <T> Phrasing<T> of(Way<T> last) {
        ArrayDeque<Tree<T>> phrases = new ArrayDeque<>();
        for (Way<T> way = last; way != null; way = way.before) {
            if (way.phrase != null) {
                phrases.addFirst(way.phrase);
            }
        }
        return new Phrasing<>(last.cost, List.copyOf(phrases));
    }
}
