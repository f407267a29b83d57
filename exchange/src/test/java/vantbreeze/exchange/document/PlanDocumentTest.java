package vantbreeze.exchange.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.structure.Measures;

class PlanDocumentTest {

    private static final Plan KITES = new Plan("Kite \"day\" ½", "z-fold",
            new Measures(Map.of("width", Length.ofInches(5, 1, 2), "height", Length.ofMillimetres(105))),
            Ruler.EIGHTHS, "c6", null, "Pale blue.\nTails outwards.");

    @Test
    void isReadBackAsItWasWritten() {
        assertThat(PlanDocument.read(PlanDocument.write(KITES))).isEqualTo(KITES);
    }

    @Test
    void writesMeasuresAsAMakerWould() {
        assertThat(PlanDocument.write(KITES)).contains("\"5 1/2 in\"").contains("\"105 mm\"").contains("\"version\" : 1");
    }

    @Property
    void keepsEveryLengthExactly(@ForAll @LongRange(min = 0, max = 30_000_000) long units, @ForAll Ruler ruler) {
        Plan plan = KITES.on(ruler).measuring(new Measures(Map.of("width", Length.ofUnits(units))));
        assertThat(PlanDocument.read(PlanDocument.write(plan))).isEqualTo(plan);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', value = {
            "hello | not a Vantbreeze plan",
            "~~ | is empty",
            "{} | not a Vantbreeze plan",
            "[1, 2] | not a Vantbreeze plan",
            "{\"format\":\"vantbreeze-plan\",\"version\":2} | newer Vantbreeze (version 2",
            "{\"format\":\"vantbreeze-plan\"} | does not say its version",
            "{\"format\":\"vantbreeze-plan\",\"version\":1,\"ruler\":\"cubit\"} | ruler, \"cubit\"",
            "{\"format\":\"vantbreeze-plan\",\"version\":1,\"ruler\":\"mm\",\"name\":\"x\",\"measures\":{\"width\":\"5 1/\"}} | no lower figure",
            "{\"format\":\"vantbreeze-plan\",\"version\":1,\"ruler\":\"mm\",\"measures\":{}} | needs a name"})
    void saysWhyAFileIsNoPlan(String text, String words) {
        assertThatThrownBy(() -> PlanDocument.read(text)).isInstanceOf(UnreadablePlan.class).hasMessageContaining(words);
    }

    @Test
    void refusesWhatIsTooLargeOrTooDeep() {
        assertThatThrownBy(() -> PlanDocument.read("x".repeat(PlanDocument.LONGEST + 1))).hasMessageContaining("too large");
        assertThatThrownBy(() -> PlanDocument.read("[".repeat(100_000))).isInstanceOf(UnreadablePlan.class);
    }

    @Property
    void anyTextIsReadOrRefusedInWords(@ForAll @StringLength(max = 200) String text) {
        assertThatThrownBy(() -> PlanDocument.read(text)).isInstanceOf(UnreadablePlan.class);
    }
}
