package vantbreeze.app.store;

import org.springframework.data.jpa.repository.JpaRepository;

/** The one stock in the database. */
public interface StoredStocks extends JpaRepository<StoredStock, Integer> {}
