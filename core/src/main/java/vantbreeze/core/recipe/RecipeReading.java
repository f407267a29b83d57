package vantbreeze.core.recipe;

import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/**
 * What came of reading a recipe.
 *
 * @param text as it is written
 * @param ruler it is answered on: one of the other school where all figures are in its unit
 * @param name what it calls the card, or null
 * @param notes what it only asks to be minded
 * @param card as drawn, or null when nothing can be
 * @param asTold its pieces with only what the recipe says of them, to be known by; null when nothing can be drawn, or a
 *     score lies off its piece
 * @param tellsGlue whether it says panel by panel where glue goes
 * @param closes whether it closes as a card does
 * @param closed its size then, or null
 * @param finished the size that it says it has then, or null
 * @param verdict in one sentence
 * @param mats it asks for
 * @param notUnderstood figures that nothing came of, and words that look like one of ours
 * @param passedOver words that are not about the card
 * @param taken what it leaves open and how that was taken
 * @param findings what is wrong, and where in the text
 * @param mending looks for changes of one figure by at least so much
 * @param copying reads each piece in turn as cut more or less often
 * @param phrasing takes its sentences the next likely ways, one at a time
 * @param slipping reads each figure in turn as what it may have been
 */
public record RecipeReading(
        String text,
        Ruler ruler,
        @Nullable String name,
        String notes,
        @Nullable FreeCard card,
        @Nullable Assembly asTold,
        boolean tellsGlue,
        boolean closes,
        @Nullable Size closed,
        @Nullable Size finished,
        String verdict,
        List<Mat> mats,
        List<Passage> notUnderstood,
        List<Passage> passedOver,
        List<Assumption> taken,
        List<Passage> findings,
        Function<Length, List<OneNumber>> mending,
        Supplier<Stream<Copies>> copying,
        Supplier<Stream<RecipeReading>> phrasing,
        Supplier<Stream<Slip>> slipping) {

    public RecipeReading {
        mats = List.copyOf(mats);
        notUnderstood = List.copyOf(notUnderstood);
        passedOver = List.copyOf(passedOver);
        taken = List.copyOf(taken);
        findings = List.copyOf(findings);
    }

    /** It with one piece in turn cut more or less often; each is made as it is asked for. */
    public Stream<Copies> copies() {
        return copying.get();
    }

    /** It with one sentence in turn taken the next likely ways, where no fewer of its figures are read then. */
    public Stream<RecipeReading> otherwise() {
        return phrasing.get();
    }

    /** Changes of one figure that would put it right, the likeliest first; looked for when they are asked for. */
    public List<OneNumber> mends() {
        return mends(Length.ZERO);
    }

    /** Those of them that change a figure by at least so much. */
    public List<OneNumber> mends(Length least) {
        return mending.apply(least);
    }

    /**
     * It with each figure in turn read as what it may have been, the likeliest slips first. Each is made as it is asked
     * for: whoever asks keeps to a budget.
     */
    public Stream<Slip> slips() {
        return slipping.get();
    }
}
