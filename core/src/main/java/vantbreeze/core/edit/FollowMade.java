package vantbreeze.core.edit;

import vantbreeze.core.build.BuildPlan;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.length.Length;
import vantbreeze.core.made.CameOut;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;

/**
 * The plan made to follow what came out otherwise.
 *
 * @param figure id of what was measured
 * @param came what the ruler showed
 * @param way which way, by its words
 */
public record FollowMade(String figure, Length came, String way) implements Edit {

    @Override
    public Edited on(Plan plan, Workshop workshop) {
        return CameOut.following(workshop.work(plan).of(BuildPlan.STAGE), figure, came, way)
                .orElseThrow(() -> new ValidationException(
                        ChooseBuilding.FIELD, "That way is not open any more. Look again at what came out."));
    }
}
