package vantbreeze.core.recipe;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.paper.Size;

/**
 * A recipe as it was read.
 *
 * @param phrases as its grammar reads it
 * @param interpretation how what it leaves open was taken
 * @param pieces to cut
 * @param mats to lay on
 * @param finished how large it shall be when closed, or null
 * @param figures every figure that the card hangs on, as it stands in the text
 * @param notUnderstood figures that nothing came of, and words that look like one of ours
 * @param passedOver words that are not about the card
 * @param taken what the recipe left open and how it was taken
 */
@SuppressWarnings("ArrayRecordComponent") // a pair; never compared
record Recipe(
        Phrases phrases,
        Interpretation interpretation,
        List<WrittenPiece> pieces,
        List<Mat> mats,
        @Nullable Size finished,
        List<GlueLine> glue,
        List<int[]> overs,
        List<int[]> open,
        int eighthTurns,
        int @Nullable [] base,
        Set<Token> figures,
        List<Passage> notUnderstood,
        List<Passage> passedOver,
        List<Assumption> taken) {

    /** What was written. */
    String text() {
        return phrases.text();
    }

    /** What a piece is called where there are several: "the 2nd Tier" where others have its name. */
    String title(WrittenPiece piece) {
        List<WrittenPiece> namesakes =
                pieces.stream().filter(other -> other.name.equals(piece.name)).toList();
        return namesakes.size() < 2 ? piece.name : "the %s %s".formatted(nth(namesakes.indexOf(piece) + 1), piece.name);
    }

    /** The same at the start of a sentence. */
    String titleAtStart(WrittenPiece piece) {
        String title = title(piece);
        return title.substring(0, 1).toUpperCase(Locale.ROOT) + title.substring(1);
    }

    private static String nth(int number) {
        boolean isTeen = number / 10 % 10 == 1;
        String ending = isTeen
                ? "th"
                : switch (number % 10) {
                    case 1 -> "st";
                    case 2 -> "nd";
                    case 3 -> "rd";
                    default -> "th";
                };
        return number + ending;
    }

    /** The same phrases with what they leave open taken another way. */
    Recipe taken(Interpretation other) {
        return RecipeReader.read(phrases, other);
    }
}
