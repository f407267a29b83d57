package vantbreeze.core.guillotine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Sheets from which nothing is left over: that there are such follows from how the pieces were made. */
class PerfectSheetsTest {

    private static Solution plan(Problem problem) {
        Solution solution = CutSearch.best(problem, CutBudget.of(problem.count()));
        new VirtualTrimmer(problem).cut(solution);
        return solution;
    }

    /** Twenty pieces that were cut from so many sheets come from as many again, and that is proven. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 4})
    void whatFilledSheetsFillsThem(int sheets) {
        for (int seed = 0; seed < 20; seed++) {
            Solution solution = plan(CutUp.of(new Random(seed), sheets, 20, 0, seed % 2 == 0));
            assertThat(solution.patterns()).as("seed %d", seed).hasSize(sheets);
            assertThat(solution.largestRest()).isEmpty();
            assertThat(solution.isProven()).isTrue();
        }
    }

    /** Alike ones count as many as there are: eight quarters and four halves are four sheets. */
    @Test
    void alikeOnesAreCounted() {
        Problem problem = new Problem(
                List.of(new Item(100, 150, 8), new Item(200, 150, 4)),
                List.of(new Bin(200, 300, Bin.PLENTY, 1)),
                Rotations.FREE);
        assertThat(PerfectSheets.mayBe(problem)).isTrue();
        assertThat(plan(problem).patterns()).hasSize(4);
        PerfectSheets perfect = new PerfectSheets(problem, 0, new int[] {8, 4}, CutBudget.of(problem.count()));
        assertThat(perfect.sheets()).hasSize(4);
        int[] items = new int[2];
        perfect.sheets().forEach(block -> IntStream.range(0, 2).forEach(item -> items[item] += block.items(2)[item]));
        assertThat(items).containsExactly(8, 4);
    }

    /** Only where the area comes out even, and there is one kind of sheet. */
    @Test
    void whereAnythingIsLeftOverItIsNotAsked() {
        Bin sheet = new Bin(200, 300, Bin.PLENTY, 1);
        List<Item> seven = List.of(new Item(100, 150, 7));
        assertThat(PerfectSheets.mayBe(new Problem(seven, List.of(sheet), Rotations.FREE)))
                .isFalse();
        assertThat(PerfectSheets.mayBe(
                        new Problem(List.of(new Item(100, 150, 8)), Collections.nCopies(2, sheet), Rotations.FREE)))
                .isFalse();
    }

    /** A pinwheel has the area of its sheet, and no cut from edge to edge parts it: two sheets, and no end. */
    @Test
    void aPinwheelFillsNone() {
        Problem problem = new Problem(
                List.of(new Item(70, 20, 4), new Item(50, 50, 1)),
                List.of(new Bin(90, 90, Bin.PLENTY, 1)),
                Rotations.FREE);
        assertThat(PerfectSheets.mayBe(problem)).isTrue();
        assertThat(new PerfectSheets(problem, 0, new int[] {4, 1}, CutBudget.of(5)).sheets())
                .isEmpty();
        assertThat(plan(problem).patterns()).hasSize(2);
    }
}
