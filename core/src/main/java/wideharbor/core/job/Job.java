package wideharbor.core.job;

import java.util.List;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.build.GearPackage;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.quantity.Require;

/** Everything the checks need to know of a job. */
public record Job(
        String id,
        String title,
        Brief brief,
        HouseRules rules,
        Catalogue catalogue,
        GearPackage gear,
        List<CautionRead> reads,
        List<Waiver> waivers) {
    public Job {
        Require.id("Job id", id);
        Require.text("Job title", title, 80);
        rules = rules.forJob(brief.asks().ways());
        reads = List.copyOf(reads);
        waivers = List.copyOf(waivers);
    }

    public Job with(GearPackage next) {
        return new Job(id, title, brief, rules, catalogue, next, reads, waivers);
    }

    public Job with(Brief next) {
        return new Job(id, title, next, rules, catalogue, gear, reads, waivers);
    }

    /** The same job where more parts are known: a house's whole catalogue instead of what a file brought. */
    public Job with(Catalogue other) {
        return new Job(id, title, brief, rules, other, gear, reads, waivers);
    }

    public Job with(HouseRules other) {
        return new Job(id, title, brief, other, catalogue, gear, reads, waivers);
    }

    /** The same job with other reads and waivers. */
    public Job accepted(List<CautionRead> read, List<Waiver> waived) {
        return new Job(id, title, brief, rules, catalogue, gear, read, waived);
    }

    /** How bad something was when somebody accepted it: by how much it missed, in what; a statement has no unit. */
    public record Accepted(double excess, String unit) {
        public static final Accepted STATEMENT = new Accepted(0, "");
    }

    /** Someone has read a caution, as bad as it was then; who and when as the caller says. */
    public record CautionRead(FindingKey finding, Accepted accepted, String who, String when) {}

    /** A lead accepts a stop as bad as it was then, with a reason. */
    public record Waiver(FindingKey finding, Accepted accepted, String reason, String who, String when) {
        public Waiver {
            Require.text("Reason for a waiver", reason, 500);
        }
    }
}
