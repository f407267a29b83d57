package vantbreeze.app.store;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** How far cards are built, by card. */
public interface StoredProgresses extends JpaRepository<StoredProgress, UUID> {}
