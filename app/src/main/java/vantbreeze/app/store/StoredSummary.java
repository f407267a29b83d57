package vantbreeze.app.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.springframework.lang.Nullable;

/** What the list shows of a card, as it was last worked out. */
@Entity
@Table(name = "card_summary")
public class StoredSummary {

    @Id
    private UUID card;
    private String madeOf;
    @Column(length = 20_000)
    private String facts;
    @Nullable
    @Column(length = 1_000_000)
    private String sketch;

    protected StoredSummary() { }

    /**
     * The summary of {@code card}.
     *
     * @param madeOf what it was worked out of
     * @param facts what is read, as JSON
     * @param sketch what is drawn, as JSON; null when the card can't be opened
     */
    public StoredSummary(UUID card, String madeOf, String facts, @Nullable String sketch) {
        this.card = card;
        this.madeOf = madeOf;
        this.facts = facts;
        this.sketch = sketch;
    }

    public UUID card() {
        return card;
    }

    public String madeOf() {
        return madeOf;
    }

    public String facts() {
        return facts;
    }

    @Nullable
    public String sketch() {
        return sketch;
    }
}
