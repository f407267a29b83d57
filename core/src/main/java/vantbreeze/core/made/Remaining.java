package vantbreeze.core.made;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import vantbreeze.core.build.BuildPlan;
import vantbreeze.core.build.BuildStep;
import vantbreeze.core.build.StepKind;
import vantbreeze.core.cutting.Blank;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;

/**
 * Every figure that a card is made by, so that two plans of it can be laid beside one another.
 *
 * @param all by what is known of each whatever the plan
 */
record Remaining(Map<String, Told> all) {

    /**
     * Some figures that belong together: both sides of a piece, one line.
     *
     * @param step id of the step in which they are read
     * @param what they are of, for the maker
     */
    record Told(String step, String what, List<Length> figures) {

        /** Whether a ruler shows both alike, to the half millimetre or the like. */
        boolean readsAs(Told other) {
            return printed(Ruler.MM_HALF).equals(other.printed(Ruler.MM_HALF));
        }

        private List<String> printed(Ruler ruler) {
            return figures.stream()
                    .map(figure -> Figure.of(figure, ruler).printed())
                    .toList();
        }

        String written(Ruler ruler) {
            return figures.stream()
                    .map(figure -> Figure.of(figure, ruler).inWords())
                    .collect(Collectors.joining(" × "));
        }
    }

    static Remaining of(BuildPlan building) {
        Map<String, Told> all = new LinkedHashMap<>();
        for (BuildStep step : building.steps()) {
            String id = step.id().text();
            if (step.subject() instanceof BuildStep.OfPaper paper) {
                for (Blank blank : building.card().blanks().byStock().getOrDefault(paper.stockId(), List.of())) {
                    Told told = new Told(
                            id,
                            MadeFigures.name(blank, building.card()),
                            List.of(blank.size().width(), blank.size().height()));
                    blank.uses().forEach(use -> all.put(MadeFigures.key(use), told));
                }
            } else if (step.id().kind() != StepKind.FOLD) { // what is folded was scored there
                for (int i = 0; i < step.readings().size(); i++) {
                    List<Length> figures = step.readings().get(i).figures().stream()
                            .map(BuildStep.Shown::length)
                            .toList();
                    all.put(key(step, i), new Told(id, step.what(), figures));
                }
            }
        }
        return new Remaining(all);
    }

    /** How a reading of a step is known. */
    static String key(BuildStep step, int reading) {
        return String.format(Locale.ROOT, "%s, %d", step.id().text(), reading);
    }

    /**
     * Something that is another size or elsewhere in another plan.
     *
     * @param key by which it is known
     * @param was in this one
     * @param now in the other
     */
    record Changed(String key, Told was, Told now) {

        /** Whether nothing of it changed but a figure that came out as it is now. */
        boolean isOnly(MadeFigure figure, Length came) {
            return figure.among().contains(key)
                    && was.figures.size() == now.figures.size()
                    && IntStream.range(0, was.figures.size())
                            .filter(i -> !was.figures.get(i).equals(now.figures.get(i)))
                            .allMatch(i -> was.figures.get(i).equals(figure.planned())
                                    && now.figures.get(i).equals(came));
        }
    }

    /** What both plans have and is otherwise in the other one; what is made alike is told once. */
    List<Changed> beside(Remaining other) {
        List<Changed> changed = new ArrayList<>();
        all.forEach((key, was) -> {
            Told now = other.all.get(key);
            if (now != null && !was.readsAs(now)) {
                boolean isTold = changed.stream().anyMatch(one -> one.was.equals(was) && one.now.equals(now));
                if (!isTold) {
                    changed.add(new Changed(key, was, now));
                }
            }
        });
        return changed;
    }
}
