package vantbreeze.core.guillotine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;

/** A few pieces on small sheets: as few sheets as an exact search and a constraint solver need. */
class FewestSheetsTest {

    private static final int WIDTH = 10;
    private static final int HEIGHT = 7;

    private static List<long[]> pieces(int count, int seed) {
        Random random = new Random(seed);
        return IntStream.range(0, count)
                .mapToObj(i -> new long[] {2 + random.nextInt(7), 2 + random.nextInt(5)})
                .toList();
    }

    private static Solution best(List<long[]> pieces, boolean turns) {
        Problem problem = new Problem(
                pieces.stream().map(piece -> new Item(piece[0], piece[1], 1)).toList(),
                List.of(new Bin(WIDTH, HEIGHT, Bin.PLENTY, 1)),
                turns ? Rotations.FREE : Rotations.NONE);
        Solution solution = CutSearch.best(problem, CutBudget.looks(2_000_000));
        new VirtualTrimmer(problem).cut(solution);
        assertThat(solution.isWhole()).isTrue();
        return solution;
    }

    /** As few as when everything is tried (any number of stages, written for the test), on three hundred orders. */
    @Property(tries = 300, seed = "11")
    void asFewAsWhenEverythingIsTried(
            @ForAll @IntRange(min = 3, max = 9) int count,
            @ForAll boolean turns,
            @ForAll @IntRange(max = 100_000) int seed) {
        List<long[]> pieces = pieces(count, seed);
        Solution solution = best(pieces, turns);
        int fewest = new ExactCutting(pieces, turns).sheets(WIDTH, HEIGHT);
        assertThat(solution.patterns()).hasSize(fewest);
        assertThat(solution.bound()).isLessThanOrEqualTo(fewest);
    }

    /** Never fewer than any packing takes, cut from edge to edge or not: choco-solver 4 proves how many. */
    @Property(tries = 40, seed = "12")
    void neverFewerThanAnyPackingTakes(
            @ForAll @IntRange(min = 3, max = 7) int count,
            @ForAll boolean turns,
            @ForAll @IntRange(max = 100_000) int seed) {
        List<long[]> pieces = pieces(count, seed);
        Solution solution = best(pieces, turns);
        fewestPacked(pieces, turns).ifPresent(fewest -> {
            assertThat(solution.patterns()).hasSizeGreaterThanOrEqualTo(fewest);
            assertThat(solution.bound()).isLessThanOrEqualTo(fewest);
        });
    }

    /** Sheets beside one another in a row, rectangles that don't overlap; nothing where it isn't proven in time. */
    private static OptionalInt fewestPacked(List<long[]> pieces, boolean turns) {
        Model model = new Model();
        int count = pieces.size();
        IntVar[] x = new IntVar[count];
        IntVar[] y = new IntVar[count];
        IntVar[] width = new IntVar[count];
        IntVar[] height = new IntVar[count];
        IntVar[] sheet = new IntVar[count];
        for (int i = 0; i < count; i++) {
            int wide = (int) pieces.get(i)[0];
            int high = (int) pieces.get(i)[1];
            BoolVar turned = model.boolVar();
            if (!turns) {
                turned.eq(0).post();
            }
            sheet[i] = model.intVar(0, i);
            x[i] = model.intVar(0, count * WIDTH);
            y[i] = model.intVar(0, HEIGHT);
            width[i] = model.intVar(Math.min(wide, high), Math.max(wide, high));
            height[i] = model.intVar(Math.min(wide, high), Math.max(wide, high));
            width[i].eq(turned.mul(high - wide).add(wide)).post();
            height[i].eq(turned.mul(wide - high).add(high)).post();
            x[i].ge(sheet[i].mul(WIDTH)).post();
            x[i].add(width[i]).le(sheet[i].add(1).mul(WIDTH)).post();
            y[i].add(height[i]).le(HEIGHT).post();
        }
        model.diffN(x, y, width, height, true).post();
        IntVar last = model.intVar(0, count - 1);
        model.max(last, sheet).post();
        model.setObjective(Model.MINIMIZE, last);
        model.getSolver().limitNode(300_000);
        int fewest = count;
        while (model.getSolver().solve()) {
            fewest = last.getValue() + 1;
        }
        return model.getSolver().isObjectiveOptimal() ? OptionalInt.of(fewest) : OptionalInt.empty();
    }
}
