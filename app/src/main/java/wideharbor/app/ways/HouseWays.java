package wideharbor.app.ways;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.core.brief.Preferences;

/** The answers of the house, and of people who work otherwise, to the questions on which both differ. */
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

    /**
     * Option by way, of the house when no person is named; an answer that this version no longer knows is passed over.
     */
    @Transactional(readOnly = true)
    public Map<String, String> chosen(String person) {
        Map<String, String> all = new LinkedHashMap<>();
        answers(person).forEach((way, answer) -> all.put(way, answer.option()));
        return all;
    }

    @Transactional(readOnly = true)
    public Map<String, Answer> answers(String person) {
        Map<String, Answer> all = new LinkedHashMap<>();
        for (WayRow row : rows.of(person)) {
            boolean known = Preferences.find(row.way())
                    .flatMap(w -> w.option(row.option()))
                    .isPresent();
            if (known) {
                all.put(row.way(), new Answer(row.option(), row.who(), row.chosenAt()));
            }
        }
        return all;
    }

    /**
     * Answers one question for a person, or for the house when none is named. For the house the product's own answer
     * takes its answer out; for a person an empty one does.
     *
     * @throws IllegalArgumentException when there is no such question or answer
     */
    @Transactional
    public void choose(String person, String way, String option, String who) {
        WayRow.Key key = new WayRow.Key(person, way);
        boolean withdrawn = !person.isEmpty() && option.isEmpty();
        if (withdrawn
                || person.isEmpty()
                        && Preferences.require(way, option, "house")
                                .equals(Preferences.find(way).orElseThrow().standard())) {
            rows.deleteById(key);
        } else {
            Preferences.require(way, option, person.isEmpty() ? "house" : person);
            rows.save(new WayRow(key, option, who, clock.instant().truncatedTo(ChronoUnit.MICROS)));
        }
    }
}
