package vantbreeze.core.recipe;

import java.util.List;
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
        int quarterTurns,
        int @Nullable [] base,
        Set<Token> figures,
        List<Passage> notUnderstood,
        List<Passage> passedOver,
        List<Assumption> taken) {

    /** What was written. */
    String text() {
        return phrases.text();
    }

    /** The same phrases with what they leave open taken another way. */
    Recipe taken(Interpretation other) {
        return RecipeReader.read(phrases, other);
    }
}
