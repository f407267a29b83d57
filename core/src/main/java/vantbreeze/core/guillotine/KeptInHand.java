package vantbreeze.core.guillotine;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Map;

/**
 * Something in hand whose parts lie where they are: only those at its two ends can be cut off. Of the last two a piece
 * falls by its own measure rather than by that of what is left over beside it.
 */
final class KeptInHand extends InHand {

    private final Deque<CutNode> rest;

    KeptInHand(int number, CutNode.Cut cut, CutArea area) {
        super(number, cut, area);
        rest = new ArrayDeque<>(cut.parts());
    }

    @Override
    void count(Map<Long, Integer> now, Map<Long, Integer> later) {
        for (boolean far : new boolean[] {false, true}) {
            if (falls(far)) {
                now.merge(cut.extent(end(far)), 1, Integer::sum);
            }
        }
        rest.forEach(part -> countAll(part, later));
        rest.stream()
                .skip(1)
                .limit(Math.max(0, rest.size() - 2))
                .forEach(part -> later.merge(cut.extent(part), 1, Integer::sum));
    }

    @Override
    List<CutNode> off(long fence, boolean far) {
        List<CutNode> off = new ArrayList<>();
        while (rest.size() > 1 && falls(far) && cut.extent(end(far)) == fence) {
            off.add(far ? rest.removeLast() : rest.removeFirst());
        }
        return off;
    }

    private CutNode end(boolean far) {
        return far ? rest.getLast() : rest.getFirst();
    }

    private boolean falls(boolean far) {
        return rest.size() > 2 || !(end(far) instanceof CutNode.Rest) || end(!far) instanceof CutNode.Rest;
    }

    @Override
    List<CutNode> left() {
        return rest.size() == 1 ? List.of(rest.getFirst()) : List.of();
    }
}
