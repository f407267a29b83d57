package vantbreeze.core.recipe;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.grammar.Chart;
import vantbreeze.core.grammar.Leaf;
import vantbreeze.core.grammar.Phrasing;
import vantbreeze.core.grammar.Tree;
import vantbreeze.core.length.LengthUnit;
import vantbreeze.core.recipe.Token.Kind;

/**
 * A recipe as its grammar reads it, before anything is made of it.
 *
 * @param text what is written
 * @param name what it calls the card, or null
 * @param notes what is only to be minded
 * @param sentences in order
 * @param unreadable figures that are none
 */
record Phrases(String text, @Nullable String name, String notes, List<Sentence> sentences, List<Passage> unreadable) {

    /** Lines whose rest is the maker's own words. */
    private static final Pattern OWN_WORDS =
            Pattern.compile("(?im)^[ \\t]*(?<what>name|notes?|title)[ \\t]*:(?<words>.*)$");

    /** Lists of more figures are read in parts: a budget, as time goes with the square of their length. */
    private static final int LONGEST_LIST = 40;

    /** So are longer sentences; the folds of a card with the most panels are fewer words. */
    private static final int LONGEST_SENTENCE = 400;

    /** Before a word with which a phrase begins they are cut sooner: so much is said in one breath. */
    private static final int LONG_SENTENCE = 130;

    /** Words of figures that are no list. */
    private static final String[] OF_SPOTS = {"left", "foot", "up", "panel", "piece"};

    private static final int MOST_NAME_WORDS = 6;
    /** A line that ends so goes on in the next. */
    private static final Set<String> GOES_ON = Set.of("and", "at", "by", "from", "to", "of", "the", "x", "×", "&", "@");

    /**
     * A sentence, or a part of a long one.
     *
     * @param tokens all of it
     * @param phrases of it
     * @param leftOver tokens of no phrase
     */
    record Sentence(List<Token> tokens, List<Tree<Token>> phrases, List<Token> leftOver) {

        static Sentence of(List<Token> tokens, List<Tree<Token>> phrases) {
            Set<Token> read = phrases.stream()
                    .flatMap(phrase -> phrase.leaves().stream())
                    .map(Leaf::token)
                    .collect(Collectors.toSet());
            return new Sentence(
                    tokens,
                    phrases,
                    tokens.stream().filter(token -> !read.contains(token)).toList());
        }
    }

    /** Whether anything in it is said as cards are spoken of, but sizes and the names of things. */
    boolean isOfCards() {
        return tokens(Kind.WORD).anyMatch(word -> RecipeGrammar.only()
                .isAny(word.text(), "MAT", "FINISHED", "SCORE", "FOLD", "ALTERNATING", "SLIT"));
    }

    /** How many words are not about a card, those in names of pieces too. */
    int strangers() {
        RecipeGrammar grammar = RecipeGrammar.only();
        return (int) tokens(Kind.WORD).filter(grammar::isStrange).count()
                + tokens(Kind.NAME).mapToInt(name -> strangersIn(name.text())).sum();
    }

    /** All tokens of a kind, in order. */
    Stream<Token> tokens(Kind kind) {
        return sentences.stream()
                .flatMap(sentence -> sentence.tokens().stream())
                .filter(token -> token.is(kind));
    }

    private static int strangersIn(String name) {
        String[] words = name.toLowerCase(Locale.ROOT).split("[^\\p{L}]+");
        boolean isNoun =
                Arrays.stream(words).anyMatch(word -> RecipeGrammar.only().is(word, "NOUN"));
        return isNoun ? 0 : words.length;
    }

    /** Reads {@code text}; figures without a unit are in {@code bare} unless the text says otherwise. */
    static Phrases of(String text, LengthUnit bare) {
        StringBuilder rest = new StringBuilder(text);
        StringBuilder notes = new StringBuilder();
        String name = null;
        Matcher own = OWN_WORDS.matcher(text);
        while (own.find()) {
            String words = own.group("words").strip();
            if (own.group("what").toLowerCase(Locale.ROOT).startsWith("note")) {
                notes.append(words).append('\n');
            } else {
                name = words;
            }
            for (int i = own.start(); i < own.end(); i++) {
                rest.setCharAt(i, ' ');
            }
        }
        List<Passage> unreadable = new ArrayList<>();
        List<Token> tokens = Tokens.of(rest.toString(), bare, unreadable);
        return new Phrases(text, name, notes.toString().strip(), sentences(tokens, text), unreadable);
    }

    private static List<Sentence> sentences(List<Token> tokens, String text) {
        List<Sentence> sentences = new ArrayList<>();
        List<Token> sentence = new ArrayList<>();
        int figures = 0;
        int words = 0;
        for (Token token : tokens) {
            figures = token.is(Kind.FIGURE) ? figures + 1 : token.isWord(OF_SPOTS) ? 0 : figures;
            boolean ends = token.is(Kind.STOP) && !goesOn(sentence, token);
            words = token.isWord(OF_SPOTS) ? 0 : token.is(Kind.COMMA) ? words : words + 1;
            boolean isLong = words > (begins(token) ? LONG_SENTENCE : LONGEST_SENTENCE);
            if (ends || figures > LONGEST_LIST || isLong) {
                if (!isMarker(sentence, token)) {
                    sentences.add(sentence(sentence, text));
                }
                sentence = new ArrayList<>();
                figures = 0;
                words = 0;
            }
            if (!token.is(Kind.STOP)) {
                sentence.add(token);
            }
        }
        sentences.add(sentence(sentence, text));
        return sentences;
    }

    private static boolean begins(Token token) {
        return token.is(Kind.WORD) && RecipeGrammar.only().isAny(token.text(), "SCORE", "FOLD", "MAT", "SLIT", "GLUE");
    }

    /** "1. " before the first line of a list. */
    private static boolean isMarker(List<Token> sentence, Token stop) {
        return stop.text().equals(".") && sentence.size() == 1 && RecipeGrammar.isCount(sentence.get(0));
    }

    private static boolean goesOn(List<Token> sentence, Token stop) {
        boolean isLineEnd = stop.text().isBlank();
        return isLineEnd
                && !sentence.isEmpty()
                && GOES_ON.contains(sentence.get(sentence.size() - 1).text());
    }

    private static Sentence sentence(List<Token> tokens, String text) {
        List<Token> all = named(tokens, text);
        return phrased(all, 1).get(0);
    }

    /** The cheapest ways to take a sentence. */
    private static List<Sentence> phrased(List<Token> tokens, int most) {
        RecipeGrammar grammar = RecipeGrammar.only();
        List<Token> weighty =
                tokens.stream().filter(token -> !grammar.isStrange(token)).toList();
        Chart<Token> chart = new Chart<>(grammar.grammar(), grammar, weighty);
        return Phrasing.cheapest(chart, "phrase", grammar::leftOver, most).stream()
                .map(phrasing -> Sentence.of(tokens, phrasing.phrases()))
                .toList();
    }

    /** The same recipe with one sentence in turn taken the next likely ways. */
    Stream<Phrases> otherwise(int most) {
        return IntStream.range(0, sentences.size())
                .boxed()
                .flatMap(i -> phrased(sentences.get(i).tokens(), most).stream()
                        .skip(1)
                        .map(other -> {
                            List<Sentence> all = new ArrayList<>(sentences);
                            all.set(i, other);
                            return new Phrases(text, name, notes, all, unreadable);
                        }));
    }

    /** "Kite strip: 11 x 4": words before a colon and a size name the piece. */
    private static List<Token> named(List<Token> tokens, String text) {
        int words = 0;
        while (words < tokens.size()
                && (tokens.get(words).is(Kind.WORD)
                        || (words > 0 && tokens.get(words).count() >= 0))) {
            words++;
        }
        if (words == 0
                || words > MOST_NAME_WORDS
                || words + 1 >= tokens.size()
                || !tokens.get(words).is(Kind.COLON)
                || isOurs(tokens.get(0).text())) {
            return tokens;
        }
        int behind = words + 1;
        while (behind + 2 < tokens.size()
                && ((tokens.get(behind).is(Kind.WORD)
                                && RecipeGrammar.only().is(tokens.get(behind).text(), "LITTLE"))
                        || (RecipeGrammar.isCount(tokens.get(behind))
                                && tokens.get(behind + 1).isWord("of")))) {
            behind++;
        }
        if (behind + 1 >= tokens.size()
                || !tokens.get(behind).is(Kind.FIGURE)
                || !tokens.get(behind + 1).is(Kind.TIMES)) {
            return tokens;
        }
        List<Token> named = new ArrayList<>();
        int start = tokens.get(0).start();
        int end = tokens.get(words - 1).end();
        named.add(new Token(Kind.NAME, start, end, text.substring(start, end).strip(), null, null, end));
        named.addAll(tokens.subList(words + 1, tokens.size()));
        return named;
    }

    /** Whether a word before a colon says more than a name. */
    private static boolean isOurs(String word) {
        return RecipeGrammar.only().isAny(word, "MAT", "FINISHED", "SCORE", "FOLD", "SLIT", "CUT")
                || Set.of("glue", "corners", "hole", "envelope", "from").contains(word);
    }
}
