package vantbreeze.app.cards;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import vantbreeze.app.store.StoredCard;
import vantbreeze.app.store.StoredCards;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.exchange.document.PlanDocument;

/**
 * Where cards are kept. Every change is saved as it is made; nothing is kept that could not be worked out, so a
 * card in the drawer can always be opened.
 */
@Service
public class Drawer {

    private final StoredCards stored;
    private final Workshop workshop;
    private final Clock clock = Clock.systemUTC();

    Drawer(StoredCards stored, Workshop workshop) {
        this.stored = stored;
        this.workshop = workshop;
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
        WorkedPlan worked = workshop.work(plan);
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
        StoredCard card = present(id);
        if (card.revision() != revision) {
            throw new ChangedElsewhere();
        }
        Plan before = PlanDocument.read(card.document());
        Plan after = change.apply(before);
        if (after.equals(before)) {
            return card(card);
        }
        WorkedPlan worked = workshop.work(after);
        card.rewrite(after.name(), PlanDocument.write(after), now());
        try {
            return card(stored.saveAndFlush(card), worked);
        } catch (OptimisticLockingFailureException raced) {
            throw new ChangedElsewhere();
        }
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

    private Card card(StoredCard stored) {
        return card(stored, workshop.work(PlanDocument.read(stored.document())));
    }

    private static Card card(StoredCard stored, WorkedPlan worked) {
        return new Card(stored.getId(), stored.revision(), worked, stored.changedAt());
    }

    private Instant now() {
        return clock.instant();
    }
}
