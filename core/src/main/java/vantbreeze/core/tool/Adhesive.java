package vantbreeze.core.tool;

import java.util.List;
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

    public Adhesive {
        cautions = List.copyOf(cautions);
    }

    /** What it is good for. */
    public enum Kind {
        /** Wet, with time to wriggle. */
        WET,
        /** Holds where a joint is pulled at. */
        CONSTRUCTION,
        /** Grips at once, lies flat. */
        TAPE,
        /** Grips at once, and holds edges that slide past one another, foil and film. */
        STRONG_TAPE,
        /** Small and clear, for where adhesive would show through. */
        DOTS,
        /** Stands proud. */
        FOAM
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

    /** The one that plans name so. */
    public static Optional<Adhesive> find(String id) {
        return USUAL.stream().filter(one -> one.id().equals(id)).findFirst();
    }

    /** The first usual one of a kind. */
    public static Adhesive usual(Kind kind) {
        return USUAL.stream().filter(one -> one.kind() == kind).findFirst().orElseThrow();
    }
}
