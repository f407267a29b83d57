package vantbreeze.core.cutting;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import vantbreeze.core.cutting.CutLayout.CutStack;
import vantbreeze.core.cutting.CutStep.Edge;
import vantbreeze.core.cutting.CutStep.Fallen;
import vantbreeze.core.cutting.CutStep.Kind;
import vantbreeze.core.cutting.CutStep.What;
import vantbreeze.core.guillotine.CutNode;
import vantbreeze.core.guillotine.CutSequence;
import vantbreeze.core.guillotine.TrimmerLimits;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Tools;

/** The cuts of a plan one after the other, in words: strips first, then pieces, the fence set once for each measure. */
public final class CutSteps {

    private static final int LETTERS = 26;

    private final CutLayout layout;
    private final PaperPlan plan;
    private final Ruler ruler;
    private final TrimmerLimits limits;
    private final Length bias;
    private final int depth;
    private final List<CutStep> steps = new ArrayList<>();
    /** What is in hand, by its numbers. */
    private final Map<Integer, Alike> hands = new HashMap<>();

    private int strips;

    /**
     * Things in hand that are cut alike, and so together.
     *
     * @param name what each is called
     * @param stack which sheets they are of
     * @param count how many of each sheet
     */
    private record Alike(String name, int stack, int count) {

        /** "strip A", "both strips A", "all 3 strips A". */
        String inWords() {
            return count == 1
                    ? name
                    : count == 2 ? "both " + plural() : String.format(Locale.ROOT, "all %d %s", count, plural());
        }

        private String plural() {
            return name.replaceFirst("strip", "strips");
        }
    }

    /** Cuts of the same things from the same edge while the fence stands. */
    private record Together(Alike things, boolean upright, boolean far) {}

    private CutSteps(CutLayout layout, Tools tools, Ruler ruler) {
        this.layout = layout;
        this.plan = layout.plan();
        this.ruler = ruler;
        this.limits = plan.problem().limits();
        this.bias = tools.allowances().of(Allowance.BLADE_BIAS, ruler);
        this.depth = Math.max(1, (int) Math.round(tools.allowances().of(Allowance.STACK_DEPTH)));
    }

    /** The steps of a plan, in figures of a ruler. */
    public static List<CutStep> of(CutLayout layout, Tools tools, Ruler ruler) {
        CutSteps steps = new CutSteps(layout, tools, ruler);
        steps.sheets();
        steps.cuts();
        steps.steps.addAll(WorkByHand.steps(layout.plan(), tools, ruler, steps.steps.size()));
        return List.copyOf(steps.steps);
    }

    private void sheets() {
        List<CutSequence.Stack> all = layout.sequence().stacks();
        for (int i = 0; i < all.size(); i++) {
            CutStack stack = layout.stacks().get(i);
            hands.put(all.get(i).hand(), new Alike(name(stack), i, 1));
            if (stack.trim().isPositive()) {
                steps.add(CutStep.withoutFence(
                        steps.size() + 1,
                        Kind.SQUARE,
                        i,
                        name(stack),
                        List.of(),
                        "Square %s: trim %s off each edge.".formatted(name(stack), write(stack.trim()))));
            }
        }
    }

    private static String name(CutStack stack) {
        return stack.sheets() == 1
                ? String.format(Locale.ROOT, "sheet %d", stack.first())
                : String.format(Locale.ROOT, "sheets %d to %d", stack.first(), stack.first() + stack.sheets() - 1);
    }

    private void cuts() {
        for (CutSequence.Setting setting : layout.sequence().settings()) {
            Map<Together, List<CutSequence.Stroke>> strokes = new LinkedHashMap<>();
            boolean isSet = false;
            for (CutSequence.Stroke stroke : setting.strokes()) {
                Alike things = hands.get(stroke.hand());
                if (things == null) {
                    // it falls while the fence stands: what is cut of it comes after what is waiting
                    isSet = cut(setting.fence(), strokes, isSet);
                    strokes.clear();
                    things = requireNonNull(hands.get(stroke.hand()));
                }
                strokes.computeIfAbsent(
                                new Together(things, stroke.upright(), stroke.far()), together -> new ArrayList<>())
                        .add(stroke);
            }
            cut(setting.fence(), strokes, isSet);
        }
    }

    private boolean cut(long fence, Map<Together, List<CutSequence.Stroke>> strokes, boolean isSet) {
        boolean set = isSet;
        for (Map.Entry<Together, List<CutSequence.Stroke>> together : strokes.entrySet()) {
            cut(fence, together.getKey(), together.getValue(), set);
            set = true;
        }
        return set;
    }

    /** @param strokes of each of some things that are cut alike */
    private void cut(long units, Together together, List<CutSequence.Stroke> strokes, boolean isSet) {
        Alike things = together.things();
        CutSequence.Stroke stroke = strokes.get(0);
        int layers = layout.stacks().get(things.stack()).sheets() * strokes.size();
        int passes = (layers + depth - 1) / depth;
        Length fence = Length.ofUnits(units);
        List<Fallen> falls =
                fallen(strokes.stream().flatMap(one -> one.falls().stream()).toList(), things.stack());
        List<Fallen> left = fallen(
                strokes.stream()
                        .map(CutSequence.Stroke::left)
                        .filter(Objects::nonNull)
                        .toList(),
                things.stack());
        Fallen last = left.isEmpty() ? null : left.get(0);
        Edge edge = Edge.of(together.upright(), together.far());
        List<String> notes = notes(units, stroke, things, layers, passes);
        String comes = falls.stream().map(CutSteps::counted).collect(Collectors.joining(", "))
                + (last == null ? "" : "; " + rest(last));
        String at = "%s, %s at the fence".formatted(capital(things.inWords()), edge.inWords());
        steps.add(new CutStep(
                steps.size() + 1,
                Kind.CUT,
                fence,
                fence.minus(bias),
                isSet,
                things.stack(),
                things.inWords(),
                edge,
                strokes.stream().map(CutSequence.Stroke::area).toList(),
                stroke.falls().size(),
                passes,
                falls,
                last,
                notes,
                "%s: %s.".formatted(at, comes),
                told("%s, %s: %s".formatted(at, write(fence), comes), notes)));
    }

    private String rest(Fallen left) {
        String each = left.count() == 1 ? "" : " of each";
        return switch (left.what()) {
            case REST -> "%s is left over%s".formatted(write(left.size()), each);
            case BLANK, STRIP -> "the rest%s is %s".formatted(each, left.name());
        };
    }

    private List<String> notes(long fence, CutSequence.Stroke stroke, Alike things, int layers, int passes) {
        List<String> notes = new ArrayList<>();
        if (layers > 1) {
            String what = things.count() > 1 ? "strip" : "sheet";
            notes.add(
                    passes == 1
                            ? String.format(Locale.ROOT, "%d %ss on one another, under removable tape", layers, what)
                            : String.format(
                                    Locale.ROOT,
                                    "in %d goes, at most %d %s%s at once",
                                    passes,
                                    depth,
                                    what,
                                    depth == 1 ? "" : "s"));
        }
        if (limits.isTooLong(stroke)) {
            notes.add("longer than the trimmer's bed: in two goes, along a metal rule");
        }
        if (limits.isTooSmall(stroke, fence)) {
            notes.add("too small to hold at the blade: with a knife, along a metal rule");
        }
        if (bias.isNegative() || bias.isPositive()) {
            notes.add("set to %s, as your trimmer cuts %s too %s"
                    .formatted(
                            write(Length.ofUnits(fence).minus(bias)),
                            write(bias.isNegative() ? bias.negated() : bias),
                            bias.isNegative() ? "narrow" : "wide"));
        }
        return notes;
    }

    /** What falls, alike ones together: pieces of the same blank and size, and strips that are cut alike. */
    private List<Fallen> fallen(List<CutSequence.Fall> falls, int stack) {
        Map<Object, List<CutSequence.Fall>> alike = new LinkedHashMap<>();
        for (CutSequence.Fall fall : falls) {
            alike.computeIfAbsent(what(fall), what -> new ArrayList<>()).add(fall);
        }
        return alike.values().stream()
                .map(all -> fallen(all, stack, all.size()))
                .toList();
    }

    /** By what it is told from others that fall: which blank and how large, or how it is cut further. */
    private Object what(CutSequence.Fall fall) {
        return fall.node() instanceof CutNode.Part part
                ? List.of(name(plan.lots().get(part.item())), size(fall))
                : fall.node();
    }

    private static Size size(CutSequence.Fall fall) {
        return new Size(
                Length.ofUnits(fall.area().width()), Length.ofUnits(fall.area().height()));
    }

    private Fallen fallen(List<CutSequence.Fall> alike, int stack, int count) {
        CutSequence.Fall fall = alike.get(0);
        Size size = size(fall);
        if (fall.node() instanceof CutNode.Part part) {
            Lot lot = plan.lots().get(part.item());
            return new Fallen(
                    count,
                    What.BLANK,
                    name(lot),
                    size,
                    lot.parts().stream().map(Lot.InLot::blank).toList());
        }
        if (fall.node() instanceof CutNode.Rest) {
            return new Fallen(count, What.REST, "left over", size, List.of());
        }
        String name = "strip " + letter(strips++);
        Alike things = new Alike(name, stack, count);
        alike.forEach(one -> hands.put(one.hand(), things));
        return new Fallen(count, What.STRIP, name, size, List.of());
    }

    /** A to Z, then AA and on. */
    private static String letter(int number) {
        String last = Character.toString((char) ('A' + number % LETTERS));
        return number < LETTERS ? last : letter(number / LETTERS - 1) + last;
    }

    private String name(Lot lot) {
        return lot.name(plan.blanks());
    }

    /** "number 3", "2 × number 3". */
    public static String counted(Fallen fallen) {
        return fallen.count() == 1
                ? fallen.name()
                : String.format(Locale.ROOT, "%d × %s", fallen.count(), fallen.name());
    }

    private static String told(String words, List<String> notes) {
        return notes.isEmpty() ? words + "." : "%s (%s).".formatted(words, String.join("; ", notes));
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private String write(Size size) {
        return Figure.of(size.width(), ruler).by(Figure.of(size.height(), ruler));
    }

    private String write(Length length) {
        return Figure.of(length, ruler).inWords();
    }
}
