package vantbreeze.app.api;

import static java.util.Objects.requireNonNull;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.util.function.SingletonSupplier;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.GoesIn;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.structure.Structure;

/** The shelf: every structure as an example, how it moves, and which of them fit what the maker has. */
@RestController
@RequestMapping("/api/shelf")
class ShelfController {

    /** The size at which structures are shown side by side. */
    private static final Size EXAMPLE = Size.ofMillimetres(152, 108);

    private final StockRoom stock;
    /** Examples do not change while the house runs. */
    private final Supplier<Map<String, WorkedPlan>> examples = SingletonSupplier.of(this::examples);

    ShelfController(StockRoom stock) {
        this.stock = stock;
    }

    @GetMapping
    ShelfView shelf() {
        return ShelfView.of(examples.get().values().stream().map(ShelfView::of).toList());
    }

    /** How its example folds. */
    @GetMapping("/{structure}/form")
    FormView form(@PathVariable String structure) {
        return FormView.of(requireNonNull(
                examples.get().get(stock.workshop().structure(structure).id())));
    }

    /** For each structure the best card for an envelope, or from a sheet alone. */
    @GetMapping("/fitting")
    List<ShelfView.Fitting> fitting(
            @RequestParam String ruler,
            @RequestParam String sheet,
            @RequestParam(required = false) @Nullable String envelope) {
        Ruler used = Written.on(ruler).ruler();
        Envelope wanted =
                envelope == null || envelope.isBlank() ? null : stock.workshop().envelope(envelope);
        var from = stock.workshop().sheet(sheet);
        return stock.workshop().catalogue().all().stream()
                .map(structure -> wanted == null
                        ? ShelfView.Fitting.fromSheet(
                                structure,
                                stock.workshop().proposals(structure, used, from).forSheet().stream()
                                        .findFirst()
                                        .orElse(null),
                                used)
                        : GoesIn.of(stock.workshop(), structure, used, from, wanted)
                                .map(card -> ShelfView.Fitting.inEnvelope(structure, card, used))
                                .orElse(ShelfView.Fitting.fromSheet(structure, null, used)))
                .toList();
    }

    private Map<String, WorkedPlan> examples() {
        Map<String, WorkedPlan> worked = new LinkedHashMap<>();
        for (Structure structure : stock.workshop().catalogue().all()) {
            worked.put(
                    structure.id(),
                    stock.workshop()
                            .work(Plan.of(
                                    structure.name(),
                                    structure.id(),
                                    structure.proportioned(EXAMPLE, Ruler.MM_1),
                                    Ruler.MM_1)));
        }
        return worked;
    }
}
