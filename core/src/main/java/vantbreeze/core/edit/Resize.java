package vantbreeze.core.edit;

import vantbreeze.core.check.ValidationException;
import vantbreeze.core.hand.Drafting;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;

/** The whole card made in another size. */
public sealed interface Resize extends Edit {

    /** As large as this when closed, or the nearest that can be. */
    record To(Size finished) implements Resize {
        @Override
        public Edited on(Plan plan, Workshop workshop) {
            return Edited.quietly(new Drafting(workshop, plan).resized(finished));
        }
    }

    /** Upright instead of lying, or the other way round. */
    record Turned() implements Resize {
        @Override
        public Edited on(Plan plan, Workshop workshop) {
            return Edited.quietly(new Drafting(workshop, plan).turned());
        }
    }

    /** As large as the envelope that is chosen takes. */
    record ToEnvelope() implements Resize {
        @Override
        public Edited on(Plan plan, Workshop workshop) {
            String envelope = plan.envelopeId();
            if (envelope == null) {
                throw new ValidationException("envelope", "The card has no envelope yet. Choose one first.");
            }
            return Edited.quietly(new Drafting(workshop, plan).into(workshop.envelope(envelope)));
        }
    }
}
