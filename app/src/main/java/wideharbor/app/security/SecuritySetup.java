package wideharbor.app.security;

import jakarta.servlet.DispatcherType;
import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.method.configuration.EnableMethodSecurity;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.header.HeaderWriterFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Form login with a session, CSRF for a browser application, and a short content security policy. */
@Configuration
@EnableMethodSecurity
class SecuritySetup {
    private static final String POLICY = "default-src 'self'; img-src 'self' data:; style-src 'self' 'unsafe-inline'; "
            + "frame-ancestors 'none'; object-src 'none'; base-uri 'self'";

    /** Rounds as a power of two; an encoding of fewer is made anew when its person signs in. */
    static final int COST = 11;

    private static final String FEATURES = "camera=(), microphone=(), geolocation=(), payment=(), usb=()";

    @Bean
    PasswordEncoder passwordEncoder() {
        return new BCryptPasswordEncoder(COST);
    }

    @Bean
    SecurityFilterChain chain(HttpSecurity http, Throttle throttle, Audit audit, Clock clock, Gauges gauges)
            throws Exception {
        SignInWatch watch = new SignInWatch(throttle, audit, clock);
        return http.addFilterAfter(watch, HeaderWriterFilter.class)
                .authorizeHttpRequests(r -> r.dispatcherTypeMatchers(DispatcherType.ASYNC)
                        // The end of a stream that somebody was let into.
                        .permitAll()
                        .requestMatchers("/api/login", "/api/join", "/api/session")
                        .permitAll()
                        .requestMatchers("/api/**", "/v3/**")
                        .authenticated()
                        .requestMatchers("/actuator/health/**")
                        .permitAll()
                        .requestMatchers("/actuator/prometheus")
                        .access(gauges)
                        .requestMatchers("/actuator/**")
                        .denyAll()
                        .requestMatchers(HttpMethod.GET, "/**")
                        .permitAll()
                        .anyRequest()
                        .denyAll())
                .formLogin(f -> f.loginProcessingUrl("/api/login")
                        .loginPage("/sign-in")
                        .successHandler(watch::letIn)
                        .failureHandler(watch::refuse))
                .logout(l -> l.logoutUrl("/api/logout").logoutSuccessHandler(watch::letGo))
                .exceptionHandling(e -> e.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED)))
                .csrf(c -> c.spa())
                .headers(h -> h.contentSecurityPolicy(p -> p.policyDirectives(POLICY))
                        .referrerPolicy(r -> r.policy(ReferrerPolicy.SAME_ORIGIN))
                        .permissionsPolicyHeader(p -> p.policy(FEATURES)))
                // Nobody is sent on after signing in by the server: what a stranger asks for leaves no session behind.
                .requestCache(c -> c.disable())
                .build();
    }
}
