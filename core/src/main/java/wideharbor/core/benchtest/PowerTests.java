package wideharbor.core.benchtest;

import java.util.Map;
import java.util.Optional;
import wideharbor.core.analysis.ConfigurationAnalysis;
import wideharbor.core.analysis.PackedBatteries;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.power.FeedTree;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.rig.Placed;

/** What it really draws, how long it really runs, and what its batteries still hold. */
final class PowerTests {
    /** A set of batteries below this share of what is printed on it goes to the bench, not to the job. */
    private static final double LEAST_HEALTH = 0.8;

    private PowerTests() {}

    static void add(ConfigurationAnalysis configuration, TestPlan.Draft draft) {
        RigAnalysis rig = configuration.with(configuration.lenses().get(0));
        for (FeedTree.Source source : rig.feeds().sources()) {
            draft.add(draw(rig, source));
            rig.job().brief().asks().shoot().claimedHours().ifPresent(hours -> draft.add(claimed(rig, source, hours)));
        }
        for (Map.Entry<ItemType, Integer> packed : PackedBatteries.of(rig).entrySet()) {
            packed.getKey()
                    .facet(PowerFacet.Battery.class)
                    .flatMap(PowerFacet.Battery::capacity)
                    .ifPresent(wh -> draft.add(capacity(rig, packed.getKey(), packed.getValue(), wh.value())));
        }
        rig.rig().attached().stream()
                .filter(p -> p.type().facet(OpticalFacet.Camera.class).isPresent())
                .forEach(body -> draft.add(boot(rig, body)));
    }

    private static BenchTest draw(RigAnalysis rig, FeedTree.Source source) {
        FeedTree.Load load = rig.feeds().byNameplates(source);
        Ranged watts = load.running();
        boolean known = load.isComplete() && watts.value() > 0;
        return Tests.of(rig, "draw:" + rig.rig().configuration().id(), Place.POWER, source.battery())
                .title("Long run off " + source.battery().title())
                .subject(source.battery().type().ref() + " " + rig.feeds().on(source))
                .how("Everything on and recording, radios sending, screens as bright as on the day, for an hour; "
                        + "the mean of the watts."
                        + (load.isComplete() ? "" : " Not on file: " + String.join(", ", load.unknown()) + "."))
                .band(
                        known
                                ? Band.Measure.around(
                                        watts.value(), watts.range(), rig.rule(Rule.MEASURED_DIFFERS), "W")
                                : Band.Measure.asItIs("W"))
                .instrument(Instrument.POWER_METER)
                .settles(BenchTest.Settles.DRAW)
                .why("Nameplates are neither what a thing draws nor what all of them draw together.")
                .build();
    }

    private static BenchTest claimed(RigAnalysis rig, FeedTree.Source source, double hours) {
        return Tests.of(rig, "claim:" + rig.rig().configuration().id(), Place.POWER, source.battery())
                .title(source.battery().title() + " lasts as long as somebody says")
                .how("From full to the first device that shuts off, as on the day: hours.")
                .band(Band.Measure.atLeast(hours, "h"))
                .instrument(Instrument.CLOCK)
                .why("A run time without a test is a hope.")
                .build();
    }

    private static BenchTest capacity(RigAnalysis rig, ItemType type, int pieces, double wattHours) {
        return Tests.of(rig, "capacity:" + type.ref().id(), Place.POWER)
                .title(type.name() + ": the weakest of " + pieces)
                .subject(type.ref().toString())
                .how("Full, then discharged on the analyser, each of them; the least is what counts.")
                .band(Band.Measure.atLeast(wattHours * LEAST_HEALTH, "Wh"))
                .instrument(Instrument.ANALYSER)
                .part(rig.rig().attached().stream()
                        .filter(p -> p.type().ref().equals(type.ref()))
                        .map(Placed::id)
                        .findFirst())
                .settles(BenchTest.Settles.HOLDS)
                .why("One tired battery in the set goes flat in the longest take.")
                .build();
    }

    private static BenchTest boot(RigAnalysis rig, Placed body) {
        return Tests.of(rig, "boot", Place.POWER, body)
                .title(body.title() + ": from dead to picture")
                .how("Power off for a minute, then on: seconds until there is a picture and it would record.")
                .band(new Band.Measure(Optional.of(0.0), Optional.empty(), "s", Optional.empty()))
                .instrument(Instrument.CLOCK)
                .why("It is how long everybody waits after a battery that was changed too late.")
                .build();
    }
}
