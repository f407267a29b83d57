package vantbreeze.app.api;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.cards.Card;
import vantbreeze.app.cards.CardDocument;
import vantbreeze.app.cards.Drawer;
import vantbreeze.app.cards.Listing;
import vantbreeze.app.stock.Pictures;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.Decision;
import vantbreeze.core.edit.Rerule;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.hand.Drafting;
import vantbreeze.core.hand.WrittenRecipe;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.recipe.RecipeStyle;
import vantbreeze.core.structure.Structure;
import vantbreeze.exchange.document.PlanDocument;
import vantbreeze.exchange.document.PlanFile;
import vantbreeze.exchange.document.UnreadablePlan;
import vantbreeze.exchange.print.TrueSizePlan;

/** Cards: listed, begun, changed, put aside, brought back, downloaded and printed. */
@RestController
@RequestMapping("/api/cards")
class CardController {

    /** A card to begin: measures as the maker wrote them. */
    public record NewCard(
            @Nullable @MaybeText String name,
            @Text String structure,
            @Text String ruler,
            @Text String width,
            @Text String height,
            @Nullable @MaybeText String envelope,
            @Nullable @MaybeText String sheet) {}

    /** A plan document, as text, to make a card of. */
    public record Opened(@NotNull String document) {}

    private final Drawer drawer;
    private final Listing listing;
    private final StockRoom stock;
    private final Pictures pictures;
    private final Summaries views;

    CardController(Drawer drawer, Listing listing, StockRoom stock, Pictures pictures, Summaries views) {
        this.drawer = drawer;
        this.listing = listing;
        this.stock = stock;
        this.pictures = pictures;
        this.views = views;
    }

    @GetMapping
    List<CardRowView> list() {
        return listing.cards().stream().map(views::row).toList();
    }

    /** Cards that were put aside and can still be brought back. */
    @GetMapping("/deleted")
    List<CardRowView> deleted() {
        return listing.deleted().stream().map(views::row).toList();
    }

    /** What is drawn of a card in a list, whether it lies in the drawer or was put aside. */
    @GetMapping("/{id}/sketch")
    SketchView sketch(@PathVariable UUID id) {
        return views.sketch(listing.summary(id));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    CardView begin(@Valid @RequestBody NewCard asked) {
        Written written = Written.on(asked.ruler());
        Structure structure = stock.workshop().structure(asked.structure());
        Size finished = written.size(asked.width(), asked.height());
        String name = asked.name() == null || asked.name().isBlank() ? "New " + structure.name() : asked.name();
        return CardView.of(drawer.add(
                Plan.of(name, structure.id(), structure.proportioned(finished, written.ruler()), written.ruler())
                        .withEnvelope(emptyAsNull(asked.envelope()))
                        .withSheet(emptyAsNull(asked.sheet()))));
    }

    /** A bare sheet to draw a free card on. */
    public record NewSheet(
            @Nullable @MaybeText String name, @Text String ruler, @Text String width, @Text String height) {}

    @PostMapping("/bare")
    @ResponseStatus(HttpStatus.CREATED)
    CardView bare(@Valid @RequestBody NewSheet asked) {
        Written written = Written.on(asked.ruler());
        Size size = written.size(asked.width(), asked.height());
        return CardView.of(drawer.add(Drafting.bare(
                asked.name() == null || asked.name().isBlank() ? "New free card" : asked.name(),
                size,
                written.ruler())));
    }

    @PostMapping("/opened")
    @ResponseStatus(HttpStatus.CREATED)
    CardView open(@Valid @RequestBody Opened opened) {
        PlanFile.Brought brought = PlanFile.read(opened.document());
        Plan plan = withWhatIsHere(stock.take(brought));
        return CardView.of(drawer.add(plan, PlanDocument.rewritten(brought.document(), plan)));
    }

    /**
     * A plan from another house may name an envelope, sheet or cardstock of that house's own: it is opened without, and
     * its notes say so.
     */
    private Plan withWhatIsHere(Plan plan) {
        Workshop here = stock.workshop();
        Plan known = plan;
        List<String> missing = new ArrayList<>();
        if (plan.envelopeId() != null
                && here.envelopes().find(plan.envelopeId()).isEmpty()) {
            known = known.withEnvelope(null);
            missing.add("its envelope");
        }
        if (plan.sheetId() != null && here.sheets().find(plan.sheetId()).isEmpty()) {
            known = known.withSheet(null);
            missing.add("its sheet");
        }
        if (plan.cardstockId() != null
                && here.cardstocks().find(plan.cardstockId()).isEmpty()) {
            known = known.withCardstock((String) null);
            missing.add("its cardstock");
        }
        for (Map.Entry<PieceId, String> own : plan.supplies().ofPieces().entrySet()) {
            if (here.cardstocks().find(own.getValue()).isEmpty()) {
                known = known.withSupplies(known.supplies().withCardstock(own.getKey(), null));
                missing.add("the cardstock of %s".formatted(own.getKey().inWords()));
            }
        }
        return missing.isEmpty()
                ? plan
                : known.withNotes((plan.notes()
                                + "\nOpened without %s, which is not kept here."
                                        .formatted(String.join(" and ", missing)))
                        .strip());
    }

    @GetMapping("/{id}")
    CardView card(@PathVariable UUID id) {
        return CardView.of(drawer.card(id));
    }

    /** What shows in each pose; asked for apart, since it takes some looking. */
    @GetMapping("/{id}/showing")
    List<ShowingView> showing(@PathVariable UUID id) {
        return ShowingView.of(drawer.card(id).worked());
    }

    @PostMapping("/{id}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    CardView copy(@PathVariable UUID id) {
        return CardView.of(drawer.copy(id));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable UUID id) {
        drawer.delete(id);
    }

    /** Brings a card back, whether or not it can be opened. */
    @PostMapping("/{id}/restored")
    CardRowView restore(@PathVariable UUID id) {
        drawer.restore(id);
        return views.row(listing.card(id));
    }

    @GetMapping(value = "/{id}/plan.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> download(@PathVariable UUID id) {
        CardDocument card = drawer.document(id);
        return Download.of(
                card.name(),
                ".vantbreeze.json",
                MediaType.APPLICATION_JSON,
                "attachment",
                file(card).getBytes(StandardCharsets.UTF_8));
    }

    /** With what it names of the maker's own; a document that can't be read leaves as it is. */
    private String file(CardDocument card) {
        try {
            return PlanFile.write(card.text(), stock.own(), id -> pictures.find(UUID.fromString(id)));
        } catch (UnreadablePlan newer) {
            return card.text();
        }
    }

    @GetMapping(value = "/{id}/plan.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> print(@PathVariable UUID id, @RequestParam String page) {
        Card card = drawer.card(id);
        return Download.of(
                card.plan().name(),
                ".pdf",
                MediaType.APPLICATION_PDF,
                "inline",
                TrueSizePlan.of(card.worked(), Printed.page(page)));
    }

    /** What would become of every figure on another ruler. */
    @GetMapping("/{id}/reruling")
    ReruledView reruling(@PathVariable UUID id, @RequestParam String ruler) {
        Card card = drawer.card(id);
        Edited after = new Rerule(Decision.ruler(ruler)).on(card.plan(), stock.workshop());
        return ReruledView.of(card.worked(), stock.workshop().work(after.plan()));
    }

    /** The card written out as a recipe. */
    @GetMapping(value = "/{id}/recipe", produces = MediaType.TEXT_PLAIN_VALUE + ";charset=UTF-8")
    String recipe(
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable String ruler,
            @RequestParam(required = false) @Nullable String style) {
        Card card = drawer.card(id);
        RecipeStyle asked = style == null
                ? RecipeStyle.FULL
                : RecipeStyle.find(style)
                        .orElseThrow(() -> new ValidationException(
                                "style", "There is no such way to write a recipe. Choose short, full or aloud."));
        return WrittenRecipe.of(card.worked(), ruler == null ? card.plan().ruler() : Decision.ruler(ruler), asked);
    }

    private static @Nullable String emptyAsNull(@Nullable String text) {
        return text == null || text.isBlank() ? null : text;
    }
}
