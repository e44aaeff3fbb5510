package wideharbor.core.brief;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.brief.Preference.Effect;
import wideharbor.core.brief.Preference.Option;
import wideharbor.core.brief.Preference.Weight;

/**
 * The ways of working that a house, a person or a job may choose, and those chosen. A job's answer stands before the
 * operator's, that before the house's, that before the product's own. None reaches a safety rule: what holds something
 * up, tips or falls has no way.
 *
 * @param house option by way, as the house works
 * @param person option by way, where the brief's operator works otherwise
 * @param job option by way, where this job differs
 */
public record Preferences(Map<String, String> house, Map<String, String> person, Map<String, String> job) {
    public static final Preferences STANDARD = new Preferences(Map.of(), Map.of(), Map.of());

    /** Questions that belong together. */
    public record Group(String title, List<Preference> ways) {}

    /** In the order they are asked. */
    public static final List<Group> GROUPS = List.of(
            new Group("Rigging", RiggingWays.ALL),
            new Group("Worn and balanced", WornWays.ALL),
            new Group("Power", PowerWays.ALL),
            new Group("Picture, sound, time", PictureWays.ALL),
            new Group("Prep and kit", PrepWays.ALL));

    public static final List<Preference> ALL =
            GROUPS.stream().flatMap(g -> g.ways().stream()).toList();

    public Preferences {
        house = known("house", house);
        person = known("operator", person);
        job = known("job", job);
    }

    /** Who chose what. */
    public enum From {
        PRODUCT,
        HOUSE,
        OPERATOR,
        JOB
    }

    /** An answer with who gave it. */
    public record Chosen(Preference way, Option option, From from) {
        /** "What is a missing spare? A reason to stay (house)". */
        public String inWords() {
            return way.question() + " " + option.title() + " (" + from.name().toLowerCase(java.util.Locale.ROOT) + ").";
        }
    }

    private static Map<String, String> known(String whose, Map<String, String> chosen) {
        Map<String, String> copy = new LinkedHashMap<>();
        chosen.forEach((id, option) -> {
            require(id, option, whose);
            copy.put(id, option);
        });
        return java.util.Collections.unmodifiableMap(copy);
    }

    /**
     * The answer of this id.
     *
     * @throws IllegalArgumentException naming the ways or answers there are
     */
    public static Option require(String way, String option, String whose) {
        Preference asked = find(way)
                .orElseThrow(() -> new IllegalArgumentException("The " + whose + " chooses the way '" + way
                        + "', but there are only "
                        + String.join(", ", ALL.stream().map(Preference::id).toList())));
        return asked.option(option)
                .orElseThrow(() -> new IllegalArgumentException("The " + whose + " chooses '" + option + "' for '" + way
                        + "', but there are only "
                        + String.join(
                                ", ", asked.options().stream().map(Option::id).toList())));
    }

    public static Optional<Preference> find(String id) {
        return ALL.stream().filter(w -> w.id().equals(id)).findFirst();
    }

    /** As this job works otherwise. */
    public Preferences ofJob(Map<String, String> other) {
        return new Preferences(house, person, other);
    }

    /** As another operator works. */
    public Preferences ofPerson(Map<String, String> other) {
        return new Preferences(house, other, job);
    }

    /** In another house. */
    public Preferences inHouse(Map<String, String> other) {
        return new Preferences(other, person, job);
    }

    public Chosen chosen(Preference way) {
        Optional<Chosen> own = given(way, job, From.JOB)
                .or(() -> given(way, person, From.OPERATOR))
                .or(() -> given(way, house, From.HOUSE));
        return own.orElseGet(() -> new Chosen(way, way.standard(), From.PRODUCT));
    }

    private static Optional<Chosen> given(Preference way, Map<String, String> answers, From from) {
        return Optional.ofNullable(answers.get(way.id()))
                .flatMap(way::option)
                .map(option -> new Chosen(way, option, from));
    }

    /** What somebody wants of a rig, with the answer that wants it. */
    public record Wanted(BuildTrait trait, Chosen because) {}

    /** Everything that the chosen answers want of a rig. */
    public List<Wanted> wanted() {
        List<Wanted> all = new ArrayList<>();
        for (Preference way : ALL) {
            Chosen chosen = chosen(way);
            for (Effect effect : chosen.option().effects()) {
                if (effect instanceof Effect.Wants w) {
                    all.add(new Wanted(w.trait(), chosen));
                }
            }
        }
        return all;
    }

    /** Whether a chosen answer asks for this order of work. */
    public boolean isOrdered(Preference.Sequence sequence) {
        return ALL.stream()
                .flatMap(way -> chosen(way).option().effects().stream())
                .anyMatch(e -> e instanceof Effect.Ordered o && o.sequence() == sequence);
    }

    /** Figures that the chosen answers put in place of the standard ones. */
    Map<Rule, Double> figures() {
        Map<Rule, Double> all = new LinkedHashMap<>();
        for (Preference way : ALL) {
            for (Effect effect : chosen(way).option().effects()) {
                if (effect instanceof Effect.Figure f) {
                    all.put(f.rule(), f.value());
                }
            }
        }
        return all;
    }

    /** The chosen answer that puts this figure in place of the standard one; of several, the last. */
    Optional<Chosen> settingOf(Rule rule) {
        return ALL.stream()
                .map(this::chosen)
                .filter(c ->
                        c.option().effects().stream().anyMatch(e -> e instanceof Effect.Figure f && f.rule() == rule))
                .reduce((before, after) -> after);
    }

    /** How much a check weighs by an answer that was chosen. */
    public record Weighing(Weight weight, Chosen because) {}

    /** By check, what the chosen answers say it weighs; of several, the first that is asked. */
    Map<String, Weighing> weighings() {
        Map<String, Weighing> all = new LinkedHashMap<>();
        for (Preference way : ALL) {
            Chosen chosen = chosen(way);
            for (Effect effect : chosen.option().effects()) {
                if (effect instanceof Effect.Weighs w) {
                    all.putIfAbsent(w.check(), new Weighing(w.weight(), chosen));
                }
            }
        }
        return all;
    }
}
