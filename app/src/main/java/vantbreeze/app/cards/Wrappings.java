package vantbreeze.app.cards;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.app.store.StoredCard;
import vantbreeze.app.store.StoredCards;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.plan.Wrapping;
import vantbreeze.exchange.document.PlanDocument;
import vantbreeze.exchange.document.UnreadablePlan;

/** The plans of wraps as their cards make them: a wrap's own document holds what the maker said of it. */
@Component
class Wrappings {

    private final StoredCards stored;
    private final StockRoom stock;

    Wrappings(StoredCards stored, StockRoom stock) {
        this.stored = stored;
        this.stock = stock;
    }

    /** What the maker decided; of a wrap, with what its card makes of it. */
    Plan plan(StoredCard card) {
        Plan plan = PlanDocument.read(card.document());
        return isWrap(card) ? following(card, plan) : plan;
    }

    /** A wrap's plan with what its card makes of it; as it is where its card is gone or can't be worked out. */
    Plan following(StoredCard wrap, Plan plan) {
        UUID id = wrap.wraps();
        WorkedPlan card = id == null ? null : worked(id);
        if (id == null || card == null) {
            return plan;
        }
        Map<UUID, Plan> others = plans(id);
        others.remove(wrap.getId());
        return Wrapping.following(plan, card, List.copyOf(round(others, card).values()));
    }

    private @Nullable WorkedPlan worked(UUID card) {
        try {
            return stored.findById(card)
                    .map(kept -> workshop().work(PlanDocument.read(kept.document())))
                    .orElse(null);
        } catch (UnreadablePlan | ValidationException broken) {
            return null;
        }
    }

    /**
     * Writes down what a card makes of its wraps now, so that each that is another than before has moved on by a
     * revision: what was worked out of it is worked out anew, and a window that looks at it notices.
     */
    void follow(UUID card, Instant now) {
        Map<UUID, Plan> plans = plans(card);
        WorkedPlan inside = plans.isEmpty() ? null : worked(card);
        if (inside == null) {
            return;
        }
        round(plans, inside).forEach((id, worked) -> {
            StoredCard wrap = stored.findById(id).orElseThrow(CardGone::new);
            String written = PlanDocument.rewritten(wrap.document(), worked.plan());
            if (!written.equals(wrap.document())) {
                wrap.rewrite(wrap.name(), written, now);
                stored.saveAndFlush(wrap);
            }
        });
    }

    private static boolean isWrap(StoredCard card) {
        return card.wraps() != null;
    }

    /** All wraps round a card, those that go round first before those that go round them, by their ids. */
    Map<UUID, WorkedPlan> round(UUID card, WorkedPlan inside) {
        return round(plans(card), inside);
    }

    /** Those wraps of a card that can be read and follow it. */
    private Map<UUID, Plan> plans(UUID card) {
        Map<UUID, Plan> plans = new LinkedHashMap<>();
        for (StoredCard wrap : all(card)) {
            Plan plan = read(wrap);
            if (plan != null) {
                plans.put(wrap.getId(), plan);
            }
        }
        return plans;
    }

    /** All wraps of a card that are not put aside, as they are kept. */
    List<StoredCard> all(UUID card) {
        return stored.findByWrapsAndDeletedAtIsNullOrderById(card);
    }

    /** Makes wraps of the same plans for a second card. */
    void copy(UUID first, UUID second, Instant now) {
        for (StoredCard wrap : all(first)) {
            stored.saveAndFlush(StoredCard.wrap(UUID.randomUUID(), second, wrap.name(), wrap.document(), now));
        }
    }

    private Map<UUID, WorkedPlan> round(Map<UUID, Plan> plans, WorkedPlan inside) {
        Map<UUID, WorkedPlan> round = new LinkedHashMap<>();
        List<WorkedPlan> before = new ArrayList<>();
        plans.entrySet().stream()
                .sorted(Map.Entry.comparingByValue(Wrapping.inTurn(workshop())))
                .forEach(wrap -> {
                    WorkedPlan worked = worked(wrap.getValue(), inside, before);
                    if (worked != null) {
                        round.put(wrap.getKey(), worked);
                        before.add(worked);
                    }
                });
        return round;
    }

    /**
     * Null of one that this build can't read, or knows no wrap of: it stands alone, the others are not touched by it.
     */
    private @Nullable Plan read(StoredCard wrap) {
        try {
            Plan plan = PlanDocument.read(wrap.document());
            return Wrapping.isWrap(plan, workshop()) ? plan : null;
        } catch (UnreadablePlan unreadable) {
            return null;
        }
    }

    /** Null of one that can't be worked out. */
    private @Nullable WorkedPlan worked(Plan wrap, WorkedPlan inside, List<WorkedPlan> before) {
        try {
            return workshop().work(Wrapping.following(wrap, inside, before));
        } catch (ValidationException refused) {
            return null;
        }
    }

    private Workshop workshop() {
        return stock.workshop();
    }
}
