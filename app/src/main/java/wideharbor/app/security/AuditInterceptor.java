package wideharbor.app.security;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Writes down what audited requests did, by whom and from where. */
@Component
class AuditInterceptor implements HandlerInterceptor, WebMvcConfigurer {
    private final Audit audit;

    AuditInterceptor(Audit audit) {
        this.audit = audit;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception refused) {
        if (refused != null || response.getStatus() >= 400 || !(handler instanceof HandlerMethod method)) {
            return;
        }
        Audited audited = method.getMethodAnnotation(Audited.class);
        if (audited != null) {
            Principal who = request.getUserPrincipal();
            audit.write(
                    Audit.Kind.DONE,
                    who == null ? "" : who.getName(),
                    request.getRemoteAddr(),
                    subject(request),
                    audited.value());
        }
    }

    private static String subject(HttpServletRequest request) {
        if (request.getAttribute(AuditSubject.attribute()) instanceof String named) {
            return named;
        }
        return request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE) instanceof Map<?, ?> named
                ? named.values().stream().map(String::valueOf).collect(Collectors.joining(" "))
                : "";
    }
}
