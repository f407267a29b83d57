package vantbreeze.core.edit;

import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.hand.Drafting;
import vantbreeze.core.hand.Handle;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;

/** Something drawn on a free card, or taken from it. */
public sealed interface Draw extends Edit {

    /** What the drawing table makes of it. */
    Plan with(Drafting drafting);

    @Override
    default Edited on(Plan plan, Workshop workshop) {
        return Edited.quietly(with(new Drafting(workshop, plan)));
    }

    /** The card made free: nothing is tied to a measure any more. */
    record Loosen() implements Draw {
        @Override
        public Plan with(Drafting drafting) {
            return drafting.loosened();
        }
    }

    /** The card taken as a structure that it is: its measures say the rest. */
    record TakeAs(String structure) implements Draw {
        @Override
        public Plan with(Drafting drafting) {
            return drafting.takenAs(structure);
        }
    }

    /** A score from spot to spot. */
    record Score(int piece, Stretch line, Fold fold) implements Draw {
        @Override
        public Plan with(Drafting drafting) {
            return drafting.scored(piece, line, fold);
        }
    }

    /** A score from edge to edge, straight up or level. */
    record ScoreThrough(int piece, Length at, boolean isLevel, Fold fold) implements Draw {
        @Override
        public Plan with(Drafting drafting) {
            return drafting.scoredThrough(piece, at, isLevel, fold);
        }
    }

    /** A slit from spot to spot. */
    record Slit(int piece, Stretch line) implements Draw {
        @Override
        public Plan with(Drafting drafting) {
            return drafting.slit(piece, line);
        }
    }

    /** A line taken away. */
    record Erase(Handle handle) implements Draw {
        @Override
        public Plan with(Drafting drafting) {
            return drafting.without(handle);
        }
    }

    /** A score folded the other way. */
    record Flip(Handle handle) implements Draw {
        @Override
        public Plan with(Drafting drafting) {
            return drafting.flipped(handle);
        }
    }

    /** One more piece, glued to the middle of a panel. */
    record AddPiece(String name, Size size, String panel) implements Draw {
        @Override
        public Plan with(Drafting drafting) {
            return drafting.withPiece(name, size, panel);
        }
    }

    /** A piece taken away, and what is glued to it. */
    record RemovePiece(int piece) implements Draw {
        @Override
        public Plan with(Drafting drafting) {
            return drafting.withoutPiece(piece);
        }
    }

    /** Two panels glued, the lower left corner of the one at a spot of the other's sheet. */
    record Glue(String glued, Side gluedSide, String on, Side onSide, Spot at) implements Draw {
        @Override
        public Plan with(Drafting drafting) {
            return drafting.glued(glued, gluedSide, on, onSide, at);
        }
    }

    /** What is glued moved: its lower left corner to a spot of the other's sheet. */
    record MoveGlued(int join, Spot at) implements Draw {
        @Override
        public Plan with(Drafting drafting) {
            return drafting.glueMoved(join, at);
        }
    }

    /** A join taken apart. */
    record Unglue(int join) implements Draw {
        @Override
        public Plan with(Drafting drafting) {
            return drafting.unglued(join);
        }
    }

    /** Displayed lying on the table, or standing. */
    record Lie(boolean lies) implements Draw {
        @Override
        public Plan with(Drafting drafting) {
            return drafting.lying(lies);
        }
    }
}
