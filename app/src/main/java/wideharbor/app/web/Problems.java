package wideharbor.app.web;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.apache.catalina.connector.ClientAbortException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.core.convert.ConversionFailedException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.validation.FieldError;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import tools.jackson.core.JacksonException;
import wideharbor.core.build.EditRefused;
import wideharbor.core.id.Id;
import wideharbor.core.quantity.Words;
import wideharbor.format.HarborFormatException;

/** One shape for every refusal: problem details, with the field or place at fault; never a stack trace. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    record Place(String place, String message) {}

    @ExceptionHandler
    ResponseEntity<ProblemDetail> refused(Refusal e) {
        ResponseEntity.BodyBuilder answer = ResponseEntity.status(e.status());
        if (e.status() == HttpStatus.SERVICE_UNAVAILABLE) {
            answer.header(HttpHeaders.RETRY_AFTER, Answers.RETRY_AFTER_SECONDS);
        }
        return answer.body(problem(e.status(), Words.reason(e)));
    }

    @ExceptionHandler
    ProblemDetail stale(Stale e) {
        ProblemDetail problem = problem(HttpStatus.CONFLICT, Words.reason(e));
        problem.setProperty("newer", e.newer());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail refused(EditRefused e) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, Words.reason(e));
    }

    @ExceptionHandler
    ProblemDetail unreadable(HarborFormatException e) {
        ProblemDetail problem = problem(
                HttpStatus.UNPROCESSABLE_CONTENT,
                "The file cannot be taken: " + e.problems().get(0) + ". Nothing was stored.");
        problem.setProperty(
                "places",
                e.problems().stream()
                        .map(p -> new Place(p.place(), p.message()))
                        .toList());
        return problem;
    }

    @ExceptionHandler
    ProblemDetail nonsense(IllegalArgumentException e) {
        return problem(HttpStatus.BAD_REQUEST, e.getMessage() == null ? "The request cannot be read." : e.getMessage());
    }

    @ExceptionHandler({OptimisticLockingFailureException.class, DataIntegrityViolationException.class})
    ResponseEntity<ProblemDetail> raced(RuntimeException e) {
        Optional<Trouble> trouble = Trouble.of(e);
        if (trouble.isPresent()) {
            return troubled(trouble.get(), e);
        }
        LOG.info("Lost a race: {}", e.getMessage());
        return refused(
                Refusal.conflict("Someone else changed this at the same moment. Nothing was overwritten; try again."));
    }

    private ResponseEntity<ProblemDetail> troubled(Trouble trouble, Exception e) {
        LOG.warn("{}: {}", trouble, e.getMessage());
        return refused(trouble.refusal());
    }

    @ExceptionHandler
    ProblemDetail denied(AccessDeniedException e) {
        return problem(HttpStatus.FORBIDDEN, "Your role does not allow this.");
    }

    /** The browser went away while it was being answered: nobody is there to be told, and nothing is wrong here. */
    @ExceptionHandler
    void hungUp(ClientAbortException e) {
        LOG.debug("The client hung up: {}", e.getMessage());
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> internal(Exception e) {
        Optional<Trouble> trouble = Trouble.of(e);
        if (trouble.isPresent()) {
            return troubled(trouble.get(), e);
        }
        LOG.error("Internal error", e);
        return refused(
                new Refusal(HttpStatus.INTERNAL_SERVER_ERROR, "Internal error: the request could not be completed."));
    }

    @Override
    protected ResponseEntity<Object> handleMethodArgumentNotValid(
            MethodArgumentNotValidException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<Place> places = e.getBindingResult().getFieldErrors().stream()
                .map(f -> new Place(f.getField(), words(f)))
                .toList();
        return invalid(places);
    }

    /** The same for what stands in the address. */
    @Override
    protected ResponseEntity<Object> handleHandlerMethodValidationException(
            HandlerMethodValidationException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        List<Place> places = e.getParameterValidationResults().stream()
                .flatMap(result -> result.getResolvableErrors().stream()
                        .map(error -> new Place(
                                String.valueOf(result.getMethodParameter().getParameterName()),
                                String.valueOf(error.getDefaultMessage()))))
                .toList();
        return invalid(places);
    }

    private static ResponseEntity<Object> invalid(List<Place> places) {
        ProblemDetail problem = problem(
                HttpStatus.BAD_REQUEST,
                places.isEmpty()
                        ? "The request cannot be read."
                        : places.get(0).place() + " " + places.get(0).message());
        problem.setProperty("places", places);
        return ResponseEntity.badRequest().body(problem);
    }

    private static String words(FieldError field) {
        return field.contains(TypeMismatchException.class)
                ? words(field.unwrap(TypeMismatchException.class))
                : String.valueOf(field.getDefaultMessage());
    }

    /** A word of the address that is none of those it may be, or an id that is none. */
    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String place = e instanceof MethodArgumentTypeMismatchException m ? m.getName() : e.getPropertyName();
        return ResponseEntity.badRequest().body(problem(HttpStatus.BAD_REQUEST, place + ": " + words(e)));
    }

    /** What the core says of an id that it refuses; of words and figures, what they may be. */
    private static String words(TypeMismatchException e) {
        Class<?> wanted = e.getRequiredType() == null ? String.class : e.getRequiredType();
        Throwable cause = e;
        while (cause.getCause() != null) {
            cause = cause.getCause();
            if (cause instanceof ConversionFailedException failed) {
                wanted = failed.getTargetType().getType();
            }
        }
        if (wanted.isEnum()) {
            return "'" + e.getValue() + "' is none of " + Arrays.toString(wanted.getEnumConstants());
        }
        return Id.class.isAssignableFrom(wanted) ? Words.reason(cause) : "'" + e.getValue() + "' cannot be read";
    }

    /** The core's constructors refuse nonsense while the body is read; their words name the value and the limit. */
    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException e, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        Throwable cause = e;
        while (cause != null && !(cause instanceof IllegalArgumentException)) {
            if (cause instanceof BodyFilter.TooLong) {
                Refusal tooLong = BodyFilter.tooLong(BodyFilter.MOST);
                return ResponseEntity.status(tooLong.status()).body(problem(tooLong.status(), Words.reason(tooLong)));
            }
            cause = cause.getCause();
        }
        String detail = cause != null && cause.getMessage() != null
                ? cause.getMessage()
                : "The request is not valid JSON for this address.";
        ProblemDetail problem = problem(HttpStatus.BAD_REQUEST, detail);
        String place = placeOf(e);
        problem.setProperty("places", place.isEmpty() ? List.of() : List.of(new Place(place, detail)));
        return ResponseEntity.badRequest().body(problem);
    }

    /** Where in the body it stands: {@code brief.asks.tapes[0]}; empty when the body is no JSON. */
    private static String placeOf(HttpMessageNotReadableException e) {
        if (!(e.getCause() instanceof JacksonException unread)) {
            return "";
        }
        StringBuilder place = new StringBuilder();
        for (JacksonException.Reference step : unread.getPath()) {
            if (step.getPropertyName() == null) {
                place.append('[').append(step.getIndex()).append(']');
            } else {
                place.append(place.isEmpty() ? "" : ".").append(step.getPropertyName());
            }
        }
        return place.toString();
    }

    private static ProblemDetail problem(HttpStatus status, String detail) {
        return ProblemDetail.forStatusAndDetail(status, detail);
    }
}
