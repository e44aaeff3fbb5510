package wideharbor.app.ways;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.core.brief.Way;
import wideharbor.core.brief.Ways;

/** The house's answers to the questions on which houses differ. */
@Service
public class HouseWays {
    private final WayRows rows;
    private final Clock clock;

    HouseWays(WayRows rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** An answer with who gave it and when. */
    public record Answer(String option, String who, Instant when) {}

    /** Option by way; an answer that this version no longer knows is passed over. */
    @Transactional(readOnly = true)
    public Map<String, String> chosen() {
        Map<String, String> all = new LinkedHashMap<>();
        answers().forEach((way, answer) -> all.put(way, answer.option()));
        return all;
    }

    @Transactional(readOnly = true)
    public Map<String, Answer> answers() {
        Map<String, Answer> all = new LinkedHashMap<>();
        for (WayRow row : rows.findAll()) {
            boolean known = Ways.find(row.way()).flatMap(w -> w.option(row.option())).isPresent();
            if (known) {
                all.put(row.way(), new Answer(row.option(), row.who(), row.chosenAt()));
            }
        }
        return all;
    }

    /**
     * Answers one question; the product's own answer takes the house's out.
     *
     * @throws IllegalArgumentException when there is no such question or answer
     */
    @Transactional
    public void choose(String way, String option, String who) {
        Way.Option chosen = Ways.require(way, option, "house");
        if (chosen.equals(Ways.find(way).orElseThrow().standard())) {
            rows.deleteById(way);
        } else {
            rows.save(new WayRow(way, option, who, clock.instant().truncatedTo(ChronoUnit.MICROS)));
        }
    }
}
