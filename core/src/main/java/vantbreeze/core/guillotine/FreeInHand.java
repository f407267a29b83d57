package vantbreeze.core.guillotine;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;

/** Something in hand whose parts come in any order, each from its left edge or its foot; the last is what is left. */
final class FreeInHand extends InHand {

    private final SortedMap<Long, List<CutNode>> waiting = new TreeMap<>(Comparator.reverseOrder());
    private final CutNode last;

    FreeInHand(int number, CutNode.Cut cut, CutArea area) {
        super(number, cut, area);
        last = cut.parts().get(cut.parts().size() - 1);
        for (CutNode part : cut.parts().subList(0, cut.parts().size() - 1)) {
            waiting.computeIfAbsent(cut.extent(part), fence -> new ArrayList<>())
                    .add(part);
        }
    }

    @Override
    void count(Map<Long, Integer> now, Map<Long, Integer> later) {
        waiting.forEach((fence, parts) -> {
            now.merge(fence, parts.size(), Integer::sum);
            parts.forEach(part -> countAll(part, later));
        });
        countAll(last, later);
    }

    @Override
    List<CutNode> off(long fence, boolean far) {
        List<CutNode> parts = far ? null : waiting.remove(fence);
        return parts == null ? List.of() : parts;
    }

    @Override
    List<CutNode> left() {
        return waiting.isEmpty() ? List.of(last) : List.of();
    }
}
