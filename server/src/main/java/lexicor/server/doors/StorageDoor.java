package lexicor.server.doors;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import lexicor.server.problems.Storage;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;

/** A session that cannot be read is said as plainly as a record that cannot. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class StorageDoor extends OncePerRequestFilter {
    private final Storage storage;

    StorageDoor(Storage storage) {
        this.storage = storage;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (DataAccessException | TransactionException e) {
            if (response.isCommitted()) {
                throw e;
            }
            Storage.Failure failure = storage.failure(e);
            if (failure.retrySeconds() > 0) {
                response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(failure.retrySeconds()));
            }
            Problems.write(response, failure.status(), failure.detail());
        }
    }
}
