package lexicor.server.maintenance;

import com.zaxxer.hikari.HikariDataSource;
import javax.sql.DataSource;
import lexicor.server.problems.StorageFailed;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * After a failure of the disk the database keeps refusing until it is opened anew. Letting go of every connection closes it;
 * the next request opens it again, and succeeds as soon as the disk does.
 */
@Component
class Reopening {
    private final HikariDataSource connections;

    Reopening(DataSource connections) {
        this.connections = (HikariDataSource) connections;
    }

    @EventListener
    void letGo(StorageFailed failed) {
        connections.getHikariPoolMXBean().softEvictConnections();
    }
}
