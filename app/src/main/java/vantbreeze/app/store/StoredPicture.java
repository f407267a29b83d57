package vantbreeze.app.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A picture of a paper, as it is kept. */
@Entity
@Table(name = "picture")
public class StoredPicture {

    @Id
    private UUID id;

    @Column(length = 20_000_000)
    private byte[] content;

    @SuppressWarnings("UnusedVariable") // a column that is asked for in SQL
    private Instant keptAt;

    @SuppressWarnings("NullAway.Init") // Hibernate fills it
    protected StoredPicture() {}

    /** The row of a picture. */
    public StoredPicture(UUID id, byte[] content, Instant keptAt) {
        this.id = id;
        this.keptAt = keptAt;
        this.content = content.clone();
    }

    /** Names it. */
    public UUID id() {
        return id;
    }

    /** The picture as PNG. */
    public byte[] content() {
        return content.clone();
    }
}
