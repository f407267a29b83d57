package vantbreeze.core.extra;

import java.util.List;
import vantbreeze.core.die.DieShape;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Length;

/**
 * How an extra is built: a strip of panels, and where it is glued.
 *
 * @param parts its panels, from the first face on
 * @param breadth how far it reaches along its scores
 * @param glues what is glued, the first on the first face
 * @param upright whether its scores run across the card as its sheet lies, so that it springs upwards
 * @param shape what it is cut out as
 */
record Body(List<Part> parts, Length breadth, List<Glue> glues, boolean upright, DieShape shape) {

    Body {
        parts = List.copyOf(parts);
        glues = List.copyOf(glues);
    }

    /** A strip with square corners. */
    Body(List<Part> parts, Length breadth, List<Glue> glues, boolean upright) {
        this(parts, breadth, glues, upright, DieShape.RECTANGLE);
    }

    /** The same, of one panel, cut out otherwise. */
    Body cutOut(DieShape other) {
        return new Body(parts, breadth, glues, upright, other);
    }

    /**
     * One panel.
     *
     * @param name what it is called
     * @param fold which way the score before it folds; of the first nothing
     */
    record Part(String name, Length width, Fold fold) {}

    /**
     * A panel that is glued.
     *
     * @param part which, from 0
     * @param atStart whether {@code at} is where it begins, otherwise where it ends
     * @param side which of its sides lies in the glue
     * @param on the face that it is glued on
     * @param at how far along that face, from its left edge or its foot
     * @param aside how far the strip is from the foot of the face, or from its left edge
     * @param only from where to where along the face there is glue; empty for all of the panel
     * @param foam how thick the foam between them is, nil for none
     */
    record Glue(
            int part, boolean atStart, Side side, Footing on, Length at, Length aside, List<Length> only, Length foam) {

        static Glue of(int part, boolean atStart, Side side, Footing on, Length at, Length aside) {
            return new Glue(part, atStart, side, on, at, aside, List.of(), Length.ZERO);
        }

        /** The same with glue only from one place to another. */
        Glue only(Length from, Length until) {
            return new Glue(part, atStart, side, on, at, aside, List.of(from, until), foam);
        }

        /** The same on foam. */
        Glue raised(Length thickness) {
            return new Glue(part, atStart, side, on, at, aside, only, thickness);
        }
    }

    /** Where a panel begins on the strip. */
    Length start(int part) {
        Length start = Length.ZERO;
        for (int i = 0; i < part; i++) {
            start = start.plus(parts.get(i).width());
        }
        return start;
    }
}
