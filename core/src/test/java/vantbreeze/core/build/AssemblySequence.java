package vantbreeze.core.build;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import vantbreeze.core.fold.JoinId;

/**
 * An order in which a card can be put together: the card is taken apart, again and again by something that could have
 * been done last, and that read backwards (assembly by disassembly: Homem de Mello and Sanderson 1991). Since fewer
 * joins leave more in reach, what could be taken off once can be taken off later too, so no choice is ever wrong.
 *
 * @param order one after the other, from single pieces to the card
 * @param stuck what can't be done in any order: each needs another of them undone
 */
record AssemblySequence(List<Operation> order, List<Operation> stuck) {

    public AssemblySequence {
        order = List.copyOf(order);
        stuck = List.copyOf(stuck);
    }

    /** An order for a card; of what may be done at any time, layers come first, while pieces lie flat. */
    static AssemblySequence of(Handwork work) {
        Set<JoinId> made = new LinkedHashSet<>(work.possible());
        List<Operation> left = new ArrayList<>(work.operations());
        Collections.reverse(left);
        left.sort((one, other) -> Boolean.compare(one instanceof Operation.Dress, other instanceof Operation.Dress));
        List<Operation> backwards = new ArrayList<>();
        while (!left.isEmpty()) {
            Optional<Operation> last =
                    left.stream().filter(one -> work.couldBeLast(one, made)).findFirst();
            if (last.isEmpty()) {
                break;
            }
            left.remove(last.get());
            backwards.add(last.get());
            work.join(last.get()).ifPresent(made::remove);
        }
        Collections.reverse(backwards);
        return new AssemblySequence(left.isEmpty() ? backwards : List.of(), left);
    }

    /**
     * For each operation that can't wait for ever, the first join of the order that it must come before: when that is
     * made, it is out of reach.
     */
    Map<Operation, JoinId> deadlines(Handwork work) {
        Map<Operation, JoinId> deadlines = new LinkedHashMap<>();
        for (int i = 0; i < order.size(); i++) {
            Set<JoinId> made = new LinkedHashSet<>();
            for (Operation before : order.subList(0, i + 1)) {
                work.join(before).ifPresent(made::add);
            }
            for (Operation after : order.subList(i + 1, order.size())) {
                Optional<JoinId> join = work.join(after);
                if (join.isPresent()) {
                    made.add(join.get());
                    if (!work.couldBeLast(order.get(i), made)) {
                        deadlines.put(order.get(i), join.get());
                        break;
                    }
                }
            }
        }
        return deadlines;
    }
}
