package vantbreeze.core.grammar;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import vantbreeze.core.grammar.Tree.Begun;

/**
 * All that a grammar can read in a row of tokens, each the cheapest way: a chart that is filled from the top as it is
 * asked for, which comes to the same as Earley's (J. Earley, "An efficient context-free parsing algorithm", CACM 1970;
 * P. Norvig, "Techniques for automatic memoization with applications to context-free parsing", Computational
 * Linguistics 1991).
 *
 * @param <T> tokens
 */
public final class Chart<T> {

    /** So many tokens in a row may be stepped over. */
    private static final int MOST_ASIDE = 8;

    private final Grammar grammar;
    private final Lexicon<T> lexicon;
    private final List<T> tokens;
    private final Map<String, Map<Integer, List<Tree<T>>>> read = new HashMap<>();

    /** Of these tokens. */
    public Chart(Grammar grammar, Lexicon<T> lexicon, List<T> tokens) {
        this.grammar = grammar;
        this.lexicon = lexicon;
        this.tokens = List.copyOf(tokens);
    }

    /** The tokens it reads. */
    public List<T> tokens() {
        return tokens;
    }

    /** What a rule can read from a place on, one tree for each end, the nearest end first. */
    public List<Tree<T>> at(String rule, int from) {
        Map<Integer, List<Tree<T>>> ofRule = read.computeIfAbsent(rule, name -> new HashMap<>());
        List<Tree<T>> known = ofRule.get(from);
        if (known != null) {
            return known;
        }
        Rule asked = grammar.rule(rule);
        List<Tree<T>> trees = match(asked.part(), Begun.at(from)).stream()
                .map(begun -> new Tree<>(rule, begun, asked.cost() + begun.cost()))
                .toList();
        ofRule.put(from, trees);
        return trees;
    }

    private Collection<Begun<T>> match(Expression part, Begun<T> from) {
        if (part instanceof Expression.Word word) {
            return token(word.word(), true, from);
        }
        if (part instanceof Expression.Term term) {
            return token(term.name(), false, from);
        }
        if (part instanceof Expression.Named named) {
            List<Begun<T>> all = new ArrayList<>();
            for (Tree<T> tree : at(named.rule(), from.end())) {
                all.add(from.with(tree, tree.first(), tree.end(), tree.cost()));
            }
            return all;
        }
        if (part instanceof Expression.Row row) {
            Collection<Begun<T>> begun = List.of(from);
            for (Expression next : row.parts()) {
                begun = goOn(next, begun);
            }
            return begun;
        }
        if (part instanceof Expression.Choice choice) {
            Map<Integer, Begun<T>> cheapest = new LinkedHashMap<>();
            choice.parts().forEach(one -> match(one, from).forEach(begun -> keep(cheapest, begun)));
            return cheapest.values();
        }
        return repeat((Expression.Repeat) part, from);
    }

    private Collection<Begun<T>> repeat(Expression.Repeat repeat, Begun<T> from) {
        Map<Integer, Begun<T>> cheapest = new LinkedHashMap<>();
        if (repeat.isOptional()) {
            keep(cheapest, from);
        }
        Collection<Begun<T>> begun = match(repeat.part(), from);
        while (!begun.isEmpty()) {
            begun = begun.stream().filter(one -> keep(cheapest, one)).toList();
            begun = repeat.isMany() ? goOn(repeat.part(), begun) : List.of();
        }
        return cheapest.values();
    }

    private Collection<Begun<T>> goOn(Expression next, Collection<Begun<T>> begun) {
        if (begun.size() == 1) {
            return match(next, begun.iterator().next());
        }
        Map<Integer, Begun<T>> cheapest = new LinkedHashMap<>();
        begun.forEach(one -> match(next, one).forEach(more -> keep(cheapest, more)));
        return cheapest.values();
    }

    /** Whether it is the cheapest way to its end so far. */
    private static <T> boolean keep(Map<Integer, Begun<T>> cheapest, Begun<T> begun) {
        Begun<T> other = cheapest.get(begun.end());
        if (other != null && other.cost() <= begun.cost()) {
            return false;
        }
        cheapest.put(begun.end(), begun);
        return true;
    }

    /** The next token that is not stepped over, if it is what is asked for, or one before it. */
    private Collection<Begun<T>> token(String asked, boolean isWord, Begun<T> from) {
        double cost = 0;
        int end = Math.min(tokens.size(), from.end() + MOST_ASIDE + 1);
        for (int at = from.end(); at < end && cost < Double.POSITIVE_INFINITY; at++) {
            T token = tokens.get(at);
            if (suits(token, asked, isWord)) {
                return List.of(from.with(new Leaf<>(token, asked, at), at, at + 1, cost));
            }
            cost += lexicon.aside(token);
        }
        return List.of();
    }

    private boolean suits(T token, String asked, boolean isWord) {
        if (isWord) {
            return lexicon.word(token).equals(asked);
        }
        return grammar.isClass(asked) ? grammar.words(asked).contains(lexicon.word(token)) : lexicon.is(token, asked);
    }
}
