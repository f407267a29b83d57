package vantbreeze.core.fold;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuarterTurnsTest {

    /**
     * Four quarters are none, in either direction; a document may name any number, and two thousand million were turned
     * one by one once.
     */
    @ParameterizedTest
    @Timeout(30)
    @CsvSource({"0, 0", "4, 0", "5, 1", "-1, 3", "-4, 0", "2147483647, 3", "-2147483648, 0", "2147483646, 2"})
    void countModuloFour(int quarters, int same) {
        assertThat(Rigid.quarterTurns(quarters)).isEqualTo(Rigid.quarterTurns(same));
        for (int i = 0; i < 1_000; i++) {
            assertThat(Rigid.quarterTurns(quarters).xx())
                    .isEqualTo(Rigid.quarterTurns(same).xx());
        }
    }
}
