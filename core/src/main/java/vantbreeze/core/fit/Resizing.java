package vantbreeze.core.fit;

import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/**
 * The same card in another size. A part of the usual proportion keeps to it; one of the maker's own grows as the card's
 * width does, or its height where that sets it. Every measure ends on a mark of the ruler and within its limits.
 */
public final class Resizing {

    private final Structure structure;
    private final Measures before;
    private final Ruler ruler;

    private Resizing(Structure structure, Measures before, Ruler ruler) {
        this.structure = structure;
        this.before = before;
        this.ruler = ruler;
    }

    /** Prepares to resize a card of {@code structure} with these measures. */
    public static Resizing of(Structure structure, Measures before, Ruler ruler) {
        return new Resizing(structure, before, ruler);
    }

    /** The measures for a card that is {@code finished} large, or the nearest that the structure can have. */
    public Measures to(Size finished) {
        Size was = size(before);
        Length step = structure.widthStep(ruler.division());
        Size on = new Size(
                step.times(Math.max(1, finished.width().timesContaining(step))),
                ruler.nearest(finished.height()).length());
        Measures usualBefore = structure.proportioned(was, ruler);
        Measures usual = structure.proportioned(on, ruler);
        Measures after = new Measures(usual.byId(), before.choices());
        for (Parameter parameter : structure.parameters()) {
            String id = parameter.id();
            if (parameter.isPart() && !before.get(id).equals(usualBefore.get(id))) {
                after = after.with(
                        id,
                        ruler.nearest(scaled(
                                        before.get(id),
                                        was,
                                        on,
                                        !parameter.pieces().isEmpty()))
                                .length());
            }
        }
        return within(after);
    }

    /** The measures for the largest card that slides into {@code envelope} the way round that the card lies now. */
    public Measures into(Envelope envelope) {
        Size room = Proposals.room(envelope);
        Size was = size(before);
        Size wanted = was.width().isShorterThan(was.height()) ? room.turned() : room;
        return to(new Size(wanted.width(), ruler.below(wanted.height()).length()));
    }

    /** The measures for the same card upright instead of lying, or lying instead of upright. */
    public Measures turned() {
        return to(size(before).turned());
    }

    private Measures within(Measures measures) {
        Measures after = measures;
        for (Parameter parameter : structure.asked(after)) {
            after = after.with(
                    parameter.id(), structure.limits(parameter.id(), after).nearest(after.get(parameter.id()), ruler));
        }
        return after;
    }

    private static Length scaled(Length part, Size was, Size is, boolean upward) {
        double factor = upward
                ? is.height().millimetres() / was.height().millimetres()
                : is.width().millimetres() / was.width().millimetres();
        return Length.nearest(part.millimetres() * factor);
    }

    private static Size size(Measures measures) {
        return new Size(measures.get(Parameter.WIDTH), measures.get(Parameter.HEIGHT));
    }
}
