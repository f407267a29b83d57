package vantbreeze.core.edit;

import java.util.Locale;
import java.util.Set;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.cutting.CutChoices;
import vantbreeze.core.hand.Drafting;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.BuildChoices;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Supplies;
import vantbreeze.core.plan.Workshop;

/** A card as it is tried in scrap before good paper is cut: at half size, of thin paper, without layers. */
public final class TrialInScrap {

    /** Parts of the size that are tried, in tenths: half, or the least from there that can be folded. */
    private static final int[] TENTHS = {5, 6, 7, 8, 9};

    /** The thinnest of the usual papers. */
    private static final String PAPER = "paper-120";

    private static final String NAMED = "Trial: ";

    private TrialInScrap() {}

    /** The plan of a trial. */
    public static Plan of(Plan plan, Workshop workshop) {
        String name = NAMED + plan.name();
        Plan bare = plan.withName(name.length() > Plan.LONGEST_NAME ? name.substring(0, Plan.LONGEST_NAME) : name)
                .withDesign(plan.design().withLocked(Set.of()))
                .withSupplies(Supplies.NONE
                        .withCardstock(PAPER)
                        .withSheet(plan.ruler().isInches() ? "letter" : "a4"))
                .withDressing(Dressing.NONE)
                .withCutting(CutChoices.NONE)
                .withBuilding(BuildChoices.NONE);
        Size whole = workshop.work(bare).footprint();
        for (int tenths : TENTHS) {
            try {
                Plan small = new Drafting(workshop, bare)
                        .resized(new Size(part(whole.width(), tenths), part(whole.height(), tenths)));
                return small.withNotes(
                        String.format(Locale.ROOT, "Tried in scrap at %d tenths of its size, without layers.", tenths));
            } catch (ValidationException tooSmall) {
                // the next larger one
            }
        }
        return bare.withNotes("Tried in scrap at its own size, without layers: smaller it can't be folded.");
    }

    private static Length part(Length whole, int tenths) {
        return whole.times(tenths).dividedBy(10);
    }
}
