package vantbreeze.core.tool;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Something to glue with.
 *
 * @param id by which plans name it
 * @param name what the maker calls it
 * @param open how long what lies in it can still be moved, seconds; nil where it grips at once
 * @param sets how long it wants to be left alone, seconds
 * @param cautions what can hurt
 */
public record Adhesive(String id, String name, Kind kind, int open, int sets, List<String> cautions) {

    /** Longest name and caution. */
    public static final int LONGEST_NAME = 60;

    public static final int LONGEST_CAUTION = 200;

    /** Most cautions of one. */
    public static final int MOST_CAUTIONS = 6;

    /** @throws IllegalArgumentException in words for the maker, when it makes no sense */
    public Adhesive {
        cautions = List.copyOf(cautions);
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException(
                    String.format(Locale.ROOT, "It needs a name of up to %d characters.", LONGEST_NAME));
        }
        if (open < 0 || sets < 0 || open > GlueTime.LONGEST || sets > GlueTime.LONGEST) {
            throw new IllegalArgumentException("Nothing here sets for longer than a day. Type at most 24 h.");
        }
        if (cautions.size() > MOST_CAUTIONS
                || cautions.stream().anyMatch(one -> one.isBlank() || one.length() > LONGEST_CAUTION)) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT, "At most %d cautions, each of up to %d characters.", MOST_CAUTIONS, LONGEST_CAUTION));
        }
    }

    /** How long what lies in it can be moved, as words go on about it. */
    public String openInWords() {
        return open > 0 ? "can be moved for " + GlueTime.inWords(open) : "grips at once";
    }

    /** How long it wants to be left alone, as words go on about it. */
    public String setsInWords() {
        return sets > 0 ? "sets in " + GlueTime.inWords(sets) : "nothing to wait for";
    }

    /** What it is good for. */
    public enum Kind {
        /** Wet, with time to wriggle. */
        WET("wet glue: time to wriggle"),
        /** Holds where a joint is pulled at. */
        CONSTRUCTION("holds where a joint is pulled at"),
        /** Grips at once, lies flat. */
        TAPE("tape: lies flat"),
        /** Grips at once, and holds edges that slide past one another, foil and film. */
        STRONG_TAPE("strong tape: edges, foil and film"),
        /** Small and clear, for where adhesive would show through. */
        DOTS("small and clear"),
        /** Stands proud. */
        FOAM("stands proud");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** As it is read. */
        public String inWords() {
            return words;
        }
    }

    private static final String SHEET = "Follow the maker's safety sheet and local rules.";

    /** What is usual; times are from memory, and the packet's count. */
    public static final List<Adhesive> USUAL = List.of(
            new Adhesive("wet-glue", "Wet glue", Kind.WET, 60, 600, List.of()),
            new Adhesive(
                    "construction-glue",
                    "Construction glue",
                    Kind.CONSTRUCTION,
                    120,
                    1800,
                    List.of("Fresh air and no flame near glue with solvent. " + SHEET)),
            new Adhesive("tape", "Double-sided tape", Kind.TAPE, 0, 0, List.of()),
            new Adhesive("strong-tape", "Strong double-sided tape", Kind.STRONG_TAPE, 0, 0, List.of()),
            new Adhesive("glue-dots", "Glue dots", Kind.DOTS, 0, 0, List.of("Small parts: not for small children.")),
            new Adhesive("foam-pads", "Foam pads", Kind.FOAM, 0, 0, List.of("Small parts: not for small children.")));

    /** The usual one that plans name so. */
    public static Optional<Adhesive> usual(String id) {
        return USUAL.stream().filter(one -> one.id().equals(id)).findFirst();
    }

    /** The first usual one of a kind. */
    public static Adhesive usual(Kind kind) {
        return USUAL.stream().filter(one -> one.kind() == kind).findFirst().orElseThrow();
    }
}
