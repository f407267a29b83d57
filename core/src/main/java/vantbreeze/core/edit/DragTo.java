package vantbreeze.core.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fold.DrawnMark;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.hand.Handle;
import vantbreeze.core.hand.Move;
import vantbreeze.core.hand.Snap;
import vantbreeze.core.length.Length;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.EditedCard;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;

/**
 * A line moved to a place that is typed.
 *
 * @param handle which
 * @param across how far from the fence; of a slit or slanted score how far across its end is
 * @param up of a slit or slanted score: how far up that end is, as written on the plan's ruler
 * @param pushes whether what lies beyond it moves along
 */
public record DragTo(Handle handle, Length across, @Nullable String up, boolean pushes) implements Edit {

    @Override
    public Edited on(Plan plan, Workshop workshop) {
        return drag(plan, workshop).on(plan, workshop);
    }

    @Override
    public EditedCard glimpse(Plan plan, Workshop workshop) {
        return drag(plan, workshop).glimpse(plan, workshop);
    }

    private Drag drag(Plan plan, Workshop workshop) {
        Piece held = piece(handle, plan, workshop);
        if (handle.kind() == Handle.Kind.MARK) {
            Length upwards = Entry.read("hand", up, plan.ruler());
            if (handle.index() < 0 || handle.index() >= DrawnMark.of(held).size()) {
                throw new ValidationException("hand", "That line is not there any more.");
            }
            return to(across, upwards);
        }
        return to(across.plus(held.extent().left()), across.plus(held.extent().foot()));
    }

    private Drag to(Length x, Length y) {
        return new Drag(new Move(handle, x, y, null, Snap.EXACT, pushes));
    }

    /** The piece that a line is on. */
    static Piece piece(Handle handle, Plan plan, Workshop workshop) {
        List<Piece> pieces = workshop.structure(plan)
                .assemble(plan.completed(workshop.structure(plan)).measures())
                .pieces();
        if (handle.piece() < 0 || handle.piece() >= pieces.size()) {
            throw new ValidationException("hand", "That piece is not there any more.");
        }
        return pieces.get(handle.piece());
    }
}
