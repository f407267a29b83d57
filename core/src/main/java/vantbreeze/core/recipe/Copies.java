package vantbreeze.core.recipe;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.length.NumberWords;
import vantbreeze.core.paper.Size;

/**
 * A recipe with one piece cut more or less often than it says, or often where it does not say how often.
 *
 * @param piece its name; null where the recipe tells all pieces for several cards, and these are those of one
 * @param count how often it is cut, or for how many cards the recipe is told
 * @param isTold whether the recipe says how often, so that it would be misread
 * @param change of the count; where none is told, of nothing to it
 * @param asTold all pieces then, with only what the recipe says of them
 * @param finished how large it says that it shall be closed, or null
 * @param mats it asks for
 */
public record Copies(
        @Nullable String piece,
        int count,
        boolean isTold,
        OneNumber change,
        Assembly asTold,
        @Nullable Size finished,
        List<Mat> mats) {

    /** No structure has more pieces that are alike, but where they are counted. */
    private static final int MOST = 4;

    /** So many pieces are tried; a card has fewer kinds. */
    private static final int MOST_PIECES = 8;

    /** Each piece in turn cut once, twice and so on; a misread count is one more or one less. */
    static Stream<Copies> of(Recipe recipe) {
        return Stream.concat(
                ofOneCard(recipe).stream(),
                IntStream.range(0, Math.min(recipe.pieces().size(), MOST_PIECES))
                        .boxed()
                        .flatMap(piece -> counts(recipe.pieces().get(piece))
                                .boxed()
                                .flatMap(count -> of(recipe, piece, count).stream())));
    }

    /** The pieces of one card, where each is told so often that they may be those of several. */
    private static Optional<Copies> ofOneCard(Recipe recipe) {
        int cards = recipe.pieces().stream()
                .mapToInt(piece -> piece.count)
                .reduce(Copies::commonDivisor)
                .orElse(1);
        Map<Integer, Integer> counts = IntStream.range(0, recipe.pieces().size())
                .boxed()
                .collect(Collectors.toMap(
                        piece -> piece, piece -> recipe.pieces().get(piece).count / Math.max(1, cards)));
        OneNumber nothing = new OneNumber(0, 0, "", "", recipe.text(), "");
        return cards < 2 ? Optional.empty() : made(recipe, counts, null, cards, false, nothing);
    }

    private static int commonDivisor(int one, int other) {
        return other == 0 ? one : commonDivisor(other, one % other);
    }

    private static IntStream counts(WrittenPiece piece) {
        return piece.counted == null
                ? IntStream.rangeClosed(2, MOST)
                : IntStream.of(piece.count + 1, piece.count - 1).filter(count -> count > 0);
    }

    private static Optional<Copies> of(Recipe recipe, int number, int count) {
        WrittenPiece piece = recipe.pieces().get(number);
        Token counted = piece.counted;
        if (counted == null && piece.sizeEnd < 0) {
            return Optional.empty();
        }
        String text = recipe.text();
        int start = counted == null ? piece.sizeEnd : counted.start();
        int end = counted == null ? piece.sizeEnd : counted.end();
        String was = text.substring(start, end).strip();
        String now = counted == null
                ? String.format(Locale.ROOT, " (%d)", count)
                : isInWords(was) ? NumberWords.said(count) : String.valueOf(count);
        OneNumber change = new OneNumber(
                start,
                end,
                was,
                now.strip(),
                Rewording.of("", text, start, end, now).text(),
                "");
        return made(recipe, Map.of(number, count), piece.name, count, counted != null, change);
    }

    private static Optional<Copies> made(
            Recipe recipe,
            Map<Integer, Integer> counts,
            @Nullable String piece,
            int count,
            boolean isTold,
            OneNumber change) {
        try {
            Recipe taken = recipe.taken(recipe.interpretation().copying(counts));
            return Optional.of(new Copies(
                    piece, count, isTold, change, RecipeCard.of(taken).asTold(), taken.finished(), taken.mats()));
        } catch (UnbuildableRecipe unbuildable) {
            return Optional.empty();
        }
    }

    /** Whether a figure is written in words, as in dictation. */
    static boolean isInWords(String figure) {
        return figure.chars().anyMatch(Character::isLetter) && figure.chars().noneMatch(Character::isDigit);
    }

    /** How often it is taken to be cut, and the recipe saying that it is once. */
    public Assumption assumption() {
        if (piece == null) {
            return Assumption.plain(
                    Assumption.About.COUNT,
                    String.format(Locale.ROOT, "This is told for %d cards; one of them is shown.", count));
        }
        int behind = change.start() + 1 + change.now().length();
        return new Assumption(
                Assumption.About.COUNT,
                count == 2
                        ? "%s is taken to be cut twice.".formatted(piece)
                        : String.format(Locale.ROOT, "%s is taken to be cut %d times.", piece, count),
                List.of(Rewording.of("It is cut once", change.text(), change.start(), behind, " (1)")));
    }

    /** Where it is told how often: the same as a figure that was misread. */
    public List<Slip> slip() {
        return isTold ? List.of(new Slip(change, null, asTold, finished, mats)) : List.of();
    }
}
