package wideharbor.app.web;

import org.springframework.http.HttpStatus;

/** A request that cannot be done, in words for the person who asked. */
public final class Refusal extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final HttpStatus status;

    public Refusal(HttpStatus status, String message) {
        super(message);
        this.status = status;
    }

    public static Refusal notFound(String message) {
        return new Refusal(HttpStatus.NOT_FOUND, message);
    }

    public static Refusal conflict(String message) {
        return new Refusal(HttpStatus.CONFLICT, message);
    }

    /** Others keep everything busy for too long: nothing was done, and asking again later will do. */
    public static Refusal busy() {
        return Trouble.BUSY.refusal();
    }

    /** Somebody guesses. */
    public static Refusal tooOften() {
        return new Refusal(HttpStatus.TOO_MANY_REQUESTS, "Too many wrong guesses. Try again in ten minutes.");
    }

    public HttpStatus status() {
        return status;
    }
}
