package vantbreeze.core.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PublishedSizesTest {

    /** ISO 216:2007, table of the A series. */
    @ParameterizedTest
    @CsvSource({
        "0,841,1189",
        "1,594,841",
        "2,420,594",
        "3,297,420",
        "4,210,297",
        "5,148,210",
        "6,105,148",
        "7,74,105",
        "8,52,74",
        "9,37,52",
        "10,26,37"
    })
    void theASeriesIsThatOfIso216(int n, long width, long height) {
        assertThat(IsoA.size(n)).isEqualTo(Size.ofMillimetres(width, height));
    }

    @Test
    void thereIsNoA11() {
        assertThatThrownBy(() -> IsoA.size(11)).hasMessageContaining("A11");
    }

    /** ISO 269:1985, correspondence envelopes; short side first, as the standard's table has it. */
    @ParameterizedTest
    @CsvSource({
        "c7,81,114",
        "c7-6,81,162",
        "c6,114,162",
        "dl,110,220",
        "c6-5,114,229",
        "c5,162,229",
        "c4,229,324",
        "b6,125,176"
    })
    void theCAndDlEnvelopesAreThoseOfIso269(String id, long shortSide, long longSide) {
        Envelope envelope = Envelopes.published().find(id).orElseThrow();
        assertThat(envelope.inside()).isEqualTo(Size.ofMillimetres(longSide, shortSide));
        assertThat(envelope.source()).isEqualTo(Envelope.Source.ISO_269);
    }

    /** An A size folded once goes in the C size of the next number: the purpose of the C series (ISO 269). */
    @Test
    void everyASizeGoesIntoItsCEnvelope() {
        for (int n : new int[] {4, 5, 6, 7}) {
            Size inside = Envelopes.published().find("c" + n).orElseThrow().inside();
            assertThat(IsoA.size(n).landscape().isWithin(inside)).isTrue();
        }
    }

    @Test
    void everyEnvelopeHasItsOwnId() {
        assertThat(Envelopes.published().all()).extracting(Envelope::id).doesNotHaveDuplicates();
    }
}
