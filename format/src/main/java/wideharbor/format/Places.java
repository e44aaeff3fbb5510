package wideharbor.format;

import tools.jackson.core.JacksonException;

/** Where in a file a decoding error lies, as a JSON pointer, and its reason in plain words. */
final class Places {
    private Places() {}

    static String of(JacksonException e) {
        StringBuilder place = new StringBuilder();
        for (JacksonException.Reference step : e.getPath()) {
            place.append('/');
            place.append(step.getPropertyName() != null ? step.getPropertyName() : Integer.toString(step.getIndex()));
        }
        return place.isEmpty() ? "/" : place.toString();
    }

    /** The core's own refusal where there is one; it names the value and the limit. */
    static String reason(JacksonException e) {
        Throwable cause = e.getCause();
        while (cause != null) {
            if (cause instanceof IllegalArgumentException && cause.getMessage() != null) {
                return cause.getMessage();
            }
            cause = cause.getCause();
        }
        return e.getOriginalMessage().split("\n")[0];
    }
}
