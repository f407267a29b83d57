package vantbreeze.core.fold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EighthTurnsTest {

    /**
     * Eight eighths are none, in either direction; a document may name any number, and two thousand million were turned
     * one by one once.
     */
    @ParameterizedTest
    @Timeout(30)
    @CsvSource({"0, 0", "8, 0", "10, 2", "-2, 6", "-8, 0", "2147483647, 7", "-2147483648, 0", "2147483646, 6", "-1, 7"})
    void countModuloEight(int eighths, int same) {
        assertThat(Rigid.eighthTurns(eighths)).isEqualTo(Rigid.eighthTurns(same));
        for (int i = 0; i < 1_000; i++) {
            assertThat(Rigid.eighthTurns(eighths).xx())
                    .isEqualTo(Rigid.eighthTurns(same).xx());
        }
    }

    /** The diagonal of a square lies along the table; quarters are exact. */
    @Test
    void aSquareOnItsCornerStandsOnIt() {
        var corner = Rigid.eighthTurns(1).apply(10, 10, 0);
        assertThat(corner.getX()).isCloseTo(0, within(1e-12));
        assertThat(corner.getY()).isCloseTo(Math.sqrt(200), within(1e-12));
        assertThat(Rigid.eighthTurns(2)).isEqualTo(new Rigid(0, -1, 0, 1, 0, 0, 0, 0, 1, 0, 0, 0));
    }
}
