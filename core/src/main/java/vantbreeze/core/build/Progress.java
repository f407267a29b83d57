package vantbreeze.core.build;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.build.BuildStep.Reading;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Ruler;

/**
 * How far a card is built. What is done stays done, whatever becomes of the plan.
 *
 * @param at the step that is worked on, as it is kept; null before the first
 * @param reading which of its readings, from 0
 * @param done what each step that is done was, by its id
 * @param setting when what was glued was left to set, by the step's id
 * @param came what the ruler showed of what is made, by the id of the figure; in length units
 */
public record Progress(
        @Nullable String at,
        int reading,
        Map<String, Done> done,
        Map<String, Instant> setting,
        Map<String, Came> came) {

    /** Nothing done yet. */
    public static final Progress NONE = new Progress(null, 0, Map.of(), Map.of(), Map.of());

    /** More steps than any card has. */
    public static final int MOST = 2_000;

    public Progress {
        done = Collections.unmodifiableMap(new LinkedHashMap<>(done));
        setting = Collections.unmodifiableMap(new LinkedHashMap<>(setting));
        came = Collections.unmodifiableMap(new LinkedHashMap<>(came));
    }

    /**
     * What came of a figure.
     *
     * @param what it is, as it was told then
     * @param units how long it is, in {@linkplain vantbreeze.core.length.Length#units() units}
     */
    public record Came(String what, long units) {}

    /**
     * A step that is done.
     *
     * @param what it was
     * @param figures at which it was done, as they were read
     */
    public record Done(String what, String figures) {}

    /** The same at another step, or at another reading of it. */
    public Progress at(StepId step, int other) {
        return new Progress(step.text(), Math.max(0, other), done, setting, came);
    }

    /**
     * The same with a step done.
     *
     * @throws IllegalArgumentException when more are done than there can be
     */
    public Progress withDone(BuildStep step, Ruler ruler) {
        Map<String, Done> all = new LinkedHashMap<>(done);
        all.put(step.id().text(), new Done(step.what(), figures(step, ruler)));
        if (all.size() > MOST) {
            throw new IllegalArgumentException("More steps are done than a card has. Begin anew.");
        }
        return new Progress(at, reading, all, setting, came);
    }

    /** The same with a joint left to set from a moment on; null for not. */
    public Progress withSetting(StepId step, @Nullable Instant since) {
        Map<String, Instant> all = new LinkedHashMap<>(setting);
        if (since == null) {
            all.remove(step.text());
        } else {
            all.put(step.text(), since);
        }
        return new Progress(at, reading, done, all, came);
    }

    /**
     * The same with what the ruler showed of a figure; null for as it is planned.
     *
     * @param figure its id
     * @throws IllegalArgumentException when more is measured than there can be
     */
    public Progress withCame(String figure, @Nullable Came measured) {
        Map<String, Came> all = new LinkedHashMap<>(came);
        all.remove(figure);
        if (measured != null) {
            all.put(figure, measured);
        }
        if (all.size() > MOST) {
            throw new IllegalArgumentException("More is measured than a card has figures. Begin anew.");
        }
        return new Progress(at, reading, done, setting, all);
    }

    /**
     * Where it stands among the steps of a card as it is now.
     *
     * @param step the step to go on with, from 0; −1 where there are none
     * @param reading which of its readings
     * @param done which steps are done, from 0
     * @param changed of steps that are done, in words, what they were and what they are now
     * @param gone what was done and is not in the plan any more, in words
     */
    public record Standing(int step, int reading, List<Integer> done, List<String> changed, List<String> gone) {
        public Standing {
            done = List.copyOf(done);
            changed = List.copyOf(changed);
            gone = List.copyOf(gone);
        }
    }

    /** Where it stands among some steps. */
    public Standing among(List<BuildStep> steps, Ruler ruler) {
        Map<String, Integer> places = new LinkedHashMap<>();
        steps.forEach(step -> places.put(step.id().text(), places.size()));
        List<Integer> there = IntStream.range(0, steps.size())
                .filter(i -> done.containsKey(steps.get(i).id().text()))
                .boxed()
                .toList();
        List<String> changed = new ArrayList<>();
        for (int i : there) {
            Done was = Objects.requireNonNull(done.get(steps.get(i).id().text()));
            String now = figures(steps.get(i), ruler);
            if (!was.figures().equals(now)) {
                changed.add("“%s” was done at %s, and is %s now: do it again, or put the plan back."
                        .formatted(was.what(), said(was.figures()), said(now)));
            }
        }
        List<String> gone = done.entrySet().stream()
                .filter(one -> !places.containsKey(one.getKey()))
                .map(one -> "“%s” was done and is not in the plan any more."
                        .formatted(one.getValue().what()))
                .toList();
        Optional<Integer> here = Optional.ofNullable(at).map(places::get);
        int next = IntStream.range(0, steps.size())
                .filter(i -> !there.contains(i))
                .findFirst()
                .orElse(steps.size() - 1);
        return new Standing(
                here.orElse(next), here.map(i -> reading(steps.get(i))).orElse(0), there, changed, gone);
    }

    /** What is cut is read cut by cut, as many as the plan of cuts has. */
    private int reading(BuildStep step) {
        return step.subject() instanceof BuildStep.OfPaper
                ? reading
                : Math.min(reading, Math.max(0, step.readings().size() - 1));
    }

    private static String said(String figures) {
        return figures.isEmpty() ? "nothing" : figures;
    }

    private static String figures(BuildStep step, Ruler ruler) {
        return step.readings().stream()
                .map(reading -> written(reading, ruler))
                .filter(written -> !written.isEmpty())
                .collect(Collectors.joining(", "));
    }

    private static String written(Reading reading, Ruler ruler) {
        return reading.figures().stream()
                .map(shown -> Optional.ofNullable(shown.sign()).orElse("")
                        + Figure.of(shown.length(), ruler).printed())
                .collect(Collectors.joining(" "));
    }
}
