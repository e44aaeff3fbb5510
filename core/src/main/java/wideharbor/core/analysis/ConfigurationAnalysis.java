package wideharbor.core.analysis;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import wideharbor.core.build.Build;
import wideharbor.core.clearance.Clearances;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.job.ConfigurationKey;
import wideharbor.core.memo.Memo;
import wideharbor.core.rig.Rig;

/** One configuration of a body with each of its lenses, each resolved when it is first asked for and then kept. */
public final class ConfigurationAnalysis {
    private final JobAnalysis whole;
    private final Build build;
    private final ConfigurationId configuration;
    private final Memo<LensId, RigAnalysis> resolved = new Memo<>();
    /** Of a rig much like the first here. */
    private final Optional<Clearances> near;

    ConfigurationAnalysis(JobAnalysis whole, Build build, ConfigurationId configuration) {
        this(whole, build, configuration, Optional.empty());
    }

    private ConfigurationAnalysis(
            JobAnalysis whole, Build build, ConfigurationId configuration, Optional<Clearances> near) {
        this.whole = whole;
        this.build = build;
        this.configuration = configuration;
        this.near = near;
    }

    /** The same configuration in the job after a change, with its body as it is there. */
    @SuppressWarnings("ReferenceEquality")
    ConfigurationAnalysis in(JobAnalysis changed, Build now) {
        if (now != build) {
            return new ConfigurationAnalysis(
                    changed, now, configuration, resolved.known(lenses().get(0)).flatMap(RigAnalysis::knownClearances));
        }
        ConfigurationAnalysis next = new ConfigurationAnalysis(changed, build, configuration);
        resolved.forEach((lens, rig) -> next.resolved.get(lens, l -> rig.in(changed)));
        return next;
    }

    public ConfigurationKey key() {
        return new ConfigurationKey(build.id(), configuration);
    }

    public List<LensId> lenses() {
        return build.lensIds();
    }

    /** {@link LensId#NONE} is the empty slot. */
    public RigAnalysis with(LensId lens) {
        return resolved.get(lens, this::resolve);
    }

    private RigAnalysis resolve(LensId lens) {
        LensId first = lenses().get(0);
        return lens.equals(first)
                ? RigAnalysis.of(
                        whole,
                        Rig.resolve(build, configuration, lens, whole.job().catalogue()),
                        near)
                : with(first).with(lens);
    }

    public Stream<RigAnalysis> all() {
        return lenses().stream().map(this::with);
    }
}
