package vantbreeze.core.recognition;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.length.Length;

/**
 * The pieces of a card as what is to be cut.
 *
 * @param patterns of each
 * @param alike of each, the number of the first that is cut just so
 */
record Cuts(List<String> patterns, List<Integer> alike) {

    /** How many orders of pieces are tried; and how many more in which those cut alike stay together. */
    private static final int MOST_ORDERS = 3;

    private static final int MOST_TOGETHER = 6;

    Cuts {
        patterns = List.copyOf(patterns);
        alike = List.copyOf(alike);
    }

    static Cuts of(Assembly card, PieceSketch.Order order) {
        List<String> patterns = new ArrayList<>();
        List<Integer> alike = new ArrayList<>();
        Map<List<Object>, Integer> seen = new HashMap<>();
        for (int piece = 0; piece < card.pieces().size(); piece++) {
            PieceSketch sketch = PieceSketch.of(card.pieces().get(piece), order);
            patterns.add(sketch.pattern());
            List<Long> figures = sketch.figures().stream()
                    .map(place -> Math.round(place.units() / Length.PER_MILLIMETRE * 100))
                    .toList();
            Integer first = seen.putIfAbsent(List.of(sketch.pattern(), figures), piece);
            alike.add(first == null ? piece : first);
        }
        return new Cuts(patterns, alike);
    }

    /** Orders of these pieces in which each has the pattern of the made one, those as they are drawn first. */
    List<List<Integer>> orders(Cuts made) {
        if (!Arrays.equals(eitherWay(patterns), eitherWay(made.patterns))) {
            return List.of();
        }
        Set<List<Integer>> orders = new LinkedHashSet<>();
        extend(new ArrayList<>(), made.patterns, orders);
        // of many pieces of one pattern the first orders say little; but what is cut four times there is so here
        List<Map<Integer, Integer>> pairs = new ArrayList<>();
        pair(new LinkedHashMap<>(), List.copyOf(made.groups().keySet()), made, pairs);
        pairs.forEach(pair -> orders.add(together(pair, made)));
        return List.copyOf(orders);
    }

    private static String[] eitherWay(List<String> patterns) {
        return patterns.stream().map(PieceSketch::eitherWay).sorted().toArray(String[]::new);
    }

    private void extend(List<Integer> order, List<String> made, Set<List<Integer>> orders) {
        if (orders.size() >= MOST_ORDERS) {
            return;
        }
        if (order.size() == made.size()) {
            orders.add(List.copyOf(order));
            return;
        }
        for (int piece = 0; piece < patterns.size(); piece++) {
            if (!order.contains(piece) && PieceSketch.isLike(patterns.get(piece), made.get(order.size()))) {
                order.add(piece);
                extend(order, made, orders);
                order.remove(order.size() - 1);
            }
        }
    }

    /** The pieces that are cut alike, by the first of them. */
    private Map<Integer, List<Integer>> groups() {
        Map<Integer, List<Integer>> groups = new LinkedHashMap<>();
        for (int piece = 0; piece < alike.size(); piece++) {
            groups.computeIfAbsent(alike.get(piece), first -> new ArrayList<>()).add(piece);
        }
        return groups;
    }

    /** Which of these is cut as often as which made one, and has its pattern. */
    private void pair(Map<Integer, Integer> pair, List<Integer> firsts, Cuts made, List<Map<Integer, Integer>> pairs) {
        if (pairs.size() >= MOST_TOGETHER) {
            return;
        }
        if (pair.size() == firsts.size()) {
            pairs.add(new LinkedHashMap<>(pair));
            return;
        }
        int next = firsts.get(pair.size());
        Stream<Integer> fitting = groups().keySet().stream()
                .filter(first -> !pair.containsValue(first)
                        && count(first) == made.count(next)
                        && PieceSketch.isLike(patterns.get(first), made.patterns.get(next)));
        fitting.forEach(first -> {
            pair.put(next, first);
            pair(pair, firsts, made, pairs);
            pair.remove(next);
        });
    }

    private long count(int first) {
        return alike.stream().filter(one -> one == first).count();
    }

    private List<Integer> together(Map<Integer, Integer> pair, Cuts made) {
        Map<Integer, List<Integer>> left = groups();
        return made.alike.stream()
                .map(first -> left.getOrDefault(pair.getOrDefault(first, first), List.of()))
                .map(group -> group.remove(0))
                .toList();
    }
}
