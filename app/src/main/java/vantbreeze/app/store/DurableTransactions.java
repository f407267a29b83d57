package vantbreeze.app.store;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import jakarta.persistence.EntityManagerFactory;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.orm.jpa.JpaTransactionManager;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.transaction.support.DefaultTransactionStatus;

/**
 * Transactions that are on disk when they are answered. H2 by itself writes a commit up to half a second later
 * (WRITE_DELAY) and leaves it to the operating system when it reaches the disk; CHECKPOINT SYNC writes what is
 * committed and has the operating system put it on the disk before it returns (H2 2.3, "Durability problems" and the
 * command's own page).
 */
final class DurableTransactions extends JpaTransactionManager {

    private static final long serialVersionUID = 1;
    private static final Logger LOG = LoggerFactory.getLogger(DurableTransactions.class);

    private final transient DataSource store;

    DurableTransactions(EntityManagerFactory entities, DataSource store) {
        super(entities);
        this.store = store;
    }

    @Override
    protected void doCommit(DefaultTransactionStatus status) {
        try {
            super.doCommit(status);
        } catch (RuntimeException unable) {
            openAnew();
            throw unable;
        }
        if (!status.isReadOnly()) {
            sync();
        }
    }

    private void sync() {
        try (Connection connection = store.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("CHECKPOINT SYNC");
        } catch (SQLException unable) {
            openAnew();
            throw new TransactionSystemException("committed, but not put on the disk", unable);
        }
    }

    /**
     * A database whose write failed has closed itself, at the last state that is whole. With the connections to it gone
     * it is opened anew by the next question, so that what is kept is shown at once and can be changed as soon as there
     * is room.
     */
    private void openAnew() {
        try {
            HikariPoolMXBean pool = store.unwrap(HikariDataSource.class).getHikariPoolMXBean();
            if (pool != null) {
                pool.softEvictConnections();
            }
        } catch (SQLException noPool) {
            LOG.debug("connections are not pooled", noPool);
        }
    }
}
