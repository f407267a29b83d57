package vantbreeze.core.guillotine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.groups.Tuple.tuple;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Items that lie where they are, and what is planned about them. */
class PinnedSheetTest {

    private static PinnedPart part(int item, long x, long y, long width, long height) {
        return new PinnedPart(item, false, new CutArea(x, y, width, height));
    }

    /** Where everything lies, as the order of cuts says it. */
    private static List<PinnedPart> fallen(CutSequence sequence) {
        List<PinnedPart> parts = new ArrayList<>();
        sequence.settings().stream()
                .flatMap(setting -> setting.strokes().stream())
                .forEach(stroke -> {
                    List<CutSequence.Fall> falls = new ArrayList<>(stroke.falls());
                    if (stroke.left() != null) {
                        falls.add(stroke.left());
                    }
                    for (CutSequence.Fall fall : falls) {
                        if (fall.node() instanceof CutNode.Part one) {
                            parts.add(new PinnedPart(one.item(), one.turned(), fall.area()));
                        }
                    }
                });
        return parts;
    }

    @Test
    void oneInTheMiddleLeavesLargeRectanglesFree() {
        PinnedSheet sheet =
                PinnedSheet.of(0, 200, 300, List.of(part(0, 0, 100, 80, 60))).orElseThrow();
        assertThat(sheet.free())
                .extracting(CutNode.Rest::width, CutNode.Rest::height)
                .containsExactlyInAnyOrder(tuple(120L, 300L), tuple(80L, 100L), tuple(80L, 140L));
    }

    /** Four about a middle, each past the next: the textbook pattern that no cut from edge to edge parts. */
    @Test
    void aPinwheelCanNotBeCut() {
        assertThat(PinnedSheet.of(
                        0,
                        90,
                        90,
                        List.of(
                                part(0, 0, 0, 60, 30),
                                part(0, 60, 0, 30, 60),
                                part(0, 30, 60, 60, 30),
                                part(0, 0, 30, 30, 60))))
                .isEmpty();
    }

    @Test
    void noneLiesBeyondItsSheetOrOnAnother() {
        assertThat(PinnedSheet.of(0, 90, 90, List.of(part(0, 50, 0, 60, 30)))).isEmpty();
        assertThat(PinnedSheet.of(0, 90, 90, List.of(part(0, 0, 0, 60, 30), part(1, 59, 29, 20, 20))))
                .isEmpty();
        assertThat(PinnedSheet.of(0, 90, 90, List.of(part(0, 0, 0, 60, 30), part(1, 60, 30, 20, 20))))
                .isPresent();
    }

    /** Some of what a plan cuts pinned where it lies: the plan about them has them there, and is a plan. */
    @Property(tries = 40)
    void whatIsPinnedStays(@ForAll @IntRange(max = 100_000) int seed) {
        Random random = new Random(seed);
        Problem problem = CutUp.of(random, 2, 12, 0.1, false);
        Solution before = CutSearch.best(problem, CutBudget.looks(20_000));
        List<PinnedPart> pins = new ArrayList<>();
        CutSequence one = CutSequence.of(List.of(before.patterns().get(0)));
        fallen(one).stream().filter(part -> random.nextInt(3) == 0).forEach(pins::add);
        Bin bin = problem.bins().get(0);
        PinnedSheet sheet = PinnedSheet.of(0, bin.width(), bin.height(), pins).orElseThrow();
        Solution after = PinnedSearch.best(problem, List.of(sheet), CutBudget.looks(20_000));
        new VirtualTrimmer(problem).cut(after);
        // of the first sheet alone, as others could have the same in the same place
        List<PinnedPart> there = fallen(CutSequence.of(List.of(after.patterns().get(0))));
        assertThat(there).containsAll(pins);
        assertThat(after.bound()).isLessThanOrEqualTo(after.cost() + 1e-6);
    }
}
