package vantbreeze.core.wrap;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.folding.Station;
import vantbreeze.core.length.Length;

/**
 * A strip that goes once round a stack and is glued on itself behind it: an inner end, the front, an outer end that is
 * laid over the inner one; between them walls where the stack is thick. The decorated side is outside.
 *
 * @param front across the front
 * @param wall as deep as the stack is thick at its edges; nil where one fold is enough
 * @param inner how far the inner end reaches behind it
 * @param overlap how far the outer end lies over the inner one
 * @param height of the strip
 * @param notch corners of what is cut out of its upper edge, from the right; none where that is straight
 */
record Loop(Length front, Length wall, Length inner, Length overlap, Length height, List<Spot> notch) {

    Loop {
        notch = List.copyOf(notch);
    }

    static final String INNER = "Inner end";
    static final String FRONT = WrapStructure.FRONT_PANEL;
    static final String OUTER = "Outer end";
    private static final String LEFT = "Left wall";
    private static final String RIGHT = "Right wall";

    private boolean hasWalls() {
        return wall.isPositive();
    }

    /** Once round, without the overlap: twice the front and twice the wall. */
    Length round() {
        return front.plus(wall).times(2);
    }

    /** Where the front begins on the strip. */
    Length begins() {
        return inner.plus(wall);
    }

    /** The strip, glued to itself. */
    Assembly assembly(String name) {
        Length end = round().plus(overlap);
        List<Spot> outline = new ArrayList<>(
                List.of(new Spot(Length.ZERO, Length.ZERO), new Spot(end, Length.ZERO), new Spot(end, height)));
        outline.addAll(notch);
        outline.add(new Spot(Length.ZERO, height));
        List<Crease> creases = new ArrayList<>();
        List<PanelName> names = new ArrayList<>();
        Length at = Length.ZERO;
        for (Part part : parts()) {
            if (at.isPositive()) {
                creases.add(new Crease(new Stretch(new Spot(at, Length.ZERO), new Spot(at, height)), Fold.MOUNTAIN));
            }
            names.add(new PanelName(new Spot(at.plus(part.width().dividedBy(2)), height.dividedBy(32)), part.name()));
            at = at.plus(part.width());
        }
        return Assembly.of(
                new Piece(name, outline, creases, List.of(), names),
                Join.of(
                        new PanelRef(0, INNER),
                        Side.FACE,
                        new PanelRef(0, OUTER),
                        Side.BACK,
                        Attachment.at(new Spot(Length.ZERO, Length.ZERO), new Spot(round(), Length.ZERO))));
    }

    private record Part(String name, Length width) {}

    private List<Part> parts() {
        Part first = new Part(INNER, inner);
        Part middle = new Part(FRONT, front);
        Part last = new Part(OUTER, front.minus(inner).plus(overlap));
        return hasWalls()
                ? List.of(first, new Part(LEFT, wall), middle, new Part(RIGHT, wall), last)
                : List.of(first, middle, last);
    }

    /** Pressed flat, empty. */
    Pose flat() {
        return hasWalls() ? Pose.closed().but(LEFT, FRONT, 0).but(RIGHT, OUTER, 0) : Pose.closed();
    }

    /** Round what it holds, then pressed flat. */
    List<Station> stations() {
        return List.of(
                new Station("Round the card", hasWalls() ? Pose.partly(0.5) : flat()), new Station("Flat", flat()));
    }
}
