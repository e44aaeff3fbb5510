package wideharbor.app;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;
import wideharbor.app.web.HouseClock;
import wideharbor.format.HarborCodec;

/** Starts the application. Needs a MariaDB, which {@code ./harbor up} provides. */
@SpringBootApplication
@EnableScheduling
public class WideHarbor {
    public static void main(String[] args) {
        SpringApplication.run(WideHarbor.class, args);
    }

    @Bean
    HarborCodec harborCodec() {
        return new HarborCodec();
    }

    /** The system's clock, or, for tests and pictures, one that begins at the same time of another day. */
    @Bean
    static HouseClock clock(@Value("${harbor.today}") String today) {
        Clock clock = Clock.systemUTC();
        if (today.isEmpty()) {
            return new HouseClock(clock);
        }
        long days = ChronoUnit.DAYS.between(LocalDate.now(clock), LocalDate.parse(today));
        return new HouseClock(Clock.offset(clock, Duration.ofDays(days)));
    }
}
