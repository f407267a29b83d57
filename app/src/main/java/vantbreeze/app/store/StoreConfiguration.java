package vantbreeze.app.store;

import jakarta.persistence.EntityManagerFactory;
import javax.sql.DataSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.transaction.PlatformTransactionManager;

/** How the database is used. */
@Configuration
class StoreConfiguration {

    @Bean
    PlatformTransactionManager transactionManager(EntityManagerFactory entities, DataSource store) {
        return new DurableTransactions(entities, store);
    }
}
