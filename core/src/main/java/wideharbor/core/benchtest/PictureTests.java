package wideharbor.core.benchtest;

import java.util.Optional;
import wideharbor.core.analysis.ConfigurationAnalysis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.rig.Placed;
import wideharbor.core.signal.Seat;

/** A picture at every viewer, and what goes by radio and runs by the clock. */
final class PictureTests {
    private PictureTests() {}

    static void add(ConfigurationAnalysis configuration, TestPlan.Draft draft) {
        RigAnalysis rig = configuration.with(configuration.lenses().get(0));
        rig.monitoring().seats().forEach(seat -> draft.add(picture(rig, seat)));
        for (Placed part : rig.rig().attached()) {
            boolean sends = part.type().facets(SignalFacet.Radio.class).stream().anyMatch(SignalFacet.Radio::sends);
            if (sends) {
                draft.add(range(rig, part));
            }
        }
        if (rig.job().brief().asks().shoot().timecode()) {
            rig.rig().attached().stream()
                    .filter(p -> p.type().can(Capability.KEEPS_TIME))
                    .forEach(p -> draft.add(time(rig, p)));
        }
    }

    private static BenchTest picture(RigAnalysis rig, Seat seat) {
        String on = seat.display().map(d -> "On " + d.title()).orElse("On a display that is still missing");
        String who = seat.viewer().who();
        return Tests.of(rig, "picture:" + key(who), Place.PICTURE)
                .title(who + " sees the picture")
                .subject(seat.display().map(d -> d.type().ref().toString()).orElse(""))
                .how(on + ": bars, then the look of the job by its name, then a face; the right way up.")
                .band(new Band.Answer("Picture, look and orientation are right."))
                .twice(seat.viewer().trust() == SignalFacet.Trust.COLOUR)
                .why("Whoever judges by a wrong picture asks for the wrong light.")
                .part(seat.display().filter(d -> d.onRig()).map(d -> d.id()))
                .build();
    }

    private static String key(String who) {
        String plain = who.strip().toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return plain.length() > LONGEST_KEY ? plain.substring(0, LONGEST_KEY) : plain;
    }

    private static final int LONGEST_KEY = 60;

    private static BenchTest range(RigAnalysis rig, Placed radio) {
        long metres = Math.round(rig.rule(Rule.RADIO_TRIED));
        return Tests.of(rig, "radio", Place.SOUND, radio)
                .title(radio.title() + " reaches " + metres + " m")
                .how("All radios of all bodies on; walk the receiver to " + metres
                        + " m with bodies between, and back. Local rules on radio decide where and how loud.")
                .band(new Band.Answer("No break and no other link disturbed."))
                .why("Alone on the bench every link works.")
                .build();
    }

    private static BenchTest time(RigAnalysis rig, Placed clock) {
        return Tests.of(rig, "time", Place.SOUND, clock)
                .title(clock.title() + " agrees after an hour")
                .how("Jammed, then left on its own for an hour beside the sound recorder: frames apart.")
                .band(new Band.Measure(Optional.of(0.0), Optional.of(1.0), "frames", Optional.empty()))
                .instrument(Instrument.CLOCK)
                .why("Picture and sound drift apart unseen until somebody cuts them.")
                .build();
    }
}
