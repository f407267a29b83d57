package vantbreeze.core.edit;

import vantbreeze.core.check.ValidationException;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.EditedCard;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;

/** One change of a plan, as a maker makes it: what is undone, kept as a version and compared are plans between them. */
public sealed interface Edit
        permits SetField,
                Together,
                Lock,
                Solve,
                Resize,
                Rerule,
                Drag,
                DragTo,
                DragBy,
                Draw,
                Dress,
                Carry,
                ChooseCuts,
                ChooseBuilding,
                FollowMade,
                Lighten {

    /**
     * The plan after it.
     *
     * @throws ValidationException when it can't be made, in words for the maker
     */
    Edited on(Plan plan, Workshop workshop);

    /**
     * The same while the maker is still at it: what takes long to tell is left out, and where nothing comes of it the
     * card is shown as it was, with the reason.
     */
    default EditedCard glimpse(Plan plan, Workshop workshop) {
        Edited edited = on(plan, workshop);
        return new EditedCard(workshop.glimpse(edited.plan(), plan), edited.words());
    }
}
