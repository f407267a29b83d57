package vantbreeze.core.guillotine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Plans of cuts: each is cut up by a virtual trimmer, and held against what is known of it. */
class CutSearchTest {

    private static Solution best(Problem problem, long looks) {
        Solution solution = CutSearch.best(problem, CutBudget.looks(looks));
        new VirtualTrimmer(problem).cut(solution);
        return solution;
    }

    private static Problem plate(List<Item> items) {
        return new Problem(items, List.of(new Bin(15, 10, 1, 1)), Rotations.NONE);
    }

    /** Christofides and Whitlock 1977, instance 1 (from memory): of one plate of 15 × 10, worth 244 at most. */
    @Test
    void onePlateIsWorthAsMuchAsPublished() {
        Problem problem = plate(List.of(
                new Item(8, 4, 2, 66),
                new Item(3, 7, 1, 35),
                new Item(8, 2, 3, 24),
                new Item(3, 4, 5, 17),
                new Item(3, 3, 2, 11),
                new Item(3, 2, 2, 8),
                new Item(2, 1, 1, 2)));
        assertThat(worth(problem, 1_000_000)).isEqualTo(244);
    }

    private static double worth(Problem problem, long looks) {
        Solution solution = best(problem, looks);
        return IntStream.range(0, problem.items().size())
                .mapToDouble(item -> problem.items().get(item).value()
                        * (problem.items().get(item).copies() - solution.left().get(item)))
                .sum();
    }

    private static Problem plate(int... widthHeightCopies) {
        List<Item> items = new ArrayList<>();
        for (int i = 0; i < widthHeightCopies.length; i += 3) {
            items.add(new Item(widthHeightCopies[i], widthHeightCopies[i + 1], widthHeightCopies[i + 2]));
        }
        return new Problem(items, List.of(new Bin(70, 40, 1, 1)), Rotations.NONE);
    }

    /** Wang 1983, twenty pieces (from memory): of a plate of 70 × 40 as much as 2,721 is used. */
    @Test
    void wangsPlateIsUsedAsFarAsPublished() {
        Problem problem = plate(
                17, 9, 1, 11, 19, 4, 12, 21, 3, 14, 23, 4, 24, 15, 1, 24, 15, 2, 25, 16, 4, 27, 17, 2, 18, 29, 3, 21,
                31, 3, 32, 22, 2, 23, 33, 3, 34, 24, 2, 35, 25, 2, 36, 26, 1, 37, 27, 1, 38, 28, 1, 39, 29, 1, 41, 30,
                1, 43, 31, 1);
        assertThat(worth(problem, 5_000_000)).isEqualTo(2_721);
    }

    /** Oliveira and Ferreira 1990, instance 1 (from memory): of a plate of 70 × 40 as much as 2,737 is used. */
    @Test
    void oliveirasPlateIsUsedAsFarAsPublished() {
        Problem problem = plate(
                29, 5, 1, 9, 39, 4, 55, 9, 1, 31, 15, 1, 11, 16, 2, 23, 21, 3, 29, 14, 4, 16, 19, 3, 9, 36, 2, 22, 4,
                2);
        assertThat(worth(problem, 5_000_000)).isEqualTo(2_737);
    }

    @Test
    void alikePiecesAreCutAlikeAndProvenBest() {
        Problem problem =
                new Problem(List.of(new Item(105, 148, 40)), List.of(new Bin(210, 297, Bin.PLENTY, 1)), Rotations.FREE);
        Solution solution = best(problem, 500_000);
        assertThat(solution.patterns()).hasSize(10);
        assertThat(solution.isProven()).isTrue();
        assertThat(solution.patterns()).allMatch(pattern -> pattern.root()
                .equals(solution.patterns().get(0).root()));
    }

    /** An offcut that costs nothing is used before a sheet is; of dear and cheap sheets the cheap ones. */
    @Test
    void whatCostsLessIsTakenFirst() {
        Problem problem = new Problem(
                List.of(new Item(100, 100, 5)),
                List.of(new Bin(210, 297, Bin.PLENTY, 30), new Bin(110, 220, 1, 0), new Bin(200, 200, 1, 12)),
                Rotations.FREE);
        Solution solution = best(problem, 500_000);
        assertThat(solution.isWhole()).isTrue();
        assertThat(solution.patterns()).extracting(Pattern::bin).containsExactlyInAnyOrder(1, 2);
        assertThat(solution.cost()).isEqualTo(12);
    }

    /** What is left over is one large rectangle rather than strips. */
    @Test
    void whatIsLeftOverIsLarge() {
        Problem problem =
                new Problem(List.of(new Item(50, 100, 4)), List.of(new Bin(210, 297, Bin.PLENTY, 1)), Rotations.FREE);
        Solution solution = best(problem, 500_000);
        double largest = solution.patterns()
                .get(0)
                .root()
                .all()
                .filter(CutNode.Rest.class::isInstance)
                .mapToDouble(CutNode::area)
                .max()
                .orElse(0);
        assertThat(largest / (210 * 297)).isGreaterThan(0.65);
    }

    @Test
    void piecesLieOnlyAsTheyMay() {
        Rotations uprightInTheFirst = (item, bin, turned) -> bin == 0 ? !turned : turned;
        Problem problem = new Problem(
                List.of(new Item(80, 30, 6)),
                List.of(new Bin(100, 100, 1, 1), new Bin(70, 100, 4, 1)),
                uprightInTheFirst);
        assertThat(best(problem, 300_000).isWhole()).isTrue();
    }

    /** A square looks alike turned, but its folds don't: they may have to run along the grain. */
    @Test
    void squaresThatMustBeTurnedShareASheet() {
        Problem problem = new Problem(
                List.of(new Item(50, 50, 4)), List.of(new Bin(100, 100, Bin.PLENTY, 1)), (item, bin, turned) -> turned);
        assertThat(best(problem, 100_000).patterns()).hasSize(1);
    }

    @Test
    void whatFitsNoSheetIsLeftAndTheRestIsCut() {
        Problem problem = new Problem(
                List.of(new Item(400, 50, 2), new Item(60, 60, 3)),
                List.of(new Bin(210, 297, Bin.PLENTY, 1)),
                Rotations.FREE);
        Solution solution = best(problem, 300_000);
        assertThat(solution.left()).containsExactly(2, 0);
        assertThat(solution.patterns()).hasSize(1);
        assertThat(problem.fits(0)).isFalse();
    }

    @Test
    void withoutSheetsOrPiecesThereIsNothingToCut() {
        Problem noSheets = new Problem(List.of(new Item(3, 4, 2)), List.of(), Rotations.FREE);
        assertThat(best(noSheets, 1_000).left()).containsExactly(2);
        Problem noPieces = new Problem(List.of(), List.of(new Bin(5, 5, 1, 1)), Rotations.FREE);
        assertThat(best(noPieces, 1_000).patterns()).isEmpty();
        Problem tooFew = new Problem(List.of(new Item(4, 4, 9)), List.of(new Bin(9, 9, 2, 1)), Rotations.FREE);
        Solution some = best(tooFew, 100_000);
        assertThat(some.left()).containsExactly(1);
        assertThat(some.isProven()).isFalse();
    }

    @Test
    void tooManyPiecesAreTold() {
        assertThatThrownBy(() -> new Problem(List.of(new Item(3, 4, 100_000)), List.of(), Rotations.FREE))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage(
                        "100,000 pieces are too many for one plan of cuts: 5,000 at most. Plan them in several lots.");
    }

    @Test
    void theAnswerIsAlwaysTheSame() {
        Problem problem = CutUp.of(new Random(3), 3, 24, 0.06, true);
        List<Solution> answers = IntStream.range(0, 4)
                .parallel()
                .mapToObj(i -> best(problem, 400_000))
                .toList();
        assertThat(answers).allMatch(answers.get(0)::equals);
    }

    @Test
    void aSearchThatIsStoppedKeepsItsBest() {
        Problem problem = CutUp.of(new Random(4), 6, 60, 0.06, true);
        AtomicInteger told = new AtomicInteger();
        List<Solution> better = new ArrayList<>();
        Solution solution = CutSearch.best(
                problem,
                CutBudget.looks(Long.MAX_VALUE / 2).until(() -> told.get() >= 2).telling(one -> {
                    told.incrementAndGet();
                    better.add(one);
                }));
        new VirtualTrimmer(problem).cut(solution);
        assertThat(solution.isWhole()).isTrue();
        assertThat(better.get(better.size() - 1).patterns()).isEqualTo(solution.patterns());
    }

    /** Five sheets for five pieces of which no two share one, though by area three would do. */
    @Test
    void largePiecesThatShutEachOtherOutAreCounted() {
        Problem problem =
                new Problem(List.of(new Item(60, 90, 5)), List.of(new Bin(100, 100, Bin.PLENTY, 1)), Rotations.NONE);
        assertThat(LowerBound.of(problem)).isEqualTo(5);
        assertThat(best(problem, 100_000).isProven()).isTrue();
    }

    /** Whatever is put in and taken out of a sheet, its parts and what is left over make up the whole of it. */
    @Property(tries = 200)
    void aSheetStaysWhole(@ForAll @IntRange(max = 1_000_000) int seed) {
        Random random = new Random(seed);
        Sheet sheet = new Sheet(0, 200, 150);
        AtomicInteger parts = new AtomicInteger();
        for (int step = 0; step < 60; step++) {
            sheet = random.nextInt(4) == 0 ? sheet.copy() : sheet;
            if (random.nextInt(3) == 0 && !sheet.parts.isEmpty()) {
                Branch branch = sheet.parts.get(random.nextInt(sheet.parts.size()));
                branch = random.nextBoolean() && branch.parent != null ? branch.parent : branch;
                sheet.clear(branch, item -> parts.decrementAndGet());
            } else if (!sheet.wastes.isEmpty()) {
                Branch waste = sheet.wastes.get(random.nextInt(sheet.wastes.size()));
                long width = 1L + random.nextInt((int) waste.width);
                long height = 1L + random.nextInt((int) waste.height);
                sheet.place(waste, 7, false, width, height, random.nextBoolean());
                parts.incrementAndGet();
            }
            double area = sheet.node()
                    .all()
                    .filter(node -> !(node instanceof CutNode.Cut))
                    .mapToDouble(CutNode::area)
                    .sum();
            assertThat(area).isEqualTo(200 * 150);
            assertThat(sheet.parts).hasSize(parts.get());
            sheet.node()
                    .all()
                    .filter(CutNode.Cut.class::isInstance)
                    .map(CutNode.Cut.class::cast)
                    .forEach(cut -> {
                        assertThat(cut.parts().stream().mapToLong(cut::extent).sum())
                                .isEqualTo(cut.upright() ? cut.width() : cut.height());
                        assertThat(cut.parts().stream().filter(CutNode.Rest.class::isInstance))
                                .hasSizeLessThanOrEqualTo(1);
                        assertThat(cut.parts())
                                .noneMatch(
                                        part -> part instanceof CutNode.Cut other && other.upright() == cut.upright());
                    });
        }
    }
}
