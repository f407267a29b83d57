package vantbreeze.exchange.document;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.plan.BuildChoices;
import vantbreeze.core.plan.BuildChoices.MovedStep;
import vantbreeze.core.plan.Habit;

/** How a card is built, in a plan document; documents written before a field read it as null. */
record BuildingJson(
        @Nullable Habit layers,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) @Nullable List<GluedWithJson> adhesives,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) @Nullable List<MovedStep> moved) {

    /** What a join is glued with; {@code nth} of those between two panels. */
    record GluedWithJson(BedJson.PanelJson on, BedJson.PanelJson glued, int nth, String adhesive) {}

    static BuildingJson of(BuildChoices choices) {
        return new BuildingJson(
                choices.habit(),
                choices.adhesives().entrySet().stream()
                        .map(one -> new GluedWithJson(
                                BedJson.PanelJson.of(one.getKey().on()),
                                BedJson.PanelJson.of(one.getKey().glued()),
                                one.getKey().nth(),
                                one.getValue()))
                        .toList(),
                choices.moved());
    }

    /**
     * @param panels what panels are called now
     * @throws UnreadablePlan when it can't be read
     */
    BuildChoices choices(UnaryOperator<String> panels) {
        try {
            Map<JoinId, String> glued = new LinkedHashMap<>();
            if (adhesives != null) {
                adhesives.forEach(one -> glued.put(
                        new JoinId(one.on().id(panels), one.glued().id(panels), Math.max(1, one.nth())),
                        one.adhesive()));
            }
            return new BuildChoices(
                    layers == null ? Habit.FLAT_FIRST : layers, glued, moved == null ? List.of() : moved);
        } catch (IllegalArgumentException garbled) {
            throw UnreadablePlan.ofBuilding(String.valueOf(garbled.getMessage()));
        } catch (NullPointerException missing) {
            throw UnreadablePlan.ofBuilding("Something is missing of it.");
        }
    }
}
