package vantbreeze.core.edit;

import vantbreeze.core.hand.Hand;
import vantbreeze.core.hand.Move;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.EditedCard;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;

/** A line taken hold of and moved. */
public record Drag(Move move) implements Edit {

    /** As far as it goes: where what comes of it can't be worked out, the plan as it was with the reason. */
    @Override
    public Edited on(Plan plan, Workshop workshop) {
        EditedCard dragged = new Hand(workshop, plan).worked(move);
        return new Edited(dragged.worked().plan(), dragged.words());
    }

    @Override
    public EditedCard glimpse(Plan plan, Workshop workshop) {
        return new Hand(workshop, plan).glimpsed(move);
    }
}
