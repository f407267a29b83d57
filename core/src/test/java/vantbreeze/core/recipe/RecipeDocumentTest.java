package vantbreeze.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import vantbreeze.core.grammar.Grammar;
import vantbreeze.core.grammar.Rule;

/**
 * What docs/recipes.md says of the language comes from the grammar that reads it. Run with
 * {@code -Dvantbreeze.docs=write} to write it anew after a change of the grammar.
 */
class RecipeDocumentTest {

    private static final Path DOCUMENT = Path.of("../docs/recipes.md");
    private static final String BEGIN = "<!-- from the grammar -->\n";
    private static final String END = "<!-- end of the grammar -->\n";

    @Test
    void theLanguageIsTheGrammars() throws Exception {
        stands(BEGIN, language(), END);
    }

    @Test
    void theCorpusIsAsLargeAsItSays() throws Exception {
        List<String> good = RecipeCorpusTest.lines("good.txt").toList();
        long structures =
                good.stream().map(line -> line.split(" \\| ")[1]).distinct().count();
        String table =
                """
                | file | recipes | what must come of each |
                | --- | --- | --- |
                | `good.txt` | %d, of %d structures | the structure meant, its closed size; no figure doubted |
                | `aloud.txt` | %d | the same, as dictated |
                | `wrong.txt` | %d with one wrong figure | the figure meant, among three and first |
                | `odd.txt` | %d letters, poems, lists, other scripts | no card |
                """
                        .formatted(
                                good.size(),
                                structures,
                                RecipeCorpusTest.lines("aloud.txt").count(),
                                RecipeCorpusTest.lines("wrong.txt").count(),
                                RecipeCorpusTest.lines("odd.txt").count());
        stands("<!-- from the corpus -->\n", "\n" + table + "\n", "<!-- end of the corpus -->\n");
    }

    private static void stands(String begin, String text, String end) throws Exception {
        String document = Files.readString(DOCUMENT);
        int from = document.indexOf(begin) + begin.length();
        int to = document.indexOf(end);
        String written = document.substring(0, from) + text + document.substring(to);
        if ("write".equals(System.getProperty("vantbreeze.docs"))) {
            Files.writeString(DOCUMENT, written);
        }
        assertThat(Files.readString(DOCUMENT)).isEqualTo(written);
    }

    private static String language() {
        Grammar grammar = RecipeGrammar.only().grammar();
        String meanings = grammar.rules().stream()
                .filter(rule -> !rule.meaning().isEmpty())
                .map(rule -> "| `%s` | %s | %s |\n".formatted(rule.name(), examples(rule), rule.meaning()))
                .collect(Collectors.joining());
        String classes = Stream.concat(
                        grammar.rules().stream()
                                .flatMap(rule -> Stream.of(rule.written()
                                        .replaceAll("\"[^\"]*\"", "")
                                        .split("[^A-Z_]+"))),
                        Stream.of("LITTLE", "MINOR"))
                .filter(name -> name.length() > 1 && grammar.isClass(name))
                .distinct()
                .sorted()
                .map(name -> "| `%s` | %s |\n".formatted(name, String.join(", ", grammar.words(name))))
                .collect(Collectors.joining());
        String rules = grammar.rules().stream()
                .map(rule -> "%s = %s\n".formatted(rule.name(), rule.written()))
                .collect(Collectors.joining());
        return "\n| rule | for example | means |\n| --- | --- | --- |\n" + meanings
                + "\nThe rules, the likelier reading of two being the cheaper one:\n\n```\n" + rules + "```\n"
                + "\n| class | words |\n| --- | --- |\n" + classes + "\n";
    }

    private static String examples(Rule rule) {
        List<String> examples = rule.examples();
        return examples.stream()
                .map(example -> "`" + example.replace("|", "\\|") + "`")
                .collect(Collectors.joining(", "));
    }
}
