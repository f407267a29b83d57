package vantbreeze.core.texts;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The table of the glossary that says which words a maker reads, and which not. */
public final class WordsOnScreen {

    private static final Path GLOSSARY = Path.of("../docs/glossary.md");
    private static final Pattern ROW = Pattern.compile("\\| ([^|]+) \\| [^`]+ \\| `(.+)` \\|");

    /** A word that is not said. */
    public record NotSaid(String instead, Pattern found) {}

    private WordsOnScreen() {}

    /** All of them. */
    public static List<NotSaid> notSaid() {
        try {
            return Files.readString(GLOSSARY)
                    .lines()
                    .dropWhile(line -> !line.equals("## Words on screen"))
                    .map(ROW::matcher)
                    .filter(Matcher::matches)
                    .map(row -> new NotSaid(
                            row.group(1), Pattern.compile(row.group(2).replace("\\|", "|"), Pattern.CASE_INSENSITIVE)))
                    .toList();
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }
}
