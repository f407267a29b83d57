package vantbreeze.core.grammar;

import java.util.List;

/**
 * A rule of a grammar.
 *
 * @param name in lower case
 * @param cost of reading something by it, the more the unlikelier
 * @param written the rule as it stands in the grammar
 * @param part what it is made of
 * @param meaning in words, or empty
 * @param examples of what it reads
 */
public record Rule(String name, double cost, String written, Expression part, String meaning, List<String> examples) {

    public Rule {
        examples = List.copyOf(examples);
    }
}
