package vantbreeze.core.check;

import java.math.RoundingMode;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.Finding.Mend;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Parameter;

/** Findings' words and mends for one plan: figures on its ruler, measures by their labels. */
public record Words(CheckedCard card) {

    public String write(Length length) {
        return Figure.of(length, card.ruler()).inWords();
    }

    /** Millimetres that were computed, on the nearest mark of a fine ruler, never more exact than they are. */
    public String write(double millimetres) {
        return String.format(Locale.ROOT, "%.1f mm", millimetres);
    }

    public String exact(Length length) {
        return length.exactMillimetres().setScale(2, RoundingMode.HALF_UP).toPlainString() + " mm";
    }

    public String label(String parameter) {
        return card.structure().parameter(parameter).map(Parameter::label).orElse(parameter);
    }

    private String inSentence(String parameter) {
        return card.structure().parameter(parameter).map(Parameter::inSentence).orElse(parameter);
    }

    /** Makes a measure as long as the mark at or below {@code length}. */
    public @Nullable Mend atMost(String parameter, Length length) {
        return to(parameter, card.ruler().below(length).length());
    }

    /** Makes a measure as long as the mark at or above {@code length}. */
    public @Nullable Mend atLeast(String parameter, Length length) {
        return to(parameter, card.ruler().above(length).length());
    }

    /** Null when the structure's limits do not allow it: a mend that is refused is none. */
    private @Nullable Mend to(String parameter, Length length) {
        boolean allowed = card.structure().limits(parameter, card.measures()).allow(length);
        return allowed
                ? Mend.to(parameter, length, "Make the %s %s".formatted(inSentence(parameter), write(length)))
                : null;
    }

    /** Names one after the other: "Tier 1, Tier 2 and Tier 3". */
    public String list(List<String> names) {
        int last = names.size() - 1;
        return last < 1 ? names.get(0) : String.join(", ", names.subList(0, last)) + " and " + names.get(last);
    }

    public String name(int panel) {
        return card.form().graph().name(panel);
    }
}
