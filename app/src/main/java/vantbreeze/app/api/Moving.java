package vantbreeze.app.api;

import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.DrawnMark;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.hand.Handle;
import vantbreeze.core.hand.Move;
import vantbreeze.core.hand.Snap;
import vantbreeze.core.length.Length;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Refusal;
import vantbreeze.core.plan.Workshop;

/**
 * A line moved by hand: to where it is let go on the drawing, by marks of the ruler, or to a place that is typed.
 *
 * @param revision the one the maker is looking at
 * @param acrossMm with {@code upMm}: where on its sheet it is held
 * @param divisions instead: how many marks to move it by
 * @param text instead: how far from the fence, as the maker wrote it; of a slit or slanted score how far across its end
 *     is
 * @param upText of a slit or slanted score: how far up that end is
 * @param keep whether to keep what comes of it; otherwise it is only shown
 * @param closed how far closed the card in space is shown, 0 to 1
 */
public record Moving(
        int revision,
        @NotNull Handle.Kind kind,
        int piece,
        int index,
        @NotNull Handle.End end,
        @Nullable Double acrossMm,
        @Nullable Double upMm,
        @Nullable Integer divisions,
        @Nullable @MaybeText String text,
        @Nullable @MaybeText String upText,
        @NotNull Snap snap,
        boolean pushes,
        boolean keep,
        @Nullable Double closed) {

    private static final int MOST_DIVISIONS = 1_000;
    private static final double FARTHEST = 10_000;

    Handle handle() {
        return new Handle(kind, piece, index, end);
    }

    Move on(Plan plan, Workshop workshop) {
        if (divisions != null) {
            return new Move(
                    handle(),
                    Length.ZERO,
                    Length.ZERO,
                    Math.max(-MOST_DIVISIONS, Math.min(MOST_DIVISIONS, divisions)),
                    snap,
                    pushes);
        }
        if (text != null) {
            return typed(plan, workshop);
        }
        return new Move(handle(), place(acrossMm), place(upMm), null, snap, pushes);
    }

    private static Length place(@Nullable Double millimetres) {
        double mm = millimetres == null || !Double.isFinite(millimetres) ? 0 : millimetres;
        return Length.nearest(Math.max(-FARTHEST, Math.min(FARTHEST, mm)));
    }

    private Move typed(Plan plan, Workshop workshop) {
        Length across = new Written(plan.ruler()).measure("hand", text);
        Piece held = piece(plan, workshop);
        if (kind == Handle.Kind.MARK) {
            Length up = new Written(plan.ruler()).measure("hand", upText);
            if (index < 0 || index >= DrawnMark.of(held).size()) {
                throw new Refusal("hand", "That line is not there any more.");
            }
            return new Move(handle(), across, up, null, Snap.EXACT, pushes);
        }
        Length left = held.outline().stream().map(Spot::x).reduce(Length::min).orElse(Length.ZERO);
        Length foot = held.outline().stream().map(Spot::y).reduce(Length::min).orElse(Length.ZERO);
        return new Move(handle(), across.plus(left), across.plus(foot), null, Snap.EXACT, pushes);
    }

    private Piece piece(Plan plan, Workshop workshop) {
        var pieces = workshop.structure(plan)
                .assemble(plan.completed(workshop.structure(plan)).measures())
                .pieces();
        if (piece < 0 || piece >= pieces.size()) {
            throw new Refusal("hand", "That piece is not there any more.");
        }
        return pieces.get(piece);
    }
}
