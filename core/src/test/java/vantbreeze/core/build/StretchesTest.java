package vantbreeze.core.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Length;

/** By hand: a sheet 126 mm high and 90 wide, cut in from the right between 44 and 58. */
class StretchesTest {

    private static final Piece CUT_IN = new Piece(
            "Kite",
            Stream.of(
                            new int[] {0, 0},
                            new int[] {90, 0},
                            new int[] {90, 44},
                            new int[] {40, 44},
                            new int[] {40, 58},
                            new int[] {90, 58},
                            new int[] {90, 126},
                            new int[] {0, 126})
                    .map(at -> new Spot(mm(at[0]), mm(at[1])))
                    .toList(),
            List.of(),
            List.of(),
            List.of());

    private static Length mm(int millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    private static BoardScore score(int start, int stop, Fold fold) {
        return new BoardScore(mm(60), mm(30), mm(start), mm(stop), fold);
    }

    private static List<BoardScore.Part> parts(BoardScore... scores) {
        return new Stretches(List.of(scores)).parts(CUT_IN, true);
    }

    @Test
    void beyondACutALineThatRunsThroughIsScoredThrough() {
        assertThat(parts(score(0, 44, Fold.VALLEY), score(58, 126, Fold.MOUNTAIN)))
                .isEmpty();
    }

    @Test
    void whereOneStopsInsideTheOthersOnItsLineAreToldToo() {
        assertThat(parts(score(58, 101, Fold.VALLEY), score(0, 44, Fold.VALLEY)))
                .containsExactly(new BoardScore.Part(mm(0), mm(44)), new BoardScore.Part(mm(58), mm(101)));
    }

    @Test
    void whatMeetsIsOneWhicheverWayItFolds() {
        assertThat(parts(score(66, 80, Fold.MOUNTAIN), score(80, 101, Fold.VALLEY)))
                .containsExactly(new BoardScore.Part(mm(66), mm(101)));
        assertThat(parts(score(58, 80, Fold.MOUNTAIN), score(80, 126, Fold.VALLEY)))
                .isEmpty();
    }
}
