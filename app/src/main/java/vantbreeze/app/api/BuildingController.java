package vantbreeze.app.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.building.BuildKeeping;
import vantbreeze.app.cards.Card;
import vantbreeze.app.cards.Drawer;
import vantbreeze.app.cards.WrapRail;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.build.BuildPlan;
import vantbreeze.core.build.BuildStep;
import vantbreeze.core.build.Progress;
import vantbreeze.core.build.Turn;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.ChooseBuilding;
import vantbreeze.core.edit.Deciding;
import vantbreeze.core.edit.TrialInScrap;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.plan.BuildChoices.MovedStep;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.exchange.handout.Handout;
import vantbreeze.exchange.print.MeasureCard;
import vantbreeze.exchange.print.StepSheet;

/** How a card is built: its steps and pictures, what the maker decides of them, and how far it is. */
@RestController
@RequestMapping("/api/cards/{id}/building")
class BuildingController {

    private final Drawer drawer;
    private final BuildKeeping keeping;
    private final StockRoom stock;
    private final WrapRail rail;

    BuildingController(Drawer drawer, BuildKeeping keeping, StockRoom stock, WrapRail rail) {
        this.drawer = drawer;
        this.stock = stock;
        this.rail = rail;
        this.keeping = keeping;
    }

    @GetMapping
    BuildingView building(@PathVariable UUID id) {
        Card card = drawer.card(id);
        return BuildingView.of(card.revision(), card.worked().of(BuildPlan.STAGE), keeping.of(id));
    }

    /**
     * What a step looks like.
     *
     * @param aside how far it is turned aside, degrees
     * @param over how far it is turned over, degrees
     */
    @GetMapping("/pictures/{step}/{reading}")
    StepPictureView picture(
            @PathVariable UUID id,
            @PathVariable int step,
            @PathVariable int reading,
            @RequestParam(defaultValue = "0") int aside,
            @RequestParam(defaultValue = "0") int over) {
        Card card = drawer.card(id);
        BuildPlan building = card.worked().of(BuildPlan.STAGE);
        if (step < 0 || step >= building.steps().size()) {
            throw new NotHere("There is no such step here.");
        }
        Turn turn = Deciding.of("aside", () -> new Turn(aside, over));
        return StepPictureView.of(building.picture(step, reading, turn), card.worked());
    }

    /** What stands in the way where a step may not go. */
    @GetMapping("/refused")
    StepPictureView refused(@PathVariable UUID id, @RequestParam String step, @RequestParam String before) {
        Card card = drawer.card(id);
        BuildPlan building = card.worked().of(BuildPlan.STAGE);
        return StepPictureView.of(
                Deciding.of(ChooseBuilding.FIELD, () -> building.refused(new MovedStep(step, before))), card.worked());
    }

    /** All of it on one page that opens without the house: to hand out, or to take to a phone. */
    @GetMapping("/handout.html")
    ResponseEntity<byte[]> handout(@PathVariable UUID id) {
        Card card = drawer.card(id);
        return Download.of(
                card.plan().name(),
                ", handout.html",
                new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8),
                "attachment",
                Handout.of(card.worked()).getBytes(StandardCharsets.UTF_8));
    }

    /**
     * Every step on paper with its picture.
     *
     * @param page of the printer
     */
    @GetMapping("/steps.pdf")
    ResponseEntity<byte[]> steps(@PathVariable UUID id, @RequestParam(defaultValue = "a4") String page) {
        Card card = drawer.card(id);
        return pdf(card, ", steps.pdf", StepSheet.of(card.worked(), Printed.page(page)));
    }

    /**
     * All figures on one card.
     *
     * @param page how large the card is
     */
    @GetMapping("/measurements.pdf")
    ResponseEntity<byte[]> measurements(@PathVariable UUID id, @RequestParam(defaultValue = "a6") String page) {
        Card card = drawer.card(id);
        List<WorkedPlan> wraps = rail.wraps(card).stream().map(Card::worked).toList();
        return pdf(card, ", measurements.pdf", MeasureCard.of(card.worked(), wraps, Printed.card(page)));
    }

    private static ResponseEntity<byte[]> pdf(Card card, String ending, byte[] pdf) {
        return Download.of(card.plan().name(), ending, MediaType.APPLICATION_PDF, "attachment", pdf);
    }

    @PostMapping
    CardView choose(@PathVariable UUID id, @Valid @RequestBody BuildCommand command) {
        return CardView.of(drawer.change(id, command.revision(), command));
    }

    /**
     * Where the maker is.
     *
     * @param step which step, by its id
     * @param reading which of its readings, from 0
     * @param done which steps are done now, by their ids
     */
    public record AtCommand(
            @NotNull @MaybeText String step, int reading, @NotNull @Size(max = Progress.MOST) List<String> done) {}

    @PostMapping("/progress")
    BuildingView.ProgressView at(@PathVariable UUID id, @Valid @RequestBody AtCommand command) {
        Card card = drawer.card(id);
        BuildPlan building = card.worked().of(BuildPlan.STAGE);
        BuildStep step = find(building, command.step());
        Progress after = keeping.change(id, progress -> {
            Progress now = progress.at(step.id(), command.reading());
            for (String each : command.done()) {
                now = done(find(building, each), now, card.plan().ruler());
            }
            return now;
        });
        return BuildingView.ProgressView.of(after, building, card.plan().ruler());
    }

    /** The same card at half size and without layers, to be tried in scrap first: a card of its own. */
    @PostMapping("/trial")
    @ResponseStatus(HttpStatus.CREATED)
    CardView trial(@PathVariable UUID id) {
        return CardView.of(drawer.add(TrialInScrap.of(drawer.card(id).plan(), stock.workshop())));
    }

    /** What was glued is left to set from now on, if it is not already. */
    private static Progress done(BuildStep step, Progress before, Ruler ruler) {
        Progress after = before.withDone(step, ruler);
        boolean sets = step.sets() > 0 && !before.done().containsKey(step.id().text());
        return sets ? after.withSetting(step.id(), Instant.now()) : after;
    }

    /** Something is left to set from now on, or it is not. */
    public record SettingCommand(@NotNull @MaybeText String step, boolean on) {}

    @PostMapping("/setting")
    BuildingView.ProgressView setting(@PathVariable UUID id, @Valid @RequestBody SettingCommand command) {
        Card card = drawer.card(id);
        BuildPlan building = card.worked().of(BuildPlan.STAGE);
        BuildStep step = find(building, command.step());
        Progress after =
                keeping.change(id, progress -> progress.withSetting(step.id(), command.on() ? Instant.now() : null));
        return BuildingView.ProgressView.of(after, building, card.plan().ruler());
    }

    /** Begun anew: nothing is done yet. */
    @PostMapping("/anew")
    BuildingView.ProgressView anew(@PathVariable UUID id) {
        Card card = drawer.card(id);
        return BuildingView.ProgressView.of(
                keeping.change(id, progress -> Progress.NONE),
                card.worked().of(BuildPlan.STAGE),
                card.plan().ruler());
    }

    private static BuildStep find(BuildPlan building, String step) {
        return building.steps().stream()
                .filter(one -> one.id().text().equals(step))
                .findFirst()
                .orElseThrow(() -> new ValidationException(
                        ChooseBuilding.FIELD, "That step is not there any more. Look at the steps again."));
    }
}
