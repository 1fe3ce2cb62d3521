package fluidframe.app.storage;

import jakarta.persistence.EntityManagerFactory;
import java.sql.SQLException;
import java.time.Clock;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Lazy;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** How the program reaches its database. */
@Configuration(proxyBeanMethods = false)
@EnableScheduling
class StorageConfiguration {

    @Bean(destroyMethod = "close")
    Database dataSource(
            @Value("${spring.datasource.url}") String url,
            @Value("${spring.datasource.username}") String user,
            @Value("${spring.datasource.password}") String password)
            throws SQLException {
        DatabaseFile file = DatabaseFile.at(url);
        return new Database(url, user, password, Volume.of(file.path()), file);
    }

    /** For whoever reads a little now and then outside of a transaction. */
    @Bean
    TransactionTemplate reading(PlatformTransactionManager transactions) {
        TransactionTemplate reading = new TransactionTemplate(transactions);
        reading.setReadOnly(true);
        return reading;
    }

    @Bean
    Changes changes(Database database) {
        return new Changes(database::timesOpened);
    }

    @Bean
    PlatformTransactionManager transactionManager(EntityManagerFactory factory, Database database) {
        return new DurableTransactionManager(factory, database);
    }

    /**
     * A database that may only be read is taken as it is; one of an older form cannot be lifted then, and the start
     * says so.
     */
    @Bean
    FlywayMigrationStrategy migration(Database database) {
        return flyway -> {
            if (database.access() == Access.WRITABLE) {
                flyway.migrate();
            } else if (flyway.info().pending().length > 0) {
                throw new NotWritableException(database.access());
            }
        };
    }

    @Bean
    @Lazy(false)
    StorageWatch storageWatch(Database database) {
        return new StorageWatch(database);
    }

    @Bean
    @Lazy(false)
    VersionKeeper versionKeeper(Database database, Clock clock) {
        return new VersionKeeper(database, clock);
    }
}
