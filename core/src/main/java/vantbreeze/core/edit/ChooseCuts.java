package vantbreeze.core.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.cutting.Blank;
import vantbreeze.core.cutting.CutChoices;
import vantbreeze.core.cutting.CutPin;
import vantbreeze.core.cutting.CutPlan;
import vantbreeze.core.cutting.CutWishes;
import vantbreeze.core.cutting.SheetUse;
import vantbreeze.core.plan.Edited;
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
        try {
            return Edited.quietly(plan.withCutting(after(plan.cutting(), workshop.work(plan))));
        } catch (ValidationException refused) {
            throw refused;
        } catch (IllegalArgumentException unfit) {
            throw new ValidationException(FIELD, String.valueOf(unfit.getMessage()));
        }
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
        List<Blank> blanks = worked.blanks().byStock().getOrDefault(paper, List.of());
        if (blank < 0
                || blank >= blanks.size()
                || copy < 0
                || copy >= blanks.get(blank).count()) {
            throw new ValidationException(FIELD, "That piece is not there any more. Look again.");
        }
        return CutPin.key(blanks.get(blank).uses().get(copy));
    }
}
