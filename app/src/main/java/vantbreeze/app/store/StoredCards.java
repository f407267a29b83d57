package vantbreeze.app.store;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The cards in the database. */
public interface StoredCards extends JpaRepository<StoredCard, UUID> {

    /** The wraps of a card that are not put aside. */
    List<StoredCard> findByWrapsAndDeletedAtIsNullOrderById(UUID card);
}
