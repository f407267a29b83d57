package vantbreeze.app.api;

import static java.util.Objects.requireNonNullElse;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
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
import vantbreeze.core.hand.Drafting;
import vantbreeze.core.hand.Hand;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Refusal;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Structure;
import vantbreeze.exchange.document.PlanDocument;
import vantbreeze.exchange.document.PlanFile;
import vantbreeze.exchange.document.UnreadablePlan;
import vantbreeze.exchange.print.PrintPage;
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

    /**
     * A change of one field: {@code name}, {@code notes}, {@code ruler}, {@code envelope}, {@code sheet},
     * {@code cardstock}, a choice or a measure.
     *
     * @param text what the maker wrote
     * @param divisions instead of a text: how many marks of the ruler to move a measure by
     */
    public record Change(
            int revision, @Text String field, @Nullable @MaybeText String text, @Nullable Integer divisions) {}

    /** A plan document, as text, to put in place of the present one. */
    public record Replacement(int revision, @NotNull String document) {}

    /** A plan document, as text, to make a card of. */
    public record Opened(@NotNull String document) {}

    /**
     * A card to be made in another size: for the envelope it has, turned by a quarter, or of a size as the maker wrote
     * it.
     *
     * @param width with {@code height}, unless {@code how} says enough
     */
    public record Resize(
            int revision, @NotNull How how, @Nullable @MaybeText String width, @Nullable @MaybeText String height) {

        /** What the new size comes from. */
        public enum How {
            ENVELOPE,
            TURNED,
            SIZE
        }
    }

    /** What the maker was looking at. */
    public record Seen(int revision) {}

    /** As far as one stroke of a key may move a measure. */
    private static final int MOST_DIVISIONS = 1_000;

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
        return CardView.of(drawer.add(new Plan(
                name,
                structure.id(),
                structure.proportioned(finished, written.ruler()),
                written.ruler(),
                emptyAsNull(asked.envelope()),
                emptyAsNull(asked.sheet()),
                "")));
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
            known = known.into((String) null);
            missing.add("its envelope");
        }
        if (plan.sheetId() != null && here.sheets().find(plan.sheetId()).isEmpty()) {
            known = known.from(null);
            missing.add("its sheet");
        }
        if (plan.cardstockId() != null
                && here.cardstocks().find(plan.cardstockId()).isEmpty()) {
            known = known.of((String) null);
            missing.add("its cardstock");
        }
        return missing.isEmpty()
                ? plan
                : known.noting((plan.notes()
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

    @PostMapping("/{id}/changes")
    CardView change(@PathVariable UUID id, @Valid @RequestBody Change change) {
        return CardView.of(drawer.change(id, change.revision(), plan -> changed(plan, change)));
    }

    @PutMapping("/{id}/document")
    CardView replace(@PathVariable UUID id, @Valid @RequestBody Replacement replacement) {
        return CardView.of(drawer.replace(id, replacement.revision(), replacement.document()));
    }

    @PostMapping("/{id}/rounded")
    CardView round(@PathVariable UUID id, @Valid @RequestBody Seen seen) {
        return CardView.of(
                drawer.change(id, seen.revision(), plan -> new Drafting(stock.workshop(), plan).onMarks(plan.ruler())));
    }

    @PostMapping("/{id}/resized")
    CardView resize(@PathVariable UUID id, @Valid @RequestBody Resize resize) {
        return CardView.of(drawer.change(id, resize.revision(), plan -> resized(plan, resize)));
    }

    private Plan resized(Plan plan, Resize resize) {
        Drafting drafting = new Drafting(stock.workshop(), plan);
        Written written = new Written(plan.ruler());
        return switch (resize.how()) {
            case TURNED -> drafting.turned();
            case SIZE -> drafting.resized(written.size(resize.width(), resize.height()));
            case ENVELOPE -> {
                if (plan.envelopeId() == null) {
                    throw new Refusal("envelope", "The card has no envelope yet. Choose one first.");
                }
                yield drafting.into(stock.workshop().envelope(plan.envelopeId()));
            }
        };
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
        PrintPage printed = PrintPage.find(page)
                .orElseThrow(() -> new Refusal("page", "Plans are printed on A4 or Letter. Choose one of them."));
        return Download.of(
                card.plan().name(),
                ".pdf",
                MediaType.APPLICATION_PDF,
                "inline",
                TrueSizePlan.of(card.worked(), printed));
    }

    private Plan changed(Plan plan, Change change) {
        String text = change.text();
        return switch (change.field()) {
            case "name" -> plan.named(requireNonNullElse(text, ""));
            case "notes" -> plan.noting(requireNonNullElse(text, ""));
            case "ruler" -> plan.on(Written.on(requireNonNullElse(text, "")).ruler());
            case "envelope" -> plan.into(emptyAsNull(text));
            case "sheet" -> plan.from(emptyAsNull(text));
            case "cardstock" -> plan.of(emptyAsNull(text));
            default -> chosenOrMeasured(plan, change);
        };
    }

    private Plan chosenOrMeasured(Plan plan, Change change) {
        if (change.field().startsWith(CardView.PANEL)) {
            return widened(plan, change);
        }
        Structure structure = stock.workshop().structure(plan);
        boolean isChoice =
                structure.choices().stream().anyMatch(choice -> choice.id().equals(change.field()));
        return isChoice
                ? plan.choosing(structure, change.field(), change.text() == null ? "" : change.text())
                : plan.changing(structure, change.field(), measure(plan, change));
    }

    /** A panel of a free card gets another width. */
    private Plan widened(Plan plan, Change change) {
        String panel = change.field().substring(CardView.PANEL.length());
        Length present = CardView.widths(plan).get(panel);
        if (present == null) {
            throw new Refusal(change.field(), "There is no panel \"%s\" here any more.".formatted(panel));
        }
        Length width = change.divisions() == null
                ? new Written(plan.ruler()).measure(change.field(), change.text())
                : plan.ruler().moved(present, Math.max(-MOST_DIVISIONS, Math.min(MOST_DIVISIONS, change.divisions())));
        return new Hand(stock.workshop(), plan).widened(panel, width).plan();
    }

    private static Length measure(Plan plan, Change change) {
        if (change.divisions() == null) {
            return new Written(plan.ruler()).measure(change.field(), change.text());
        }
        Length present = plan.measures().byId().get(change.field());
        if (present == null) {
            throw new Refusal(
                    change.field(), "There is no measure \"%s\" to move. Reload the page.".formatted(change.field()));
        }
        return plan.ruler().moved(present, Math.max(-MOST_DIVISIONS, Math.min(MOST_DIVISIONS, change.divisions())));
    }

    private static @Nullable String emptyAsNull(@Nullable String text) {
        return text == null || text.isBlank() ? null : text;
    }
}
