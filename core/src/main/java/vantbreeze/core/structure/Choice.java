package vantbreeze.core.structure;

import java.util.List;
import java.util.stream.IntStream;

/**
 * Something about a structure that is chosen, not measured: how many panels, which variant.
 *
 * @param id how plans name it
 * @param label what the maker calls it
 * @param meaning what it is, in a few plain words
 * @param alternatives what there is to choose from, the usual one first
 * @param takesPath whether an SVG path of the maker's own does as well
 */
public record Choice(String id, String label, String meaning, List<Alternative> alternatives, boolean takesPath) {

    /** Id of the choice, in whichever structure has it, between one long piece and several shorter ones. */
    public static final String MADE = "made";

    public Choice {
        alternatives = List.copyOf(alternatives);
    }

    /** One thing that can be chosen. */
    public record Alternative(String id, String label) {}

    /** A choice between named things, the usual one first. */
    public static Choice of(String id, String label, String meaning, Alternative... alternatives) {
        return new Choice(id, label, meaning, List.of(alternatives), false);
    }

    /**
     * A number of {@code things} from {@code least} to {@code most}, of which {@code usual} is chosen unless said
     * otherwise.
     */
    static Choice count(String id, String label, String meaning, int least, int most, int usual) {
        return new Choice(
                id,
                label,
                meaning,
                IntStream.concat(
                                IntStream.of(usual),
                                IntStream.rangeClosed(least, most).filter(count -> count != usual))
                        .mapToObj(count -> new Alternative(String.valueOf(count), String.valueOf(count)))
                        .toList(),
                false);
    }

    /** The one that is chosen unless the maker says otherwise. */
    public Alternative usual() {
        return alternatives.get(0);
    }

    /** What a maker sees it called; what is written where it is a path of their own. */
    public String labelOf(String value) {
        return alternatives.stream()
                .filter(alternative -> alternative.id().equals(value))
                .map(Alternative::label)
                .findFirst()
                .orElse(value);
    }

    /** Whether {@code value} is among the alternatives. */
    public boolean has(String value) {
        return alternatives.stream().anyMatch(alternative -> alternative.id().equals(value));
    }
}
