package vantbreeze.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.check.WayOut;
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
     * @param others all measures, with that one so long
     * @throws ValidationException when {@code length} is beyond the limits of {@code parameter}, or there is no such
     *     measure: then it offers how far it goes
     */
    void require(String parameter, Length length, Function<Length, Measures> others) {
        Optional<String> beyond = beyond(parameter, length);
        if (beyond.isPresent()) {
            throw new ValidationException(parameter, beyond.get(), nearest(named(parameter), length, others));
        }
    }

    private void require(String parameter, Length length) {
        beyond(parameter, length).ifPresent(words -> {
            throw new ValidationException(parameter, words);
        });
    }

    private Optional<String> beyond(String parameter, Length length) {
        Parameter named = named(parameter);
        Limits limits = structure.limits(parameter, measures);
        if (length.isShorterThan(limits.least())) {
            return Optional.of("%s can't be under %s: %s."
                    .formatted(named.atStart(), write(limits.least(ruler)), limits.leastBecause()));
        }
        return length.isLongerThan(limits.most())
                ? Optional.of("%s can't be over %s: %s."
                        .formatted(named.atStart(), write(limits.most(ruler)), limits.mostBecause()))
                : Optional.empty();
    }

    /** As far as it goes with the others, on a mark; nothing where it goes nowhere. */
    private List<WayOut> nearest(Parameter named, Length wanted, Function<Length, Measures> others) {
        Length before = structure.measure(named.id(), measures);
        Limits limits = structure.limits(named.id(), measures);
        Length way = limits.nearest(wanted, ruler);
        if (excluded(others.apply(way)) != null) {
            way = excluded(others.apply(before)) == null ? last(before, way, others) : before;
        }
        return limits.allow(way) && !way.equals(before) ? List.of(making(named, way)) : List.of();
    }

    private WayOut making(Parameter named, Length length) {
        return new WayOut("Make %s %s".formatted(lower(named), write(length)), List.of(step(named, length)));
    }

    private WayOut.Step step(Parameter named, Length length) {
        return new WayOut.Step(named.id(), Figure.of(length, ruler).text());
    }

    /** @throws ValidationException when any measure is missing or beyond its limits */
    void requireAll() {
        for (Parameter parameter : structure.parameters()) {
            Length length = measures.byId().get(parameter.id());
            if (length == null && !parameter.follows()) {
                throw new ValidationException(
                        parameter.id(),
                        "The plan does not say %s. It can't be opened without.".formatted(parameter.inSentence()));
            }
        }
        measures.choices().forEach(this::requireChoice);
        structure
                .asked(measures)
                .forEach(parameter -> require(parameter.id(), structure.measure(parameter.id(), measures)));
    }

    /**
     * Requires that all other measures can stay when one was changed.
     *
     * @param changed the one that was changed
     * @param before what it was, with which they could
     * @param others all measures, with that one so
     * @throws ValidationException when one can't: says which two exclude one another, and both ways out
     */
    void requireTogether(String changed, Length before, Function<Length, Measures> others) {
        Parameter excluded = excluded(measures);
        if (excluded == null || excluded(others.apply(before)) != null) {
            return;
        }
        Parameter named = named(changed);
        Length wanted = structure.measure(changed, measures);
        Length length = structure.measure(excluded.id(), measures);
        Limits limits = structure.limits(excluded.id(), measures);
        String because = limits.against(length).orElseThrow();
        Length last = last(before, wanted, others);
        String stop = last.equals(before)
                ? "leave %s at %s".formatted(lower(named), write(before))
                : "stop %s at %s".formatted(lower(named), write(last));
        List<WayOut> stopping = last.equals(before) ? List.of() : List.of(making(named, last));
        if (excluded.isLeftTo(measures)) {
            throw new ValidationException(
                    changed,
                    "%s can't be %s: %s. Better %s.".formatted(named.atStart(), write(wanted), because, stop),
                    stopping);
        }
        Length way = limits.nearest(length, ruler);
        boolean goes = limits.allow(way) && excluded(measures.with(excluded.id(), way)) == null;
        throw new ValidationException(
                changed,
                "%s %s and %s %s exclude one another: %s. %s."
                        .formatted(
                                named.atStart(),
                                write(wanted),
                                lower(excluded),
                                write(length),
                                because,
                                goes
                                        ? "Make %s %s as well, or %s".formatted(lower(excluded), write(way), stop)
                                        : "Better " + stop),
                goes ? both(excluded, way, named, wanted, stopping) : stopping);
    }

    /** The other measure first and then this one; or this one as far as it goes. */
    private List<WayOut> both(Parameter excluded, Length way, Parameter named, Length wanted, List<WayOut> stopping) {
        List<WayOut> ways = new ArrayList<>();
        ways.add(new WayOut(
                "Make %s %s and %s %s".formatted(lower(excluded), write(way), lower(named), write(wanted)),
                List.of(step(excluded, way), step(named, wanted))));
        ways.addAll(stopping);
        return ways;
    }

    /** A measure that can't be what it is; null where all can. */
    private @Nullable Parameter excluded(Measures all) {
        return structure.asked(all).stream()
                .filter(parameter ->
                        !structure.limits(parameter.id(), all).allow(structure.measure(parameter.id(), all)))
                .findFirst()
                .orElse(null);
    }

    /** The last mark on the way from one length, which goes, to another, which does not. */
    private Length last(Length from, Length to, Function<Length, Measures> others) {
        long marks = to.minus(from).units() / ruler.division().units();
        long good = 0;
        long bad = marks + Long.signum(to.minus(from).units());
        while (Math.abs(bad - good) > 1) {
            long half = (good + bad) / 2;
            if (excluded(others.apply(ruler.moved(from, (int) half))) == null) {
                good = half;
            } else {
                bad = half;
            }
        }
        return good == 0 ? from : ruler.moved(from, (int) good);
    }

    private Parameter named(String parameter) {
        return structure
                .parameter(parameter)
                .orElseThrow(() -> new ValidationException(
                        parameter, "A %s has no measure called \"%s\".".formatted(structure.name(), parameter)));
    }

    private static String lower(Parameter parameter) {
        return parameter.inSentence();
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
