package vantbreeze.app.api;

import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import vantbreeze.app.api.PostView.OuterView;
import vantbreeze.app.cards.Card;
import vantbreeze.app.cards.Drawer;
import vantbreeze.app.cards.WrapRail;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.counter.Counter;
import vantbreeze.core.counter.Sending;
import vantbreeze.core.edit.Lighten;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Wrapping;
import vantbreeze.core.post.PostTable;
import vantbreeze.core.post.PostTables;

/** What a card costs to send, and why. */
@RestController
@RequestMapping("/api/cards/{id}/post")
class PostController {

    /** A bought envelope among what a card can be sent in. */
    private static final String BOUGHT = "envelope:";

    /** A change of the card so that a cheaper service takes it. */
    public record Lightening(int revision, @Text String saving) {}

    private final Drawer drawer;
    private final WrapRail rail;
    private final StockRoom stock;

    PostController(Drawer drawer, WrapRail rail, StockRoom stock) {
        this.drawer = drawer;
        this.rail = rail;
        this.stock = stock;
    }

    /**
     * The card at the counter.
     *
     * @param area of which services; the first where none is named
     * @param outer what it goes in: a wrap, its bought envelope, nothing; left out, the outermost that it has
     * @param gifts how many gift cards lie in it
     */
    @GetMapping
    PostView post(
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable String area,
            @RequestParam(required = false) @Nullable String outer,
            @RequestParam(defaultValue = "0") int gifts) {
        return asked(id, area, outer, gifts).view();
    }

    /** What would let a cheaper service take it; asked for apart, since every change is tried on the card. */
    @GetMapping("/ways")
    List<PostView.WaysView> ways(
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable String area,
            @RequestParam(required = false) @Nullable String outer,
            @RequestParam(defaultValue = "0") int gifts) {
        return PostView.ways(asked(id, area, outer, gifts).counter());
    }

    /** A card handed in as somebody asked. */
    private record Asked(
            Card card,
            List<PostTable> tables,
            PostTable table,
            List<OuterView> outers,
            @Nullable String misfit,
            String outer,
            int gifts,
            Counter counter) {

        PostView view() {
            return PostView.of(card, tables, table, outers, misfit, outer, gifts, counter);
        }
    }

    private Asked asked(UUID id, @Nullable String area, @Nullable String outer, int gifts) {
        Card card = drawer.card(id);
        List<Card> wraps = rail.wraps(card);
        String misfit = misfit(card, wraps);
        List<OuterView> outers = outers(card, wraps, misfit == null);
        String wanted = outer == null ? outers.get(outers.size() - 1).id() : outer;
        if (outers.stream().noneMatch(one -> one.id().equals(wanted))) {
            throw new ValidationException("outer", "The card has no such wrap any more. Choose another.");
        }
        List<PostTable> tables = PostTables.with(stock.own().post());
        // what the maker typed is the counter that they go to
        PostTable table = area == null || area.isBlank()
                ? stock.own().post().stream().findFirst().orElse(tables.get(0))
                : PostTables.find(area, tables)
                        .orElseThrow(() -> new ValidationException(
                                "area", "No services of that area are known here. Choose another."));
        Counter counter = new Counter(table, sending(card, wraps, wanted, gifts));
        return new Asked(card, tables, table, outers, misfit, wanted, gifts, counter);
    }

    /** Nothing, what goes round some of it, a bought envelope, envelopes made for it: the last suits best. */
    private static List<OuterView> outers(Card card, List<Card> wraps, boolean isItsEnvelopeFit) {
        List<OuterView> outers = new ArrayList<>();
        outers.add(new OuterView("", "nothing, as it is"));
        wraps.stream()
                .filter(wrap -> !Wrapping.isEnvelope(wrap.worked()) && Wrapping.holds(wrap.worked()))
                .forEach(wrap -> outers.add(outer(wrap)));
        Envelope envelope = envelope(card);
        if (envelope != null && isItsEnvelopeFit) {
            outers.add(new OuterView(BOUGHT + envelope.id(), "the envelope " + envelope.name()));
        }
        wraps.stream().filter(wrap -> Wrapping.isEnvelope(wrap.worked())).forEach(wrap -> outers.add(outer(wrap)));
        return outers;
    }

    /** Why the bought envelope is none to send it in, in a sentence; null where it is, or there is none. */
    private static @Nullable String misfit(Card card, List<Card> wraps) {
        Envelope envelope = envelope(card);
        return envelope == null
                ? null
                : sending(card, wraps, BOUGHT + envelope.id(), 0)
                        .fit()
                        .filter(fit -> !fit.goesIn())
                        .map(fit ->
                                "It does not go in the envelope %s that is chosen for it. Take another, or make one."
                                        .formatted(envelope.name()))
                        .orElse(null);
    }

    private static OuterView outer(Card wrap) {
        return new OuterView(wrap.id().toString(), wrap.worked().structure().name());
    }

    private static @Nullable Envelope envelope(Card card) {
        String id = card.plan().envelopeId();
        return id == null ? null : card.worked().workshop().envelope(id);
    }

    /** With a wrap goes what lies within it; within a bought envelope all that is no envelope itself. */
    private static Sending sending(Card card, List<Card> wraps, String outer, int gifts) {
        List<WorkedPlan> along = new ArrayList<>();
        for (Card wrap : wraps) {
            boolean isOuter = wrap.id().toString().equals(outer);
            boolean isWithin = !outer.isEmpty() && !Wrapping.isEnvelope(wrap.worked());
            if (isOuter || isWithin) {
                along.add(wrap.worked());
            }
            if (isOuter) {
                break;
            }
        }
        return new Sending(card.worked(), along, outer.startsWith(BOUGHT) ? envelope(card) : null, gifts);
    }

    @PostMapping("/lightened")
    CardView lighten(@PathVariable UUID id, @Valid @RequestBody Lightening lightening) {
        return CardView.of(drawer.change(id, lightening.revision(), new Lighten(lightening.saving())));
    }
}
