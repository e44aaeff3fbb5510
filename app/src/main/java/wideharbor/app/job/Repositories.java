package wideharbor.app.job;

import org.springframework.boot.persistence.autoconfigure.EntityScan;
import org.springframework.context.annotation.Configuration;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;

/** Repositories of this application, those nested in one file too. */
@Configuration
@EnableJpaRepositories(basePackages = "wideharbor.app", considerNestedRepositories = true)
@EntityScan("wideharbor.app")
class Repositories {}
