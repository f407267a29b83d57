package vantbreeze.core.tool;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** How long an adhesive takes, as it is written. */
class GlueTimeTest {

    @Test
    void aTimeIsReadWithItsUnit() {
        assertThat(GlueTime.read("45 s")).isEqualTo(45);
        assertThat(GlueTime.read(" 1.5 min ")).isEqualTo(90);
        assertThat(GlueTime.read("1,5min.")).isEqualTo(90);
        assertThat(GlueTime.read("2 Hours")).isEqualTo(7_200);
        assertThat(GlueTime.read("24 h")).isEqualTo(GlueTime.LONGEST);
        assertThat(GlueTime.read("0")).isZero();
    }

    @Test
    void whatIsNoTimeIsRefusedWithWhatToType() {
        assertThatThrownBy(() -> GlueTime.read("30")).hasMessage("30 of what? Type 30 s, 30 min or 30 h.");
        assertThatThrownBy(() -> GlueTime.read("25 h")).hasMessageContaining("at most 24 h");
        for (String bad : new String[] {"", "soon", "-3 s", "1.5.2 min", "3 weeks", "9999999 s", "NaN s"}) {
            assertThatThrownBy(() -> GlueTime.read(bad))
                    .as(bad)
                    .isInstanceOf(IllegalArgumentException.class)
                    .hasMessageContaining("Type one with its unit");
        }
    }

    /** Against the library's own durations. */
    @Property(seed = "20")
    void whatIsWrittenIsReadAgain(@ForAll @IntRange(max = GlueTime.LONGEST) int seconds) {
        String words = GlueTime.inWords(seconds);
        assertThat(GlueTime.read(words)).isEqualTo(seconds);
        Duration time = Duration.parse("PT" + words.replace(" min", "M").replace(" ", ""));
        assertThat(time.toSeconds()).isEqualTo(seconds);
    }
}
