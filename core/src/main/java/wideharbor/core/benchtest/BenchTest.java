package wideharbor.core.benchtest;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.ConfigurationKey;

/**
 * One thing to try or to measure on a built rig.
 *
 * @param key the same as long as it is the same thing to try
 * @param subject the types it is tried on: with others it must be tried anew
 * @param how in one or two sentences
 * @param twice whether a second person must find the same
 * @param why what happens on the day otherwise
 * @param settles what a figure found here is good for beyond the test
 * @param at the configuration in which it is made
 */
@RecordBuilder
@RecordBuilder.Options(useImmutableCollections = true)
public record BenchTest(
        String key,
        Place place,
        String title,
        String subject,
        String how,
        Band band,
        @RecordBuilder.Initializer("BY_HAND") Instrument instrument,
        boolean twice,
        String why,
        ConfigurationKey at,
        @RecordBuilder.Initializer("ANY_LENS") LensId lens,
        Optional<PlacementId> part,
        @RecordBuilder.Initializer("NOTHING") Settles settles) {
    /** What a reading stands for from then on, in place of what was computed. */
    public enum Settles {
        NOTHING,
        /** What the rig takes from its part, a battery. */
        DRAW,
        /** What the weakest battery of its part's kind holds. */
        HOLDS
    }

    public static final Settles NOTHING = Settles.NOTHING;
    public static final Instrument BY_HAND = Instrument.NONE;
    public static final LensId ANY_LENS = LensId.NONE;

    /** Changes when what is tried is no longer what it was: other parts, another way, another limit. */
    public String print() {
        // What is measured here changes what is computed for it: the nameplates it was computed from are its subject.
        String limit = settles == Settles.DRAW ? "" : String.valueOf(band);
        return Integer.toHexString((subject + "|" + how + "|" + limit).hashCode());
    }
}
