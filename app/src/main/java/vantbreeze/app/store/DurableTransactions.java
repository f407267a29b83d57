package vantbreeze.app.store;

import jakarta.persistence.EntityManagerFactory;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;
import org.springframework.orm.jpa.JpaTransactionManager;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.transaction.support.DefaultTransactionStatus;

/**
 * Transactions that are on disk when they are answered. H2 by itself writes a commit up to half a second later (WRITE_DELAY)
 * and leaves it to the operating system when it reaches the disk; CHECKPOINT SYNC writes what is committed and has the
 * operating system put it on the disk before it returns (H2 2.3, "Durability problems" and the command's own page).
 */
final class DurableTransactions extends JpaTransactionManager {

    private static final long serialVersionUID = 1;

    private final transient DataSource store;

    DurableTransactions(EntityManagerFactory entities, DataSource store) {
        super(entities);
        this.store = store;
    }

    @Override
    protected void doCommit(DefaultTransactionStatus status) {
        super.doCommit(status);
        if (!status.isReadOnly()) {
            sync();
        }
    }

    private void sync() {
        try (Connection connection = store.getConnection(); Statement statement = connection.createStatement()) {
            statement.execute("CHECKPOINT SYNC");
        } catch (SQLException unable) {
            throw new TransactionSystemException("committed, but not put on the disk", unable);
        }
    }
}
