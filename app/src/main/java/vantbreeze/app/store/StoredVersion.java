package vantbreeze.app.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

/** A version of a card, as it is kept. Never changed once it is made. */
@Entity
@Table(name = "card_version")
public class StoredVersion implements Persistable<UUID> {

    @Id
    private UUID id;

    private UUID card;
    private String name;

    @Column(length = 400_000)
    private String document;

    private Instant madeAt;

    @Transient
    private boolean fresh;

    @SuppressWarnings("NullAway.Init") // Hibernate fills it
    protected StoredVersion() {}

    /** A new version of {@code card}. */
    public StoredVersion(UUID id, UUID card, String name, String document, Instant madeAt) {
        this.id = id;
        this.card = card;
        this.name = name;
        this.document = document;
        this.madeAt = madeAt;
        this.fresh = true;
    }

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return fresh;
    }

    public UUID card() {
        return card;
    }

    public String name() {
        return name;
    }

    /** The plan document, as JSON text. */
    public String document() {
        return document;
    }

    public Instant madeAt() {
        return madeAt;
    }
}
