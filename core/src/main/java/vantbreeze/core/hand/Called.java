package vantbreeze.core.hand;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Structure;

/**
 * What a recipe calls its card: by the name of a structure, or a card of the maker's own.
 *
 * @param structure of that name; null for a card of the maker's own
 * @param start where the name stands in the text
 * @param end where it ends, exclusive
 */
record Called(@Nullable Structure structure, int start, int end) {

    private static final String OF_MY_OWN = "a card of my own";

    /** The longest name of a structure in {@code text}, the first of those; none where the maker calls it nothing. */
    static Optional<Called> in(String text, Catalogue catalogue) {
        Optional<Called> own = find(text, OF_MY_OWN).map(found -> new Called(null, found.start(), found.end()));
        return own.isPresent()
                ? own
                : catalogue.all().stream()
                        .flatMap(structure -> find(text, structure.name()).stream()
                                .map(found -> new Called(structure, found.start(), found.end())))
                        .min(Comparator.comparing((Called called) -> called.start - called.end)
                                .thenComparing(Called::start));
    }

    /** A name as whole words, with hyphens or without. */
    private static Optional<MatchResult> find(String text, String name) {
        String words = Arrays.stream(name.toLowerCase(Locale.ROOT).split("[^\\p{L}\\d]+"))
                .map(Pattern::quote)
                .collect(Collectors.joining("[\\s\\p{Pd}]*"));
        Matcher matcher = Pattern.compile(
                        "(?<![\\p{L}\\d])" + words + "(?![\\p{L}\\d])", Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE)
                .matcher(text);
        return matcher.find() ? Optional.of(matcher.toMatchResult()) : Optional.empty();
    }

    /** The recipe calling it another structure; a card of the maker's own where that is null. */
    static String calling(String text, @Nullable Structure structure, Catalogue catalogue) {
        String name = structure == null ? "A" + OF_MY_OWN.substring(1) : structure.name();
        return in(text, catalogue)
                .map(called -> text.substring(0, called.start) + name + text.substring(called.end))
                .orElse(name + ".\n" + text);
    }
}
