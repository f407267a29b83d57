package vantbreeze.core.recipe;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.paper.Size;

/**
 * A recipe as it was read.
 *
 * @param text what was written
 * @param name what the card is called, or null
 * @param notes what is only to be minded
 * @param pieces to cut
 * @param mats to lay on
 * @param finished how large it shall be when closed, or null
 * @param figures every figure that the card hangs on, as it stands in the text
 * @param notUnderstood figures that nothing came of, and words that look like one of ours
 * @param passedOver words that are not about the card
 * @param isOfCards whether anything in it is said as cards are spoken of, but sizes
 * @param taken what the recipe left open and how it was taken
 */
@SuppressWarnings("ArrayRecordComponent") // a pair; never compared
record Recipe(
        String text,
        @Nullable String name,
        String notes,
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
        boolean isOfCards,
        List<String> taken) {

    /** Pieces, by their number, that are read as scored along the second side written. */
    Set<Integer> flipped() {
        return IntStream.range(0, pieces.size())
                .filter(i -> pieces.get(i).isFlipped)
                .boxed()
                .collect(Collectors.toSet());
    }
}
