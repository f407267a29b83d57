package vantbreeze.app.store;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** The pictures in the database. */
public interface StoredPictures extends JpaRepository<StoredPicture, UUID> {}
