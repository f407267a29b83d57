package vantbreeze.app.cards;

import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import vantbreeze.app.store.StoredCard;
import vantbreeze.app.store.StoredCards;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Wrapping;
import vantbreeze.exchange.document.PlanDocument;

/** What goes round each card. A wrap is kept in the drawer like a card and opened there by its own id. */
@Service
public class WrapRail {

    /** Wraps of one card. */
    private static final int MOST = 12;

    private final StoredCards stored;
    private final Drawer drawer;
    private final Wrappings wrappings;

    WrapRail(StoredCards stored, Drawer drawer, Wrappings wrappings) {
        this.stored = stored;
        this.drawer = drawer;
        this.wrappings = wrappings;
    }

    /** The wraps of a card, those that go round it first before those that go round them. */
    @Transactional(readOnly = true)
    public List<Card> wraps(Card card) {
        Card.Wrapped wrapped = new Card.Wrapped(card.id(), card.plan().name());
        return wrappings.round(card.id(), card.worked()).entrySet().stream()
                .map(wrap -> {
                    StoredCard own = stored.findById(wrap.getKey()).orElseThrow(CardGone::new);
                    return new Card(
                            own.getId(), own.revision(), wrap.getValue(), own.changedAt(), own.document(), wrapped);
                })
                .toList();
    }

    /** Names of those wraps of a card that are not among these: damaged, drawn freely, or of a newer house. */
    @Transactional(readOnly = true)
    public List<Apart> apart(Card card, List<Card> wraps) {
        List<UUID> known = wraps.stream().map(Card::id).toList();
        return wrappings.all(card.id()).stream()
                .filter(wrap -> !known.contains(wrap.getId()))
                .map(wrap -> new Apart(wrap.getId(), wrap.name()))
                .toList();
    }

    /** A wrap that does not follow its card. */
    public record Apart(UUID id, String name) {}

    /**
     * Makes a wrap for a card.
     *
     * @param structure which wrap
     * @throws ValidationException when there is no such wrap, the card is one itself, has too many, or none goes round
     *     it
     */
    @Transactional
    public Card make(UUID id, String structure) {
        Card card = drawer.card(id);
        if (card.wraps() != null) {
            throw new ValidationException(
                    "wrap", "This is a wrap itself. Make another for the card that it goes round.");
        }
        if (wrappings.all(id).size() >= MOST) {
            throw new ValidationException(
                    "wrap", String.format(Locale.ROOT, "A card has at most %d wraps. Put one of them aside.", MOST));
        }
        List<WorkedPlan> others = wraps(card).stream().map(Card::worked).toList();
        Plan plan = Wrapping.begun(structure, card.worked(), others);
        return drawer.addWrap(id, plan, PlanDocument.write(plan));
    }
}
