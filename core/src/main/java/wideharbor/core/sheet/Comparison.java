package wideharbor.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.Mass;
import wideharbor.core.balance.SlideBalance;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Joint;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Severity;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** Two rigs of one body side by side, worn otherwise or at another time, with the lens that is in the slot. */
public record Comparison(
        Compared one,
        Compared other,
        List<String> onlyOne,
        List<String> onlyOther,
        List<Differs> differs,
        List<String> raisedInOther,
        List<String> clearedInOther) {

    /**
     * Figures of one configuration; {@code offMm} is how far the centre of mass stands ahead of its support, deep and
     * high are its bounds as it is worn, mm.
     */
    public record Compared(
            ConfigurationId id,
            String title,
            String support,
            int parts,
            double grams,
            List<String> unweighed,
            Optional<Double> offMm,
            double deepMm,
            double highMm,
            int stops,
            int cautions) {}

    /** A part that both have: where it sits or how it is set in the one, and in the other. */
    public record Differs(String part, String what, String one, String other) {}

    public static Comparison of(CheckEngine engine, RigAnalysis a, RigAnalysis b) {
        List<Finding> before = engine.check(a).findings();
        List<Finding> after = engine.check(b).findings();
        List<String> titlesBefore =
                before.stream().map(Comparison::told).distinct().toList();
        List<String> titlesAfter =
                after.stream().map(Comparison::told).distinct().toList();
        return new Comparison(
                side(a, before),
                side(b, after),
                only(a.rig(), b.rig()),
                only(b.rig(), a.rig()),
                differs(a.rig(), b.rig()),
                titlesAfter.stream().filter(t -> !titlesBefore.contains(t)).toList(),
                titlesBefore.stream().filter(t -> !titlesAfter.contains(t)).toList());
    }

    private static String told(Finding finding) {
        return finding.severity().name().toLowerCase(Locale.ROOT) + ": " + finding.title();
    }

    private static Compared side(RigAnalysis analysis, List<Finding> findings) {
        Rig rig = analysis.rig();
        return new Compared(
                rig.configuration().id(),
                rig.configuration().title(),
                rig.title(rig.configuration().support()),
                rig.attached().size(),
                analysis.lifted().grams(),
                analysis.lifted().unweighed(),
                analysis.balance().map(SlideBalance::middleMm),
                analysis.depth(),
                analysis.extent(rig.world().up()),
                (int) findings.stream().filter(Finding::holds).count(),
                (int) findings.stream()
                        .filter(f -> f.severity() == Severity.CAUTION)
                        .count());
    }

    private static List<String> only(Rig here, Rig there) {
        List<String> all = new ArrayList<>();
        here.attached().stream()
                .filter(p -> there.find(p.id()).isEmpty())
                .map(Placed::title)
                .forEach(all::add);
        here.content().cables().stream()
                .filter(c -> there.content().cable(c.id()).isEmpty())
                .map(c -> cable(here, c))
                .forEach(all::add);
        return all;
    }

    private static String cable(Rig rig, CableRun cable) {
        return rig.catalogue().require(cable.type()).name() + ", "
                + rig.title(cable.a().placement()) + " to "
                + rig.title(cable.b().placement());
    }

    private static List<Differs> differs(Rig a, Rig b) {
        List<Differs> all = new ArrayList<>();
        for (Placed here : a.attached()) {
            Optional<Placed> there = b.find(here.id());
            if (there.isEmpty()) {
                continue;
            }
            if (!here.type().ref().equals(there.get().type().ref())) {
                all.add(new Differs(
                        here.title(),
                        "type",
                        here.type().name(),
                        there.get().type().name()));
            }
            String on = on(a, here.id());
            String onThere = on(b, here.id());
            if (!on.equals(onThere)) {
                all.add(new Differs(here.title(), "sits on", on, onThere));
            }
            String weighs = weighs(here);
            String weighsThere = weighs(there.get());
            if (!weighs.equals(weighsThere)) {
                all.add(new Differs(here.title(), "weighs", weighs, weighsThere));
            }
            sure(a, b, here, all);
        }
        for (Motion motion : a.motions()) {
            Optional<Motion> same = b.motion(motion.key());
            if (same.isPresent() && Math.abs(same.get().value() - motion.value()) > 1e-6) {
                all.add(new Differs(
                        a.title(motion.key().placement()), motion.freedom().title(), value(motion), value(same.get())));
            }
        }
        return all;
    }

    private static String weighs(Placed part) {
        return Mass.ofPlacement(part.placement(), part.type()) instanceof Figure.Known known
                ? Words.kg(known.value())
                : "not weighed";
    }

    /** How sure we are of the joint it hangs by, where that is the same joint. */
    private static void sure(Rig a, Rig b, Placed part, List<Differs> all) {
        Optional<Joint.Confidence> one = a.locatedBy(part.id()).map(Joint::confidence);
        Optional<Joint.Confidence> other = b.locatedBy(part.id()).map(Joint::confidence);
        if (one.isPresent() && other.isPresent() && one.get() != other.get()) {
            all.add(new Differs(part.title(), "the fit is", word(one.get()), word(other.get())));
        }
    }

    private static String word(Joint.Confidence confidence) {
        return confidence.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    static String on(Rig rig, PlacementId placement) {
        return rig.locatedBy(placement)
                .map(j -> rig.title(j.parent().placement()) + ", "
                        + rig.port(j.parent()).title())
                .orElse("the rig's origin");
    }

    static String value(Motion motion) {
        double rounded = Math.round(motion.value() * 10) / 10.0;
        String number = (rounded < 0 ? "−" : "") + Math.abs(rounded);
        return number
                + (motion.freedom().unit().equals("°")
                        ? "°"
                        : " " + motion.freedom().unit());
    }
}
