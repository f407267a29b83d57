package vantbreeze.app.api;

import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import vantbreeze.core.build.BuildPlan;
import vantbreeze.core.build.BuildStep;
import vantbreeze.core.build.Progress;
import vantbreeze.core.build.StepKind;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.BuildChoices;
import vantbreeze.core.plan.Habit;
import vantbreeze.core.tool.Adhesives;

/**
 * How a card is built, step by step, and how far it is.
 *
 * @param gaping of joints that can't be made since the card does not close with them, in words
 * @param stuck what can't be done in any order, in words
 * @param lost of steps that were moved where they can't be any more, why
 * @param missing of adhesives that are wanted and not on hand, for what
 * @param moved whether any step was moved
 */
public record BuildingView(
        int revision,
        Habit habit,
        List<HabitView> habits,
        boolean moved,
        List<BuildStepView> steps,
        List<String> gaping,
        List<String> stuck,
        List<String> lost,
        List<String> missing,
        List<AdhesiveView> adhesives,
        ProgressView progress) {

    /** Something to glue with, on hand or chosen before. */
    public record AdhesiveView(String id, String name) {

        /** What is on hand, and what some step is glued with all the same. */
        static List<AdhesiveView> of(BuildPlan building) {
            Adhesives there = building.card().tools().adhesives();
            Set<String> used = IntStream.range(0, building.steps().size())
                    .mapToObj(building::adhesive)
                    .flatMap(Optional::stream)
                    .collect(Collectors.toSet());
            return there.all().stream()
                    .filter(one -> there.isOnHand(one) || used.contains(one.id()))
                    .map(one ->
                            new AdhesiveView(one.id(), there.isOnHand(one) ? one.name() : one.name() + ", not on hand"))
                    .toList();
        }
    }

    /** A habit, and how it is read. */
    public record HabitView(Habit habit, String words) {}

    /**
     * One step.
     *
     * @param how how it is meant, once for all readings; empty for nothing to be said
     * @param why why it stands where it does; empty where it may come later too
     * @param minutes how long it usually takes, in words
     * @param sets how long what is glued is left alone, seconds
     * @param waitsFor steps that were glued before on what it touches, from 0
     * @param adhesive id of what is glued with; left out where nothing is
     * @param paper id of the paper that is cut; left out of other steps
     */
    public record BuildStepView(
            String id,
            StepKind kind,
            String what,
            String how,
            String tool,
            List<ReadingView> readings,
            List<String> cautions,
            String why,
            String minutes,
            int sets,
            List<Integer> waitsFor,
            @Nullable String adhesive,
            @Nullable String paper) {}

    /** One thing to read and do. */
    public record ReadingView(List<ReadFigureView> figures, String words) {}

    /** A figure to be read from across the table, and a sign before it. */
    public record ReadFigureView(FigureView figure, @Nullable String word) {}

    /**
     * How far it is.
     *
     * @param step where to go on, from 0; −1 where there is nothing to do
     * @param done steps that are done, from 0
     * @param setting what sets
     * @param changed steps that were done otherwise than they are planned now, in words
     * @param gone what was done and is not planned any more, in words
     */
    public record ProgressView(
            int step,
            int reading,
            List<Integer> done,
            List<SettingView> setting,
            List<String> changed,
            List<String> gone) {

        static ProgressView of(Progress progress, BuildPlan building, Ruler ruler) {
            List<BuildStep> steps = building.steps();
            Progress.Standing standing = progress.among(steps, ruler);
            return new ProgressView(
                    standing.step(),
                    standing.reading(),
                    standing.done(),
                    IntStream.range(0, steps.size())
                            .filter(i -> progress.setting()
                                    .containsKey(steps.get(i).id().text()))
                            .mapToObj(i -> setting(i, steps.get(i), progress))
                            .toList(),
                    standing.changed(),
                    standing.gone());
        }

        private static SettingView setting(int number, BuildStep step, Progress progress) {
            Instant since = progress.setting().getOrDefault(step.id().text(), Instant.EPOCH);
            long left = since.plusSeconds(step.sets()).toEpochMilli()
                    - Instant.now().toEpochMilli();
            return new SettingView(number, Math.max(0, left));
        }
    }

    /**
     * Something that sets.
     *
     * @param step which, from 0
     * @param left how much longer, milliseconds
     */
    public record SettingView(int step, long left) {}

    static BuildingView of(int revision, BuildPlan building, Progress progress) {
        Ruler ruler = building.card().ruler();
        BuildChoices choices = building.card().plan().building();
        List<BuildStep> steps = building.steps();
        return new BuildingView(
                revision,
                choices.habit(),
                Arrays.stream(Habit.values())
                        .map(habit -> new HabitView(habit, habit.inWords()))
                        .toList(),
                !choices.moved().isEmpty(),
                IntStream.range(0, steps.size())
                        .mapToObj(i -> step(i, building, ruler))
                        .toList(),
                building.gaping(),
                building.stuck().stream().map(BuildStep::what).toList(),
                building.lost(),
                building.missing(),
                AdhesiveView.of(building),
                ProgressView.of(progress, building, ruler));
    }

    private static BuildStepView step(int number, BuildPlan building, Ruler ruler) {
        BuildStep step = building.steps().get(number);
        return new BuildStepView(
                step.id().text(),
                step.id().kind(),
                step.what(),
                step.how(),
                step.tool().inWords(),
                step.readings().stream()
                        .map(reading -> new ReadingView(
                                reading.figures().stream()
                                        .map(shown ->
                                                new ReadFigureView(FigureView.of(shown.length(), ruler), shown.sign()))
                                        .toList(),
                                reading.words()))
                        .toList(),
                step.cautions(),
                building.why(number),
                minutes(step.seconds()),
                step.sets(),
                building.waitsFor(number),
                building.adhesive(number).orElse(null),
                step.subject() instanceof BuildStep.OfPaper paper ? paper.stockId() : null);
    }

    private static String minutes(int seconds) {
        int minutes = Math.max(1, Math.round(seconds / 60f));
        return minutes == 1 ? "1 minute" : String.format(Locale.ROOT, "%d minutes", minutes);
    }
}
