package vantbreeze.core.guillotine;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Looks for the plan that costs least about items that lie where they are: what is free of their sheets is sheets of
 * its own that cost nothing more, and {@link CutSearch} does the rest.
 */
public final class PinnedSearch {

    private final Problem problem;
    private final List<PinnedSheet> pinned;
    private final Problem about;
    /** Which kind of sheet each bin of the problem about the pinned ones is, and which are parts of pinned sheets. */
    private final List<Integer> kinds = new ArrayList<>();

    private PinnedSearch(Problem problem, List<PinnedSheet> pinned) {
        this.problem = problem;
        this.pinned = pinned;
        List<Bin> bins = new ArrayList<>();
        for (int i = 0; i < problem.bins().size(); i++) {
            Bin bin = problem.bins().get(i);
            int kind = i;
            int used =
                    (int) pinned.stream().filter(sheet -> sheet.bin() == kind).count();
            int copies = bin.copies() == Bin.PLENTY ? Bin.PLENTY : Math.max(0, bin.copies() - used);
            bins.add(new Bin(bin.width(), bin.height(), copies, bin.cost()));
            kinds.add(i);
        }
        for (PinnedSheet sheet : pinned) {
            for (CutNode.Rest free : sheet.free()) {
                bins.add(new Bin(free.width(), free.height(), 1, 0));
                kinds.add(sheet.bin());
            }
        }
        List<Item> items = IntStream.range(0, problem.items().size())
                .mapToObj(item -> {
                    Item one = problem.items().get(item);
                    return new Item(one.width(), one.height(), one.copies() - lying(item), one.value());
                })
                .toList();
        this.about = new Problem(
                items,
                bins,
                (item, bin, turned) -> problem.turning().allows(item, kinds.get(bin), turned),
                problem.limits());
    }

    /**
     * The best plan found; items that no sheet has room for are left.
     *
     * @param pinned sheets that are used in any case; no more of each item lie on them than there are
     */
    public static Solution best(Problem problem, List<PinnedSheet> pinned, CutBudget budget) {
        if (pinned.isEmpty()) {
            return CutSearch.best(problem, budget);
        }
        PinnedSearch search = new PinnedSearch(problem, pinned);
        double bound = LowerBound.of(problem);
        return search.joined(
                CutSearch.best(search.about, budget.telling(solution -> budget.better()
                        .accept(search.joined(solution, bound)))),
                bound);
    }

    private int lying(int item) {
        return (int) pinned.stream()
                .flatMap(sheet -> sheet.tree().all())
                .filter(node -> node instanceof CutNode.Part part && part.item() == item)
                .count();
    }

    /** The plan about them, and they. */
    private Solution joined(Solution about, double bound) {
        List<CutNode> fillings = new ArrayList<>();
        pinned.forEach(sheet -> fillings.addAll(sheet.free()));
        List<Pattern> patterns = new ArrayList<>();
        for (Pattern pattern : about.patterns()) {
            int free = pattern.bin() - problem.bins().size();
            if (free < 0) {
                patterns.add(pattern);
            } else {
                fillings.set(free, pattern.root());
            }
        }
        Iterator<CutNode> filling = fillings.iterator();
        List<Pattern> all = new ArrayList<>();
        pinned.forEach(sheet -> all.add(new Pattern(sheet.bin(), sheet.filled(filling))));
        all.addAll(patterns);
        double cost = all.stream()
                .mapToDouble(pattern -> problem.bins().get(pattern.bin()).cost())
                .sum();
        return new Solution(all, about.left(), cost, bound);
    }
}
