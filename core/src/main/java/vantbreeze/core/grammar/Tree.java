package vantbreeze.core.grammar;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * What a rule read.
 *
 * @param <T> tokens
 */
public final class Tree<T> implements Node<T> {

    private final String rule;
    private final Begun<T> read;
    private final double cost;

    /** Gathered when it is first asked for: of most trees nobody asks. */
    private @Nullable List<Node<T>> parts;

    /** What is read so far of a rule, up to a place among the tokens; what it consists of, the last part first. */
    record Begun<T>(int first, int end, double cost, @Nullable Link<T> last) {

        static <T> Begun<T> at(int place) {
            return new Begun<>(-1, place, 0, null);
        }

        Begun<T> with(Node<T> node, int nodeFirst, int nodeEnd, double costs) {
            return new Begun<>(first < 0 ? nodeFirst : first, nodeEnd, cost + costs, new Link<>(node, last));
        }
    }

    private record Link<T>(Node<T> node, @Nullable Link<T> before) {}

    Tree(String rule, Begun<T> read, double cost) {
        this.rule = rule;
        this.read = read;
        this.cost = cost;
    }

    /** The rule, by its name. */
    public String rule() {
        return rule;
    }

    /** The place behind its last token. */
    public int end() {
        return read.end;
    }

    /** The place of its first token. */
    public int first() {
        return read.first;
    }

    /** What it costs to read it so. */
    public double cost() {
        return cost;
    }

    /** What it consists of, in order. */
    public List<Node<T>> parts() {
        List<Node<T>> known = parts;
        if (known == null) {
            ArrayDeque<Node<T>> gathered = new ArrayDeque<>();
            for (Link<T> link = read.last; link != null; link = link.before) {
                gathered.addFirst(link.node);
            }
            known = List.copyOf(gathered);
            parts = known;
        }
        return known;
    }

    /** What other rules read within this one, in order, at any depth, but not within another of these. */
    public List<Tree<T>> all(String... names) {
        List<Tree<T>> all = new ArrayList<>();
        collect(Set.of(names), all);
        return all;
    }

    private void collect(Set<String> wanted, List<Tree<T>> to) {
        for (Node<T> part : parts()) {
            if (part instanceof Tree<T> tree) {
                if (wanted.contains(tree.rule)) {
                    to.add(tree);
                } else {
                    tree.collect(wanted, to);
                }
            }
        }
    }

    /** The first of these. */
    public Optional<Tree<T>> find(String name) {
        return all(name).stream().findFirst();
    }

    /** Whether another rule, a word, a class or a kind of token was read within this one. */
    public boolean has(String name) {
        return parts().stream()
                .anyMatch(part -> part instanceof Tree<T> tree
                        ? tree.rule.equals(name) || tree.has(name)
                        : part instanceof Leaf<T> leaf && leaf.as().equals(name));
    }

    /** Its tokens that were read as a word, class or kind of this name, in order. */
    public List<T> tokens(String as) {
        return leaves().stream()
                .filter(leaf -> leaf.as().equals(as))
                .map(Leaf::token)
                .toList();
    }

    /** All tokens that it consists of. */
    public List<Leaf<T>> leaves() {
        List<Leaf<T>> leaves = new ArrayList<>();
        collect(leaves::add);
        return leaves;
    }

    private void collect(Consumer<Leaf<T>> to) {
        for (Node<T> part : parts()) {
            if (part instanceof Leaf<T> leaf) {
                to.accept(leaf);
            } else if (part instanceof Tree<T> tree) {
                tree.collect(to);
            }
        }
    }
}
