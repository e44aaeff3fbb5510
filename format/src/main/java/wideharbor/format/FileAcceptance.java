package wideharbor.format;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Report;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;
import wideharbor.core.memo.Lazy;

/**
 * The reads and waivers of a file. In a file of the version before, a key did not say which fact it meant: those are
 * looked for among what the checks find, and what may have meant another is open again.
 */
final class FileAcceptance {
    private final HarborFile file;
    private final Lazy<Report> report = new Lazy<>();

    FileAcceptance(HarborFile file) {
        this.file = file;
    }

    Job in(Job job) {
        List<Job.CautionRead> reads = new ArrayList<>();
        for (int i = 0; i < file.reads().size(); i++) {
            HarborFile.FileRead r = file.reads().get(i);
            if (isOld(r.finding())) {
                OldKeys.find(r.finding(), found(job))
                        .ifPresent(f -> reads.add(new Job.CautionRead(f.key(), f.accepted(), r.who(), r.when())));
            } else {
                reads.add(new Job.CautionRead(
                        key("/reads/" + i, r.finding()),
                        new Job.Accepted(r.acceptedExcess(), r.unit()),
                        r.who(),
                        r.when()));
            }
        }
        List<Job.Waiver> waivers = new ArrayList<>();
        for (int i = 0; i < file.waivers().size(); i++) {
            waiver(job, i).ifPresent(waivers::add);
        }
        return job.accepted(reads, waivers);
    }

    private Optional<Job.Waiver> waiver(Job job, int i) {
        HarborFile.FileWaiver w = file.waivers().get(i);
        String place = "/waivers/" + i;
        if (!isOld(w.finding())) {
            Job.Accepted accepted = new Job.Accepted(w.acceptedExcess(), w.unit());
            FindingKey key = key(place, w.finding());
            return Optional.of(
                    HarborCodec.at(place, () -> new Job.Waiver(key, accepted, w.reason(), w.who(), w.when())));
        }
        return OldKeys.findWaived(w.finding(), found(job))
                .map(f -> HarborCodec.at(
                        place,
                        () -> new Job.Waiver(
                                f.key(),
                                new Job.Accepted(
                                        w.acceptedExcess(), f.evidence().unit()),
                                w.reason(),
                                w.who(),
                                w.when())));
    }

    private boolean isOld(String key) {
        return file.version() == HarborFile.OLD_VERSION && OldKeys.isOld(key);
    }

    private Report found(Job job) {
        return report.get(() -> CheckEngine.standard().check(job));
    }

    private static FindingKey key(String place, String text) {
        return HarborCodec.at(place + "/finding", () -> FindingKey.parse(text));
    }
}
