package vantbreeze.app.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

/** How far a card is built, as it is kept. */
@Entity
@Table(name = "progress")
public class StoredProgress {

    @Id
    private UUID card;

    @Column(length = 400_000)
    private String document;

    @SuppressWarnings("NullAway.Init") // Hibernate fills it
    protected StoredProgress() {}

    /** That of a card. */
    public StoredProgress(UUID card, String document) {
        this.card = card;
        this.document = document;
    }

    /** As JSON text. */
    public String document() {
        return document;
    }
}
