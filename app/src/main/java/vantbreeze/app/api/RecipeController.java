package vantbreeze.app.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.cards.Card;
import vantbreeze.app.cards.Drawer;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.hand.KnownRecipe;
import vantbreeze.core.hand.OtherReadings;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.recipe.Assumption;
import vantbreeze.core.recipe.OneNumber;
import vantbreeze.core.recipe.Passage;
import vantbreeze.core.recipe.RecipeReading;
import vantbreeze.core.recipe.Recipes;
import vantbreeze.core.recognition.Recognisers;

/** Recipes as people write them: read, and made a card of. */
@RestController
@RequestMapping("/api/recipes")
class RecipeController {

    private static final UUID NOWHERE = new UUID(0, 0);

    /** A recipe, and the ruler whose unit figures without one are in. */
    public record WrittenRecipe(@NotNull String text, @Text String ruler) {}

    /**
     * What came of reading it.
     *
     * @param card as it would be, not kept anywhere; none when nothing can be drawn
     * @param whatItIs the structure of the catalogue that it is, in a sentence; null where it is none
     * @param notUnderstood places in the text
     * @param passedOver places in the text that are not about the card
     * @param assumed what it leaves open, how that was taken, and how else it may be told
     * @param mats where each mat was laid
     * @param mends changes of one figure, the likeliest first
     * @param question where several readings are as good
     */
    public record ReadView(
            @Nullable CardView card,
            boolean closes,
            String verdict,
            @Nullable String whatItIs,
            List<Passage> notUnderstood,
            List<Passage> passedOver,
            List<Assumption> assumed,
            List<String> mats,
            List<Passage> findings,
            List<OneNumber> mends,
            KnownRecipe.@Nullable Question question) {}

    /**
     * Another card that a recipe may mean.
     *
     * @param words how it is read or worded then
     * @param text the recipe then
     * @param whatItIs the structure that it is, in a sentence; null where it is none
     * @param pieces as they lie open
     */
    public record OtherView(
            String words, String text, @Nullable String whatItIs, String verdict, List<LaidPiece> pieces) {}

    private final Drawer drawer;
    private final StockRoom stock;

    RecipeController(Drawer drawer, StockRoom stock) {
        this.drawer = drawer;
        this.stock = stock;
    }

    @PostMapping("/read")
    ReadView read(@Valid @RequestBody WrittenRecipe recipe) {
        Ruler ruler = Written.on(recipe.ruler()).ruler();
        RecipeReading reading = recipes(ruler).read(recipe.text());
        if (reading.card() == null) {
            return new ReadView(
                    null,
                    false,
                    reading.verdict(),
                    null,
                    reading.notUnderstood(),
                    reading.passedOver(),
                    reading.taken(),
                    List.of(),
                    reading.findings(),
                    reading.mends(),
                    null);
        }
        KnownRecipe known = known(reading, reading.card());
        return new ReadView(
                CardView.of(new Card(NOWHERE, 0, known.card(), Instant.EPOCH, "")),
                known.closes(),
                known.verdict(),
                known.what(),
                reading.notUnderstood(),
                reading.passedOver(),
                known.assumed(),
                known.mats(),
                known.findings(),
                known.mends(),
                known.question());
    }

    /** What else it may mean, the likeliest first; asked once what it comes to is shown. */
    @PostMapping("/others")
    List<OtherView> others(@Valid @RequestBody WrittenRecipe recipe) {
        Recipes recipes = recipes(Written.on(recipe.ruler()).ruler());
        RecipeReading reading = recipes.read(recipe.text());
        return reading.card() == null
                ? List.of()
                : new OtherReadings(recipes, stock.workshop())
                        .than(reading, plan(reading, reading.card())).stream()
                                .map(other -> new OtherView(
                                        other.how().words(),
                                        other.how().text(),
                                        other.known().what(),
                                        other.known().verdict(),
                                        other.known().card().form().graph().assembly().pieces().stream()
                                                .map(LaidPiece::of)
                                                .toList()))
                                .toList();
    }

    private Recipes recipes(Ruler ruler) {
        return Recipes.on(ruler, stock.workshop().tools().allowances());
    }

    private KnownRecipe known(RecipeReading reading, FreeCard card) {
        return KnownRecipe.of(reading, plan(reading, card), stock.workshop());
    }

    /** Goes through the catalogue once, before the first recipe is compared with it: that takes a second or two. */
    @GetMapping("/ready")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void ready() {
        Recognisers.of(stock.workshop().catalogue(), stock.workshop().tools().allowances());
    }

    @PostMapping("/begun")
    @ResponseStatus(HttpStatus.CREATED)
    CardView begin(@Valid @RequestBody WrittenRecipe recipe) {
        RecipeReading reading = recipes(Written.on(recipe.ruler()).ruler()).read(recipe.text());
        if (reading.card() == null) {
            throw new ValidationException("recipe", reading.verdict());
        }
        return CardView.of(drawer.add(known(reading, reading.card()).card().plan()));
    }

    private static Plan plan(RecipeReading reading, FreeCard card) {
        String name = reading.name() == null || reading.name().isBlank() ? "Card from a recipe" : reading.name();
        return Plan.of(
                        name.length() > Plan.LONGEST_NAME ? name.substring(0, Plan.LONGEST_NAME) : name,
                        card,
                        reading.ruler())
                .withNotes(reading.notes());
    }
}
