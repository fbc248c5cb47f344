package lexicor.server.doors;

import jakarta.servlet.DispatcherType;
import java.time.Duration;
import java.util.EnumSet;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.session.SessionRepository;
import org.springframework.session.config.annotation.web.http.EnableSpringHttpSession;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.web.http.SessionRepositoryFilter;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;

/** Sessions live with the records, encrypted as those are, and so outlive a restart. */
@Configuration
@EnableSpringHttpSession
class Sessions {
    private static final Duration LONGEST = Duration.ofHours(12);

    private final JdbcIndexedSessionRepository stored;

    Sessions(JdbcTemplate database, PlatformTransactionManager transactions) {
        TransactionTemplate own = new TransactionTemplate(transactions);
        own.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        stored = new JdbcIndexedSessionRepository(database, own);
        stored.setDefaultMaxInactiveInterval(LONGEST);
    }

    @Bean
    SessionRepository<?> sessionRepository() {
        return new QuietSessions<>(stored);
    }

    /** Answers that are still under way or went wrong belong to the session as well. */
    @Bean
    FilterRegistrationBean<SessionRepositoryFilter<?>> sessionFilter(SessionRepositoryFilter<?> filter) {
        FilterRegistrationBean<SessionRepositoryFilter<?>> registration = new FilterRegistrationBean<>(filter);
        registration.setDispatcherTypes(EnumSet.of(DispatcherType.REQUEST, DispatcherType.ASYNC, DispatcherType.ERROR));
        registration.setOrder(SessionRepositoryFilter.DEFAULT_ORDER);
        return registration;
    }

    @Scheduled(initialDelayString = "PT5M", fixedDelayString = "PT10M")
    void removeExpired() {
        stored.cleanUpExpiredSessions();
    }
}
