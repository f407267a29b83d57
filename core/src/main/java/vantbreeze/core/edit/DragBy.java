package vantbreeze.core.edit;

import java.util.List;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.fold.DrawnMark;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.hand.Handle;
import vantbreeze.core.hand.Move;
import vantbreeze.core.hand.Snap;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.EditedCard;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;

/**
 * A slit or slanted score, or an end of it, moved by marks of the ruler, either way.
 *
 * @param handle which
 * @param across how many marks to the right
 * @param up how many marks up
 * @param pushes whether what lies beyond it moves along
 */
public record DragBy(Handle handle, int across, int up, boolean pushes) implements Edit {

    @Override
    public Edited on(Plan plan, Workshop workshop) {
        return drag(plan, workshop).on(plan, workshop);
    }

    @Override
    public EditedCard glimpse(Plan plan, Workshop workshop) {
        return drag(plan, workshop).glimpse(plan, workshop);
    }

    private Drag drag(Plan plan, Workshop workshop) {
        List<DrawnMark> marks = DrawnMark.of(DragTo.piece(handle, plan, workshop));
        if (handle.index() < 0 || handle.index() >= marks.size()) {
            throw new ValidationException("hand", "That line is not there any more.");
        }
        DrawnMark mark = marks.get(handle.index());
        Spot held = handle.end() == Handle.End.TO ? mark.to() : mark.from();
        Ruler ruler = plan.ruler();
        return new Drag(new Move(
                handle,
                across == 0 ? held.x() : ruler.moved(held.x(), across),
                up == 0 ? held.y() : ruler.moved(held.y(), up),
                null,
                Snap.EXACT,
                pushes));
    }
}
