package vantbreeze.core.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class OutlineLimitsTest {

    /** A house with a roof of so many teeth, the same left and right. */
    private static String toothed(int teeth) {
        StringBuilder left = new StringBuilder();
        StringBuilder right = new StringBuilder();
        for (int i = 1; i <= teeth; i++) {
            double x = 29.0 * i / (teeth + 1);
            double y = 40 - x - (i % 2) * 1.5;
            left.append(String.format(Locale.ROOT, " L %.3f %.3f", x, y));
            right.insert(0, String.format(Locale.ROOT, " L %.3f %.3f", 60 - x, y));
        }
        return "M 0 40%s L 30 5%s L 60 40 L 60 110 L 0 110 Z".formatted(left, right);
    }

    @Test
    void moreCornersThanPaperIsCutWithAreRefused() {
        assertThat(OwnOutline.read(toothed(90)).above()).hasSizeGreaterThan(80);
        assertThatThrownBy(() -> OwnOutline.read(toothed(190)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage("The outline has 385 corners and bends, and %d are as fine as paper is cut. Simplify it."
                        .formatted(Silhouette.MOST_CORNERS));
    }

    @Test
    void roundOutlinesAreNotToo() {
        assertThat(OwnOutline.read("M 0 30 C 0 10 20 0 30 0 C 40 0 60 10 60 30 L 60 90 C 60 110 40 120 30 "
                                + "120 C 20 120 0 110 0 90 Z")
                        .above())
                .isNotEmpty();
        assertThat(OwnOutline.read("M 0 30 A 30 30 0 0 1 60 30 L 60 90 A 30 30 0 0 1 0 90 Z")
                        .above())
                .isNotEmpty();
    }

    /** What the reader of paths that we use does not expect: it draws on from where no path has begun. */
    @ParameterizedTest
    @ValueSource(
            strings = {"LC0[", "S 1 2 3 4", "Z", "zL 1 1", "T 4 4", "h", "M", "A 1 1 0 0 0 4 4", "zRw[>LC0[pYdZ6;<nE0"})
    void whatBeginsNowhereIsRefusedInWords(String path) {
        assertThatThrownBy(() -> OwnOutline.read(path))
                .isExactlyInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("outline");
    }
}
