package vantbreeze.core.length;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.ibm.icu.text.RuleBasedNumberFormat;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;

class NumberWordsTest {

    private static List<String> words(String text) {
        return List.of(text.replace('-', ' ').split(" "));
    }

    /** Outside ourselves: ICU's rules for spelling English numbers out (com.ibm.icu:icu4j, Unicode consortium). */
    @Test
    void everyWholeNumberIsSaidAsIcuSpellsItAndReadBack() {
        RuleBasedNumberFormat icu = new RuleBasedNumberFormat(Locale.UK, RuleBasedNumberFormat.SPELLOUT);
        icu.setDefaultRuleSet("%spellout-cardinal-verbose");
        for (int value = 1; value <= 9999; value++) {
            String said = NumberWords.said(value);
            assertThat(said).isEqualTo(icu.format(value).replace(",", ""));
            assertThat(NumberWords.whole(words(said), 0))
                    .isEqualTo(new NumberWords.Understood(value, words(said).size()));
        }
    }

    @Test
    void everyPartThatARulerHasIsSaidAndReadBack() {
        for (int lower : new int[] {2, 4, 8, 16, 32, 64, 3, 5, 10}) {
            for (int upper = 1; upper < lower; upper++) {
                List<String> said = words(NumberWords.said(upper, lower));
                NumberWords.Understood whole =
                        said.get(0).equals("a") ? new NumberWords.Understood(1, 1) : NumberWords.whole(said, 0);
                assertThat(whole).isNotNull();
                assertThat(whole.value()).isEqualTo(upper);
                assertThat(NumberWords.part(said, whole.words()))
                        .isEqualTo(new NumberWords.Understood(lower, said.size() - whole.words()));
            }
        }
        assertThatThrownBy(() -> NumberWords.said(1, 7)).hasMessageContaining("1/7");
        assertThatThrownBy(() -> NumberWords.said(10_000)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aNumberEndsWhereAFractionBegins() {
        assertThat(NumberWords.whole(words("two hundred and three quarters"), 0))
                .isEqualTo(new NumberWords.Understood(200, 2));
        assertThat(NumberWords.whole(words("thirty seconds"), 0)).isNull();
        assertThat(NumberWords.whole(words("thirty minutes"), 0)).isEqualTo(new NumberWords.Understood(30, 1));
        assertThat(NumberWords.whole(words("kite"), 0)).isNull();
        assertThat(NumberWords.part(words("fourths"), 0)).isEqualTo(new NumberWords.Understood(4, 1));
    }
}
