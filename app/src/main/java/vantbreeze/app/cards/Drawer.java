package vantbreeze.app.cards;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import vantbreeze.app.stock.StockRoom;
import vantbreeze.app.store.CardLists;
import vantbreeze.app.store.StoredCard;
import vantbreeze.app.store.StoredCards;
import vantbreeze.app.store.StoredVersion;
import vantbreeze.app.store.StoredVersions;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.Edit;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.EditedCard;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Wrapping;
import vantbreeze.exchange.document.PlanDocument;
import vantbreeze.exchange.document.UnreadablePlan;

/**
 * Where cards are kept. Every change is on disk when it is answered; nothing is kept that could not be worked out.
 * Should a card no longer be one that this build can work out, it stands alone: the others are not touched by it.
 */
@Service
public class Drawer {

    /** How long a card that was put aside can be brought back. */
    public static final Duration KEPT_ASIDE = Duration.ofDays(30);

    /** Named versions of one card. */
    private static final int MOST_VERSIONS = 200;

    private final StoredCards stored;
    private final StoredVersions versions;
    private final CardLists lists;
    private final StockRoom stock;
    private final Wrappings wrappings;
    private final Clock clock;
    /** The card of which a line is dragged, as it is kept; null when it may have changed. */
    private volatile @Nullable InHand inHand;

    private record InHand(UUID id, int revision, Plan plan, Instant changedAt, Card.@Nullable Wrapped wraps) {}

    Drawer(
            StoredCards stored,
            StoredVersions versions,
            CardLists lists,
            StockRoom stock,
            Wrappings wrappings,
            Clock clock) {
        this.stored = stored;
        this.versions = versions;
        this.lists = lists;
        this.stock = stock;
        this.wrappings = wrappings;
        this.clock = clock;
    }

    /** How many cards there are. */
    @Transactional(readOnly = true)
    public long size() {
        return lists.count();
    }

    /**
     * A card, worked out.
     *
     * @throws CardGone when it is not there or put aside
     * @throws CannotOpen when its document is not one that this build can work out
     */
    @Transactional(readOnly = true)
    public Card card(UUID id) {
        return opened(present(id));
    }

    /** A card, whether it is in the drawer or put aside. */
    @Transactional(readOnly = true)
    public Card anywhere(UUID id) {
        return opened(stored.findById(id).orElseThrow(CardGone::new));
    }

    /** A card's document as it is kept, whether or not it can be opened. */
    @Transactional(readOnly = true)
    public CardDocument document(UUID id) {
        StoredCard card = stored.findById(id).orElseThrow(CardGone::new);
        return new CardDocument(card.name(), card.document());
    }

    /** Keeps a new card. */
    @Transactional
    public Card add(Plan plan) {
        return add(plan, PlanDocument.write(plan));
    }

    /** Keeps a new card of a document, with whatever is in it. */
    @Transactional
    public Card add(Plan plan, String document) {
        WorkedPlan worked = stock.workshop().work(plan).whole();
        return card(
                stored.saveAndFlush(new StoredCard(UUID.randomUUID(), plan.name(), fitting(document), now())), worked);
    }

    /** Keeps a new wrap of a card. */
    Card addWrap(UUID card, Plan plan, String document) {
        WorkedPlan worked = stock.workshop().work(plan).whole();
        Card made = card(
                stored.saveAndFlush(StoredCard.wrap(UUID.randomUUID(), card, plan.name(), fitting(document), now())),
                worked);
        wrappings.follow(card, now());
        return made;
    }

    /**
     * Changes a card.
     *
     * @param revision the one the maker was looking at
     * @throws CardGone when it is not there
     * @throws ChangedElsewhere when it has moved on from {@code revision}
     */
    @Transactional
    public Changed change(UUID id, int revision, EditRequest request) {
        inHand = null;
        StoredCard card = present(id, revision);
        Plan before = wrappings.plan(card);
        Edited after = request.on(before.ruler(), stock.workshop().tools().allowances())
                .on(before, stock.workshop());
        if (after.plan().equals(before)) {
            return new Changed(opened(card), after.words());
        }
        Plan kept = card.wraps() == null ? after.plan() : Wrapping.holding(stock.workshop(), before, after.plan());
        return new Changed(rewritten(card, kept, PlanDocument.rewritten(card.document(), kept)), after.words());
    }

    /** Changes a card by an edit in which nothing is left to read. */
    @Transactional
    public Changed change(UUID id, int revision, Edit edit) {
        return change(id, revision, (EditRequest) (ruler, allowances) -> edit);
    }

    /**
     * Puts another document in place of a card's, with whatever is in it; also of a card that can't be opened.
     *
     * @throws CardGone when it is not there
     * @throws ChangedElsewhere when it has moved on from {@code revision}
     */
    @Transactional
    public Card replace(UUID id, int revision, String document) {
        inHand = null;
        StoredCard card = present(id, revision);
        Plan after = PlanDocument.read(document);
        String written = PlanDocument.rewritten(document, after);
        return written.equals(card.document()) ? opened(card) : rewritten(card, after, written);
    }

    private Card rewritten(StoredCard card, Plan after, String document) {
        Plan followed = wrappings.following(card, after);
        String written = followed.equals(after) ? document : PlanDocument.rewritten(document, followed);
        WorkedPlan worked = stock.workshop().work(followed).whole();
        card.rewrite(followed.name(), fitting(written), now());
        try {
            Card kept = card(stored.saveAndFlush(card), worked);
            follow(card);
            return kept;
        } catch (OptimisticLockingFailureException raced) {
            throw new ChangedElsewhere();
        }
    }

    /** After a card its wraps follow it; after a wrap those that go round it. */
    private void follow(StoredCard changed) {
        UUID wrapped = changed.wraps();
        wrappings.follow(wrapped == null ? changed.getId() : wrapped, now());
    }

    private static String fitting(String document) {
        if (document.length() > PlanDocument.LONGEST) {
            throw new ValidationException(
                    "document",
                    "The card has grown too large to be kept. Leave something out: layers, pieces or notes.");
        }
        return document;
    }

    /**
     * A card as it would be after an edit; nothing is kept. Asked again and again while a line is dragged, so the plan
     * is read once for each revision.
     *
     * @param revision the one the maker is looking at
     * @throws CardGone when it is not there
     * @throws ChangedElsewhere when it has moved on from {@code revision}
     */
    public Changed imagined(UUID id, int revision, EditRequest request) {
        InHand held = inHand;
        if (held == null || !held.id.equals(id) || held.revision != revision) {
            StoredCard card = present(id, revision);
            held = new InHand(id, revision, wrappings.plan(card), card.changedAt(), wrapped(card));
            inHand = held;
        }
        EditedCard edited = request.on(
                        held.plan.ruler(), stock.workshop().tools().allowances())
                .glimpse(held.plan, stock.workshop());
        return new Changed(new Card(id, revision, edited.worked(), held.changedAt, "", held.wraps), edited.words());
    }

    /** Forgets what it knows of the card in hand: the store was changed by another way. */
    public void letGo() {
        inHand = null;
    }

    /** The named versions of a card, the last made first. */
    @Transactional(readOnly = true)
    public List<Version> versions(UUID id) {
        present(id);
        return versions.findByCardOrderByMadeAtDesc(id).stream()
                .map(Drawer::version)
                .toList();
    }

    /**
     * Keeps the card as it is now under a name.
     *
     * @throws ValidationException when there are too many already, or the name is none
     */
    @Transactional
    public Version keepVersion(UUID id, String name) {
        StoredCard card = present(id);
        String plain = name == null ? "" : name.strip();
        if (plain.isEmpty() || plain.length() > Plan.LONGEST_NAME) {
            throw new ValidationException(
                    "version",
                    String.format(
                            Locale.ROOT,
                            "A version needs a name of up to %d characters. Type one, like \"with the narrow leg\".",
                            Plan.LONGEST_NAME));
        }
        if (lists.versions(id) >= MOST_VERSIONS) {
            throw new ValidationException(
                    "version",
                    String.format(
                            Locale.ROOT,
                            "This card has %d versions already. Copy it and go on with the copy.",
                            MOST_VERSIONS));
        }
        return version(versions.saveAndFlush(new StoredVersion(UUID.randomUUID(), id, plain, card.document(), now())));
    }

    /**
     * A version that was kept by name.
     *
     * @throws CardGone when the card has no such version
     */
    @Transactional(readOnly = true)
    public Version version(UUID card, UUID id) {
        return versions.findById(id)
                .filter(one -> one.card().equals(card))
                .map(Drawer::version)
                .orElseThrow(() -> new CardGone("This version is not kept here. Look at the list of versions again."));
    }

    private static Version version(StoredVersion stored) {
        return new Version(stored.getId(), stored.name(), stored.madeAt(), stored.document());
    }

    /** Lays a second card of the same plan, in wraps of the same plans, beside the first. */
    @Transactional
    public Card copy(UUID id) {
        StoredCard first = present(id);
        String document = first.document();
        Plan plan = PlanDocument.read(document);
        String name = plan.name() + " (copy)";
        Plan second = plan.withName(name.length() > Plan.LONGEST_NAME ? plan.name() : name);
        UUID wrapped = first.wraps();
        if (wrapped != null) {
            return addWrap(wrapped, second, PlanDocument.rewritten(document, second));
        }
        Card copy = add(second, PlanDocument.rewritten(document, second));
        wrappings.copy(id, copy.id(), now());
        return copy;
    }

    /** Puts a card aside; {@link #restore} brings it back for as long as {@link #KEPT_ASIDE}. */
    @Transactional
    public void delete(UUID id) {
        inHand = null;
        StoredCard card = present(id);
        card.delete(now());
        stored.saveAndFlush(card);
        follow(card);
    }

    /** Brings back a card that was put aside. */
    @Transactional
    public void restore(UUID id) {
        StoredCard card = stored.findById(id)
                .orElseThrow(() -> new CardGone(String.format(
                        Locale.ROOT,
                        "This card was put aside more than %d days ago and is gone. It may be in a backup.",
                        KEPT_ASIDE.toDays())));
        card.delete(null);
        stored.saveAndFlush(card);
        follow(card);
    }

    /** Takes what was put aside longer than {@link #KEPT_ASIDE} ago away for good; how many cards that were. */
    @Transactional
    public int purge() {
        return lists.purge(now().minus(KEPT_ASIDE));
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

    private Card opened(StoredCard stored) {
        try {
            return card(stored, stock.workshop().work(wrappings.plan(stored)).whole());
        } catch (UnreadablePlan unreadable) {
            throw new CannotOpen(
                    unreadable.isNoPlan()
                            ? "Its document is damaged and no plan any more. Save it if you like; a copy "
                                    + "in safe keeping may have the card whole."
                            : unreadable.getMessage(),
                    unreadable);
        } catch (ValidationException refused) {
            throw new CannotOpen(refused.getMessage(), refused);
        } catch (RuntimeException broken) {
            throw new CannotOpen(
                    "It can't be worked out, and that is our fault. Save its document; a later Vantbreeze may open it.",
                    broken);
        }
    }

    private Card card(StoredCard stored, WorkedPlan worked) {
        return new Card(
                stored.getId(), stored.revision(), worked, stored.changedAt(), stored.document(), wrapped(stored));
    }

    private Card.@Nullable Wrapped wrapped(StoredCard wrap) {
        UUID id = wrap.wraps();
        return id == null
                ? null
                : stored.findById(id)
                        .map(card -> new Card.Wrapped(id, card.name()))
                        .orElse(null);
    }

    private Instant now() {
        return clock.instant();
    }
}
