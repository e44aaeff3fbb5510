package wideharbor.app.security;

import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/** What an audited request is about, where its address does not say so: a job that begins, a person who is invited. */
public final class AuditSubject {
    private static final String NAME = AuditSubject.class.getName();

    private AuditSubject() {}

    /** Names it, and gives it back. */
    public static String is(String subject) {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request != null) {
            request.setAttribute(NAME, subject, RequestAttributes.SCOPE_REQUEST);
        }
        return subject;
    }

    static String attribute() {
        return NAME;
    }
}
