package wideharbor.app.security;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.authorization.AuthorizationManager;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.stereotype.Component;

/** Who may read how the machine is doing: an administrator, or a monitor that was given the token of this house. */
@Component
class Gauges implements AuthorizationManager<RequestAuthorizationContext> {
    private static final String BEARER = "Bearer ";

    private final byte[] token;

    Gauges(@Value("${harbor.metrics-token}") String token) {
        this.token = token.getBytes(StandardCharsets.UTF_8);
    }

    @Override
    public AuthorizationDecision authorize(Supplier<? extends Authentication> who, RequestAuthorizationContext asked) {
        String sent = Optional.ofNullable(asked.getRequest().getHeader(HttpHeaders.AUTHORIZATION))
                .orElse("");
        if (sent.startsWith(BEARER)) {
            byte[] shown = sent.substring(BEARER.length()).getBytes(StandardCharsets.UTF_8);
            return new AuthorizationDecision(token.length > 0 && MessageDigest.isEqual(token, shown));
        }
        return new AuthorizationDecision(Role.of(who.get()).contains(Role.ADMINISTRATOR));
    }
}
