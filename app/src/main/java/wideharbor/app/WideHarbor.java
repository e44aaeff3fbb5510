package wideharbor.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import wideharbor.format.HarborCodec;

/** Starts the application. Needs a MariaDB, which {@code ./harbor up} provides. */
@SpringBootApplication
public class WideHarbor {
    public static void main(String[] args) {
        SpringApplication.run(WideHarbor.class, args);
    }

    @Bean
    HarborCodec harborCodec() {
        return new HarborCodec();
    }

    @Bean
    java.time.Clock clock() {
        return java.time.Clock.systemUTC();
    }
}
