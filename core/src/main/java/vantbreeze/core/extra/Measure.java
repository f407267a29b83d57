package vantbreeze.core.extra;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Parameter;

/**
 * Something that can be measured of one kind of extra.
 *
 * @param key what it is called among the measures of one
 * @param label what the maker calls it
 * @param meaning what it is, in a few plain words
 * @param parts the panels whose width it is
 * @param high whether it is how high its piece is
 * @param choice what it depends on whether it is asked, or null
 * @param alternative what must be chosen there
 */
record Measure(
        String key,
        String label,
        String meaning,
        List<String> parts,
        boolean high,
        @Nullable Choice choice,
        @Nullable String alternative) {

    static final String ACROSS = "across";
    static final String UP = "up";

    static Measure of(String key, String label, String meaning, String... parts) {
        return new Measure(key, label, meaning, List.of(parts), false, null, null);
    }

    /** How far it is from the left edge of the panel. */
    static Measure across(String meaning) {
        return of(ACROSS, "From left", meaning);
    }

    /** How far it is from the foot of the panel. */
    static Measure up(String meaning) {
        return of(UP, "From foot", meaning);
    }

    /** The same as how high its piece is. */
    Measure ofThePiece() {
        return new Measure(key, label, meaning, parts, true, choice, alternative);
    }

    /** The same, asked only where that is chosen. */
    Measure when(Choice other, String chosen) {
        return new Measure(key, label, meaning, parts, high, other, chosen);
    }

    /** Whether it is asked, what is chosen being so. */
    boolean isAsked(Fitted at) {
        return choice == null || alternative == null || at.isChosen(choice, alternative);
    }

    /** The same as a measure of a card that carries {@code extra}. */
    Parameter of(Extra extra) {
        return new Parameter(
                extra.key(key),
                extra.named(label),
                meaning,
                parts.stream().map(part -> part(extra, part)).toList(),
                high ? List.of(extra.name()) : List.of(),
                choice == null || alternative == null
                        ? null
                        : new Parameter.Wanted(of(extra, choice), List.of(alternative)),
                true);
    }

    /** What a panel of it is called, which is the name of the whole where there is but one. */
    static String part(Extra extra, String part) {
        return part.isEmpty() ? extra.name() : extra.name() + " " + part;
    }

    /** The same choice as one about a card that carries {@code extra}. */
    static Choice of(Extra extra, Choice about) {
        return new Choice(
                extra.key(about.id()), extra.named(about.label()), about.meaning(), about.alternatives(), false);
    }
}
