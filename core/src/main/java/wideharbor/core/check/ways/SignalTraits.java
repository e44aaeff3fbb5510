package wideharbor.core.check.ways;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import wideharbor.core.brief.BuildTrait;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Socket;
import wideharbor.core.check.ways.TraitView.Miss;
import wideharbor.core.job.Subject;
import wideharbor.core.signal.SoundPlan;

/** How sound, time and picture are wanted to be carried. */
final class SignalTraits {
    private SignalTraits() {}

    static void addTo(Map<BuildTrait, Function<TraitView, List<Miss>>> all) {
        all.put(BuildTrait.SOUND_ON_RIG, l -> l.none(l.able(Capability.HEARS), "none"));
        all.put(BuildTrait.SOUND_TWICE, l -> {
            int kept = l.able(Capability.HEARS).size()
                    + l.able(Capability.RECORDS_SOUND).size();
            boolean safe = SoundPlan.of(
                            l.analysis().signals(), l.analysis().rig().content())
                    .sinks()
                    .stream()
                    .anyMatch(x -> x.channelsIn() > 0 && x.safetyDb() > 0);
            return kept >= 2 || safe
                    ? List.of()
                    : List.of(new Miss(Subject.whole(), kept == 0 ? "no sound at all" : "kept once"));
        });
        all.put(BuildTrait.TIME_BELOW, l -> l.each(l.able(Capability.KEEPS_TIME), p -> l.over(p) > 0));
        all.put(BuildTrait.TIME_BEHIND, l -> l.each(l.able(Capability.KEEPS_TIME), p -> !l.isBehind(p)));
        all.put(BuildTrait.LINK_RIGHT, l -> l.each(l.able(Capability.SENDS_PICTURE), p -> l.left(p) > -30));
        all.put(BuildTrait.LINK_ON_TOP, l -> l.each(l.able(Capability.SENDS_PICTURE), p -> l.over(p) < 60));
        all.put(
                BuildTrait.PICTURE_COAX,
                l -> l.cables(
                        Socket.Kind.PICTURE,
                        f -> !f.a().connector().equals("BNC")
                                || !f.b().connector().equals("BNC")));
    }
}
