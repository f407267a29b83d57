package vantbreeze.app.stock;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import vantbreeze.app.store.StoredStock;
import vantbreeze.app.store.StoredStocks;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Envelope;
import vantbreeze.core.paper.Look;
import vantbreeze.core.paper.StockSheet;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.exchange.document.PlanFile;
import vantbreeze.exchange.document.StockDocument;
import vantbreeze.exchange.document.UnreadablePlan;

/** Keeps what the maker has of their own, and the workshop that comes of it. */
@Service
public class StockRoom {

    private static final Logger LOG = LoggerFactory.getLogger(StockRoom.class);
    private static final Pattern ID = Pattern.compile("[a-z0-9-]{3,60}");

    private final StoredStocks stored;
    private final Pictures pictures;
    private final Workshop published = Workshop.standard();
    private @Nullable Room room;

    /**
     * @param document what is kept
     * @param fingerprint tells it from others
     * @param readable whether the document could be read; otherwise the usual things stand in for it and nothing is
     *     changed
     */
    private record Room(OwnStock own, Workshop workshop, String document, String fingerprint, boolean readable) {}

    StockRoom(StoredStocks stored, Pictures pictures) {
        this.stored = stored;
        this.pictures = pictures;
    }

    /** The workshop, with what the maker has of their own. */
    public Workshop workshop() {
        return room().workshop;
    }

    /** What the maker has of their own. */
    public OwnStock own() {
        return room().own;
    }

    /** Tells one state of tools and stock from another. */
    public String fingerprint() {
        return room().fingerprint;
    }

    /**
     * Changes what the maker has; every plan is worked out with it from now on.
     *
     * @throws ValidationException when what is kept can't be read, and would be lost
     */
    public synchronized void change(UnaryOperator<OwnStock> change) {
        Room before = room();
        if (!before.readable) {
            throw new ValidationException(
                    "stock",
                    "The list of your tools and stock can't be read, so it is left as it is. Put a "
                            + "backup back to go on with it.");
        }
        OwnStock after = change.apply(before.own);
        String document = StockDocument.rewritten(before.document, after);
        stored.saveAndFlush(new StoredStock(document));
        room = room(after, document, true);
    }

    /** Looks at the store again: it was changed by another way. */
    public synchronized void lookAgain() {
        room = null;
    }

    /**
     * Takes in what a plan from elsewhere names. What is here already is not kept twice; what is here under the same id
     * but is another thing stays, and the plan's gets a new id.
     *
     * @return the plan, naming what is here now
     */
    public synchronized Plan take(PlanFile.Brought brought) {
        Map<String, String> ids = new HashMap<>();
        Map<String, String> images = new LinkedHashMap<>();
        OwnStock own = own();
        List<Envelope> envelopes = new ArrayList<>(own.envelopes());
        for (Envelope one : brought.stock().envelopes()) {
            String id = id(one.id(), workshop().envelopes().find(one.id()).map(here -> here.isLike(one)));
            if (id != null) {
                ids.put(one.id(), id);
                envelopes.add(one.owned(id));
            }
        }
        List<StockSheet> sheets = new ArrayList<>(own.sheets());
        for (StockSheet one : brought.stock().sheets()) {
            String id = id(one.id(), workshop().sheets().find(one.id()).map(here -> here.equals(one)));
            if (id != null) {
                ids.put(one.id(), id);
                sheets.add(one.withId(id));
            }
        }
        Map<String, Cardstock> cardstocks = new LinkedHashMap<>(own.cardstocks());
        brought.stock().cardstocks().forEach((given, one) -> {
            String id = id(given, workshop().cardstocks().find(given).map(here -> here.equals(one)));
            if (id != null) {
                ids.put(given, id);
                cardstocks.put(id, withPicture(one, brought.pictures(), images));
            }
        });
        sheets.replaceAll(sheet -> own.sheets().contains(sheet)
                ? sheet
                : sheet.withStock(
                        sheet.stock().map(id -> ids.getOrDefault(id, id)).orElse(null)));
        OwnStock more = own.with(envelopes, sheets, cardstocks);
        if (!more.equals(own)) {
            change(before -> more);
        }
        return brought.plan().renaming(id -> ids.getOrDefault(id, id));
    }

    /** The id under which a thing is to be kept; null when it is here already. */
    private static @Nullable String id(String given, Optional<Boolean> sameHere) {
        if (sameHere.isPresent()) {
            return sameHere.get() ? null : newId();
        }
        return ID.matcher(given).matches() ? given : newId();
    }

    private Cardstock withPicture(Cardstock card, Map<String, byte[]> brought, Map<String, String> images) {
        String image = card.look().image();
        if (image == null) {
            return card;
        }
        String kept = images.computeIfAbsent(
                image,
                given ->
                        brought.containsKey(given) && !pictures.has(given) ? pictures.keep(brought.get(given)) : given);
        return card.printed(
                new Look(card.look().print(), card.look().ink(), card.look().back(), kept));
    }

    /** An id for a new thing of one's own. */
    public static String newId() {
        return "own-" + UUID.randomUUID().toString().substring(0, 8);
    }

    /** Takes pictures that nothing names any more away for good; how many that were. */
    public synchronized int purgePictures() {
        return room().readable
                ? pictures.purge(own().cardstocks().values().stream()
                        .map(card -> card.look().image())
                        .filter(Objects::nonNull)
                        .collect(Collectors.toSet()))
                : 0;
    }

    private synchronized Room room() {
        if (room == null) {
            String document = stored.findById(StoredStock.ONLY)
                    .map(StoredStock::document)
                    .orElseGet(() -> StockDocument.write(OwnStock.usual()));
            try {
                room = room(StockDocument.read(document), document, true);
            } catch (UnreadablePlan | ValidationException garbled) {
                LOG.warn("The list of tools and stock can't be read: {}", garbled.getMessage());
                room = room(OwnStock.usual(), document, false);
            }
        }
        return room;
    }

    private Room room(OwnStock own, String document, boolean readable) {
        return new Room(
                own,
                published.with(own),
                document,
                UUID.nameUUIDFromBytes(document.getBytes(StandardCharsets.UTF_8))
                        .toString(),
                readable);
    }
}
