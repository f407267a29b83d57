package vantbreeze.core.cutting;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.core.guillotine.CutArea;
import vantbreeze.core.guillotine.CutNode;
import vantbreeze.core.guillotine.CutSequence;
import vantbreeze.core.guillotine.Pattern;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.StockSheet;

/**
 * The sheets of a plan with all that lies on them, as the order of cuts has it.
 *
 * @param stacks sheets that are cut alike, as the sequence counts them
 */
public record CutLayout(PaperPlan plan, CutSequence sequence, List<CutStack> stacks) {

    public CutLayout {
        stacks = List.copyOf(stacks);
    }

    /**
     * Sheets that are cut alike.
     *
     * @param first number of the first of them among all sheets of the plan, from 1
     * @param sheets how many
     * @param nths as pins count them, those on which something is pinned
     * @param trim trimmed off each edge first; all that lies on it is told from the corner that is left
     * @param rests what is left over, the largest first
     */
    public record CutStack(
            int first,
            StockSheet sheet,
            int sheets,
            List<Integer> nths,
            Length trim,
            List<LaidBlank> blanks,
            List<CutArea> rests) {
        public CutStack {
            nths = List.copyOf(nths);
            blanks = List.copyOf(blanks);
            rests = List.copyOf(rests);
        }
    }

    /**
     * A blank where it lies.
     *
     * @param blank its number in the plan
     * @param uses what it becomes on each sheet of the stack
     * @param isPinned whether it lies where it was put, on all of them
     * @param lot the rectangle that falls, from which it is cut by hand if it is none or shares it
     * @param shared whether others come out of the same rectangle
     * @param outline millimetres
     */
    public record LaidBlank(
            int blank,
            List<Blank.Use> uses,
            boolean isPinned,
            boolean turned,
            CutArea lot,
            boolean shared,
            Polygon outline) {
        public LaidBlank {
            uses = List.copyOf(uses);
        }
    }

    /** How the plan lies. */
    public static CutLayout of(PaperPlan plan) {
        CutSequence sequence = CutSequence.of(plan.solution());
        return new CutLayout(plan, sequence, new Laying(plan, sequence).stacks());
    }

    /** Lays all sheets of a plan. */
    private static final class Laying {

        private final PaperPlan plan;
        private final CutSequence sequence;
        private final Map<Integer, Integer> stackOf = new HashMap<>();
        private final Map<Integer, List<CutSequence.Fall>> fallen = new TreeMap<>();
        private final List<Deque<Blank.Use>> free = new ArrayList<>();

        Laying(PaperPlan plan, CutSequence sequence) {
            this.plan = plan;
            this.sequence = sequence;
            plan.blanks().forEach(blank -> free.add(new ArrayDeque<>(blank.uses())));
            plan.pins().sheets().forEach(sheet -> sheet.blanks().forEach(one -> free.get(one.blank())
                    .removeIf(use -> CutPin.key(use).equals(one.pin().use()))));
        }

        List<CutStack> stacks() {
            List<CutSequence.Stack> all = sequence.stacks();
            for (int i = 0; i < all.size(); i++) {
                CutNode root = all.get(i).pattern().root();
                fall(i, new CutSequence.Fall(all.get(i).hand(), root, new CutArea(0, 0, root.width(), root.height())));
            }
            sequence.settings().stream()
                    .flatMap(setting -> setting.strokes().stream())
                    .forEach(stroke -> {
                        int stack = stackOf.getOrDefault(stroke.hand(), 0);
                        stroke.falls().forEach(fall -> fall(stack, fall));
                        CutSequence.Fall left = stroke.left();
                        if (left != null) {
                            fall(stack, left);
                        }
                    });
            List<CutStack> stacks = new ArrayList<>();
            int first = 1;
            for (int i = 0; i < all.size(); i++) {
                stacks.add(stack(first, all.get(i), fallen.getOrDefault(i, List.of())));
                first += all.get(i).sheets();
            }
            return stacks;
        }

        private void fall(int stack, CutSequence.Fall fall) {
            stackOf.put(fall.hand(), stack);
            if (!(fall.node() instanceof CutNode.Cut)) {
                fallen.computeIfAbsent(stack, key -> new ArrayList<>()).add(fall);
            }
        }

        private CutStack stack(int first, CutSequence.Stack stack, List<CutSequence.Fall> falls) {
            StockSheet sheet = plan.sheets().get(stack.pattern().bin());
            List<Pins.OnSheet> pinned = pinned(stack.pattern());
            List<LaidBlank> blanks = new ArrayList<>();
            List<CutArea> rests = new ArrayList<>();
            for (CutSequence.Fall fall : falls) {
                if (fall.node() instanceof CutNode.Part part) {
                    blanks.addAll(laid(part, fall.area(), stack.sheets(), pinned));
                } else {
                    rests.add(fall.area());
                }
            }
            rests.sort((one, other) -> Double.compare(other.area(), one.area()));
            return new CutStack(
                    first,
                    sheet,
                    stack.sheets(),
                    pinned.stream().map(Pins.OnSheet::nth).toList(),
                    plan.trim(sheet),
                    blanks,
                    rests);
        }

        /** The sheets with pins that are cut so: those come first of all patterns, in the same order. */
        private List<Pins.OnSheet> pinned(Pattern pattern) {
            List<Pins.OnSheet> pinned = plan.pins().sheets();
            List<Pattern> patterns = plan.solution().patterns();
            return IntStream.range(0, pinned.size())
                    .filter(i -> patterns.get(i).equals(pattern))
                    .mapToObj(pinned::get)
                    .toList();
        }

        private List<LaidBlank> laid(CutNode.Part part, CutArea area, int sheets, List<Pins.OnSheet> pinned) {
            Lot lot = plan.lots().get(part.item());
            List<Lot.InLot> lying = part.turned() ? lot.turned() : lot.parts();
            AffineTransformation there = AffineTransformation.translationInstance(
                    Length.ofUnits(area.x()).millimetres(),
                    Length.ofUnits(area.y()).millimetres());
            return lying.stream()
                    .map(one -> {
                        List<Blank.Use> uses = new ArrayList<>();
                        pinned.stream()
                                .flatMap(sheet -> sheet.blanks().stream())
                                .filter(pin ->
                                        pin.blank() == one.blank() && pin.area().equals(area))
                                .forEach(pin ->
                                        uses.add(use(one.blank(), pin.pin().use())));
                        boolean isPinned = uses.size() == sheets;
                        while (uses.size() < sheets && !free.get(one.blank()).isEmpty()) {
                            uses.add(free.get(one.blank()).removeFirst());
                        }
                        return new LaidBlank(one.blank(), uses, isPinned, part.turned(), area, lot.isNested(), (Polygon)
                                there.transform(one.outline()));
                    })
                    .toList();
        }

        private Blank.Use use(int blank, Blank.Use key) {
            return plan.blanks().get(blank).uses().stream()
                    .filter(one -> CutPin.key(one).equals(key))
                    .findFirst()
                    .orElse(key);
        }
    }
}
