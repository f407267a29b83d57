package vantbreeze.core.recipe;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.LengthUnit;
import vantbreeze.core.length.Precision;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowances;

/** Reads a recipe as people write it down, draws it and judges it. */
public final class Recipes {

    /** Longest recipe taken, characters: an outline of some three hundred corners, read aloud, is shorter. */
    public static final int LONGEST = 50_000;

    /** Sizes with more words than this beside them, and none of ours, are none of a card. */
    private static final int MOST_ASIDE = 3;

    /** Characters of all recipes together that tell otherwise what was assumed. */
    private static final int MOST_REWORDED = 400_000;

    /** How many other ways to take a recipe are judged: each costs as much as the first. */
    private static final int MOST_OTHERS = 6;

    /** How many ways one sentence is taken. */
    private static final int MOST_WAYS = 4;

    private static final List<Ruler> METRIC = List.of(Ruler.MM_1, Ruler.MM_HALF);
    private static final List<Ruler> INCHES = List.of(Ruler.EIGHTHS, Ruler.SIXTEENTHS, Ruler.THIRTY_SECONDS);

    private final Ruler ruler;
    private final Allowances allowances;

    private Recipes(Ruler ruler, Allowances allowances) {
        this.ruler = ruler;
        this.allowances = allowances;
    }

    /**
     * Reads for makers with this ruler: a figure without a unit is in its unit, and answers are in its figures. With
     * the usual allowances.
     */
    public static Recipes on(Ruler ruler) {
        return on(ruler, Allowances.usual());
    }

    /** The same with a maker's allowances. */
    public static Recipes on(Ruler ruler, Allowances allowances) {
        return new Recipes(ruler, allowances);
    }

    /**
     * Reads {@code text}. What can't be understood is said, never dropped.
     *
     * @throws ValidationException when there is nothing to read, or more than {@link #LONGEST} characters
     */
    public RecipeReading read(String text) {
        if (text == null || text.isBlank()) {
            throw new ValidationException(
                    "recipe",
                    "Nothing is written here. Type or paste a recipe, like: 11 x 4 1/4, score at 2 3/4 "
                            + "and 5 1/2, fold m v.");
        }
        if (text.length() > LONGEST) {
            throw new ValidationException(
                    "recipe",
                    String.format(
                            Locale.ROOT,
                            "That is %,d characters; a recipe has %,d at the most. Leave out what is not about "
                                    + "cutting and scoring.",
                            text.length(),
                            LONGEST));
        }
        // control characters are no words, and places in the text must stay
        String plain = text.replaceAll("[\\p{Cc}&&[^\\n\\r\\t]]", " ").replace('\u00a0', ' ');
        Phrases phrases = Phrases.of(plain, ruler.unit());
        RecipeReading likeliest = new Recipes(answering(phrases), allowances).judged(phrases);
        boolean isWithoutPieces =
                likeliest.card() == null && likeliest.findings().isEmpty();
        return isWithoutPieces && phrases.isOfCards()
                ? likeliest.otherwise().findFirst().orElse(likeliest)
                : likeliest;
    }

    /** The ruler to answer on: a recipe all in the other school's unit is answered in that. */
    private Ruler answering(Phrases phrases) {
        List<Token> figures = phrases.tokens(Token.Kind.FIGURE)
                .filter(token -> token.length() != null)
                .toList();
        boolean isOther = !figures.isEmpty()
                && figures.stream().allMatch(figure -> (figure.unit() == LengthUnit.INCH) != ruler.isInches());
        return !isOther
                ? ruler
                : (ruler.isInches() ? METRIC : INCHES)
                        .stream()
                                .filter(one -> figures.stream().allMatch(figure -> one.marks(figure.measure())))
                                .findFirst()
                                .orElse(ruler.isInches() ? Ruler.MM_1 : Ruler.SIXTEENTHS);
    }

    private RecipeReading judged(Phrases phrases) {
        Recipe recipe = new ScoredSide(phrases, Interpretation.PLAIN).read();
        if (isNotOfCards(recipe)) {
            return nothing(
                    recipe,
                    "I find no card in this. Write the size of a piece, like 11 x 4 1/4, then where it is " + "scored.",
                    List.of(),
                    least -> List.of());
        }
        List<Passage> findings = new ArrayList<>(scoresOffThePiece(recipe));
        RecipeCard drawn;
        try {
            drawn = RecipeCard.of(recipe);
        } catch (UnbuildableRecipe unbuildable) {
            return nothing(
                    recipe,
                    unbuildable.getMessage(),
                    findings,
                    least -> recipe.pieces().isEmpty() ? List.of() : new Mending(recipe, ruler).mends(least));
        }
        Misfit misfit = Misfit.of(drawn.card(), recipe.finished());
        recipe.pieces().stream()
                .flatMap(piece -> piece.outOfTurn.stream())
                .forEach(score -> findings.add(new Passage(
                        score.start(),
                        score.end(),
                        "The score at %s is written behind a longer one: is it misread?"
                                .formatted(write(score.at())))));
        if (!misfit.closes()) {
            findings.addAll(new Mending(recipe, ruler).foldsTheOtherWay());
        }
        findings.addAll(new MatJudge(drawn.card(), recipe.mats(), ruler, allowances).findings());
        boolean closes = misfit.closes() && scoresOffThePiece(recipe).isEmpty();
        List<Assumption> taken = new ArrayList<>(recipe.taken());
        recipe.pieces().stream()
                .flatMap(piece -> scoredSide(piece, recipe).stream())
                .forEach(taken::add);
        taken.addAll(drawn.taken());
        new BareFigures(recipe, ruler, allowances).assumption().ifPresent(taken::add);
        return new RecipeReading(
                recipe.text(),
                ruler,
                recipe.phrases().name(),
                recipe.phrases().notes(),
                drawn.card(),
                scoresOffThePiece(recipe).isEmpty() ? drawn.asTold() : null,
                recipe.glue().stream().anyMatch(line -> line.panel() > 0),
                closes,
                misfit.closed(),
                recipe.finished(),
                verdict(misfit, closes, recipe.finished()),
                recipe.mats(),
                sorted(recipe.notUnderstood()),
                recipe.passedOver(),
                distinct(taken, recipe.text()),
                findings,
                least -> new Mending(recipe, ruler).mends(least),
                () -> Copies.of(recipe),
                () -> otherwise(recipe),
                () -> new Mending(recipe, ruler).slips());
    }

    /**
     * Each said once: of copies of a piece the same is assumed. Every other way to tell it is a whole recipe: of a long
     * one fewer are given, those said first.
     */
    private static List<Assumption> distinct(List<Assumption> taken, String text) {
        int room = MOST_REWORDED / text.length();
        Map<String, Assumption> byWords = new LinkedHashMap<>();
        for (Assumption one : taken) {
            if (!byWords.containsKey(one.words())) {
                List<Rewording> others =
                        one.others().subList(0, Math.min(room, one.others().size()));
                room -= others.size();
                byWords.put(one.words(), new Assumption(one.about(), one.words(), others));
            }
        }
        return List.copyOf(byWords.values());
    }

    private Stream<RecipeReading> otherwise(Recipe recipe) {
        return recipe.phrases()
                .otherwise(MOST_WAYS)
                .limit(MOST_OTHERS)
                .map(this::judged)
                .filter(other -> other.card() != null
                        && other.notUnderstood().size()
                                <= recipe.notUnderstood().size());
    }

    /** Which side of a piece is scored, where it does not say and either may be. */
    private static Optional<Assumption> scoredSide(WrittenPiece piece, Recipe recipe) {
        if (!piece.leavesSideOpen() || !piece.fitsAcross()) {
            return !piece.isFlipped
                    ? Optional.empty()
                    : Optional.of(Assumption.plain(
                            Assumption.About.SIDE,
                            "%s is scored along the second side written: there its scores fit."
                                    .formatted(recipe.titleAtStart(piece))));
        }
        String other = piece.along().isLongerThan(piece.across()) ? "short" : "long";
        return Optional.of(new Assumption(
                Assumption.About.SIDE,
                "%s is taken to be scored along its %s side."
                        .formatted(recipe.titleAtStart(piece), other.equals("short") ? "long" : "short"),
                piece.sizeEnd < 0
                        ? List.of()
                        : List.of(Rewording.with(
                                "Along the %s side".formatted(other),
                                recipe.text(),
                                piece.sizeEnd,
                                ", on the %s side".formatted(other)))));
    }

    /** Figures like sizes in a text that has no other word of ours: a letter, a shopping list, a poem. */
    private static boolean isNotOfCards(Recipe recipe) {
        return !recipe.phrases().isOfCards() && recipe.phrases().strangers() > MOST_ASIDE;
    }

    private RecipeReading nothing(
            Recipe recipe, String verdict, List<Passage> findings, Function<Length, List<OneNumber>> mending) {
        return new RecipeReading(
                recipe.text(),
                ruler,
                recipe.phrases().name(),
                recipe.phrases().notes(),
                null,
                null,
                false,
                false,
                null,
                null,
                verdict,
                recipe.mats(),
                sorted(recipe.notUnderstood()),
                recipe.passedOver(),
                distinct(recipe.taken(), recipe.text()),
                findings,
                mending,
                Stream::of,
                () -> otherwise(recipe),
                Stream::of);
    }

    private static List<Passage> sorted(List<Passage> passages) {
        return passages.stream().sorted(Comparator.comparing(Passage::start)).toList();
    }

    private List<Passage> scoresOffThePiece(Recipe recipe) {
        List<Passage> off = new ArrayList<>();
        for (WrittenPiece piece : recipe.pieces()) {
            piece.scores.stream()
                    .filter(score -> !score.at().isPositive() || !score.at().isShorterThan(piece.along()))
                    .forEach(score -> off.add(off(score, piece.name, piece.along())));
            piece.levels.stream()
                    .filter(score -> !score.at().isPositive() || !score.at().isShorterThan(piece.across()))
                    .forEach(score -> off.add(off(score, piece.name, piece.across())));
        }
        return off;
    }

    private Passage off(WrittenPiece.Score score, String name, Length side) {
        return new Passage(
                score.start(),
                score.end(),
                "A score at %s is not on %s, which is %s long there.".formatted(write(score.at()), name, write(side)));
    }

    /** What is said of a card that closes. */
    public static String closing(Size closed, Ruler ruler) {
        return "It closes, to %s.".formatted(closed.inWords(ruler));
    }

    private String verdict(Misfit misfit, boolean closes, @Nullable Size finished) {
        String closed = misfit.closed().inWords(ruler);
        if (closes) {
            return closing(misfit.closed(), ruler);
        }
        List<String> why = new ArrayList<>();
        if (misfit.gap() >= Precision.CLOSES) {
            why.add(String.format(Locale.ROOT, "what is glued is %.1f mm off", misfit.gap()));
        }
        if (misfit.pokesOut() >= Precision.CLOSES) {
            why.add("a panel pokes out by %s".formatted(write(Length.nearest(misfit.pokesOut()))));
        }
        if (misfit.laps() >= Precision.CLOSES) {
            why.add("two flaps lie on each other by %s".formatted(write(Length.nearest(misfit.laps()))));
        }
        if (!misfit.folds()) {
            why.add("its panels can't all fold as named");
        }
        if (finished != null && misfit.offSize() > 0.1) {
            why.add("closed it is %s, not %s".formatted(closed, finished.inWords(ruler)));
        }
        if (why.isEmpty()) {
            why.add("a score lies off its piece");
        }
        return "It does not close: " + String.join("; ", why) + ".";
    }

    private String write(Length length) {
        return Figure.of(length, ruler).inWords();
    }
}
