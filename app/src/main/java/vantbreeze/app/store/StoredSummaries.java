package vantbreeze.app.store;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The summaries in the database. */
public interface StoredSummaries extends JpaRepository<StoredSummary, UUID> { }
