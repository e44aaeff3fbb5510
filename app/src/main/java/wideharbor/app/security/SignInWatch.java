package wideharbor.app.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.web.filter.OncePerRequestFilter;
import wideharbor.app.web.Answers;
import wideharbor.app.web.Refusal;
import wideharbor.app.web.Trouble;

/** Before anybody is let in: not too many guesses, and no session for longer than a day however busy. */
class SignInWatch extends OncePerRequestFilter {
    private static final Duration LONGEST = Duration.ofHours(24);

    private final Throttle throttle;
    private final Audit audit;
    private final Clock clock;

    SignInWatch(Throttle throttle, Audit audit, Clock clock) {
        this.throttle = throttle;
        this.audit = audit;
        this.clock = clock;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (isSignIn(request) && throttle.isClosed(name(request), request.getRemoteAddr())) {
            response.setHeader("Retry-After", String.valueOf(Throttle.WINDOW.toSeconds()));
            Answers.refuse(response, Refusal.tooOften());
            return;
        }
        // What everybody may read, the interface itself, asks no database who reads it.
        HttpSession session = request.getRequestURI().startsWith("/api/") ? request.getSession(false) : null;
        if (session != null
                && Instant.ofEpochMilli(session.getCreationTime()).plus(LONGEST).isBefore(clock.instant())) {
            session.invalidate();
        }
        chain.doFilter(request, response);
    }

    private static boolean isSignIn(HttpServletRequest request) {
        return request.getMethod().equals("POST") && request.getRequestURI().equals("/api/login");
    }

    private static String name(HttpServletRequest request) {
        String typed = request.getParameter("username");
        return typed == null ? "" : typed.strip();
    }

    void letIn(HttpServletRequest request, HttpServletResponse response, Authentication who) {
        audit.write(Audit.Kind.SIGNED_IN, who.getName(), request.getRemoteAddr(), "", "signed in");
        response.setStatus(204);
    }

    void refuse(HttpServletRequest request, HttpServletResponse response, AuthenticationException why)
            throws IOException {
        Optional<Trouble> trouble = Trouble.of(why);
        if (trouble.isPresent()) {
            // Whether the password is right nobody knows just now.
            Answers.refuse(response, trouble.get().refusal());
            return;
        }
        audit.write(Audit.Kind.REFUSED, name(request), request.getRemoteAddr(), "", "name or password not right");
        Answers.refuse(response, new Refusal(HttpStatus.UNAUTHORIZED, "Name or password is not right."));
    }

    void letGo(HttpServletRequest request, HttpServletResponse response, @Nullable Authentication who) {
        if (who != null) {
            audit.write(Audit.Kind.SIGNED_OUT, who.getName(), request.getRemoteAddr(), "", "signed out");
        }
        response.setStatus(204);
    }
}
