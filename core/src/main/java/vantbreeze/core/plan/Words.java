package vantbreeze.core.plan;

import java.math.RoundingMode;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.Finding.Mend;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Parameter;

/** Findings' words and mends for one plan: figures on its ruler, measures by their labels. */
record Words(WorkedPlan worked) {

    String write(Length length) {
        return Figure.of(length, worked.plan().ruler()).inWords();
    }

    /** Millimetres that were computed, on the nearest mark of a fine ruler, never more exact than they are. */
    String write(double millimetres) {
        return String.format(Locale.ROOT, "%.1f mm", millimetres);
    }

    String exact(Length length) {
        return length.exactMillimetres().setScale(2, RoundingMode.HALF_UP).toPlainString() + " mm";
    }

    String label(String parameter) {
        return worked.structure().parameters().stream()
                .filter(known -> known.id().equals(parameter))
                .map(Parameter::label)
                .findFirst()
                .orElse(parameter);
    }

    /** Makes a measure as long as the mark at or below {@code length}. */
    @Nullable
    Mend atMost(String parameter, Length length) {
        return to(parameter, worked.plan().ruler().below(length).length());
    }

    /** Makes a measure as long as the mark at or above {@code length}. */
    @Nullable
    Mend atLeast(String parameter, Length length) {
        return to(parameter, worked.plan().ruler().above(length).length());
    }

    /** Null when the structure's limits do not allow it: a mend that is refused is none. */
    private @Nullable Mend to(String parameter, Length length) {
        boolean allowed =
                worked.structure().limits(parameter, worked.plan().measures()).allow(length);
        return allowed
                ? Mend.to(
                        parameter,
                        length,
                        "Make the %s %s".formatted(label(parameter).toLowerCase(Locale.ROOT), write(length)))
                : null;
    }

    String name(int panel) {
        return worked.form().graph().name(panel);
    }
}
