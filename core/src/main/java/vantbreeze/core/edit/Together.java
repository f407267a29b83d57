package vantbreeze.core.edit;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.length.Length;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Structure;

/**
 * Several measures set at once, as where two exclude one another: all of them or none.
 *
 * @param steps what each is set to
 */
public record Together(List<SetField> steps) implements Edit {

    private static final int MOST = 8;

    /** @throws ValidationException when there are none, or more than make sense */
    public Together {
        steps = List.copyOf(steps);
        if (steps.isEmpty() || steps.size() > MOST) {
            throw new ValidationException("steps", "Say what to change, up to eight fields at once.");
        }
    }

    @Override
    public Edited on(Plan plan, Workshop workshop) {
        Structure structure = workshop.structure(plan);
        Map<String, Length> lengths = new LinkedHashMap<>();
        for (SetField step : steps) {
            if (structure.parameter(step.field()).isEmpty()) {
                throw new ValidationException(
                        step.field(),
                        "Only measures can be set together. Set \"%s\" by itself.".formatted(step.field()));
            }
            lengths.put(step.field(), step.entry().measure(step.field(), null, plan.ruler()));
        }
        return Edited.quietly(plan.changing(structure, lengths));
    }
}
