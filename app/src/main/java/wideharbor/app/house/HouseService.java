package wideharbor.app.house;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.catalog.CatalogueStore;
import wideharbor.app.job.JobChanges;
import wideharbor.app.job.JobList;
import wideharbor.app.security.Accounts;
import wideharbor.app.ways.HouseWays;
import wideharbor.app.web.Refusal;
import wideharbor.core.brief.Preference;
import wideharbor.core.brief.Preferences;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.quantity.Words;
import wideharbor.core.standard.Standard;

/** The house's numbers and the mounting standards. */
@Service
class HouseService {
    private final CatalogueStore catalogue;
    private final JobList jobs;
    private final JobChanges changes;

    private final HouseWays ways;
    private final CheckEngine engine;
    private final Accounts accounts;

    HouseService(
            CatalogueStore catalogue,
            JobList jobs,
            JobChanges changes,
            HouseWays ways,
            CheckEngine engine,
            Accounts accounts) {
        this.changes = changes;
        this.catalogue = catalogue;
        this.jobs = jobs;
        this.ways = ways;
        this.engine = engine;
        this.accounts = accounts;
    }

    /** A question on which houses differ, with the house's answer; {@code by} is empty for the product's own. */
    record WayLine(String id, String group, String question, List<WayOption> options, String chosen, String by) {}

    /** {@code effects} says in words what choosing it changes. */
    record WayOption(String id, String title, String reason, List<String> effects) {}

    /** The answers, and how many open jobs are judged anew by them. */
    record Answered(List<WayLine> ways, int jobs) {}

    /** The house's answers, or a person's: what a person leaves to the house is chosen as the empty option. */
    List<WayLine> ways(String person) {
        Map<String, HouseWays.Answer> answers = ways.answers(person);
        return Preferences.GROUPS.stream()
                .flatMap(g -> g.ways().stream()
                        .map(w -> new WayLine(
                                w.id(),
                                g.title(),
                                w.question(),
                                w.options().stream()
                                        .map(o -> new WayOption(
                                                o.id(),
                                                o.title(),
                                                o.reason(),
                                                o.effects().stream()
                                                        .map(this::inWords)
                                                        .toList()))
                                        .toList(),
                                answers.containsKey(w.id())
                                        ? answers.get(w.id()).option()
                                        : person.isEmpty() ? w.standard().id() : "",
                                answers.containsKey(w.id())
                                        ? accounts.displayName(
                                                answers.get(w.id()).who())
                                        : "")))
                .toList();
    }

    private String inWords(Preference.Effect effect) {
        if (effect instanceof Preference.Effect.Figure f) {
            return word(f.rule()) + " " + Words.two(f.value()) + " " + f.rule().unit();
        }
        if (effect instanceof Preference.Effect.Wants w) {
            return "wanted: " + w.trait().wanted();
        }
        if (effect instanceof Preference.Effect.Ordered o) {
            return o.sequence().inWords();
        }
        Preference.Effect.Weighs w = (Preference.Effect.Weighs) effect;
        return engine.require(w.check()).card().title() + ": " + word(w.weight());
    }

    /** People who operate in the jobs on file. */
    List<String> operators() {
        return jobs.operators();
    }

    /** Answers a question for the house, or for a person; every open job is judged anew by it. */
    @Transactional
    Answered answer(String person, String way, String option, String who) {
        if (Preferences.find(way).isEmpty()) {
            throw Refusal.notFound("There is no way of working '" + way + "'.");
        }
        ways.choose(person, way, option, who);
        return new Answered(ways(person), changes.rulesChanged());
    }

    /** A figure of a standard: rods' diameter, spacing and height, a step of teeth, a flange distance. */
    record Fact(String name, double value, String unit) {}

    record StandardLine(
            String id,
            int revision,
            String title,
            Standard.Family family,
            Standard.Entry entry,
            boolean resistsTwist,
            double loadGrams,
            String note,
            List<Fact> facts,
            int parts) {}

    /** A standard's next revision, and how many open jobs are judged anew by it. */
    record Rechecked(StandardLine standard, int jobs) {}

    List<StandardLine> standards() {
        var all = catalogue.catalogue();
        return all.standards().all().stream()
                .filter(s -> !s.id().equals(Standard.DATUM))
                .map(s -> line(s, (int) all.current().stream()
                        .filter(t ->
                                t.ports().stream().anyMatch(p -> p.standard().equals(s.id())))
                        .count()))
                .toList();
    }

    private static StandardLine line(Standard s, int parts) {
        return new StandardLine(
                s.id(),
                s.revision(),
                s.title(),
                s.family(),
                s.entry(),
                s.twist() == Standard.Twist.RESISTS,
                s.loadGrams(),
                s.note(),
                facts(s.facts()),
                parts);
    }

    private static List<Fact> facts(Standard.Facts facts) {
        if (facts instanceof Standard.Facts.Rods r) {
            return List.of(
                    new Fact("diameterMm", r.diameterMm(), "mm"),
                    new Fact("spacingMm", r.spacingMm(), "mm"),
                    new Fact("axisHeightMm", r.axisHeightMm(), "mm"),
                    new Fact("toleranceMm", r.toleranceMm(), "mm"));
        }
        if (facts instanceof Standard.Facts.Bar b) {
            return List.of(new Fact("diameterMm", b.diameterMm(), "mm"));
        }
        if (facts instanceof Standard.Facts.LensMount m) {
            return List.of(new Fact("flangeMm", m.flangeMm(), "mm"));
        }
        if (facts instanceof Standard.Facts.Toothed t) {
            return List.of(new Fact("stepDegrees", t.stepDegrees(), "°"));
        }
        return List.of();
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** Makes the next revision of a standard; every open job is judged anew by it. */
    @Transactional
    Rechecked change(String id, HouseController.Change change) {
        Standard now = catalogue
                .catalogue()
                .standards()
                .find(id)
                .orElseThrow(() -> Refusal.notFound("There is no mounting standard '" + id + "'."));
        Standard next = new Standard(
                id,
                change.revision() + 1,
                change.title(),
                now.family(),
                now.gendered(),
                now.twist(),
                now.entry(),
                change.loadGrams(),
                change.note(),
                changed(now.facts(), change.facts()));
        catalogue.change(next);
        return new Rechecked(line(next, 0), changes.rulesChanged());
    }

    private static Standard.Facts changed(Standard.Facts now, List<Fact> facts) {
        if (now instanceof Standard.Facts.Rods r) {
            return new Standard.Facts.Rods(
                    value(facts, "diameterMm", r.diameterMm()),
                    value(facts, "spacingMm", r.spacingMm()),
                    value(facts, "axisHeightMm", r.axisHeightMm()),
                    value(facts, "toleranceMm", r.toleranceMm()));
        }
        if (now instanceof Standard.Facts.Bar b) {
            return new Standard.Facts.Bar(value(facts, "diameterMm", b.diameterMm()));
        }
        if (now instanceof Standard.Facts.LensMount m) {
            return new Standard.Facts.LensMount(value(facts, "flangeMm", m.flangeMm()), m.lock());
        }
        if (now instanceof Standard.Facts.Toothed t) {
            return new Standard.Facts.Toothed(value(facts, "stepDegrees", t.stepDegrees()));
        }
        return now;
    }

    private static double value(List<Fact> facts, String name, double otherwise) {
        return facts.stream()
                .filter(f -> f.name().equals(name))
                .map(Fact::value)
                .findFirst()
                .orElse(otherwise);
    }
}
