package vantbreeze.core.guillotine;

import java.util.Comparator;
import java.util.stream.IntStream;

/** By what items are put in, the largest first. */
enum Order {
    AREA,
    LONGER,
    SHORTER,
    WIDTH,
    HEIGHT;

    int[] of(Problem problem, IntStream items) {
        return items.boxed()
                .sorted(Comparator.comparingDouble(
                                (Integer item) -> -size(problem.items().get(item)))
                        .thenComparing(item -> item))
                .mapToInt(Integer::intValue)
                .toArray();
    }

    private double size(Item item) {
        return switch (this) {
            case AREA -> item.area();
            case LONGER -> Math.max(item.width(), item.height());
            case SHORTER -> Math.min(item.width(), item.height());
            case WIDTH -> item.width();
            case HEIGHT -> item.height();
        };
    }
}
