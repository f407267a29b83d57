package vantbreeze.app.store;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The versions in the database. */
public interface StoredVersions extends JpaRepository<StoredVersion, UUID> {

    /** Those of one card, the last made first. */
    List<StoredVersion> findByCardOrderByMadeAtDesc(UUID card);
}
