package vantbreeze.core.hand;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.recipe.Assumption;
import vantbreeze.core.recipe.RecipeReading;
import vantbreeze.core.recipe.RecipeStyle;
import vantbreeze.core.recipe.Recipes;
import vantbreeze.core.recipe.Rewording;
import vantbreeze.core.structure.Measures;

/**
 * What else a recipe may mean: it is worded each way that it leaves open or that its figures may have been meant, and
 * read again. Cards that the catalogue knows come first, then those that close; what does neither is none.
 *
 * @param recipes reads them
 * @param workshop of the maker
 */
public record OtherReadings(Recipes recipes, Workshop workshop) {

    /** So many wordings are read, each at the cost of the recipe itself. */
    private static final int MOST_READ = 16;

    /** What all of them together may have; of a long recipe fewer are read. */
    private static final int MOST_CHARACTERS = 20_000;

    /** The same of lines. */
    private static final int MOST_LINES = 160;

    private static final int MOST_PHRASED = 6;

    private static final int MOST_SHOWN = 6;

    /**
     * Another card that a recipe may mean.
     *
     * @param how the recipe is worded then
     * @param known what it means then
     */
    public record Other(Rewording how, KnownRecipe known) {}

    /** What tells one card from another. */
    private record Look(String structure, @Nullable Measures measures, @Nullable Assembly drawn) {

        static Look of(KnownRecipe known) {
            WorkedPlan card = known.card();
            return card.isFree()
                    ? new Look("", null, card.form().graph().assembly())
                    : new Look(card.plan().structureId(), card.measures(), null);
        }
    }

    /** Other cards than the one it was taken for, the likeliest first; at most six. */
    public List<Other> than(RecipeReading reading, Plan drawn) {
        KnownRecipe shown = KnownRecipe.of(reading, drawn, workshop);
        Map<Look, Other> others = new LinkedHashMap<>();
        others.put(Look.of(shown), new Other(new Rewording("", reading.text()), shown));
        wordings(shown).limit(most(reading)).forEach(wording -> read(wording, drawn)
                .ifPresent(known -> others.putIfAbsent(Look.of(known.known()), known)));
        if (shown.what() == null) {
            reading.otherwise()
                    .limit(MOST_PHRASED)
                    .flatMap(other -> phrased(other, drawn).stream())
                    .forEach(known -> others.putIfAbsent(Look.of(known.known()), known));
        }
        return others.values().stream()
                .skip(1)
                .sorted(Comparator.comparing(other -> other.known().what() == null))
                .limit(MOST_SHOWN)
                .toList();
    }

    /** How many wordings are read: of a long recipe, or one of many lines, fewer. */
    private static int most(RecipeReading reading) {
        int lines = requireNonNull(reading.card()).assembly().pieces().stream()
                .mapToInt(piece -> 1 + piece.creases().size() + piece.slits().size())
                .sum();
        int budget = Math.min(MOST_CHARACTERS / reading.text().length(), MOST_LINES / lines);
        return Math.max(1, Math.min(MOST_READ, budget));
    }

    /**
     * Sentences taken another way, where that makes a card of the catalogue; written out, as the words stay the same.
     */
    private Optional<Other> phrased(RecipeReading reading, Plan drawn) {
        return known(reading, drawn)
                .filter(known -> known.what() != null)
                .map(known -> new Other(
                        new Rewording(
                                "Taken another way, and written out",
                                WrittenRecipe.of(known.card(), reading.ruler(), RecipeStyle.FULL)),
                        known));
    }

    private static Stream<Rewording> wordings(KnownRecipe shown) {
        List<Rewording> all = new ArrayList<>();
        shown.mends()
                .forEach(mend -> all.add(new Rewording(
                        mend.was().isEmpty() ? mend.now() : "%s for %s".formatted(mend.now(), mend.was()),
                        mend.text())));
        // one of each first: what is asked last may be the likeliest
        int most = shown.assumed().stream()
                .mapToInt(one -> one.others().size())
                .max()
                .orElse(0);
        for (int i = 0; i < most; i++) {
            for (Assumption assumption : shown.assumed()) {
                if (i < assumption.others().size()) {
                    all.add(assumption.others().get(i));
                }
            }
        }
        return all.stream();
    }

    private Optional<Other> read(Rewording wording, Plan drawn) {
        return known(recipes.read(wording.text()), drawn).map(known -> new Other(wording, known));
    }

    private Optional<KnownRecipe> known(RecipeReading reading, Plan drawn) {
        return Optional.ofNullable(reading.card())
                .flatMap(card -> KnownRecipe.undoubted(reading, Plan.of(drawn.name(), card, reading.ruler()), workshop))
                .filter(KnownRecipe::closes);
    }
}
