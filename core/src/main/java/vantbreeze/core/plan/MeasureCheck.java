package vantbreeze.core.plan;

import java.util.Locale;
import java.util.stream.Collectors;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.outline.OwnOutline;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/** Holds measures to their structure's limits, and says in the maker's own figures what stands in the way. */
record MeasureCheck(Structure structure, Measures measures, Ruler ruler) {

    static MeasureCheck of(Structure structure, Measures measures, Ruler ruler) {
        return new MeasureCheck(structure, measures, ruler);
    }

    /**
     * @throws ValidationException when {@code length} is beyond the limits of {@code parameter}, or there is no such
     *     measure
     */
    void require(String parameter, Length length) {
        Parameter named = structure.parameters().stream()
                .filter(p -> p.id().equals(parameter))
                .findFirst()
                .orElseThrow(() -> new ValidationException(
                        parameter, "A %s has no measure called \"%s\".".formatted(structure.name(), parameter)));
        Limits limits = structure.limits(parameter, measures);
        if (length.isShorterThan(limits.least())) {
            throw new ValidationException(
                    parameter,
                    "%s can't be under %s: %s.".formatted(named.label(), write(limits.least()), limits.leastBecause()));
        }
        if (length.isLongerThan(limits.most())) {
            throw new ValidationException(
                    parameter,
                    "%s can't be over %s: %s.".formatted(named.label(), write(limits.most()), limits.mostBecause()));
        }
    }

    /** @throws ValidationException when any measure is missing or beyond its limits */
    void requireAll() {
        for (Parameter parameter : structure.parameters()) {
            Length length = measures.byId().get(parameter.id());
            if (length == null) {
                throw new ValidationException(
                        parameter.id(),
                        "The plan does not say the %s. It can't be opened without."
                                .formatted(parameter.label().toLowerCase(Locale.ROOT)));
            }
        }
        measures.choices().forEach(this::requireChoice);
        structure.asked(measures).forEach(parameter -> require(parameter.id(), measures.get(parameter.id())));
    }

    /** @throws ValidationException when there is no such choice, or no such alternative */
    void requireChoice(String id, String value) {
        Choice choice = structure.choices().stream()
                .filter(c -> c.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new ValidationException(
                        id, "There is nothing called \"%s\" to choose about a %s.".formatted(id, structure.name())));
        if (choice.has(value)) {
            return;
        }
        if (choice.takesPath()) {
            try {
                OwnOutline.read(value);
                return;
            } catch (IllegalArgumentException refused) {
                throw new ValidationException(id, String.valueOf(refused.getMessage()));
            }
        }
        throw new ValidationException(
                id,
                "%s can't be \"%s\". Choose %s."
                        .formatted(
                                choice.label(),
                                value,
                                choice.alternatives().stream()
                                        .map(Choice.Alternative::label)
                                        .sorted()
                                        .collect(Collectors.joining(", "))));
    }

    private String write(Length length) {
        return Figure.of(length, ruler).inWords();
    }
}
