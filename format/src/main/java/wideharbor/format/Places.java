package wideharbor.format;

import java.util.Arrays;
import java.util.Collection;
import java.util.Locale;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Where in a file a decoding error lies, as a JSON pointer, and its reason in plain words. */
final class Places {
    private static final int MOST_SHOWN = 60;

    private Places() {}

    static String of(JacksonException e) {
        StringBuilder place = new StringBuilder();
        for (JacksonException.Reference step : e.getPath()) {
            place.append('/');
            place.append(step.getPropertyName() != null ? step.getPropertyName() : Integer.toString(step.getIndex()));
        }
        return place.isEmpty() ? "/" : place.toString();
    }

    /** The core's own refusal where there is one; it names the value and the limit. Never the name of a class. */
    static String reason(JacksonException e) {
        Throwable cause = e.getCause();
        while (cause != null) {
            if (cause instanceof IllegalArgumentException && cause.getMessage() != null) {
                return cause.getMessage();
            }
            cause = cause.getCause();
        }
        if (e instanceof UnrecognizedPropertyException unknown) {
            return "'" + unknown.getPropertyName() + "' is not known here; known are "
                    + unknown.getKnownPropertyIds().stream()
                            .map(String::valueOf)
                            .sorted()
                            .collect(Collectors.joining(", "));
        }
        if (e instanceof InvalidFormatException wrong) {
            return "'" + cut(String.valueOf(wrong.getValue())) + "' is no " + wanted(wrong.getTargetType());
        }
        if (e instanceof MismatchedInputException wrong) {
            return "what stands here is no " + wanted(wrong.getTargetType());
        }
        return plain(e.getOriginalMessage());
    }

    /** The parser's own words of what is no JSON at all, without where it keeps it. */
    static String plain(String message) {
        return message.split("\n")[0].replaceAll("\\(?`?[a-z]+(\\.[a-z]+)+\\.[A-Z][\\w$]*`?\\)?", "it");
    }

    private static String cut(String value) {
        return value.length() <= MOST_SHOWN ? value : value.substring(0, MOST_SHOWN) + "…";
    }

    private static String wanted(@Nullable Class<?> type) {
        if (type == null) {
            return "value that can stand here";
        }
        if (type.isEnum()) {
            return "word of " + Arrays.toString(type.getEnumConstants());
        }
        if (type.isPrimitive() || Number.class.isAssignableFrom(type)) {
            return type == boolean.class ? "true or false" : "number";
        }
        if (type == String.class) {
            return "text";
        }
        if (Collection.class.isAssignableFrom(type) || type.isArray()) {
            return "list";
        }
        return type.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", " ").toLowerCase(Locale.ROOT);
    }
}
