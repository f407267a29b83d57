package vantbreeze.core.guillotine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * What any plan costs at least. By area, from the sheets that cost least for theirs; by how many sheets are needed at
 * least, told by dual feasible functions (Fekete and Schepers 2001): sizes as parts of the sheet's are stretched so
 * that what fits together still does, and large items that shut each other out count for a whole sheet.
 */
final class LowerBound {

    /** Stretching functions of a kind that are tried. */
    private static final int MOST_STRETCHES = 12;

    /** Steps of the staircase functions that are tried. */
    private static final int MOST_STAIRS = 5;

    private static final double HAIR = 1e-9;

    private LowerBound() {}

    /** Of all items that fit a sheet; nothing where there are none. */
    static double of(Problem problem) {
        List<Integer> fitting = fitting(problem);
        return fitting.isEmpty() ? 0 : Math.max(byArea(problem, fitting), byCount(problem, fitting));
    }

    private static List<Integer> fitting(Problem problem) {
        return IntStream.range(0, problem.items().size())
                .filter(problem::fits)
                .boxed()
                .toList();
    }

    private static double byArea(Problem problem, List<Integer> fitting) {
        return byArea(problem, area(problem, fitting));
    }

    private static double area(Problem problem, List<Integer> fitting) {
        return fitting.stream()
                .map(problem.items()::get)
                .mapToDouble(item -> item.area() * item.copies())
                .sum();
    }

    /** What all items that fit a sheet cost, were sheets sold by area. */
    static double share(Problem problem) {
        return share(problem, area(problem, fitting(problem)));
    }

    /** From the sheets that cost least for their area; sheets that all cost the same are used whole. */
    static double byArea(Problem problem, double wanted) {
        double cost = share(problem, wanted);
        double each = problem.bins().isEmpty() ? 0 : problem.bins().get(0).cost();
        boolean alike = each > 0 && problem.bins().stream().allMatch(bin -> bin.cost() == each);
        return alike ? each * Math.ceil(cost / each - HAIR) : cost;
    }

    /** What so much area costs, were sheets sold by it. */
    private static double share(Problem problem, double wanted) {
        double area = wanted;
        double cost = 0;
        List<Bin> cheapest = problem.bins().stream()
                .sorted(Comparator.comparingDouble(bin -> bin.cost() / bin.area()))
                .toList();
        for (Bin bin : cheapest) {
            double most = bin.copies() == Bin.PLENTY ? Double.POSITIVE_INFINITY : bin.copies() * bin.area();
            double taken = Math.min(area, most);
            cost += taken / bin.area() * bin.cost();
            area -= taken;
        }
        return cost;
    }

    /** As many sheets as are needed at least, each the cheapest, if each were as wide and as high as any is. */
    private static double byCount(Problem problem, List<Integer> fitting) {
        double width = problem.bins().stream().mapToLong(Bin::width).max().orElse(1);
        double height = problem.bins().stream().mapToLong(Bin::height).max().orElse(1);
        double least = problem.bins().stream().mapToDouble(Bin::cost).min().orElse(0);
        List<DoubleUnaryOperator> functions = functions(problem, fitting, width, height);
        double most = 0;
        for (DoubleUnaryOperator across : functions) {
            for (DoubleUnaryOperator up : functions) {
                double sum = 0;
                for (int item : fitting) {
                    sum += problem.items().get(item).copies() * volume(problem, item, width, height, across, up);
                }
                most = Math.max(most, sum);
            }
        }
        return least * Math.ceil(most - HAIR);
    }

    private static double volume(
            Problem problem,
            int item,
            double width,
            double height,
            DoubleUnaryOperator across,
            DoubleUnaryOperator up) {
        Item one = problem.items().get(item);
        double least = Double.POSITIVE_INFINITY;
        for (boolean turned : new boolean[] {false, true}) {
            boolean fits = false;
            for (int bin = 0; bin < problem.bins().size(); bin++) {
                fits |= problem.fits(item, bin, turned);
            }
            if (fits) {
                least = Math.min(
                        least,
                        across.applyAsDouble(one.across(turned) / width) * up.applyAsDouble(one.up(turned) / height));
            }
        }
        return least;
    }

    private static List<DoubleUnaryOperator> functions(
            Problem problem, List<Integer> fitting, double width, double height) {
        List<DoubleUnaryOperator> functions = new ArrayList<>();
        functions.add(x -> x);
        double[] sizes = fitting.stream()
                .map(problem.items()::get)
                .flatMapToDouble(item -> DoubleStream.of(
                        item.width() / width, item.height() / height, item.width() / height, item.height() / width))
                .filter(x -> x <= 0.5)
                .distinct()
                .sorted()
                .toArray();
        functions.add(x -> stretched(x, 0.5));
        int step = Math.max(1, sizes.length / MOST_STRETCHES);
        for (int i = sizes.length - 1; i >= 0; i -= step) {
            double least = sizes[i];
            functions.add(x -> stretched(x, least));
        }
        for (int stairs = 1; stairs <= MOST_STAIRS; stairs++) {
            int steps = stairs;
            functions.add(x -> stair(x, steps));
        }
        return functions;
    }

    /** What is nearly the whole counts for it, what is less than the rest of that for nothing. */
    private static double stretched(double x, double least) {
        return x > 1 - least + HAIR ? 1 : x < least - HAIR ? 0 : x;
    }

    /** How often it goes into the whole. */
    private static double stair(double x, int steps) {
        double times = x * (steps + 1);
        return Math.abs(times - Math.rint(times)) < HAIR ? x : Math.floor(times) / steps;
    }
}
