package vantbreeze.core.die;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/** Which dies there are, what they cut, and which go together. */
class DiesTest {

    private static final Size OBLONG = Size.ofMillimetres(64, 40);

    static Nest nest(String name, DieShape shape, String sizes, Ruler ruler) {
        return new Nest(name, name, false, shape, DieSizes.read(shape, sizes, ruler));
    }

    private static final Dies ROUND =
            Dies.NONE.with(nest("Round nest", DieShape.CIRCLE, "1, 1½, 2 1/4, 2½, 3", Ruler.EIGHTHS));

    private static String said(Die die) {
        return "%s %s"
                .formatted(
                        Die.sizeInWords(die.shape(), die.size(), Ruler.EIGHTHS),
                        die.shape().label());
    }

    private static List<String> words(List<DieFrame> frames) {
        return frames.stream()
                .map(frame -> String.join(
                        " ",
                        frame.dies().stream()
                                .map(die -> Die.sizeInWords(die.shape(), die.size(), Ruler.EIGHTHS))
                                .toList()))
                .toList();
    }

    /** By hand: 3 and 2½ in leave a quarter of an inch, and so do 1½ and 1. */
    @Test
    void whichTwoLeaveARingOfAQuarterInch() {
        assertThat(words(ROUND.rings(Length.ofInches(0, 1, 4), 9))).containsExactly("3 in 2½ in", "1½ in 1 in");
        // none leaves a sixteenth: an eighth comes nearest
        assertThat(words(ROUND.rings(Length.ofInches(0, 1, 16), 1))).containsExactly("2½ in 2¼ in");
        assertThat(Dies.NONE.rings(Length.ofInches(1), 9)).isEmpty();
    }

    /** By hand: from 3 to 2¼ in and from there to 1½ it is three eighths each time. */
    @Test
    void whichThreeMakeAnEvenFrame() {
        assertThat(words(Dies.frames(3, ROUND.all()))).containsExactly("3 in 2¼ in 1½ in");
        Nest labels = nest("Labels", DieShape.LABEL, "50 x 40; 40 x 30; 30 x 25", Ruler.MM_1);
        // the last goes in by 5 mm one way and 2½ the other
        assertThat(Dies.frames(2, labels.dies())).extracting(DieFrame::border).containsExactly(Length.ofMillimetres(5));
    }

    /** Counted by three loops over whole millimetres. */
    @Property(tries = 100)
    void everyEvenFrameIsFoundAndNoOther(
            @ForAll @net.jqwik.api.constraints.Size(min = 1, max = 9)
                    Set<@IntRange(min = 10, max = 60) Integer> across) {
        List<Size> sizes =
                across.stream().map(one -> Size.ofMillimetres(one, one)).toList();
        Nest nest = new Nest("n", "n", false, DieShape.SQUARE, sizes);
        int even = 0;
        for (int outer : across) {
            for (int middle : across) {
                for (int inner : across) {
                    even += outer > middle && middle > inner && outer - middle == middle - inner ? 1 : 0;
                }
            }
        }
        assertThat(Dies.frames(3, nest.dies())).hasSize(even);
    }

    /** A regular polygon of n corners in a circle: n/2 · r² · sin(2π/n), by elementary geometry. */
    @Test
    void aCircleIsAsLargeAsItsManyCorners() {
        Polygon circle = DieShape.CIRCLE.outline(Size.ofMillimetres(50, 50));
        int corners = circle.getNumPoints() - 1;
        assertThat(circle.getArea()).isCloseTo(corners / 2.0 * 25 * 25 * Math.sin(2 * Math.PI / corners), within(1e-9));
        assertThat(circle.getArea()).isCloseTo(Math.PI * 25 * 25, within(6.0));
        assertThat(circle.getEnvelopeInternal().getWidth()).isCloseTo(50, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(DieShape.class)
    void everyOutlineFillsItsSizeAndIsKnownAgain(DieShape shape) {
        Size size = shape.isEven() ? Size.ofMillimetres(64, 64) : OBLONG;
        Polygon outline = shape.outline(size);
        assertThat(outline.isValid()).isTrue();
        assertThat(outline.getEnvelopeInternal().getWidth()).isCloseTo(64, within(1e-9));
        assertThat(outline.getEnvelopeInternal().getHeight())
                .isCloseTo(size.height().millimetres(), within(0.01));
        if (shape != DieShape.EDGE) {
            assertThat(DieShape.of(outline)).contains(shape);
        }
        assertThat(DieShape.find(shape.label())).contains(shape);
    }

    @Test
    void aDieCutsWhatItFitsTurnedOrNot() {
        Dies dies = ROUND.with(nest("Ovals", DieShape.OVAL, "64 x 40, 30 x 30", Ruler.MM_1));
        assertThat(dies.cutting(DieShape.OVAL, OBLONG.turned()).map(DiesTest::said))
                .contains("64 × 40 mm oval");
        // an oval as wide as high is a circle
        assertThat(dies.cutting(DieShape.CIRCLE, Size.ofMillimetres(30, 30))).isPresent();
        assertThat(dies.cutting(DieShape.LABEL, OBLONG)).isEmpty();
        assertThat(dies.nearest(DieShape.CIRCLE, Size.ofMillimetres(77, 77)).map(DiesTest::said))
                .contains("3 in circle");
        assertThat(dies.without(List.of("Ovals"))).isEqualTo(ROUND);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "circle | 1, 1½, 2 in | 25.4 38.1 50.8",
                "circle | 20; 30; 40 mm | 20 30 40",
                "circle | 2,5 cm; 3 cm | 25 30",
                "circle | 1 1/2\" | 38.1",
                "oval | 2 x 3, 4 by 5½ | 50.8x76.2 101.6x139.7",
                "edge | 150 × 25 mm | 150x25",
            })
    void sizesAreReadAsTheyAreWritten(String shape, String text, String millimetres) {
        DieShape of = DieShape.find(shape).orElseThrow();
        List<String> read = DieSizes.read(of, text, Ruler.EIGHTHS).stream()
                .map(size -> of.isEven() ? plain(size.width()) : plain(size.width()) + "x" + plain(size.height()))
                .toList();
        assertThat(read).containsExactly(millimetres.split(" "));
    }

    private static String plain(Length length) {
        return length.exactMillimetres().stripTrailingZeros().toPlainString();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "circle | '' | Type its sizes",
                "circle | kite | not a measure I can read",
                "circle | 1,2,3 | Put a comma and a space between",
                "oval | 2 | one measure only",
                "oval | 2 x 3 x 4 | Put a comma between two sizes",
                "circle | 2 x 3 | choose ovals",
                "square | 0 | between 2 and 600 mm",
                "circle | 100 in | between 2 and 600 mm",
            })
    void whatIsNoSizeIsRefusedWithTheReason(String shape, String text, String reason) {
        assertThatThrownBy(() -> nest("n", DieShape.find(shape).orElseThrow(), text, Ruler.EIGHTHS))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(reason);
    }

    @Test
    void noMoreAreTakenThanAnyMakerHas() {
        Integer[] many =
                Stream.iterate(10, one -> one + 1).limit(Nest.MOST + 1L).toArray(Integer[]::new);
        List<Size> sizes = new ArrayList<>(
                Arrays.stream(many).map(one -> Size.ofMillimetres(one, one)).toList());
        assertThatThrownBy(() -> new Nest("n", "n", true, DieShape.CIRCLE, sizes))
                .hasMessageContaining("up to 40");
        sizes.remove(0);
        List<Nest> nests = new ArrayList<>();
        for (int i = 0; i < Dies.MOST / Nest.MOST + 1; i++) {
            nests.add(new Nest("n" + i, "n", true, DieShape.CIRCLE, sizes));
        }
        assertThatThrownBy(() -> new Dies(nests)).hasMessageContaining("more than 300");
        assertThatThrownBy(() -> new Nest("n", " ", true, DieShape.CIRCLE, sizes))
                .hasMessageContaining("needs a name");
        assertThatThrownBy(() -> new Dies(List.of(nests.get(0), nests.get(0)))).hasMessageContaining("same id");
    }
}
