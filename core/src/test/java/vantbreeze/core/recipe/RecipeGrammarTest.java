package vantbreeze.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.grammar.Chart;
import vantbreeze.core.grammar.Grammar;
import vantbreeze.core.grammar.Rule;
import vantbreeze.core.grammar.Tree;
import vantbreeze.core.length.LengthUnit;
import vantbreeze.core.recipe.Phrases.Sentence;

/** The grammar of recipes: each example that it gives is read by its rule. */
class RecipeGrammarTest {

    private static final Grammar GRAMMAR = RecipeGrammar.only().grammar();

    static Stream<Arguments> examples() {
        return GRAMMAR.rules().stream()
                .flatMap(rule -> rule.examples().stream().map(example -> Arguments.of(rule.name(), example)));
    }

    @ParameterizedTest
    @MethodSource("examples")
    void anExampleIsReadByItsRule(String rule, String example) {
        Sentence sentence = Phrases.of(example, LengthUnit.INCH).sentences().get(0);
        List<Token> tokens = new ArrayList<>(sentence.tokens());
        while (RecipeGrammar.only().is(tokens.get(tokens.size() - 1).text(), "LITTLE")) {
            tokens.remove(tokens.size() - 1);
        }
        assertThat(new Chart<>(GRAMMAR, RecipeGrammar.only(), tokens).at(rule, 0))
                .extracting(Tree::end)
                .contains(tokens.size());
    }

    @Test
    void everyWordForPartsSaysHowMany() {
        assertThat(Vocabulary.PARTS.keySet()).isEqualTo(GRAMMAR.words("PARTS"));
    }

    @Test
    void noWordIsOfTwoWeights() {
        assertThat(GRAMMAR.words("LITTLE")).doesNotContainAnyElementsOf(GRAMMAR.words("MINOR"));
    }

    /** Of the phrases of the whole grammar, the rule that gives the example is the likeliest. */
    @ParameterizedTest
    @MethodSource("examples")
    void anExampleIsMeantAsItsRule(String rule, String example) {
        if (!phrases().contains(rule)) {
            return;
        }
        Sentence sentence = Phrases.of(example, LengthUnit.INCH).sentences().get(0);
        assertThat(sentence.phrases())
                .extracting(phrase -> ((Tree<Token>) phrase.parts().get(0)).rule())
                .containsExactly(rule);
    }

    private static Set<String> phrases() {
        return Set.of(GRAMMAR.rule("phrase").written().split("[ |]+"));
    }

    @Test
    void everyRuleIsAskedFor() {
        Set<String> asked = new HashSet<>(Set.of("phrase"));
        GRAMMAR.rules().forEach(rule -> asked.addAll(names(rule)));
        assertThat(GRAMMAR.rules()).extracting(Rule::name).allMatch(asked::contains);
    }

    private static List<String> names(Rule rule) {
        return List.of(rule.written().replaceAll("\"[^\"]*\"", " ").split("[ ()|?*+]+"));
    }

    /** What a phrase is about is told in the grammar: it is what the document of recipes is made of. */
    @Test
    void everyPhraseHasAMeaningOrIsOfTheExactStyle() {
        assertThat(phrases())
                .filteredOn(name -> GRAMMAR.rule(name).meaning().isEmpty())
                .isSubsetOf(
                        "scored-side", "level", "line", "corners", "hole", "glue", "over", "open", "turned", "moves");
    }
}
