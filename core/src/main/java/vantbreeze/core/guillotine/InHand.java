package vantbreeze.core.guillotine;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import vantbreeze.core.guillotine.CutSequence.Fall;
import vantbreeze.core.guillotine.CutSequence.Stroke;

/** Something in hand that is not cut up yet. */
abstract class InHand {

    final int number;
    final CutNode.Cut cut;
    private CutArea area;

    InHand(int number, CutNode.Cut cut, CutArea area) {
        this.number = number;
        this.cut = cut;
        this.area = area;
    }

    /**
     * Counts at which distances of the fence something falls.
     *
     * @param now that can be cut off
     * @param later that is still in one piece with others
     */
    abstract void count(Map<Long, Integer> now, Map<Long, Integer> later);

    /** What can be cut off at a distance of the fence, from this side or the far one; taken out of what is waiting. */
    abstract List<CutNode> off(long fence, boolean far);

    /** What is left when nothing more has to be cut off; nothing before. */
    abstract List<CutNode> left();

    /** Whether it is cut up. */
    boolean isDone() {
        return !left().isEmpty();
    }

    /** Cuts off all that falls at this distance. */
    void cutAt(long fence, BiFunction<CutNode, CutArea, Fall> taken, List<Stroke> strokes) {
        for (boolean far : new boolean[] {false, true}) {
            List<CutNode> off = isDone() ? List.of() : off(fence, far);
            if (off.isEmpty()) {
                continue;
            }
            CutArea before = area;
            List<Fall> falls = new ArrayList<>();
            for (CutNode part : off) {
                CutArea rest = area.end(cut.upright(), !far, area.extent(cut.upright()) - fence);
                falls.add(taken.apply(part, area.end(cut.upright(), far, fence)));
                area = rest;
            }
            List<CutNode> left = left();
            Fall last = left.isEmpty() ? null : taken.apply(left.get(0), area);
            strokes.add(new Stroke(number, before, cut.upright(), far, falls, last));
        }
    }

    /** Counts all distances at which what this becomes is cut. */
    static void countAll(CutNode node, Map<Long, Integer> later) {
        if (node instanceof CutNode.Cut cut) {
            cut.parts()
                    .subList(0, cut.parts().size() - 1)
                    .forEach(part -> later.merge(cut.extent(part), 1, Integer::sum));
            cut.parts().forEach(part -> countAll(part, later));
        }
    }
}
