package vantbreeze.core.grammar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Grammars, against regular expressions of the JDK, the Catalan numbers, and all ways told one by one. */
class GrammarTest {

    /** Tokens are words; "um" may be stepped over. */
    private static final class Words implements Lexicon<String> {

        @Override
        public String word(String token) {
            return token;
        }

        @Override
        public boolean is(String token, String kind) {
            return kind.equals("DIGIT") && token.matches("\\d");
        }

        @Override
        public double aside(String token) {
            return token.equals("um") ? 0.25 : Double.POSITIVE_INFINITY;
        }
    }

    private static Chart<String> chart(Grammar grammar, String words) {
        return new Chart<>(grammar, new Words(), words.isEmpty() ? List.of() : Arrays.asList(words.split(" ")));
    }

    private static List<Integer> ends(Grammar grammar, String rule, String words) {
        return chart(grammar, words).at(rule, 0).stream()
                .map(Tree::end)
                .sorted()
                .toList();
    }

    @Test
    void classesWordsAndKindsAreRead() {
        Grammar grammar = Grammar.of(
                """
                # a remark
                KITE: kite dragon
                KITE: bird
                all !2 = ("big" | "small blue")? KITE+
                    | DIGIT KITE
                    > big kite
                    : what flies
                """);
        assertThat(ends(grammar, "all", "big kite bird")).containsExactly(2, 3);
        assertThat(ends(grammar, "all", "small blue dragon")).containsExactly(3);
        assertThat(ends(grammar, "all", "7 dragon")).containsExactly(2);
        assertThat(ends(grammar, "all", "small dragon")).isEmpty();
        Rule rule = grammar.rule("all");
        assertThat(rule.cost()).isEqualTo(2);
        assertThat(rule.meaning()).isEqualTo("what flies");
        assertThat(rule.examples()).containsExactly("big kite");
        assertThat(grammar.words()).containsExactlyInAnyOrder("kite", "dragon", "bird", "big", "small", "blue");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "one = two; Rule one asks for two, which is none.",
                "one = one \"a\"; Rule one begins with itself.",
                "one = \"a\"?; Rule one can read nothing.",
                "one = \"a\" | (\"b\"* \"c\"?); Rule one can read nothing.",
                "one = (\"a\"; Rule one has a ( that nothing closes.",
                "one = \"a\"); Rule one has a ) too many.",
                "one = \"a\" | | \"b\"; Rule one has a part with nothing in it.",
                "one = ? \"a\"; Rule one repeats nothing at ?",
                "one = \"a\" § \"b\"; Rule one can't be read from here on:  § \"b\"",
                "> example; No rule is begun: > example"
            })
    void whatIsNoGrammarIsRefusedInWords(String text, String words) {
        assertThatThrownBy(() -> Grammar.of(text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage(words);
    }

    @Test
    void rulesThatBeginWithEachOtherAndRulesWrittenTwiceAreRefused() {
        assertThatThrownBy(() -> Grammar.of("one = \"a\"? two\ntwo = one \"b\" | \"c\""))
                .hasMessage("Rule one begins with itself.");
        assertThatThrownBy(() -> Grammar.of("one = \"a\"\none = \"b\"")).hasMessage("Rule one is written twice.");
        assertThatThrownBy(() -> Grammar.of("one = \"a\"").rule("two")).hasMessage("There is no rule two.");
    }

    @Test
    void theCheapestWayToEachEndIsKept() {
        Grammar grammar = Grammar.of("dear !5 = \"a\" \"b\"\ncheap !1 = \"a\"\nboth = dear | cheap \"b\"");
        Tree<String> tree = chart(grammar, "a b").at("both", 0).get(0);
        assertThat(tree.cost()).isEqualTo(1);
        assertThat(tree.has("cheap")).isTrue();
        assertThat(tree.has("dear")).isFalse();
    }

    @Test
    void tokensOfNoWeightAreSteppedOverWithinARuleAndPaidFor() {
        Grammar grammar = Grammar.of("one = \"a\" \"b\"");
        Tree<String> tree = chart(grammar, "um a um um b").at("one", 0).get(0);
        assertThat(tree.cost()).isEqualTo(0.75);
        assertThat(tree.first()).isEqualTo(1);
        assertThat(tree.leaves()).extracting(Leaf::at).containsExactly(1, 4);
        assertThat(chart(grammar, "a no b").at("one", 0)).isEmpty();
        assertThat(chart(grammar, "a " + "um ".repeat(9) + "b").at("one", 0)).isEmpty();
    }

    /** As many balanced rows of brackets as the Catalan numbers say (OEIS A000108): 1, 1, 2, 5, 14, 42, 132. */
    @Test
    void balancedBracketsAreAsManyAsTheCatalanNumbers() {
        Grammar grammar = Grammar.of("all = \"o\" all? \"c\" all?");
        int[] catalan = {1, 1, 2, 5, 14, 42, 132};
        for (int pairs = 1; pairs < catalan.length; pairs++) {
            int length = 2 * pairs;
            long balanced = IntStream.range(0, 1 << length)
                    .mapToObj(bits -> String.join(
                            " ",
                            IntStream.range(0, length)
                                    .mapToObj(i -> (bits >> i & 1) == 0 ? "o" : "c")
                                    .toList()))
                    .filter(words -> ends(grammar, "all", words).contains(length))
                    .count();
            assertThat(balanced).isEqualTo(catalan[pairs]);
        }
    }

    /** Rules without names in them are regular: the JDK's expressions read the same. */
    @Property(tries = 500)
    void regularRulesReadWhatRegularExpressionsRead(
            @ForAll("expressions") String expression, @ForAll("rows") String row) {
        String rule = "\"a\" (" + expression + ")";
        Pattern pattern = Pattern.compile(rule.replaceAll("\"(.)\"", "$1").replace(" ", ""));
        String letters = row.replace(" ", "");
        List<Integer> expected = new ArrayList<>();
        for (int end = 0; end <= letters.length(); end++) {
            if (pattern.matcher(letters.substring(0, end)).matches()) {
                expected.add(end);
            }
        }
        assertThat(ends(Grammar.of("one = " + rule), "one", row)).isEqualTo(expected);
    }

    @Provide
    Arbitrary<String> expressions() {
        return expression(3);
    }

    private Arbitrary<String> expression(int depth) {
        Arbitrary<String> letters = Arbitraries.of("\"a\"", "\"b\"", "\"c\"");
        if (depth == 0) {
            return letters;
        }
        Arbitrary<String> inner = expression(depth - 1);
        return Arbitraries.oneOf(
                letters,
                inner.list().ofMinSize(2).ofMaxSize(3).map(parts -> "(" + String.join(" ", parts) + ")"),
                inner.list().ofMinSize(2).ofMaxSize(3).map(parts -> "(" + String.join(" | ", parts) + ")"),
                inner.flatMap(part -> Arbitraries.of("?", "*", "+").map(sign -> "(" + part + ")" + sign)));
    }

    @Provide
    Arbitrary<String> rows() {
        return Arbitraries.of("a", "b", "c")
                .list()
                .ofMaxSize(8)
                .map(rest -> String.join(" ", rest))
                .map(rest -> rest.isEmpty() ? "a" : "a " + rest);
    }

    private static final Grammar PHRASES = Grammar.of(
            """
            phrase = single | pair | triple
            single !2 = "a" | "b"
            pair !3 = "a" "b"
            triple !3.5 = "b" "a" "b"
            """);

    /** The cheapest ways are those of all ways told one by one. */
    @Property(tries = 200)
    void theCheapestPhrasingIsFound(@ForAll("rows") String row) {
        List<String> tokens = Arrays.asList(row.split(" "));
        List<Double> all = new ArrayList<>();
        costs(tokens, 0, 0, all);
        List<Double> cheapest = all.stream().sorted().limit(3).toList();
        assertThat(Phrasing.cheapest(chart(PHRASES, row), "phrase", token -> 2.25, 3))
                .extracting(Phrasing::cost)
                .isEqualTo(cheapest);
    }

    private static void costs(List<String> tokens, int at, double cost, List<Double> to) {
        if (at == tokens.size()) {
            to.add(cost);
            return;
        }
        costs(tokens, at + 1, cost + 2.25, to);
        String rest = String.join("", tokens.subList(at, tokens.size()));
        if (rest.startsWith("a") || rest.startsWith("b")) {
            costs(tokens, at + 1, cost + 2, to);
        }
        if (rest.startsWith("ab")) {
            costs(tokens, at + 2, cost + 3, to);
        }
        if (rest.startsWith("bab")) {
            costs(tokens, at + 3, cost + 3.5, to);
        }
    }
}
