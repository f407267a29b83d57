package vantbreeze.core.hand;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.recipe.OneNumber;
import vantbreeze.core.recipe.Passage;
import vantbreeze.core.recipe.RecipeReading;
import vantbreeze.core.recipe.Recipes;
import vantbreeze.core.recognition.Likeness;
import vantbreeze.core.recognition.Recognisers;

/**
 * A recipe as the card that it means: as drawn where it is one of the catalogue that way, else by its pieces alone, as
 * folds and glue are often left unsaid; free where it is none.
 *
 * @param card the card, following its structure where it is known
 * @param what which structure it is, in a sentence; null where it is none
 * @param closes whether it closes
 * @param verdict in one sentence
 * @param assumed what the recipe leaves open and how that was taken
 * @param mats where each mat was laid
 * @param findings what is wrong, and where in the text
 * @param mends changes of one figure, the likeliest first; none for a card that is just as it is usually made
 */
public record KnownRecipe(
        WorkedPlan card,
        @Nullable String what,
        boolean closes,
        String verdict,
        List<String> assumed,
        List<String> mats,
        List<Passage> findings,
        List<OneNumber> mends) {

    public KnownRecipe {
        assumed = List.copyOf(assumed);
        mats = List.copyOf(mats);
        findings = List.copyOf(findings);
        mends = List.copyOf(mends);
    }

    private static final int MOST_MENDS = 3;

    /** Gates, tabs and the like are cut by less than this smaller on purpose (common practice, no source). */
    private static final Length HAIR = Ruler.MM_1.division().times(3);

    private static final String UNSAID =
            "Folds and glue that the recipe leaves unsaid are those of the card that it is.";

    /**
     * What a recipe means, with its mats laid on the panels that they fit.
     *
     * @param drawn the card as its reader drew it
     */
    public static KnownRecipe of(RecipeReading reading, Plan drawn, Workshop workshop) {
        MatsLaid.Result exact = MatsLaid.exactly(reading.mats(), workshop.work(drawn));
        KnownRecipe bare = undressed(reading, exact.card().plan(), workshop);
        MatsLaid.Result laid = MatsLaid.of(reading.mats(), bare.card);
        return new KnownRecipe(
                laid.card(),
                bare.what,
                bare.closes,
                bare.verdict,
                bare.assumed,
                laid.laid(),
                Stream.of(
                                bare.findings.stream(),
                                exact.findings().stream(),
                                laid.findings().stream().filter(found -> !isSaid(found, reading)))
                        .flatMap(findings -> findings)
                        .toList(),
                bare.mends);
    }

    /** Whether the reader found something about the same place. */
    private static boolean isSaid(Passage found, RecipeReading reading) {
        return reading.findings().stream().anyMatch(said -> said.start() == found.start());
    }

    private static KnownRecipe undressed(RecipeReading reading, Plan drawn, Workshop workshop) {
        WhatItIs what = new WhatItIs(workshop, drawn);
        Optional<Likeness> asDrawn = reading.closes() ? what.known() : Optional.empty();
        if (asDrawn.isPresent()) {
            Likeness known = asDrawn.get();
            return new KnownRecipe(
                    workshop.work(what.taken(known)),
                    what.inWords(known),
                    true,
                    reading.verdict(),
                    reading.taken(),
                    List.of(),
                    reading.findings(),
                    isPlain(known) ? List.of() : doubts(reading, drawn, workshop));
        }
        Optional<Likeness> likeness = byPieces(reading, drawn.ruler(), workshop);
        Optional<KnownRecipe> byPieces = likeness.map(known -> meant(known, reading, drawn, what, workshop))
                .filter(known -> isOfSize(known.card.footprint(), reading.finished()));
        if (byPieces.isPresent() && likeness.filter(KnownRecipe::isPlain).isPresent()) {
            return byPieces.get();
        }
        List<OneNumber> mends =
                byPieces.isPresent() ? doubts(reading, drawn, workshop) : mends(reading, workshop, Length.ZERO);
        // with measures that somebody must have chosen almost any strip is something: a misread figure is likelier
        return byPieces.filter(known -> mends.isEmpty())
                .orElseGet(() -> new KnownRecipe(
                        workshop.work(drawn),
                        null,
                        reading.closes(),
                        reading.verdict(),
                        reading.taken(),
                        List.of(),
                        reading.findings(),
                        mends));
    }

    /** Whether a card is closed as large as its recipe says, either way up. */
    static boolean isOfSize(Size closed, @Nullable Size finished) {
        return finished == null || closed.equals(finished) || closed.turned().equals(finished);
    }

    /**
     * Of a card that is known, but not as it is usually made: almost any strip is something, but of several pieces that
     * fit one another none is misread.
     */
    private static List<OneNumber> doubts(RecipeReading reading, Plan drawn, Workshop workshop) {
        return drawn.drawn().assembly().pieces().size() > 1 ? reading.mends() : mends(reading, workshop, HAIR);
    }

    /** Figures that make it a card of the catalogue; then, where it does not close, those with which it does. */
    private static List<OneNumber> mends(RecipeReading reading, Workshop workshop, Length least) {
        if (reading.tellsGlue()) {
            return reading.mends();
        }
        List<OneNumber> mends = new ArrayList<>(new MeantFigure(reading, workshop, least).found());
        reading.mends().stream()
                .filter(one -> mends.stream().noneMatch(known -> known.text().equals(one.text())))
                .forEach(mends::add);
        return mends.stream().limit(MOST_MENDS).toList();
    }

    /** Whether all that usually follows does. */
    static boolean isPlain(Likeness known) {
        return known.structure().asked(known.measures()).stream()
                .noneMatch(parameter -> parameter.follows() && known.measures().says(parameter.id()));
    }

    /** Of a recipe that says itself what is glued where, its pieces alone do not say what it is. */
    private static Optional<Likeness> byPieces(RecipeReading reading, Ruler ruler, Workshop workshop) {
        return reading.asTold() == null || reading.tellsGlue()
                ? Optional.empty()
                : Recognisers.of(workshop.catalogue(), workshop.tools().allowances())
                        .exactly(reading.asTold(), null, ruler)
                        .stream()
                        .findFirst();
    }

    private static KnownRecipe meant(
            Likeness known, RecipeReading reading, Plan drawn, WhatItIs what, Workshop workshop) {
        Plan plan = Plan.of(drawn.name(), known.structure().id(), known.measures(), drawn.ruler())
                .withNotes(drawn.notes());
        WorkedPlan worked = workshop.work(plan);
        return new KnownRecipe(
                worked,
                what.inWords(known),
                true,
                Recipes.closing(worked.footprint(), drawn.ruler()),
                List.of(UNSAID),
                List.of(),
                reading.findings(),
                List.of());
    }
}
