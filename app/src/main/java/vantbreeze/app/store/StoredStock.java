package vantbreeze.app.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** What the maker has of their own, as it is kept: one row. */
@Entity
@Table(name = "stock")
public class StoredStock {

    /** The one row's id. */
    public static final int ONLY = 1;

    @Id
    private Integer id = ONLY;

    @Column(length = 400_000)
    private String document;

    @SuppressWarnings("NullAway.Init") // Hibernate fills it
    protected StoredStock() {}

    /** The row with this document. */
    public StoredStock(String document) {
        this.document = document;
    }

    /** The stock document, as JSON text. */
    public String document() {
        return document;
    }
}
