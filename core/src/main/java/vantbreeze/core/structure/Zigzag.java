package vantbreeze.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import vantbreeze.core.length.Length;

/**
 * Panels folded to and fro until they lie on one another. Each fold lies where the widths up to it, added and taken
 * away by turns, end: none may lie beside the first panel (alternate reflection, by geometry).
 */
record Zigzag(List<Length> widths) {

    Zigzag {
        widths = List.copyOf(widths);
    }

    /** Where each panel ends, along the first, from its outer edge. */
    List<Length> ends() {
        List<Length> ends = new ArrayList<>();
        Length at = Length.ZERO;
        for (int i = 0; i < widths.size(); i++) {
            at = i % 2 == 0 ? at.plus(widths.get(i)) : at.minus(widths.get(i));
            ends.add(at);
        }
        return ends;
    }

    /** Whether none lies beside the first. */
    boolean isHidden() {
        return ends().stream().noneMatch(end -> end.negated().isPositive() || end.isLongerThan(widths.get(0)));
    }

    /** How narrow and how wide one panel may be, those that follow from it going with it. */
    record Room(Length least, boolean isForScoring, Length most) {}

    /**
     * The room of one panel.
     *
     * @param now how wide it is
     * @param narrowest how wide each panel must be
     * @param made all panels when that one is so wide, each as wide, or as much narrower or wider, or not changed
     */
    static Room room(Length now, Length narrowest, Function<Length, Zigzag> made) {
        Zigzag before = made.apply(now);
        Zigzag wider = made.apply(now.plus(Length.ofUnits(1)));
        Length whole = before.widths().get(0);
        Length scored = narrowest;
        Length least = Length.ZERO;
        Length most = whole;
        for (int i = 1; i < before.widths().size(); i++) {
            Length width = before.widths().get(i);
            if (!wider.widths().get(i).equals(width)) {
                scored = scored.max(now.minus(width.minus(narrowest)));
            }
            Length end = before.ends().get(i);
            Length beyond = whole.minus(end);
            Length moves = wider.ends().get(i).minus(end);
            if (moves.isPositive()) {
                most = most.min(now.plus(beyond));
                least = least.max(now.minus(end));
            } else if (moves.negated().isPositive()) {
                most = most.min(now.plus(end));
                least = least.max(now.minus(beyond));
            }
        }
        return new Room(scored.max(least), !scored.isShorterThan(least), most);
    }
}
