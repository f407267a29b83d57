package vantbreeze.app.store;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The cards in the database. */
public interface StoredCards extends JpaRepository<StoredCard, UUID> {}
