package lexicor.server.maintenance;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.scheduling.concurrent.ThreadPoolTaskScheduler;

/** Threads for what happens by the clock: two for the house's own work, and one for sending, which waits for others. */
@Configuration
public class Schedulers {
    public static final String SENDING = "sending";
    private static final int OWN_THREADS = 2;

    @Bean
    @Primary
    ThreadPoolTaskScheduler taskScheduler() {
        return scheduler("clock-", OWN_THREADS);
    }

    @Bean(SENDING)
    ThreadPoolTaskScheduler sendingScheduler() {
        return scheduler("sending-", 1);
    }

    private static ThreadPoolTaskScheduler scheduler(String name, int threads) {
        ThreadPoolTaskScheduler scheduler = new ThreadPoolTaskScheduler();
        scheduler.setPoolSize(threads);
        scheduler.setThreadNamePrefix(name);
        scheduler.setDaemon(true);
        return scheduler;
    }
}
