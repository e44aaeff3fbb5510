package wideharbor.app.crew;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import wideharbor.app.web.Refusal;

/** What is open to a crew from outside is named here; all else is not. */
@Component
class CrewFence implements HandlerInterceptor, WebMvcConfigurer {
    /** Their own session and account, the list of the jobs they see, what happens. */
    private static final Pattern OWN = Pattern.compile(
            "(GET|POST|PUT) /api/(session|me/.*|login|logout|join)" + "|GET /api/(jobs|events|judging|worn)");

    /** All that is read of a job but the file of it; ticks, remarks, photos, and the log of rolls. */
    private static final Pattern OF_JOB =
            Pattern.compile("(?:GET /api/jobs/([^/]+)(?:/.*)?|(?:POST|PUT|DELETE) /api/jobs/([^/]+)/photos/[^/]+"
                    + "|POST /api/jobs/([^/]+)/(?:ticks|remarks(?:/\\d+/settled)?|rolls(?:/[^/]+)?))");

    private static final Pattern FILE = Pattern.compile(".*/(package\\.harbor\\.json|crew)");

    private final Crew crew;

    CrewFence(Crew crew) {
        this.crew = crew;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/**");
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (who == null || !Crew.isOutside(who)) {
            return true;
        }
        String asked = request.getMethod() + " " + request.getRequestURI();
        String of = request.getParameter("job");
        if (OWN.matcher(asked).matches() && (of == null || of.isEmpty() || sees(of))) {
            return true;
        }
        Matcher job = OF_JOB.matcher(asked);
        if (job.matches() && !FILE.matcher(asked).matches() && sees(of(job))) {
            return true;
        }
        throw new Refusal(
                HttpStatus.FORBIDDEN, "A crew sees the job that it was invited to, until that is back; nothing else.");
    }

    private static String of(Matcher job) {
        return Stream.of(job.group(1), job.group(2), job.group(3))
                .filter(Objects::nonNull)
                .findFirst()
                .orElseThrow();
    }

    private boolean sees(String job) {
        return crew.only().orElse(Set.of()).contains(job);
    }
}
