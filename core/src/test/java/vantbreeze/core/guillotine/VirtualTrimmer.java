package vantbreeze.core.guillotine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;

/**
 * Cuts up sheets as a plan says and looks at what falls: an independent few lines that trust no field of the plan but
 * the distances at which the fence is set.
 */
public final class VirtualTrimmer {

    private final Problem problem;
    private final int[] fallen;
    private int cuts;

    /** To cut up sheets of a problem. */
    public VirtualTrimmer(Problem problem) {
        this.problem = problem;
        this.fallen = new int[problem.items().size()];
    }

    /** Cuts all; answers how many cuts it took. */
    public int cut(Solution solution) {
        int[] used = new int[problem.bins().size()];
        double cost = 0;
        for (Pattern pattern : solution.patterns()) {
            Bin bin = problem.bins().get(pattern.bin());
            used[pattern.bin()]++;
            cost += bin.cost();
            cut(pattern.bin(), bin.width(), bin.height(), pattern.root());
        }
        for (int bin = 0; bin < used.length; bin++) {
            assertThat(used[bin]).isLessThanOrEqualTo(problem.bins().get(bin).copies());
        }
        for (int item = 0; item < fallen.length; item++) {
            assertThat(fallen[item] + solution.left().get(item))
                    .isEqualTo(problem.items().get(item).copies());
        }
        assertThat(solution.cost()).isCloseTo(cost, org.assertj.core.data.Offset.offset(1e-6));
        assertThat(solution.bound()).isLessThanOrEqualTo(solution.isWhole() ? cost + 1e-6 : Double.MAX_VALUE);
        return cuts;
    }

    /** What is in hand measures {@code width} by {@code height}: known from the cuts before. */
    private void cut(int bin, long width, long height, CutNode node) {
        if (node instanceof CutNode.Part part) {
            Item item = problem.items().get(part.item());
            assertThat(problem.turning().allows(part.item(), bin, part.turned()))
                    .isTrue();
            assertThat(List.of(width, height))
                    .isEqualTo(
                            part.turned()
                                    ? List.of(item.height(), item.width())
                                    : List.of(item.width(), item.height()));
            fallen[part.item()]++;
        } else if (node instanceof CutNode.Cut cut) {
            List<Long> falls = new ArrayList<>();
            long inHand = cut.upright() ? width : height;
            for (CutNode part : cut.parts().subList(0, cut.parts().size() - 1)) {
                long fence = cut.extent(part);
                assertThat(fence).isPositive().isLessThan(inHand);
                falls.add(fence);
                inHand -= fence;
                cuts++;
            }
            falls.add(inHand);
            for (int i = 0; i < falls.size(); i++) {
                cut(
                        bin,
                        cut.upright() ? falls.get(i) : width,
                        cut.upright() ? height : falls.get(i),
                        cut.parts().get(i));
            }
        }
    }
}
