package vantbreeze.app.api;

import jakarta.validation.Valid;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.cards.Card;
import vantbreeze.app.cards.Drawer;
import vantbreeze.app.cutting.CutKeeping;
import vantbreeze.app.cutting.CuttingDesk;
import vantbreeze.app.cutting.CuttingJob;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.cutting.CutPlan;

/** How a card is cut: worked out, shown while it is worked out, stopped, and decided by hand. */
@RestController
@RequestMapping("/api/cards/{id}/cutting")
class CuttingController {

    /** How long an answer waits for the plan before it gives the best so far, milliseconds. */
    private static final long PATIENCE = 700;

    /**
     * A blank tried somewhere.
     *
     * @param x where its lower left corner comes to, millimetres from the left
     * @param y the same from the foot
     * @param why in words why it can't lie there; left out where it can
     */
    public record TrialView(double x, double y, @Nullable String why) {}

    private final Drawer drawer;
    private final CuttingDesk desk;
    private final CutKeeping keeping;

    CuttingController(Drawer drawer, CuttingDesk desk, CutKeeping keeping) {
        this.drawer = drawer;
        this.desk = desk;
        this.keeping = keeping;
    }

    @GetMapping
    CuttingView cutting(@PathVariable UUID id) {
        Card card = drawer.card(id);
        return view(card, desk.job(card));
    }

    /** Ends the search with the best found so far. */
    @PostMapping("/stopped")
    CuttingView stop(@PathVariable UUID id) {
        Card card = drawer.card(id);
        CuttingJob job = desk.job(card);
        job.stop();
        return view(card, job);
    }

    @PostMapping
    CardView choose(@PathVariable UUID id, @Valid @RequestBody CutCommand command) {
        return CardView.of(drawer.change(id, command.revision(), command));
    }

    /** What the maker was looking at. */
    public record Looked(int revision) {}

    /** It is cut: its sheets are taken from the stock, and what is left over put in. */
    @PostMapping("/done")
    CuttingView done(@PathVariable UUID id, @Valid @RequestBody Looked looked) {
        Card card = drawer.card(id);
        CutPlan plan = desk.job(card).within(PATIENCE).orElse(null);
        if (plan == null || card.revision() != looked.revision()) {
            throw new ValidationException(
                    "cutting", "The plan changed, or is still being looked for. Look at it, then say so again.");
        }
        keeping.done(card, plan);
        return view(card, desk.job(card));
    }

    /** That was not cut after all: its sheets are there again, its offcuts are not. */
    @PostMapping("/done/{done}/taken-back")
    CuttingView takeBack(@PathVariable UUID id, @PathVariable String done) {
        Card card = drawer.card(id);
        keeping.takeBack(done);
        return view(card, desk.job(card));
    }

    /** Where a blank would come to, while it is held; nothing is kept. */
    @PostMapping("/tried")
    TrialView tried(@PathVariable UUID id, @Valid @RequestBody CutCommand command) {
        CutPlan.Trial trial = command.spot().tried(drawer.card(id).worked());
        return new TrialView(
                trial.pin().x().millimetres(),
                trial.pin().y().millimetres(),
                trial.refusal().orElse(null));
    }

    private CuttingView view(Card card, CuttingJob job) {
        CutPlan done = job.within(PATIENCE).orElse(null);
        CutPlan shown = done != null ? done : job.soFar().orElse(new CutPlan(List.of()));
        return CuttingView.of(
                card,
                shown,
                job.others(),
                done != null,
                job.wasStopped(),
                done != null ? 1 : job.share(),
                desk.order(card).sheets().all(),
                keeping.of(card));
    }
}
