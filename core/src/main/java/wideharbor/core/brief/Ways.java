package wideharbor.core.brief;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.brief.Way.Effect;
import wideharbor.core.brief.Way.Option;
import wideharbor.core.brief.Way.Weight;

/**
 * The ways of working that a house or a job may choose, and those chosen. A job's answer stands before the house's, the
 * house's before the product's own. None reaches a safety rule: what holds something up, tips or falls has no way.
 *
 * @param house option by way, as the house works
 * @param job option by way, where this job differs
 */
public record Ways(Map<String, String> house, Map<String, String> job) {
    public static final Ways STANDARD = new Ways(Map.of(), Map.of());

    /** In the order they are asked. */
    public static final List<Way> ALL = List.of(
            new Way(
                    "rods-straight",
                    "How straight must rods stay?",
                    List.of(
                            option(
                                    "usual", "Half a millimetre", "What a matte box and a motor forgive.", List.of()),
                            option(
                                    "fine", "A third of it", "Long zooms at the end of their focus scale show it.", List.of(new Effect.Figure(Rule.ROD_SAG, 0.3))),
                            option(
                                    "rough", "A millimetre", "Light primes, no motor, long rods for the operator’s own things.", List.of(new Effect.Figure(Rule.ROD_SAG, 1.0))))),
            new Way(
                    "rod-height",
                    "How exact must the axis stand over the rods?",
                    List.of(
                            option(
                                    "usual", "Within a millimetre", "Brackets of several makers meet within it.", List.of()),
                            option(
                                    "fine", "Within half", "One maker throughout, and clip rings without play.", List.of(new Effect.Figure(Rule.ROD_HEIGHT_TOLERANCE, 0.5))))),
            new Way(
                    "rod-rear",
                    "How far may rods stand out behind?",
                    List.of(
                            option(
                                    "usual", "120 mm", "Room for a battery plate on them.", List.of()),
                            option(
                                    "short", "60 mm", "They meet the operator’s neck, and doors.", List.of(new Effect.Figure(Rule.ROD_REAR, 60))),
                            option(
                                    "long", "200 mm", "Everything rides on rods here.", List.of(new Effect.Figure(Rule.ROD_REAR, 200))))),
            new Way(
                    "friction-arms",
                    "How far are friction arms trusted?",
                    List.of(
                            option(
                                    "usual", "To four fifths of their rating", "They creep during a day of heat and knocks.", List.of()),
                            option(
                                    "little", "To three fifths", "Rails and tilt mounts are preferred; an arm is a stopgap.", List.of(new Effect.Figure(Rule.ARM_DRIFT, 0.6))),
                            option(
                                    "much", "To nine tenths", "Good arms, tightened by key, hold what they say.", List.of(new Effect.Figure(Rule.ARM_DRIFT, 0.9))))),
            new Way(
                    "hands",
                    "How much may the hands hold on the shoulder?",
                    List.of(
                            option(
                                    "usual", "15 N, 40 N at the most", "A bag of sugar and a half, all day.", List.of()),
                            option(
                                    "little", "8 N, 25 N at the most", "Long takes, or an operator who asks for it.", List.of(new Effect.Figure(Rule.HAND_CAUTION, 8), new Effect.Figure(Rule.HAND_STOP, 25))),
                            option(
                                    "more", "25 N, 50 N at the most", "Short shots; some like the weight at the front.", List.of(new Effect.Figure(Rule.HAND_CAUTION, 25), new Effect.Figure(Rule.HAND_STOP, 50))))),
            new Way(
                    "lean",
                    "How far may a worn rig lean to one side?",
                    List.of(
                            option(
                                    "usual", "15 mm", "The body takes it up without thinking.", List.of()),
                            option(
                                    "little", "8 mm", "A vest arm shows every millimetre.", List.of(new Effect.Figure(Rule.LATERAL, 8))),
                            option(
                                    "more", "30 mm", "A grip on the light side holds it.", List.of(new Effect.Figure(Rule.LATERAL, 30))))),
            new Way(
                    "hang",
                    "How level must a rig hang?",
                    List.of(
                            option(
                                    "usual", "Within three degrees", "A hand straightens it without effort.", List.of()),
                            option(
                                    "fine", "Within one and a half", "Vest work: what hangs askew walks askew.", List.of(new Effect.Figure(Rule.HANG_TILT, 1.5))),
                            option(
                                    "rough", "Within six", "It is tilted by hand all the time anyway.", List.of(new Effect.Figure(Rule.HANG_TILT, 6))))),
            new Way(
                    "counterbalance",
                    "May the drag do the springs’ work?",
                    List.of(
                            option(
                                    "read", "It is told and read", "The head holds most of it, and the operator knows.", List.of()),
                            option(
                                    "no", "No: the springs hold the rig", "A head that is let go must stand where it is.", List.of(new Effect.Weighs("balance.counterbalance", Weight.STOP))),
                            option(
                                    "yes", "Yes", "Small heads are locked between takes.", List.of(new Effect.Weighs("balance.counterbalance", Weight.NOTE))))),
            new Way(
                    "mass-window",
                    "What is a mass window?",
                    List.of(
                            option(
                                    "read", "A wish: told and read", "Comfort and steadiness are weighed on the day.", List.of()),
                            option(
                                    "firm", "A limit", "The rig is worn for hours; what is over stays in the case.", List.of(new Effect.Weighs("balance.mass-window", Weight.STOP))))),
            new Way(
                    "trial-fit",
                    "Must untried joints be tried before they leave?",
                    List.of(
                            option(
                                    "read", "They are told and read", "Drawings are mostly right, and the bench shows it.", List.of()),
                            option(
                                    "always", "Always", "What has never been together does not leave the house.", List.of(new Effect.Weighs("joints.trial", Weight.STOP))))),
            new Way(
                    "improvised",
                    "May something serve outside its purpose?",
                    List.of(
                            option(
                                    "read", "With its limit written down", "Crews have always done it; a written limit keeps it safe.", List.of()),
                            option(
                                    "never", "Not out of this house", "What is hired out is used as its maker meant it.", List.of(new Effect.Weighs("joints.improvised", Weight.STOP))))),
            new Way(
                    "set-down",
                    "Must a held rig be able to stand on a table?",
                    List.of(
                            option(
                                    "read", "It is told and read", "Somebody puts it down within the first minute.", List.of()),
                            option(
                                    "stand", "A stand is always at hand", "Every held rig goes out with its saddle.", List.of(new Effect.Weighs("access.set-down", Weight.NOTE))))),
            new Way(
                    "cable-sides",
                    "Must sockets face their cables?",
                    List.of(
                            option(
                                    "note", "It is mentioned", "Short cables are nicer.", List.of()),
                            option(
                                    "yes", "Yes", "A cable across the rig is caught by somebody sooner or later.", List.of(new Effect.Weighs("access.ports-towards", Weight.CAUTION))))),
            new Way(
                    "look-alikes",
                    "Are look-alike cables told apart before they leave?",
                    List.of(
                            option(
                                    "note", "It is mentioned", "The assistants know their own.", List.of()),
                            option(
                                    "yes", "Yes", "Crews change, and a wrong one costs a body.", List.of(new Effect.Weighs("parts.look-alikes", Weight.CAUTION))))),
            new Way(
                    "spares",
                    "What is a missing spare?",
                    List.of(
                            option(
                                    "read", "Told and read", "A runner can bring it.", List.of()),
                            option(
                                    "firm", "A reason to stay", "Far away there is no runner.", List.of(new Effect.Weighs("package.spares", Weight.STOP))))),
            new Way(
                    "charge",
                    "How much charge beyond the day?",
                    List.of(
                            option(
                                    "none", "What the day needs", "Batteries are charged at lunch.", List.of()),
                            option(
                                    "quarter", "A quarter more", "Cold mornings and old cells.", List.of(new Effect.Figure(Rule.RUNTIME_RESERVE, 1.25))),
                            option(
                                    "half", "Half as much again", "No mains within reach.", List.of(new Effect.Figure(Rule.RUNTIME_RESERVE, 1.5))))),
            new Way(
                    "change-times",
                    "What are the brief’s times for a change?",
                    List.of(
                            option(
                                    "firm", "Limits", "The unit stands while a rig is rebuilt.", List.of()),
                            option(
                                    "wish", "Wishes", "Minutes are estimates; the day decides.", List.of(new Effect.Weighs("changeover.demand", Weight.CAUTION))))));

    public Ways {
        house = known("house", house);
        job = known("job", job);
    }

    /** Who chose what. */
    public enum From {
        PRODUCT,
        HOUSE,
        JOB
    }

    /** An answer with who gave it. */
    public record Chosen(Way way, Option option, From from) {
        /** "What is a missing spare? A reason to stay (house)". */
        public String inWords() {
            return way.question() + " " + option.title() + " (" + from.name().toLowerCase(java.util.Locale.ROOT) + ").";
        }
    }

    private static Option option(String id, String title, String reason, List<Effect> effects) {
        return new Option(id, title, reason, effects);
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
        Way asked = find(way).orElseThrow(() -> new IllegalArgumentException(
                "The " + whose + " chooses the way '" + way + "', but there are only "
                        + String.join(", ", ALL.stream().map(Way::id).toList())));
        return asked.option(option)
                .orElseThrow(() -> new IllegalArgumentException("The " + whose + " chooses '" + option + "' for '" + way
                        + "', but there are only "
                        + String.join(", ", asked.options().stream().map(Option::id).toList())));
    }

    public static Optional<Way> find(String id) {
        return ALL.stream().filter(w -> w.id().equals(id)).findFirst();
    }

    public Ways forJob(Map<String, String> other) {
        return new Ways(house, other);
    }

    public Chosen chosen(Way way) {
        if (job.containsKey(way.id())) {
            return new Chosen(way, way.option(job.get(way.id())).orElseThrow(), From.JOB);
        }
        if (house.containsKey(way.id())) {
            return new Chosen(way, way.option(house.get(way.id())).orElseThrow(), From.HOUSE);
        }
        return new Chosen(way, way.standard(), From.PRODUCT);
    }

    /** Figures that the chosen answers put in place of the standard ones. */
    Map<Rule, Double> figures() {
        Map<Rule, Double> all = new LinkedHashMap<>();
        for (Way way : ALL) {
            for (Effect effect : chosen(way).option().effects()) {
                if (effect instanceof Effect.Figure f) {
                    all.put(f.rule(), f.value());
                }
            }
        }
        return all;
    }

    /** The chosen answer that decides how much a check weighs, if one does. */
    public Optional<Chosen> deciding(String check) {
        for (Way way : ALL) {
            Chosen chosen = chosen(way);
            for (Effect effect : chosen.option().effects()) {
                if (effect instanceof Effect.Weighs w && w.check().equals(check)) {
                    return Optional.of(chosen);
                }
            }
        }
        return Optional.empty();
    }

    /** The weight that an answer gives a check. */
    public static Weight weight(Chosen chosen, String check) {
        return chosen.option().effects().stream()
                .filter(e -> e instanceof Effect.Weighs w && w.check().equals(check))
                .map(e -> ((Effect.Weighs) e).weight())
                .findFirst()
                .orElseThrow();
    }
}
