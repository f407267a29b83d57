package vantbreeze.core.recognition;

import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.structure.Structure;

/** Of measures that were all found, says only those that somebody chose: the rest follow as usual. */
final class Tidying {

    /** A measure so near to a mark is meant on it, where all figures are the same then. */
    private static final double NEXT_TO = Length.PER_MILLIMETRE / 20.0;
    /** Most ways that are tried for measures that show in no figure. */
    private static final int MOST_TRIED = 24;

    private final Kind kind;
    private final Structure structure;
    private final Fitting fitting;
    private final Ruler ruler;
    /** The figure that may be what it is, −1 for none. */
    private final int but;

    private final @Nullable Size closed;

    Tidying(Kind kind, Fitting fitting, @Nullable Size closed, Ruler ruler, int but) {
        this.closed = closed;
        this.kind = kind;
        this.structure = kind.structure();
        this.fitting = fitting;
        this.ruler = ruler;
        this.but = but;
    }

    /** The same card with as little said as can be; none where a measure is beyond its limits. */
    Optional<Measures> of(Measures found) {
        Measures marked = marked(found);
        List<Parameter> unseen = fitting.unseen(found);
        Measures seen = marked;
        for (Parameter parameter : unseen) {
            seen = parameter.follows() ? seen.without(parameter.id()) : seen;
        }
        List<Measures> tried = List.of(seen);
        for (Parameter parameter : unseen) {
            if (!parameter.follows()) {
                tried = tried.stream()
                        .flatMap(measures -> withUnseen(parameter, measures).stream())
                        .limit(MOST_TRIED)
                        .toList();
            }
        }
        return tried.stream()
                .map(this::lessSaid)
                .filter(structure::allows)
                .min(Comparator.comparing(measures -> measures.byId().size()))
                .map(this::withTheRest);
    }

    /** What is asked only when something else is chosen is as usual. */
    private Measures withTheRest(Measures found) {
        Measures usual = kind.proportioned(new Size(found.get(Parameter.WIDTH), found.get(Parameter.HEIGHT)), ruler);
        Measures whole = found;
        for (Parameter parameter : structure.parameters()) {
            String id = parameter.id();
            if (!parameter.isAsked(found)) {
                whole = usual.says(id) ? whole.with(id, usual.get(id)) : whole.without(id);
            }
        }
        return whole;
    }

    /** Found measures on the marks that they are next to. */
    private Measures marked(Measures found) {
        Measures marked = found.on(ruler);
        for (var measure : found.byId().entrySet()) {
            Length mark = ruler.nearest(measure.getValue()).length();
            Measures tried = marked.with(measure.getKey(), mark);
            marked = mark.minus(measure.getValue()).abs().units() <= NEXT_TO && isSame(tried) ? tried : marked;
        }
        return marked;
    }

    private boolean isSame(Measures measures) {
        return fitting.off(measures).filter(off -> Fitting.isSame(off, but)).isPresent();
    }

    /** With only so many of those that follow said as are needed: at every turn the one that is most another. */
    private Measures lessSaid(Measures said) {
        List<Parameter> asked = structure.asked(said);
        Measures less = said;
        for (Parameter parameter : asked) {
            less = parameter.follows() ? less.without(parameter.id()) : less;
        }
        while (!isSame(less)) {
            Measures now = less;
            Optional<Parameter> other = asked.stream()
                    .filter(parameter -> said.says(parameter.id()) && !now.says(parameter.id()))
                    .max(Comparator.comparingDouble(parameter -> share(parameter.id(), said, now)));
            if (other.isEmpty()) {
                return said;
            }
            less = less.with(other.get().id(), said.get(other.get().id()));
        }
        return fewest(less, asked);
    }

    private Measures fewest(Measures said, List<Parameter> asked) {
        Measures fewest = said;
        for (int i = asked.size() - 1; i >= 0; i--) {
            if (asked.get(i).follows() && fewest.says(asked.get(i).id())) {
                Measures without = fewest.without(asked.get(i).id());
                fewest = isSame(without) ? without : fewest;
            }
        }
        return fewest;
    }

    /** By what part of itself a measure is another than it usually is. */
    private double share(String id, Measures said, Measures now) {
        double units = said.get(id).units();
        return Math.abs(structure.measure(id, now).units() - units) / Math.max(1, units);
    }

    /**
     * With a measure that shows in no figure, as others that usually follow from it were all found: what it usually is,
     * and each length from which one of them does follow.
     */
    private List<Measures> withUnseen(Parameter parameter, Measures found) {
        String id = parameter.id();
        Set<Measures> tried = new LinkedHashSet<>();
        if (closed != null && id.equals(Parameter.WIDTH)) {
            tried.add(found.with(id, closed.width()));
        }
        if (closed != null && id.equals(Parameter.HEIGHT)) {
            tried.add(found.with(id, closed.height()));
        }
        Measures usual = kind.proportioned(new Size(found.get(Parameter.WIDTH), found.get(Parameter.HEIGHT)), ruler);
        tried.add(found.with(id, usual.byId().getOrDefault(id, found.get(id))));
        for (Parameter other : structure.asked(found)) {
            if (other.follows() && found.says(other.id())) {
                follows(id, other.id(), found).ifPresent(length -> tried.add(found.with(id, length)));
            }
        }
        return List.copyOf(tried);
    }

    /** How long a measure is for another to follow from it as it was found; none where it does not. */
    private Optional<Length> follows(String id, String other, Measures found) {
        Length nudge = Length.ofMillimetres(1);
        Measures exact = new Measures(found.byId(), found.choices());
        Measures without = exact.without(other);
        double now = structure.usual(other, without).units();
        double then = structure
                .usual(other, without.with(id, found.get(id).plus(nudge)))
                .units();
        double slope = (then - now) / nudge.units();
        if (Math.abs(slope) < 1e-6) {
            return Optional.empty();
        }
        long units = Math.round(found.get(id).units() + (found.get(other).units() - now) / slope);
        return units < 0
                ? Optional.empty()
                : Optional.of(ruler.nearest(Length.ofUnits(units)).length());
    }
}
