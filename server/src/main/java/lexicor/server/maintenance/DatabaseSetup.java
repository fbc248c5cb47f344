package lexicor.server.maintenance;

import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Path;
import java.time.Duration;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Opens the database with its key. */
@Configuration
class DatabaseSetup {
    /** After which whoever waits is told that all are busy. */
    private static final Duration PATIENCE = Duration.ofSeconds(5);

    private static final int CONNECTIONS = 10;

    /** Let go when the program ends, after the database is closed. */
    @Bean
    DataLock dataLock(@Value("${lexicor.data}") Path data) {
        return DataLock.take(data);
    }

    /** The key is read from its file or from the environment; it is in no property and in no message. */
    @Bean
    DataSource dataSource(
            DataLock held, @Value("${lexicor.data}") Path data, @Value("${lexicor.key-file:}") String keyFile) {
        String key = DatabaseKey.read(
                System.getenv(DatabaseKey.VARIABLE), DatabaseKey.file(keyFile, data), !DatabaseFile.isEncrypted(data));
        DatabaseFile.encryptIfPlain(data, key);
        HikariDataSource source = new HikariDataSource();
        // WRITE_DELAY=0: an acknowledged tap is on the disk, not in a buffer.
        source.setJdbcUrl(DatabaseFile.url(data, ";WRITE_DELAY=0;DB_CLOSE_ON_EXIT=FALSE"));
        source.setUsername(DatabaseFile.USER);
        source.setPassword(DatabaseFile.password(key));
        source.setMaximumPoolSize(CONNECTIONS);
        source.setConnectionTimeout(PATIENCE.toMillis());
        return source;
    }
}
