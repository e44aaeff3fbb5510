package wideharbor.core.benchtest;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import wideharbor.core.analysis.CarriedMass;
import wideharbor.core.analysis.ConfigurationAnalysis;
import wideharbor.core.analysis.HeadMoment;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.analysis.Stand;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.catalog.SupportFacet.Support.Way;
import wideharbor.core.quantity.Span;
import wideharbor.core.rig.Placed;

/** What it weighs, and whether head and legs hold it. */
final class SupportTests {
    private SupportTests() {}

    static void add(ConfigurationAnalysis configuration, TestPlan.Draft draft) {
        RigAnalysis heaviest = configuration
                .all()
                .max(Comparator.comparingDouble((RigAnalysis a) -> a.carried().grams()))
                .orElseThrow();
        draft.add(weighed(heaviest));
        Optional<Placed> support =
                heaviest.rig().find(heaviest.rig().configuration().support());
        support.flatMap(s -> s.type().facet(SupportFacet.Support.class)).ifPresent(facet -> {
            if (facet.way() == Way.TILTS) {
                draft.add(holds(heaviest, support.get()));
                draft.add(locks(heaviest, support.get()));
            }
        });
        for (Placed part : heaviest.rig().attached()) {
            if (Stand.isOnFeet(part)) {
                draft.add(legs(heaviest, part));
            }
        }
    }

    private static BenchTest weighed(RigAnalysis rig) {
        CarriedMass carried = CarriedMass.of(rig);
        List<String> unknown = carried.lifted().unweighed();
        Band band = unknown.isEmpty()
                ? Band.Measure.around(
                        carried.lifted().grams(), carried.lifted().range(), rig.rule(Rule.MEASURED_DIFFERS), "g")
                : Band.Measure.asItIs("g");
        return Tests.of(rig, "weigh:" + rig.rig().configuration().id(), Place.SCALE)
                .title("Weigh " + rig.rig().configuration().title() + rig.withLens())
                .subject(types(rig))
                .lens(rig.rig().lens())
                .how("All that the support carries, battery and cables with it, on the scale."
                        + (unknown.isEmpty() ? "" : " No mass is on file for " + String.join(", ", unknown) + "."))
                .band(band)
                .instrument(Instrument.SCALE)
                .why("A sheet that is wrong by a part is wrong for head, vest and balance, too.")
                .build();
    }

    private static String types(RigAnalysis rig) {
        return rig.rig().carried().stream()
                .map(p -> rig.rig().require(p).type().ref().toString())
                .sorted()
                .collect(Collectors.joining(" "));
    }

    private static BenchTest holds(RigAnalysis rig, Placed head) {
        Span tilt = HeadMoment.tilt(rig, head);
        Optional<HeadMoment> moment = HeadMoment.of(rig);
        String set = moment.map(m -> " Springs at " + Math.round(m.springsKgMm()) + " kg·mm.")
                .orElse("");
        return Tests.of(
                        rig,
                        "head:" + head.id() + ":" + rig.rig().configuration().id(),
                        Place.SUPPORT)
                .title(head.title() + ": holds " + rig.rig().configuration().title() + rig.withLens())
                .subject(head.type().ref() + " " + Math.round(rig.carried().grams()))
                .lens(rig.rig().lens())
                .how("Drag off, hands near. Tilt " + Math.round(tilt.to()) + "° down, let go; "
                        + Math.round(-tilt.from()) + "° up, the same." + set)
                .band(new Band.Answer("It stays where it is left, both ways."))
                .twice(true)
                .why("A head that does not hold lets the rig fall forward onto a hand or a lens.")
                .part(Optional.of(head.id()))
                .build();
    }

    private static BenchTest locks(RigAnalysis rig, Placed head) {
        return Tests.of(rig, "locks:" + head.id(), Place.SUPPORT)
                .title(head.title() + ": locks and drag")
                .subject(head.type().ref().toString())
                .how("Lock pan and tilt and lean on the handle; then every drag step, slowly, both ways.")
                .band(new Band.Answer("Both lock, every step takes, nothing sticks."))
                .why("A lock that slips shows with the camera over somebody.")
                .part(Optional.of(head.id()))
                .build();
    }

    private static BenchTest legs(RigAnalysis rig, Placed legs) {
        return Tests.of(rig, "legs:" + legs.id(), Place.SUPPORT)
                .title(legs.title() + ": stand firm")
                .subject(legs.type().ref().toString())
                .how("Every lock shut at working height; lean on each leg in turn; look at spreader and feet.")
                .band(new Band.Answer("No leg creeps, none wobbles."))
                .why("A leg that gives way takes all of it along.")
                .part(Optional.of(legs.id()))
                .build();
    }
}
