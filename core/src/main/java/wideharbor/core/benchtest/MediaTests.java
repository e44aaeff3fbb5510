package wideharbor.core.benchtest;

import java.util.Comparator;
import wideharbor.core.analysis.ConfigurationAnalysis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Shoot;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.media.CardRate;
import wideharbor.core.rig.Placed;

/** Cards at the highest rate, and the last look at what no figure tells. */
final class MediaTests {
    private MediaTests() {}

    static void add(ConfigurationAnalysis configuration, TestPlan.Draft draft) {
        RigAnalysis rig = configuration.with(configuration.lenses().get(0));
        rig.job().brief().asks().shoot().recordings().stream()
                .max(Comparator.comparingDouble(Shoot.Recording::megabits))
                .ifPresent(mode -> CardRate.of(rig.job(), mode).forEach(rate -> draft.add(write(rig, rate))));
        for (Placed part : rig.rig().attached()) {
            if (part.type().facet(OpticalFacet.Camera.class).isPresent()) {
                draft.add(sensor(rig, part));
                draft.add(pins(rig, part));
            }
        }
    }

    private static BenchTest write(RigAnalysis rig, CardRate rate) {
        return Tests.of(rig, "write:" + rate.card().ref().id(), Place.MEDIA)
                .title(rate.card().name() + " writes " + rate.mode().mode())
                .subject(rate.card().ref() + " " + rate.mode().mode())
                .how("Formatted in the body, filled to the last minute in this mode; MB/s at the end of it.")
                .band(Band.Measure.atLeast(rate.speed().from(), "MB/s"))
                .instrument(Instrument.CLOCK)
                .why("A card is slowest when it is nearly full, in the take that nobody repeats.")
                .build();
    }

    private static BenchTest sensor(RigAnalysis rig, Placed body) {
        return Tests.of(rig, "sensor", Place.MEDIA, body)
                .title(body.title() + ": sensor clean, no dead pixel")
                .how("A white wall out of focus at the smallest stop; then the cap on, gain up, warm.")
                .band(new Band.Answer("No speck, no bright pixel."))
                .twice(true)
                .why("A speck is found in the grading, on every shot of the day.")
                .build();
    }

    private static BenchTest pins(RigAnalysis rig, Placed body) {
        return Tests.of(rig, "pins", Place.MEDIA, body)
                .title(body.title() + ": sockets, pins and dots")
                .how("Every socket and plug that is used, with a light: pins straight, dirt out, dots to be seen.")
                .band(new Band.Answer("All are straight, clean and whole."))
                .why("One bent pin costs the body, and the cable that bent it.")
                .build();
    }
}
