package vantbreeze.core.free;

import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.paper.Size;

class FreeCardBoundsTest {

    private static final Assembly SHEET = Assembly.of(FreeCard.sheet("Card base", Size.ofMillimetres(120, 80)));

    @ParameterizedTest
    @CsvSource({"-0.01, 0", "1.01, 0", "10, 0", "NaN, 0", "0.5, 91", "0.5, -91", "0.5, NaN", "Infinity, 0"})
    void showsItselfOnItsWayAndLeansNoMoreThanLying(double showing, double lean) {
        assertThatThrownBy(() -> new FreeCard(SHEET, List.of(Stance.open(), Stance.closed()), showing, lean, true)).isInstanceOf(IllegalArgumentException.class);
    }
}
