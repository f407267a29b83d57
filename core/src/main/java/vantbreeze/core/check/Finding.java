package vantbreeze.core.check;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Length;

/**
 * Something a maker should know before cutting.
 *
 * @param kind what sort of thing
 * @param about the measure or part it concerns, by id
 * @param text what, where and by how much, in plain words
 * @param mends what would put it right, each by itself
 */
public record Finding(Kind kind, String about, String text, List<Mend> mends) {

    public Finding {
        mends = List.copyOf(mends);
    }

    /** How much a finding asks of the maker. */
    public enum Severity {
        /** The card can't be made or used so. */
        MUST_FIX,
        /** It can, but the maker would want to look at it before cutting. */
        CHECK,
        /** Nothing is amiss; something to mind at the table. */
        TIP
    }

    /**
     * What sort of thing is found; each judge has its own.
     *
     * @param id by which it is told from others, whatever its words
     */
    public record Kind(String id, Severity severity) {

        /** A kind of thing that must be fixed. */
        public static Kind mustFix(String id) {
            return new Kind(id, Severity.MUST_FIX);
        }

        /** A kind of thing to check. */
        public static Kind check(String id) {
            return new Kind(id, Severity.CHECK);
        }

        /** A kind of thing to mind at the table. */
        public static Kind tip(String id) {
            return new Kind(id, Severity.TIP);
        }

        /** A finding of this kind that nothing mends at a click. */
        public Finding of(String about, String text) {
            return new Finding(this, about, text, List.of());
        }
    }

    /**
     * A change of one measure, or of one thing chosen.
     *
     * @param parameter which measure or choice
     * @param length what to make it, or null for a choice
     * @param chosen what to choose, or null for a measure
     * @param label what the change is called on a button
     */
    public record Mend(String parameter, @Nullable Length length, @Nullable String chosen, String label) {

        /** A change of one measure. */
        public static Mend to(String parameter, Length length, String label) {
            return new Mend(parameter, length, null, label);
        }

        /** Another alternative of a choice. */
        public static Mend choosing(String choice, String alternative, String label) {
            return new Mend(choice, null, alternative, label);
        }
    }

    /** How bad it is. */
    public Severity severity() {
        return kind.severity();
    }

    /** The same with what would put it right; null when there is no one thing. */
    public Finding mendedBy(@Nullable Mend other) {
        return new Finding(kind, about, text, other == null ? List.of() : List.of(other));
    }

    /** The same with several things of which each would put it right. */
    public Finding mendedByAny(List<Mend> others) {
        return new Finding(kind, about, text, others);
    }
}
