package wideharbor.app.judging;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.memo.Helpers;
import wideharbor.core.memo.Workers;

/** Judging has threads of its own, as many as cores. */
@Configuration
class JudgingSetup {
    @Bean(destroyMethod = "close")
    Workers workers() {
        return Helpers.onEveryCore();
    }

    @Bean
    CheckEngine checkEngine(Workers workers) {
        return CheckEngine.standard(workers);
    }
}
