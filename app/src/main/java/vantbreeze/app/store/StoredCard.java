package vantbreeze.app.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** A card as it is kept: its plan document, and what the list needs beside it. */
@Entity
@Table(name = "card")
public class StoredCard implements Persistable<UUID> {

    @Id
    private UUID id;
    /** Empty until first stored, which is how a new card is told from an old one. */
    @Version
    private @Nullable Integer revision;

    private String name;

    @Column(length = 400_000)
    private String document;

    private Instant changedAt;
    private @Nullable Instant deletedAt;
    /** Id of the card that it goes round; null of a card that is no wrap. */
    private @Nullable UUID wraps;

    @SuppressWarnings("NullAway.Init") // Hibernate fills it
    protected StoredCard() {}

    /** A card that has not been stored before. */
    public StoredCard(UUID id, String name, String document, Instant now) {
        this.id = id;
        this.name = name;
        this.document = document;
        this.changedAt = now;
    }

    /** A wrap that has not been stored before, and the card that it goes round. */
    public static StoredCard wrap(UUID id, UUID card, String name, String document, Instant now) {
        StoredCard wrap = new StoredCard(id, name, document, now);
        wrap.wraps = card;
        return wrap;
    }

    /** Puts another document in place of the present one. */
    public void rewrite(String newName, String newDocument, Instant now) {
        name = newName;
        document = newDocument;
        changedAt = now;
    }

    /** Puts the card aside, or takes it back with null. */
    public void delete(@Nullable Instant when) {
        deletedAt = when;
    }

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return revision == null;
    }

    /** Goes up by one with each change. */
    public int revision() {
        return Objects.requireNonNull(revision, "not stored yet");
    }

    public String name() {
        return name;
    }

    /** The plan document, as JSON text. */
    public String document() {
        return document;
    }

    /** Id of the card that it goes round; null of a card that is no wrap. */
    public @Nullable UUID wraps() {
        return wraps;
    }

    public Instant changedAt() {
        return changedAt;
    }

    public boolean isDeleted() {
        return deletedAt != null;
    }
}
