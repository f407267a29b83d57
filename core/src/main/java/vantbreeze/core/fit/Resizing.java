package vantbreeze.core.fit;

import java.util.Comparator;
import java.util.List;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Allowances;

/**
 * The same card in another size. A part of the usual proportion keeps to it; one of the maker's own grows as the card
 * does the way that it runs: across, up, or by the lesser of both where it runs on a slant. Every measure ends on a
 * mark of the ruler and within its limits.
 */
public final class Resizing {

    /** Limits that hang on one another settle in two or three passes. */
    private static final int MOST_PASSES = 8;

    private final Structure structure;
    private final Measures before;
    private final Ruler ruler;
    private final Allowances allowances;

    private Resizing(Structure structure, Measures before, Ruler ruler, Allowances allowances) {
        this.structure = structure;
        this.before = before;
        this.ruler = ruler;
        this.allowances = allowances;
    }

    /** Prepares to resize a card of {@code structure} with these measures, with the usual allowances. */
    public static Resizing of(Structure structure, Measures before, Ruler ruler) {
        return of(structure, before, ruler, Allowances.usual());
    }

    /** Prepares to resize a card of {@code structure} with these measures. */
    public static Resizing of(Structure structure, Measures before, Ruler ruler, Allowances allowances) {
        return new Resizing(structure, before, ruler, allowances);
    }

    /** The measures for a card that is {@code finished} large, or the nearest that the structure can have. */
    public Measures to(Size finished) {
        Measures wanted = wanted(finished);
        Measures within = within(wanted, structure.asked(wanted));
        if (structure.allows(within)) {
            return within;
        }
        Measures usual = usual(finished);
        return within(usual, structure.asked(usual));
    }

    /**
     * The measures for a card just {@code finished} large, its parts brought within their limits where they can be; the
     * finished width and height may be beyond theirs, and so say what stands in the way.
     */
    public Measures wanted(Size finished) {
        Size was = size(before);
        Measures usualBefore = structure.proportioned(was, ruler);
        Measures after = usual(finished);
        Size on = size(after);
        for (Parameter parameter : structure.parameters()) {
            String id = parameter.id();
            boolean own =
                    parameter.follows() ? before.says(id) : !before.get(id).equals(usualBefore.get(id));
            if (parameter.isPart() && own) {
                double factor = Course.of(structure, before, id).factor(was, on);
                after = after.with(
                        id,
                        ruler.nearest(Length.nearest(before.get(id).millimetres() * factor))
                                .length()
                                .max(ruler.division()));
            }
        }
        return within(
                after, structure.asked(after).stream().filter(Parameter::isPart).toList());
    }

    private Measures usual(Size finished) {
        Length step = structure.widthStep(ruler.division());
        Size on = new Size(
                step.times(Math.max(1, finished.width().timesContaining(step))),
                ruler.nearest(finished.height()).length().max(ruler.division()));
        return new Measures(structure.proportioned(on, ruler).byId(), before.choices(), ruler);
    }

    /** The largest card that slides into {@code envelope} the way round that the card lies now. */
    public Size room(Envelope envelope) {
        Size room = Proposals.room(envelope, allowances);
        Size was = size(before);
        Size lying = was.width().isShorterThan(was.height()) ? room.turned() : room;
        return new Size(lying.width(), ruler.below(lying.height()).length());
    }

    /** The measures for the largest card that slides into {@code envelope} the way round that the card lies now. */
    public Measures into(Envelope envelope) {
        return to(room(envelope));
    }

    /** The measures for the same card upright instead of lying, or lying instead of upright. */
    public Measures turned() {
        return to(size(before).turned());
    }

    /** Brings some measures within the limits that the others leave them, the parts before the whole. */
    private Measures within(Measures measures, List<Parameter> which) {
        List<Parameter> partsFirst = which.stream()
                .sorted(Comparator.comparing(Parameter::isPart).reversed())
                .toList();
        Measures after = measures;
        for (int pass = 0; pass < MOST_PASSES; pass++) {
            Measures then = after;
            for (Parameter parameter : partsFirst) {
                if (parameter.isLeftTo(after)) {
                    continue;
                }
                Length nearest = structure.limits(parameter.id(), after).nearest(after.get(parameter.id()), ruler);
                after = after.with(parameter.id(), nearest.max(ruler.division()));
            }
            if (after.equals(then)) {
                break;
            }
        }
        return after;
    }

    private static Size size(Measures measures) {
        return new Size(measures.get(Parameter.WIDTH), measures.get(Parameter.HEIGHT));
    }
}
