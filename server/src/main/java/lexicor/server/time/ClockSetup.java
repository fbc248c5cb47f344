package lexicor.server.time;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The one clock that the program looks at. */
@Configuration
class ClockSetup {
    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
