package wideharbor.core.benchtest;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.rig.Placed;

/** How every test begins. */
final class Tests {
    private Tests() {}

    /** A test on a body; {@code what} names it among those of the body. */
    static BenchTestBuilder of(RigAnalysis rig, String what, Place place) {
        return BenchTestBuilder.builder()
                .key(rig.build().id() + ":" + what)
                .place(place)
                .at(rig.key());
    }

    /** A test of one part. */
    static BenchTestBuilder of(RigAnalysis rig, String what, Place place, Placed part) {
        return of(rig, what + ":" + part.id(), place)
                .subject(part.type().ref().toString())
                .part(java.util.Optional.of(part.id()));
    }
}
