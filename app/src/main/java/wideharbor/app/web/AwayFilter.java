package wideharbor.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Around everything that asks the database before a controller does: sessions, who signs in, how often they tried. */
@Component
@Order(AwayFilter.BEFORE_SESSIONS)
class AwayFilter extends OncePerRequestFilter {
    /** Spring Session's own filter is at 50 from the first. */
    static final int BEFORE_SESSIONS = Integer.MIN_VALUE + 40;

    private static final Logger LOG = LoggerFactory.getLogger(AwayFilter.class);

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (ServletException | RuntimeException e) {
            Optional<Trouble> trouble = Trouble.of(e);
            if (trouble.isEmpty() || response.isCommitted()) {
                throw e;
            }
            LOG.warn("{} for {}: {}", trouble.get(), request.getRequestURI(), e.getMessage());
            response.resetBuffer();
            Answers.refuse(response, trouble.get().refusal());
        }
    }
}
