package vantbreeze.core.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SilhouetteTest {

    @ParameterizedTest
    @ValueSource(strings = {"arch", "gable", "egg", "bottle", "heart"})
    void everyOutlineOfTheHouseHasAHingeOnEachSide(String id) {
        Silhouette outline = Silhouettes.find(id);
        assertThat(outline.runTo() - outline.runFrom()).isGreaterThanOrEqualTo(Silhouette.LEAST_RUN - 1e-9);
        assertThat(outline.below().get(0).x).isZero();
        assertThat(outline.above().get(outline.above().size() - 1).x).isZero();
        assertThat(outline.below().get(outline.below().size() - 1).x).isEqualTo(0.5);
        assertThat(outline.area()).isBetween(0.5, 1.0);
    }

    /**
     * Areas by hand: a rectangle fills its box; a gable of straight sides a half-box high, half of the rest; SVG arcs a
     * half disc.
     */
    @ParameterizedTest
    @CsvSource({
        "M 0 0 L 40 0 L 40 60 L 0 60 Z, 1.0",
        "M 0 30 L 20 0 L 40 30 L 40 60 L 0 60 Z, 0.75",
        "M 0 20 A 20 20 0 0 1 40 20 V 60 H 0 Z, 0.92850"
    })
    void areasAgreeWithHandFormulas(String path, double area) {
        assertThat(OwnOutline.read(path).area()).isCloseTo(area, within(0.0005));
    }

    /** A half disc on a rectangle: (π/8 + h − ½) of a box of height h, h being 3/2. */
    @Test
    void theArchAboveIsAHalfDiscOnARectangle() {
        assertThat((Math.PI / 8 + 1.5 - 0.5) / 1.5).isCloseTo(0.9285, within(0.00005));
    }

    @Property
    void anyMirroredPolygonIsTakenWhateverItsSize(
            @ForAll @IntRange(min = 10, max = 400) int wide,
            @ForAll @IntRange(min = 10, max = 400) int high,
            @ForAll @IntRange(min = 1, max = 9) int shoulder) {
        String path = "M 0 %d L %d 0 L %d %d L %d %d L 0 %d Z"
                .formatted(high, wide, 2 * wide, high, 2 * wide, high * (shoulder + 1), high * (shoulder + 1));
        Silhouette outline = OwnOutline.read(path);
        assertThat(outline.runFrom()).isZero();
        assertThat(outline.runTo()).isCloseTo(shoulder / (shoulder + 1.0), within(1e-9));
        assertThat(outline.ratio()).isCloseTo(high * (shoulder + 1) / (2.0 * wide), within(1e-9));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "M 0 0 L 40 0 L 60 60 L 0 60 Z | same left and right",
                "M 0 0 L 40 40 L 40 0 L 0 40 Z | crosses itself",
                "M 0 0 H 40 V 60 H 0 Z M 10 10 H 30 V 50 H 10 Z | several parts",
                "M 0 0 L 40 0 L 22 30 L 40 60 L 0 60 L 18 30 Z | nowhere run straight up",
                "M 0 0 L 40 0 | no area",
                "kite | no outline of the house",
                "M 0 0 L banana | no outline of the house"
            })
    void whatCannotBeHingedIsRefusedWithTheReason(String path, String reason) {
        assertThatThrownBy(() -> OwnOutline.read(path))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(reason);
    }

    @Test
    void aPathThatIsTooLongIsRefused() {
        assertThatThrownBy(() -> OwnOutline.read("M 0 0" + " L 1 1".repeat(2_000)))
                .hasMessageContaining("longer than");
    }
}
