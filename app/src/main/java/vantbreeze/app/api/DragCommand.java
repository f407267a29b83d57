package vantbreeze.app.api;

import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;
import vantbreeze.app.cards.EditRequest;
import vantbreeze.core.edit.Drag;
import vantbreeze.core.edit.DragBy;
import vantbreeze.core.edit.DragTo;
import vantbreeze.core.edit.Edit;
import vantbreeze.core.edit.Entry;
import vantbreeze.core.hand.Handle;
import vantbreeze.core.hand.Move;
import vantbreeze.core.hand.Snap;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.tool.Allowances;

/**
 * A line moved by hand: to where it is let go on the drawing, by marks of the ruler, or to a place that is typed.
 *
 * @param revision the one the maker is looking at
 * @param acrossMm with {@code upMm}: where on its sheet it is held
 * @param divisions instead: how many marks to move it by; of a slit or slanted score how many across
 * @param divisionsUp of a slit or slanted score: how many up
 * @param text instead: how far from the fence, as the maker wrote it; of a slit or slanted score how far across its end
 *     is
 * @param upText of a slit or slanted score: how far up that end is
 * @param keep whether to keep what comes of it; otherwise it is only shown
 * @param closed how far closed the card in space is shown, 0 to 1
 */
public record DragCommand(
        int revision,
        @NotNull Handle.Kind kind,
        int piece,
        int index,
        @NotNull Handle.End end,
        @Nullable Double acrossMm,
        @Nullable Double upMm,
        @Nullable Integer divisions,
        @Nullable Integer divisionsUp,
        @Nullable @MaybeText String text,
        @Nullable @MaybeText String upText,
        @NotNull Snap snap,
        boolean pushes,
        boolean keep,
        @Nullable Double closed)
        implements EditRequest {

    private static final double FARTHEST = 10_000;

    @Override
    public Edit on(Ruler ruler, Allowances allowances) {
        Handle handle = new Handle(kind, piece, index, end);
        if (divisions == null && text != null) {
            return new DragTo(handle, Entry.read("hand", text, ruler), upText, pushes);
        }
        if (kind == Handle.Kind.MARK && (divisions != null || divisionsUp != null)) {
            return new DragBy(handle, marks(divisions), marks(divisionsUp), pushes);
        }
        return new Drag(
                divisions == null
                        ? new Move(handle, place(acrossMm), place(upMm), null, snap, pushes)
                        : new Move(handle, Length.ZERO, Length.ZERO, Entry.within(divisions), snap, pushes));
    }

    private static int marks(@Nullable Integer divisions) {
        return divisions == null ? 0 : Entry.within(divisions);
    }

    private static Length place(@Nullable Double millimetres) {
        double mm = millimetres == null || !Double.isFinite(millimetres) ? 0 : millimetres;
        return Length.nearest(Math.max(-FARTHEST, Math.min(FARTHEST, mm)));
    }
}
