package vantbreeze.core.hand;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.recipe.Assumption;
import vantbreeze.core.recipe.OneNumber;
import vantbreeze.core.recipe.Passage;
import vantbreeze.core.recipe.RecipeReading;
import vantbreeze.core.recipe.Rewording;
import vantbreeze.core.recognition.Likeness;

/**
 * A recipe as the card that it means: as drawn where it is one of the catalogue that way, else by its pieces alone, as
 * folds and glue are often left unsaid; free where it is none.
 *
 * @param card the card, following its structure where it is known
 * @param what which structure it is, in a sentence; null where it is none
 * @param closes whether it closes
 * @param verdict in one sentence
 * @param assumed what the recipe leaves open, how that was taken, and how else it may be told
 * @param mats where each mat was laid
 * @param findings what is wrong, and where in the text
 * @param mends changes of one figure, the likeliest first; none for a card that is just as it is usually made
 * @param question what to ask where several readings are as good; null where one is better than the others
 */
public record KnownRecipe(
        WorkedPlan card,
        @Nullable String what,
        boolean closes,
        String verdict,
        List<Assumption> assumed,
        List<String> mats,
        List<Passage> findings,
        List<OneNumber> mends,
        @Nullable Question question) {

    public KnownRecipe {
        assumed = List.copyOf(assumed);
        mats = List.copyOf(mats);
        findings = List.copyOf(findings);
        mends = List.copyOf(mends);
    }

    /**
     * A question, and the recipe with each of its answers in it.
     *
     * @param words of the question
     * @param answers at least two
     */
    public record Question(String words, List<Rewording> answers) {
        public Question {
            answers = List.copyOf(answers);
        }
    }

    /**
     * What a recipe means, with its mats laid on the panels that they fit.
     *
     * @param drawn the card as its reader drew it
     */
    public static KnownRecipe of(RecipeReading reading, Plan drawn, Workshop workshop) {
        MatsLaid.Result exact = MatsLaid.exactly(reading.mats(), workshop.work(drawn));
        KnownRecipe bare = new RecipeJudge(reading, exact.card().plan(), workshop).judged();
        return bare.dressed(reading, exact.findings());
    }

    /**
     * The same where it can be said without looking for misread figures, much sooner; nothing where it hangs on them.
     */
    static Optional<KnownRecipe> undoubted(RecipeReading reading, Plan drawn, Workshop workshop) {
        MatsLaid.Result exact = MatsLaid.exactly(reading.mats(), workshop.work(drawn));
        return new RecipeJudge(reading, exact.card().plan(), workshop)
                .undoubted()
                .map(bare -> bare.dressed(reading, exact.findings()));
    }

    private KnownRecipe dressed(RecipeReading reading, List<Passage> more) {
        MatsLaid.Result laid = MatsLaid.of(reading.mats(), card);
        return new KnownRecipe(
                laid.card(),
                what,
                closes,
                verdict,
                assumed,
                laid.laid(),
                Stream.of(
                                findings.stream(),
                                more.stream(),
                                laid.findings().stream().filter(found -> !isSaid(found, reading)))
                        .flatMap(found -> found)
                        .toList(),
                mends,
                question);
    }

    /** Whether the reader found something about the same place. */
    private static boolean isSaid(Passage found, RecipeReading reading) {
        return reading.findings().stream().anyMatch(said -> said.start() == found.start());
    }

    /** Whether a card is closed as large as its recipe says, either way up. */
    static boolean isOfSize(Size closed, @Nullable Size finished) {
        return finished == null || closed.equals(finished) || closed.turned().equals(finished);
    }

    /** Whether all that usually follows does. */
    static boolean isPlain(Likeness known) {
        return known.structure().asked(known.measures()).stream()
                .noneMatch(parameter -> parameter.follows() && known.measures().says(parameter.id()));
    }
}
