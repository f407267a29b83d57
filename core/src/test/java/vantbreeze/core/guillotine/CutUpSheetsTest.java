package vantbreeze.core.guillotine;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * Sheets cut up at random from edge to edge, so that it is known from how many the pieces came. A few of some kinds;
 * {@code -Dvantbreeze.cutup=50} takes fifty of each, and with {@code -Dvantbreeze.docs=write} keeps the table in
 * {@code core/target/cut-up.md}, from where it goes into docs/cutting.md.
 */
class CutUpSheetsTest {

    private static final int EACH = Integer.getInteger("vantbreeze.cutup", 4);

    /** Kinds of more pieces take minutes: they are looked at when many of each are. */
    private static final int MOST_PIECES = EACH > 4 ? 200 : 60;

    /** Pieces and sheets. */
    private static final List<int[]> KINDS = List.of(
            new int[] {20, 4},
            new int[] {20, 2},
            new int[] {20, 1},
            new int[] {60, 12},
            new int[] {60, 6},
            new int[] {60, 3},
            new int[] {60, 2},
            new int[] {120, 12},
            new int[] {200, 40},
            new int[] {200, 10});

    /** How many sheets more than there were were taken for each of some instances. */
    private record Kind(int pieces, int sheets, List<Integer> over, double seconds) {

        static Kind of(int pieces, int sheets, double waste, int each) {
            long begun = System.nanoTime();
            List<Integer> over = IntStream.range(0, each)
                    .mapToObj(seed -> {
                        Problem problem = CutUp.of(new Random(seed), sheets, pieces, waste, seed % 2 == 0);
                        Solution solution = CutSearch.best(problem, CutBudget.of(problem.count()));
                        new VirtualTrimmer(problem).cut(solution);
                        assertThat(solution.isWhole()).isTrue();
                        return solution.patterns().size() - sheets;
                    })
                    .toList();
            return new Kind(pieces, sheets, over, (System.nanoTime() - begun) / 1e9 / each);
        }

        int within(int more) {
            return (int) over.stream().filter(one -> one <= more).count();
        }

        String row() {
            return String.format(
                    Locale.ROOT,
                    "| %d | %d | %d | %d of %d | %+d | %.1f |",
                    pieces,
                    sheets,
                    pieces / sheets,
                    within(0),
                    over.size(),
                    over.stream().mapToInt(Integer::intValue).max().orElse(0),
                    seconds);
        }
    }

    private static List<Kind> kinds(double waste, int each) throws IOException {
        List<Kind> kinds = KINDS.stream()
                .filter(kind -> kind[0] <= MOST_PIECES)
                .map(kind -> Kind.of(kind[0], kind[1], waste, each))
                .toList();
        if ("write".equals(System.getProperty("vantbreeze.docs"))) {
            String table = kinds.stream().map(Kind::row).collect(Collectors.joining("\n", "\n", "\n"));
            Path file = Path.of("target", "cut-up-" + Math.round(waste * 100) + ".md");
            Files.writeString(file, table);
        }
        return kinds;
    }

    /** With 6 % of each sheet thrown away: as many sheets as there were, nearly always; never more than one more. */
    @Test
    void whatWasCutFromSoManySheetsComesFromAsMany() throws IOException {
        List<Kind> kinds = kinds(0.06, EACH);
        assertThat(kinds).allMatch(kind -> kind.within(1) == EACH);
        assertThat(kinds.stream().mapToInt(kind -> kind.within(0)).sum())
                .isGreaterThanOrEqualTo((int) (0.95 * EACH * kinds.size()));
    }

    /** With nothing thrown away: mostly as few, and one sheet more at most, of many sheets one in twenty. */
    @Test
    void whatFilledSheetsWhollyTakesHardlyMore() throws IOException {
        List<Kind> kinds = kinds(0, Math.max(1, EACH / 2));
        assertThat(kinds)
                .allMatch(kind -> kind.within((int) Math.ceil(kind.sheets() / 20.0))
                        == kind.over().size());
        List<Kind> few = kinds.stream().filter(kind -> kind.pieces() == 20).toList();
        assertThat(few).allMatch(kind -> kind.within(0) == kind.over().size());
    }
}
