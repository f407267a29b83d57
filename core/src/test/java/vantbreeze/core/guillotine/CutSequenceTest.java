package vantbreeze.core.guillotine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import vantbreeze.core.guillotine.CutSequence.Fall;
import vantbreeze.core.guillotine.CutSequence.Setting;
import vantbreeze.core.guillotine.CutSequence.Stack;
import vantbreeze.core.guillotine.CutSequence.Stroke;

/** The order of the cuts, done by a trimmer that knows only sheets, the fence and what is in hand. */
class CutSequenceTest {

    /** Does every cut; answers how many of each size are in hand at the end. */
    private static Map<List<Long>, Integer> done(Problem problem, CutSequence sequence) {
        Map<Integer, long[]> hands = new HashMap<>();
        Map<Integer, Integer> copies = new HashMap<>();
        for (Stack stack : sequence.stacks()) {
            Bin bin = problem.bins().get(stack.pattern().bin());
            hands.put(stack.hand(), new long[] {bin.width(), bin.height()});
            copies.put(stack.hand(), stack.sheets());
        }
        for (Setting setting : sequence.settings()) {
            for (Stroke stroke : setting.strokes()) {
                long[] hand = hands.get(stroke.hand());
                assertThat(hand).as("in hand").isNotNull();
                assertThat(List.of(stroke.area().width(), stroke.area().height()))
                        .isEqualTo(List.of(hand[0], hand[1]));
                int side = stroke.upright() ? 0 : 1;
                for (Fall fall : stroke.falls()) {
                    assertThat(hand[side]).isGreaterThan(setting.fence());
                    hand[side] -= setting.fence();
                    long[] fallen = hand.clone();
                    fallen[side] = setting.fence();
                    assertThat(hands.put(fall.hand(), fallen)).isNull();
                    copies.put(fall.hand(), copies.get(stroke.hand()));
                }
                Fall left = stroke.left();
                if (left != null) {
                    hands.remove(stroke.hand());
                    assertThat(hands.put(left.hand(), hand)).isNull();
                    copies.put(left.hand(), copies.get(stroke.hand()));
                }
            }
        }
        Map<List<Long>, Integer> sizes = new HashMap<>();
        hands.forEach((number, hand) -> sizes.merge(List.of(hand[0], hand[1]), copies.get(number), Integer::sum));
        return sizes;
    }

    private static Map<List<Long>, Integer> planned(Solution solution) {
        Map<List<Long>, Integer> sizes = new HashMap<>();
        solution.patterns().forEach(pattern -> pattern.root()
                .all()
                .filter(node -> !(node instanceof CutNode.Cut))
                .forEach(node -> sizes.merge(List.of(node.width(), node.height()), 1, Integer::sum)));
        return sizes;
    }

    @Property(tries = 40)
    void everyCutIsOfSomethingInHandAndAllFalls(@ForAll @IntRange(max = 100_000) int seed) {
        Random random = new Random(seed);
        int sheets = 1 + random.nextInt(4);
        Problem problem = CutUp.of(random, sheets, 6 * sheets, 0.1, seed % 2 == 0);
        Solution solution = CutSearch.best(problem, CutBudget.looks(60_000));
        CutSequence sequence = CutSequence.of(solution);
        assertThat(done(problem, sequence)).isEqualTo(planned(solution));
        long fences =
                sequence.settings().stream().map(Setting::fence).distinct().count();
        assertThat(sequence.settings().size()).isBetween((int) fences, 2 * (int) fences);
    }

    /** Twelve tags from three sheets: the sheets are one stack, strips first, then tags, two settings in all. */
    @Test
    void stripsFirstThenPieces() {
        Problem problem =
                new Problem(List.of(new Item(60, 90, 12)), List.of(new Bin(130, 200, Bin.PLENTY, 1)), Rotations.NONE);
        Solution solution = CutSearch.best(problem, CutBudget.of(problem.count()));
        CutSequence sequence = CutSequence.of(solution);
        assertThat(sequence.stacks()).extracting(Stack::sheets).containsExactly(3);
        assertThat(sequence.settings()).hasSize(2);
        assertThat(done(problem, sequence)).containsEntry(List.of(60L, 90L), 12);
    }

    @Test
    void aSheetThatIsUsedWholeNeedsNoCut() {
        Problem problem =
                new Problem(List.of(new Item(50, 70, 2)), List.of(new Bin(50, 70, Bin.PLENTY, 1)), Rotations.NONE);
        CutSequence sequence = CutSequence.of(CutSearch.best(problem, CutBudget.looks(1_000)));
        assertThat(sequence.settings()).isEmpty();
        assertThat(sequence.cuts()).isZero();
        assertThat(done(problem, sequence)).containsEntry(List.of(50L, 70L), 2);
    }

    /**
     * A piece a little off the edge falls by its own measure, from the far edge; not by that of the strip beside it.
     */
    @Test
    void aPieceFallsByItsOwnMeasure() {
        CutNode.Cut kept = new CutNode.Cut(
                50, 70, true, List.of(new CutNode.Rest(5, 70), new CutNode.Part(45, 70, 0, false)), true);
        CutSequence sequence = CutSequence.of(List.of(new Pattern(0, kept)));
        assertThat(sequence.settings()).hasSize(1);
        assertThat(sequence.settings().get(0).fence()).isEqualTo(45);
        Stroke stroke = sequence.settings().get(0).strokes().get(0);
        assertThat(stroke.far()).isTrue();
        assertThat(stroke.falls()).extracting(Fall::node).containsExactly(new CutNode.Part(45, 70, 0, false));
        assertThat(stroke.left().node()).isEqualTo(new CutNode.Rest(5, 70));
    }
}
