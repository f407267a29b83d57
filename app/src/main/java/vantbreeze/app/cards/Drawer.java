package vantbreeze.app.cards;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.app.store.StoredCard;
import vantbreeze.app.store.StoredCards;
import vantbreeze.app.store.StoredVersion;
import vantbreeze.app.store.StoredVersions;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Refusal;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.exchange.document.PlanDocument;

/**
 * Where cards are kept. Every change is saved as it is made; nothing is kept that could not be worked out, so a
 * card in the drawer can always be opened.
 */
@Service
public class Drawer {

    /** Named versions of one card. */
    private static final int MOST_VERSIONS = 200;

    private final StoredCards stored;
    private final StoredVersions versions;
    private final StockRoom stock;
    private final Clock clock = Clock.systemUTC();
    /** The card of which a line is dragged, as it is kept; null when it may have changed. */
    private volatile InHand inHand;

    private record InHand(UUID id, int revision, Plan plan, Instant changedAt) { }

    Drawer(StoredCards stored, StoredVersions versions, StockRoom stock) {
        this.stored = stored;
        this.versions = versions;
        this.stock = stock;
    }

    /** All cards, the last changed first. */
    @Transactional(readOnly = true)
    public List<Card> cards() {
        return stored.findByDeletedAtIsNullOrderByChangedAtDesc().stream().map(this::card).toList();
    }

    /** @throws CardGone when it is not there or put aside */
    @Transactional(readOnly = true)
    public Card card(UUID id) {
        return card(present(id));
    }

    /** Keeps a new card. */
    @Transactional
    public Card add(Plan plan) {
        WorkedPlan worked = stock.workshop().work(plan);
        return card(stored.saveAndFlush(new StoredCard(UUID.randomUUID(), plan.name(), PlanDocument.write(plan), now())), worked);
    }

    /**
     * Changes a card.
     *
     * @param revision the one the maker was looking at
     * @throws CardGone when it is not there
     * @throws ChangedElsewhere when it has moved on from {@code revision}
     */
    @Transactional
    public Card change(UUID id, int revision, UnaryOperator<Plan> change) {
        inHand = null;
        StoredCard card = present(id, revision);
        Plan before = PlanDocument.read(card.document());
        Plan after = change.apply(before);
        if (after.equals(before)) {
            return card(card);
        }
        WorkedPlan worked = stock.workshop().work(after);
        card.rewrite(after.name(), PlanDocument.write(after), now());
        try {
            return card(stored.saveAndFlush(card), worked);
        } catch (OptimisticLockingFailureException raced) {
            throw new ChangedElsewhere();
        }
    }

    /**
     * A card as it would be with another plan; nothing is kept. Asked again and again while a line is dragged, so the plan
     * is read once for each revision.
     *
     * @param revision the one the maker is looking at
     * @throws CardGone when it is not there
     * @throws ChangedElsewhere when it has moved on from {@code revision}
     */
    public Card imagined(UUID id, int revision, Function<Plan, WorkedPlan> change) {
        InHand held = inHand;
        if (held == null || !held.id.equals(id) || held.revision != revision) {
            StoredCard card = present(id, revision);
            held = new InHand(id, revision, PlanDocument.read(card.document()), card.changedAt());
            inHand = held;
        }
        return new Card(id, revision, change.apply(held.plan), held.changedAt);
    }

    /** The named versions of a card, the last made first. */
    @Transactional(readOnly = true)
    public List<Version> versions(UUID id) {
        present(id);
        return versions.findByCardOrderByMadeAtDesc(id).stream().map(Drawer::version).toList();
    }

    /**
     * Keeps the card as it is now under a name.
     *
     * @throws Refusal when there are too many already, or the name is none
     */
    @Transactional
    public Version keepVersion(UUID id, String name) {
        StoredCard card = present(id);
        String plain = name == null ? "" : name.strip();
        if (plain.isEmpty() || plain.length() > Plan.LONGEST_NAME) {
            throw new Refusal("version", "A version needs a name of up to %d characters. Type one, like \"with the narrow leg\".".formatted(Plan.LONGEST_NAME));
        }
        if (versions.findByCardOrderByMadeAtDesc(id).size() >= MOST_VERSIONS) {
            throw new Refusal("version", "This card has %d versions already. Copy it and go on with the copy.".formatted(MOST_VERSIONS));
        }
        return version(versions.saveAndFlush(new StoredVersion(UUID.randomUUID(), id, plain, card.document(), now())));
    }

    /** @throws CardGone when the card has no such version */
    @Transactional(readOnly = true)
    public Version version(UUID card, UUID id) {
        return versions.findById(id).filter(one -> one.card().equals(card)).map(Drawer::version).orElseThrow(CardGone::new);
    }

    private static Version version(StoredVersion stored) {
        return new Version(stored.getId(), stored.name(), stored.madeAt(), PlanDocument.read(stored.document()));
    }

    /** Lays a second card of the same plan beside the first. */
    @Transactional
    public Card copy(UUID id) {
        Plan plan = card(id).plan();
        String name = plan.name() + " (copy)";
        return add(plan.named(name.length() > Plan.LONGEST_NAME ? plan.name() : name));
    }

    /** Puts a card aside; {@link #restore} brings it back. */
    @Transactional
    public void delete(UUID id) {
        inHand = null;
        present(id).delete(now());
    }

    /** Brings back a card that was put aside. */
    @Transactional
    public Card restore(UUID id) {
        StoredCard card = stored.findById(id).orElseThrow(CardGone::new);
        card.delete(null);
        return card(stored.saveAndFlush(card));
    }

    private StoredCard present(UUID id) {
        return stored.findById(id).filter(card -> !card.isDeleted()).orElseThrow(CardGone::new);
    }

    private StoredCard present(UUID id, int revision) {
        StoredCard card = present(id);
        if (card.revision() != revision) {
            throw new ChangedElsewhere();
        }
        return card;
    }

    private Card card(StoredCard stored) {
        return card(stored, stock.workshop().work(PlanDocument.read(stored.document())));
    }

    private static Card card(StoredCard stored, WorkedPlan worked) {
        return new Card(stored.getId(), stored.revision(), worked, stored.changedAt());
    }

    private Instant now() {
        return clock.instant();
    }
}
