package vantbreeze.core.grammar;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A context-free grammar as it is written down, each rule with what it costs. Lines of it are
 *
 * <pre>
 * # a remark
 * SCORE: score scored scores          a class of words
 * scores = SCORE "at"? place+ | …     a rule: words, classes, kinds of tokens, other rules; ? * + ( ) |
 * rest !3 = place+                    a rule that is unlikely
 *     > score at 2                    an example of what the rule before reads
 *     : where it is scored            what it means
 * </pre>
 *
 * A line that begins with blanks and a bar goes on with the rule before. No rule may read nothing, or begin with
 * itself.
 */
public final class Grammar {

    private final Map<String, Rule> rules;
    private final Map<String, Set<String>> classes;

    Grammar(Map<String, Rule> rules, Map<String, Set<String>> classes) {
        this.rules = new LinkedHashMap<>(rules);
        this.classes = new LinkedHashMap<>(classes);
        new WellFormed(this.rules).require();
    }

    /**
     * The grammar that {@code text} writes down.
     *
     * @throws IllegalArgumentException when it writes down none, with the rule at which it fails
     */
    public static Grammar of(String text) {
        return new GrammarReader(text).grammar();
    }

    /** All rules, in the order in which they are written. */
    public List<Rule> rules() {
        return List.copyOf(rules.values());
    }

    /**
     * The rule of a name.
     *
     * @throws IllegalArgumentException when there is none
     */
    public Rule rule(String name) {
        Rule rule = rules.get(name);
        if (rule == null) {
            throw new IllegalArgumentException("There is no rule " + name + ".");
        }
        return rule;
    }

    /** Whether a name is that of a class of words. */
    public boolean isClass(String name) {
        return classes.containsKey(name);
    }

    /** The words of a class; none when there is no such class. */
    public Set<String> words(String ofClass) {
        return classes.getOrDefault(ofClass, Set.of());
    }

    /** All words that some rule reads, by themselves or by a class that it names. */
    public Set<String> words() {
        return rules.values().stream().flatMap(rule -> words(rule.part())).collect(Collectors.toSet());
    }

    private Stream<String> words(Expression part) {
        if (part instanceof Expression.Word word) {
            return Stream.of(word.word());
        }
        if (part instanceof Expression.Term term) {
            return words(term.name()).stream();
        }
        return inside(part).stream().flatMap(this::words);
    }

    /** The parts of which a part is made. */
    static List<Expression> inside(Expression part) {
        if (part instanceof Expression.Row row) {
            return row.parts();
        }
        if (part instanceof Expression.Choice choice) {
            return choice.parts();
        }
        return part instanceof Expression.Repeat repeat ? List.of(repeat.part()) : List.of();
    }

    /** Refuses rules that are not there, that read nothing, or that begin with themselves. */
    private record WellFormed(Map<String, Rule> rules) {

        void require() {
            for (Rule rule : rules.values()) {
                requireKnown(rule, rule.part());
                if (canBeNothing(rule.part())) {
                    throw new IllegalArgumentException("Rule " + rule.name() + " can read nothing.");
                }
                if (beginsWith(rule.name(), rule.part(), new HashSet<>())) {
                    throw new IllegalArgumentException("Rule " + rule.name() + " begins with itself.");
                }
            }
        }

        private void requireKnown(Rule rule, Expression part) {
            if (part instanceof Expression.Named named && !rules.containsKey(named.rule())) {
                throw new IllegalArgumentException(
                        "Rule %s asks for %s, which is none.".formatted(rule.name(), named.rule()));
            }
            inside(part).forEach(inner -> requireKnown(rule, inner));
        }

        private boolean canBeNothing(Expression part) {
            if (part instanceof Expression.Row row) {
                return row.parts().stream().allMatch(this::canBeNothing);
            }
            if (part instanceof Expression.Choice choice) {
                return choice.parts().stream().anyMatch(this::canBeNothing);
            }
            return part instanceof Expression.Repeat repeat && (repeat.isOptional() || canBeNothing(repeat.part()));
        }

        private boolean beginsWith(String rule, Expression part, Set<String> seen) {
            if (part instanceof Expression.Named named) {
                Rule next = rules.get(named.rule());
                return named.rule().equals(rule)
                        || (next != null && seen.add(named.rule()) && beginsWith(rule, next.part(), seen));
            }
            for (Expression inner : inside(part)) {
                if (beginsWith(rule, inner, seen)) {
                    return true;
                }
                if (part instanceof Expression.Row && !canBeNothing(inner)) {
                    return false;
                }
            }
            return false;
        }
    }
}
