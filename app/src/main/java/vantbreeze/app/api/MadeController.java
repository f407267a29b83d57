package vantbreeze.app.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.building.BuildKeeping;
import vantbreeze.app.cards.Card;
import vantbreeze.app.cards.Changed;
import vantbreeze.app.cards.Drawer;
import vantbreeze.core.build.BuildPlan;
import vantbreeze.core.build.BuildStep;
import vantbreeze.core.build.Progress;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.Entry;
import vantbreeze.core.edit.FollowMade;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.made.CameOut;
import vantbreeze.core.made.MadeFigure;
import vantbreeze.core.made.MadeFigures;

/** What the ruler shows of a card while it is made. */
@RestController
@RequestMapping("/api/cards/{id}/made")
class MadeController {

    /** What a refusal is about. */
    private static final String FIELD = "came";

    private final Drawer drawer;
    private final BuildKeeping keeping;

    MadeController(Drawer drawer, BuildKeeping keeping) {
        this.drawer = drawer;
        this.keeping = keeping;
    }

    /**
     * A figure that can be measured.
     *
     * @param step id of the step in which it is made
     * @param came what the ruler showed; left out where nothing was measured
     * @param isOff whether that is not as it is planned
     */
    public record MadeFigureView(
            String id, String step, String words, FigureView planned, @Nullable FigureView came, boolean isOff) {}

    /** All that can be measured, in the order of the steps. */
    @GetMapping
    List<MadeFigureView> figures(@PathVariable UUID id) {
        return view(building(id), keeping.of(id));
    }

    /**
     * What something that came out otherwise does to the rest.
     *
     * @param figure its id
     * @param words by how much it is off
     * @param asItIs what is wrong with the card if nothing else changes
     * @param ways what else can be changed so that all fits again
     */
    public record CameOutView(String figure, String words, List<String> asItIs, List<CameOut.Remedy> ways) {}

    @GetMapping("/out")
    List<CameOutView> out(@PathVariable UUID id) {
        Progress progress = keeping.of(id);
        Map<String, Length> came = progress.came().entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey, one -> Length.ofUnits(one.getValue().units())));
        return CameOut.of(building(id), came, progress.done().keySet()).stream()
                .map(one -> new CameOutView(one.figure().id(), one.words(), one.asItIs(), one.ways()))
                .toList();
    }

    /**
     * What the ruler showed.
     *
     * @param figure id of what was measured
     * @param text what it came to; empty or left out for as it is planned
     * @param marks instead of a text: so many marks of the ruler more than last told
     */
    public record CameCommand(
            @NotNull @MaybeText String figure, @Nullable @MaybeText String text, @Nullable Integer marks) {}

    @PostMapping
    List<MadeFigureView> came(@PathVariable UUID id, @Valid @RequestBody CameCommand command) {
        BuildPlan building = building(id);
        Ruler ruler = building.card().ruler();
        MadeFigure figure = find(building, command.figure());
        Entry entry = new Entry(command.text(), command.marks());
        boolean isPlanned = command.marks() == null
                && (command.text() == null || command.text().isBlank());
        return view(
                building,
                keeping.change(
                        id,
                        progress -> progress.withCame(
                                figure.id(), isPlanned ? null : came(figure, entry, progress, ruler))));
    }

    private static Progress.Came came(MadeFigure figure, Entry entry, Progress progress, Ruler ruler) {
        Progress.Came before = progress.came().get(figure.id());
        Length present = before == null ? figure.planned() : Length.ofUnits(before.units());
        Length read = CameOut.checked(FIELD, figure, entry.measure(FIELD, present, ruler), ruler);
        return new Progress.Came(figure.words(), read.units());
    }

    /**
     * The plan made to follow what came out.
     *
     * @param figure id of what was measured
     * @param way by its words
     */
    public record FollowCommand(int revision, @NotNull @MaybeText String figure, @NotNull @MaybeText String way) {}

    @PostMapping("/follow")
    CardView follow(@PathVariable UUID id, @Valid @RequestBody FollowCommand command) {
        Progress progress = keeping.of(id);
        Progress.Came came = progress.came().get(command.figure());
        if (came == null) {
            throw new ValidationException(FIELD, "Nothing is measured of that. Type first what the ruler shows.");
        }
        Length length = Length.ofUnits(came.units());
        boolean spoils = CameOut.remedy(
                        building(id),
                        command.figure(),
                        length,
                        command.way(),
                        progress.done().keySet())
                .filter(way -> !way.again().isEmpty())
                .isPresent();
        Changed after = drawer.change(
                id, command.revision(), (ruler, allowances) -> new FollowMade(command.figure(), length, command.way()));
        if (!spoils) {
            // what is done was made as the plan has it now
            keeping.change(id, before -> doneAnew(before, after.card()));
        }
        return CardView.of(after);
    }

    private static Progress doneAnew(Progress before, Card card) {
        Progress now = before;
        for (BuildStep step : card.worked().of(BuildPlan.STAGE).steps()) {
            if (before.done().containsKey(step.id().text())) {
                now = now.withDone(step, card.plan().ruler());
            }
        }
        return now;
    }

    private BuildPlan building(UUID id) {
        return drawer.card(id).worked().of(BuildPlan.STAGE);
    }

    private static MadeFigure find(BuildPlan building, String figure) {
        return CameOut.find(building, figure)
                .orElseThrow(() -> new ValidationException(
                        FIELD, "That is not to be measured any more. Look at the steps again."));
    }

    private static List<MadeFigureView> view(BuildPlan building, Progress progress) {
        Ruler ruler = building.card().ruler();
        return MadeFigures.of(building).entrySet().stream()
                .flatMap(step -> step.getValue().stream().map(figure -> view(step.getKey(), figure, progress, ruler)))
                .toList();
    }

    private static MadeFigureView view(String step, MadeFigure figure, Progress progress, Ruler ruler) {
        Progress.Came came = progress.came().get(figure.id());
        return new MadeFigureView(
                figure.id(),
                step,
                figure.words(),
                FigureView.of(figure.planned(), ruler),
                came == null ? null : FigureView.of(Length.ofUnits(came.units()), ruler),
                came != null && came.units() != figure.planned().units());
    }
}
