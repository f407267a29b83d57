package vantbreeze.core.build;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.paper.Material;

/**
 * What is seen in a step: paper as it looks from where the hand works, with what is meant lit. Plane, millimetres, up
 * is up; what is hidden is cut away, so that the order of drawing matters for nothing but lit and film over paper.
 *
 * @param from where it is seen from, in words
 * @param room where it stays, however it is turned; null for what is not turned, since it lies open on the board
 */
public record StepPicture(List<Patch> patches, List<Stroke> strokes, String from, @Nullable Envelope room) {

    public StepPicture {
        patches = List.copyOf(patches);
        strokes = List.copyOf(strokes);
        room = room == null ? null : room.copy();
    }

    /** Nothing to be seen. */
    static final StepPicture NONE = new StepPicture(List.of(), List.of(), "", null);

    /** What a patch shows. */
    public enum Seen {
        /** Paper of a piece. */
        PAPER,
        /** Film of a piece: what is behind it is seen through it, so it is drawn last. */
        FILM,
        /** A layer that lies there already. */
        LAYER,
        /** The layer that is laid. */
        LIT_LAYER,
        /** Where glue goes. */
        GLUE;

        /** How a piece itself is seen. */
        static Seen of(Piece piece) {
            return piece.material() == Material.ACETATE ? FILM : PAPER;
        }
    }

    /**
     * Something with an area.
     *
     * @param stockId what paper it is of
     * @param otherSide whether that paper's other side is seen
     */
    public record Patch(Seen seen, String stockId, boolean otherSide, Polygon shape) {}

    /** What a line is. */
    public enum Line {
        FOLD,
        SLIT,
        PENCIL
    }

    /**
     * A line.
     *
     * @param fold which way it folds as it is seen from here; null for what does not fold
     * @param isLit whether it is meant now
     */
    public record Stroke(Line line, @Nullable Fold fold, boolean isLit, Coordinate start, Coordinate stop) {

        Stroke lit() {
            return new Stroke(line, fold, true, start, stop);
        }
    }

    /** The same with what is lit in another picture of the same lines lit too. */
    StepPicture litToo(StepPicture other) {
        Set<Stroke> all = new LinkedHashSet<>(strokes);
        Set<Stroke> lit = new LinkedHashSet<>();
        Stream.of(strokes, other.strokes)
                .flatMap(List::stream)
                .filter(Stroke::isLit)
                .forEach(lit::add);
        all.addAll(other.strokes);
        all.removeIf(stroke -> !stroke.isLit() && lit.contains(stroke.lit()));
        return new StepPicture(patches, List.copyOf(all), from, room);
    }

    /** The rectangle round all of it. */
    public Envelope box() {
        Envelope box = new Envelope();
        patches.forEach(patch -> box.expandToInclude(patch.shape().getEnvelopeInternal()));
        return box;
    }
}
