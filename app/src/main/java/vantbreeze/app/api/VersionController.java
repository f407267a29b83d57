package vantbreeze.app.api;

import jakarta.validation.Valid;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.cards.Card;
import vantbreeze.app.cards.Drawer;
import vantbreeze.app.cards.Version;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.edit.Comparison;
import vantbreeze.core.edit.Difference;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.exchange.document.PlanDocument;

/** Named versions of a card: kept, set beside the card as it is, gone back to. */
@RestController
@RequestMapping("/api/cards/{id}/versions")
class VersionController {

    /** A version in the list. */
    public record VersionSummary(UUID id, String name, Instant madeAt) {}

    /** A name for the card as it is now. */
    public record NewVersion(@Text String name) {}

    /** What the maker was looking at. */
    public record Back(int revision) {}

    /** A version and how the card differs from it now. */
    public record ComparedView(String name, Instant madeAt, CardView then, List<DifferenceView> differences) {}

    /** One difference, in figures. */
    public record DifferenceView(String what, String then, String now) {}

    private final Drawer drawer;
    private final StockRoom stock;

    VersionController(Drawer drawer, StockRoom stock) {
        this.drawer = drawer;
        this.stock = stock;
    }

    @GetMapping
    List<VersionSummary> list(@PathVariable UUID id) {
        return drawer.versions(id).stream().map(VersionController::summary).toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    VersionSummary keep(@PathVariable UUID id, @Valid @RequestBody NewVersion asked) {
        return summary(drawer.keepVersion(id, asked.name()));
    }

    @GetMapping("/{version}")
    ComparedView compare(@PathVariable UUID id, @PathVariable UUID version) {
        Version kept = drawer.version(id, version);
        Card card = drawer.card(id);
        WorkedPlan then = stock.workshop().work(PlanDocument.read(kept.document()));
        List<DifferenceView> differences = Comparison.of(then, card.worked()).differences().stream()
                .map((Difference one) -> new DifferenceView(one.what(), one.before(), one.after()))
                .toList();
        return new ComparedView(
                kept.name(),
                kept.madeAt(),
                CardView.of(new Card(id, card.revision(), then, kept.madeAt(), kept.document())),
                differences);
    }

    @PostMapping("/{version}/taken")
    CardView take(@PathVariable UUID id, @PathVariable UUID version, @Valid @RequestBody Back back) {
        Version kept = drawer.version(id, version);
        return CardView.of(drawer.replace(id, back.revision(), kept.document()));
    }

    private static VersionSummary summary(Version version) {
        return new VersionSummary(version.id(), version.name(), version.madeAt());
    }
}
