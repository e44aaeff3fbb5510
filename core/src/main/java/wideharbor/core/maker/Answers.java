package wideharbor.core.maker;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What was answered, as far as it goes: where an answer is missing or impossible, what the template begins with is
 * drawn and a doubt says so.
 */
public final class Answers {
    private static final int LONGEST = 80;

    private final Map<String, Ask> asks = new LinkedHashMap<>();
    private final Map<String, String> given;
    private final List<Doubt> doubts = new ArrayList<>();

    Answers(List<Ask> asks, Map<String, String> given) {
        asks.forEach(a -> this.asks.put(a.id(), a));
        this.given = given;
        asks.forEach(this::look);
    }

    private void look(Ask ask) {
        String said = given.getOrDefault(ask.id(), "").strip();
        if (said.isEmpty()) {
            if (!ask.optional()) {
                doubts.add(new Doubt(ask.id(), ask.title() + " is still to be said.", true));
            }
        } else if (ask.kind() == Ask.Kind.NUMBER) {
            lookAtNumber(ask, said);
        } else if (ask.kind() == Ask.Kind.CHOICE) {
            if (ask.options().stream().noneMatch(o -> o.id().equals(said))) {
                doubts.add(new Doubt(ask.id(), ask.title() + ": there is no choice '" + said + "'.", true));
            }
        } else if (said.length() > longest(ask)) {
            doubts.add(new Doubt(
                    ask.id(),
                    ask.title() + " must have at most " + longest(ask) + " characters, but has " + said.length() + ".",
                    true));
        }
    }

    private static int longest(Ask ask) {
        return ask.high() > 0 ? (int) ask.high() : LONGEST;
    }

    private void lookAtNumber(Ask ask, String said) {
        Optional<Double> value = parsed(said);
        if (value.isEmpty()) {
            doubts.add(new Doubt(ask.id(), ask.title() + " is no number: " + said, true));
        } else if (value.get() < ask.low() || value.get() > ask.high()) {
            doubts.add(new Doubt(
                    ask.id(),
                    ask.title() + " must lie from " + Ask.plain(ask.low()) + " to " + Ask.plain(ask.high()) + " "
                            + ask.unit() + ".",
                    true));
        }
    }

    private static Optional<Double> parsed(String said) {
        try {
            double value = Double.parseDouble(said.replace(',', '.'));
            return Double.isFinite(value) ? Optional.of(value) : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    private Ask ask(String id) {
        return Optional.ofNullable(asks.get(id))
                .orElseThrow(() -> new IllegalArgumentException("This template asks for no '" + id + "'"));
    }

    private boolean isFine(String id) {
        return doubts.stream().noneMatch(d -> d.field().equals(id));
    }

    /** Whether somebody answered, and with something possible. */
    boolean has(String id) {
        return !given.getOrDefault(id, "").isBlank() && isFine(id);
    }

    /** A text or a choice. */
    String text(String id) {
        Ask ask = ask(id);
        return has(id) ? given.getOrDefault(id, "").strip() : ask.start();
    }

    /** What was chosen, as it is offered. */
    String titled(String id) {
        String chosen = text(id);
        return ask(id).options().stream()
                .filter(o -> o.id().equals(chosen))
                .map(Ask.Option::title)
                .findFirst()
                .orElse(chosen);
    }

    boolean is(String id, String choice) {
        return text(id).equals(choice);
    }

    double number(String id) {
        Ask ask = ask(id);
        return (has(id) ? parsed(given.getOrDefault(id, "").strip()) : parsed(ask.start())).orElse(ask.low());
    }

    /** A number that may be unknown. */
    Optional<Double> known(String id) {
        return has(id) ? Optional.of(number(id)) : Optional.empty();
    }

    int count(String id) {
        return (int) Math.round(number(id));
    }

    List<Doubt> doubts() {
        return List.copyOf(doubts);
    }
}
