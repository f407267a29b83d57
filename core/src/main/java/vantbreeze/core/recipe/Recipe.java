package vantbreeze.core.recipe;

import java.util.List;
import java.util.Set;
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
 * @param notUnderstood words and figures that nothing came of
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
        List<String> taken) {}
