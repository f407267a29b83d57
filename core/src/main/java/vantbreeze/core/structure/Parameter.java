package vantbreeze.core.structure;

import java.util.List;
import java.util.Locale;
import java.util.function.IntPredicate;
import org.jspecify.annotations.Nullable;

/**
 * A measure of a structure that the maker may choose.
 *
 * @param id how plans name it
 * @param label what the maker calls it
 * @param meaning what it is, in a few plain words
 * @param panels names of the panels whose width it is
 * @param pieces names of the pieces whose height it is
 * @param with what must be chosen for it to be asked, or null
 * @param follows whether it follows from the others until somebody says otherwise
 */
public record Parameter(
        String id,
        String label,
        String meaning,
        List<String> panels,
        List<String> pieces,
        @Nullable Wanted with,
        boolean follows) {

    /** Some alternatives of a choice. */
    public record Wanted(Choice choice, List<String> alternatives) {}

    /** Id of the finished width, which every structure has. */
    public static final String WIDTH = "width";
    /** Id of the finished height, which every structure has. */
    public static final String HEIGHT = "height";

    public Parameter {
        panels = List.copyOf(panels);
        pieces = List.copyOf(pieces);
    }

    /** A measure that is the width of some panels, by their names, or of none. */
    public static Parameter of(String id, String label, String meaning, String... panels) {
        return new Parameter(id, label, meaning, List.of(panels), List.of(), null, false);
    }

    /** The finished width, which is that of some panels, or of none. */
    static Parameter width(String... panels) {
        return of(WIDTH, "Finished width", "across the closed card", panels);
    }

    /** The finished height, which is that of the card base. */
    static Parameter height() {
        return of(HEIGHT, "Finished height", "up the closed card").ofPieces("Card base");
    }

    /** The same measure, asked only when one of these is chosen. */
    public Parameter when(Choice choice, String... alternatives) {
        return new Parameter(id, label, meaning, panels, pieces, new Wanted(choice, List.of(alternatives)), follows);
    }

    /** The same measure, asked only when a number that suits is chosen. */
    Parameter whenCounting(Choice choice, IntPredicate suits) {
        return when(
                choice,
                choice.alternatives().stream()
                        .map(Choice.Alternative::id)
                        .filter(count -> suits.test(Integer.parseInt(count)))
                        .toArray(String[]::new));
    }

    /**
     * What it is called within a sentence, with its article: "the finished width"; one that says what is done is
     * quoted.
     */
    public String inSentence() {
        return isPhrase() ? atStart() : "the " + label.substring(0, 1).toLowerCase(Locale.ROOT) + label.substring(1);
    }

    /** What it is called at the beginning of a sentence. */
    public String atStart() {
        return isPhrase() ? "“%s”".formatted(label) : label;
    }

    private boolean isPhrase() {
        return label.endsWith(" by") || label.endsWith(" show");
    }

    /** Whether it is the measure of a part, not the finished width or height. */
    public boolean isPart() {
        return !id.equals(WIDTH) && !id.equals(HEIGHT);
    }

    /** Whether it follows and nobody said otherwise. */
    public boolean isLeftTo(Measures measures) {
        return follows && !measures.says(id);
    }

    /** Whether it is asked at all, what is chosen being so. */
    public boolean isAsked(Measures measures) {
        return with == null || with.alternatives().contains(measures.chosen(with.choice()));
    }

    /** The same measure as the height of some pieces, by their names. */
    public Parameter ofPieces(String... names) {
        return new Parameter(id, label, meaning, panels, List.of(names), with, follows);
    }

    /** The same measure, which follows from the others until somebody says otherwise. */
    public Parameter following() {
        return new Parameter(id, label, meaning, panels, pieces, with, true);
    }
}
