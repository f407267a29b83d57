package vantbreeze.core.edit;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.cutting.Blank;
import vantbreeze.core.cutting.CutChoices;
import vantbreeze.core.cutting.CutPin;
import vantbreeze.core.cutting.CutPlan;
import vantbreeze.core.cutting.CutWishes;
import vantbreeze.core.cutting.PieceParts;
import vantbreeze.core.cutting.Seam;
import vantbreeze.core.cutting.SheetUse;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.length.Length;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.PieceJoining;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

/** How a card is cut, decided by hand. */
public sealed interface ChooseCuts extends Edit {

    /** The field that a refusal is about. */
    String FIELD = "cutting";

    /** What is decided then. */
    CutChoices after(CutChoices before, WorkedPlan worked);

    @Override
    default Edited on(Plan plan, Workshop workshop) {
        return Deciding.of(FIELD, () -> Edited.quietly(plan.withCutting(after(plan.cutting(), workshop.work(plan)))));
    }

    /** What is wished of the whole plan. */
    record Wish(CutWishes wishes) implements ChooseCuts {
        @Override
        public CutChoices after(CutChoices before, WorkedPlan worked) {
            return before.withWishes(wishes);
        }
    }

    /**
     * A sheet left alone, used first or added.
     *
     * @param use null for as it comes
     */
    record UseSheet(CutChoices.SheetOf sheet, @Nullable SheetUse use) implements ChooseCuts {
        @Override
        public CutChoices after(CutChoices before, WorkedPlan worked) {
            worked.workshop().sheet(sheet.sheetId());
            return before.withSheet(sheet, use);
        }
    }

    /**
     * A blank put somewhere; it comes to the nearest edge or mark.
     *
     * @param spot which blank, and where
     */
    record Put(BlankSpot spot) implements ChooseCuts {
        @Override
        public CutChoices after(CutChoices before, WorkedPlan worked) {
            CutPlan.Trial trial = spot.tried(worked);
            trial.refusal().ifPresent(why -> {
                throw new ValidationException(FIELD, "It can't lie there: %s.".formatted(why));
            });
            return before.withPin(trial.pin());
        }
    }

    /** One blank, of those alike, no longer held where it is. */
    record LetGo(String paper, int blank, int copy) implements ChooseCuts {
        @Override
        public CutChoices after(CutChoices before, WorkedPlan worked) {
            return before.without(use(worked, paper, blank, copy));
        }
    }

    /** Nothing held any more. */
    record LetAllGo() implements ChooseCuts {
        @Override
        public CutChoices after(CutChoices before, WorkedPlan worked) {
            return before.withoutPins();
        }
    }

    /**
     * A piece that no sheet is large enough for, joined from parts where it shows least; those alike too.
     *
     * @param blank its number among the blanks of that paper, from 0
     */
    record Join(String paper, int blank) implements ChooseCuts {
        @Override
        public CutChoices after(CutChoices before, WorkedPlan worked) {
            Blank whole = find(worked, paper, blank);
            CutChoices after = before;
            for (Blank.Use use : whole.uses()) {
                if (use instanceof Blank.OfPiece one) {
                    PieceParts parts = new PieceJoining(worked)
                            .best(one.piece(), whole, worked.workshop().sheets())
                            .orElseThrow(() -> new ValidationException(
                                    FIELD,
                                    "There is no place for a seam: it would cross a fold, or the parts are too large"
                                            + " too. Choose a larger sheet, or make the card smaller."));
                    after = after.withSeams(one.piece(), parts.seams());
                }
            }
            return after;
        }
    }

    /**
     * A seam of a piece moved.
     *
     * @param seam the how-manieth of the piece, from 0
     * @param at where the first part shall end, from the left edge or from the foot; null to move it by some marks
     * @param divisions by so many marks of the ruler
     */
    record MoveSeam(PieceId piece, int seam, @Nullable Length at, int divisions) implements ChooseCuts {
        @Override
        public CutChoices after(CutChoices before, WorkedPlan worked) {
            List<Seam> seams = new ArrayList<>(before.seamsOf(piece));
            if (seam < 0 || seam >= seams.size()) {
                throw new ValidationException(FIELD, "That seam is not there any more. Look again.");
            }
            Seam old = seams.get(seam);
            Length to = at == null ? worked.ruler().moved(old.at(), divisions) : at;
            seams.set(seam, new Seam(piece, old.upright(), to, old.overlap()));
            if (!new PieceJoining(worked).isPossible(piece, seams)) {
                throw new ValidationException(
                        FIELD, "A seam lies in one panel, clear of folds, slits and edges. Put it elsewhere.");
            }
            return before.withSeams(piece, seams);
        }
    }

    /** A piece cut whole again. */
    record Whole(PieceId piece) implements ChooseCuts {
        @Override
        public CutChoices after(CutChoices before, WorkedPlan worked) {
            return before.withSeams(piece, List.of());
        }
    }

    /**
     * Where a blank is put.
     *
     * @param paper of what it is cut, as plans name it
     * @param blank its number among the blanks of that paper, from 0
     * @param copy which of those alike, from 0
     * @param sheet on which kind of sheet
     * @param nth on the how-manieth of these with anything pinned; 0 for one more
     * @param x its lower left corner from the left, millimetres
     * @param y the same from the foot
     * @param turned whether it lies turned by a quarter
     */
    record BlankSpot(String paper, int blank, int copy, String sheet, int nth, double x, double y, boolean turned) {

        /** Where it comes to, and why it can't lie there if it can't. */
        public CutPlan.Trial tried(WorkedPlan worked) {
            Blank.Use use = use(worked, paper, blank, copy);
            return CutPlan.tried(worked.cutOrder(worked.workshop().sheets()), use, sheet, nth, x, y, turned);
        }
    }

    private static Blank.Use use(WorkedPlan worked, String paper, int blank, int copy) {
        List<Blank.Use> uses = find(worked, paper, blank).uses();
        if (copy < 0 || copy >= uses.size()) {
            throw gone();
        }
        return CutPin.key(uses.get(copy));
    }

    private static Blank find(WorkedPlan worked, String paper, int blank) {
        List<Blank> blanks = worked.blanks().byStock().getOrDefault(paper, List.of());
        if (blank < 0 || blank >= blanks.size()) {
            throw gone();
        }
        return blanks.get(blank);
    }

    private static ValidationException gone() {
        return new ValidationException(FIELD, "That piece is not there any more. Look again.");
    }
}
