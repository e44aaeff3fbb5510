package wideharbor.app.job;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import wideharbor.app.web.Named;
import wideharbor.core.check.Tally;
import wideharbor.core.check.Verdict;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.sheet.IdleParts;
import wideharbor.core.sheet.Requirements;
import wideharbor.core.sheet.Unanswered;

/** What the endpoints of this package answer with. */
final class JobViews {
    private JobViews() {}

    record JobLine(
            String id,
            String title,
            LocalDateTime loadAt,
            String place,
            String operator,
            Gate.Stage stage,
            boolean clear,
            String verdict,
            int stops,
            int undecided,
            int unreadCautions,
            int configurationsClear,
            int configurationsAll,
            boolean stale,
            String nextAct,
            String firstBuild,
            Optional<LocalDateTime> forgetAt) {

        static JobLine of(JobList.Row row) {
            Verdict v = row.verdict();
            return new JobLine(
                    row.id(),
                    row.title(),
                    row.loadAt(),
                    row.place(),
                    row.operator(),
                    row.stage(),
                    v.clear() && !row.stale(),
                    row.stale() ? "Being judged anew; was " + v.inWords() : v.inWords(),
                    v.stops(),
                    v.open(),
                    v.unreadCautions(),
                    row.configurationsClear(),
                    row.configurationsAll(),
                    row.stale(),
                    row.stale() ? "wait: it is being judged anew" : nextAct(row.stage(), v),
                    row.builds().isEmpty() ? "" : row.builds().get(0),
                    row.forgetAt());
        }

        private static String nextAct(Gate.Stage stage, Verdict verdict) {
            if (stage.hasLeft()) {
                return switch (stage) {
                    case RETURNED -> "account for every piece";
                    case RECONCILED -> "none: it is over";
                    default -> "none: it is out";
                };
            }
            if (verdict.stops() + verdict.open() > 0) {
                return "mend the stops";
            }
            if (verdict.unreadCautions() > 0) {
                return "read the cautions";
            }
            return switch (stage) {
                case DRAFT -> "put it together";
                case BUILT -> "test it at the bench";
                case CHECKED -> "sign, two people";
                case SIGNED -> "pack it";
                default -> "dispatch";
            };
        }
    }

    /** Newest load-out first, {@code size} to a page. */
    record JobPage(List<JobLine> jobs, long total, int page, int size) {}

    record BuildRef(String id, String title, String body, List<Named> configurations, List<Named> lenses) {}

    record JobView(
            String id,
            String title,
            int revision,
            Gate.Stage stage,
            boolean clear,
            String verdict,
            BriefView brief,
            List<Requirements.Requirement> requirements,
            List<Unanswered> unanswered,
            List<IdleParts.Idle> idle,
            List<BuildRef> builds,
            List<Named> takenOff,
            boolean archived) {}

    /** What a check has looked at in all ways and with all lenses, and how that ended. */
    record Looked(
            String check, String family, String title, int looked, int fine, int found, int undecided, int notChecked) {
        static Looked of(Tally tally) {
            return new Looked(
                    tally.check(),
                    tally.family(),
                    tally.title(),
                    tally.looked(),
                    tally.fine(),
                    tally.found(),
                    tally.undecided(),
                    tally.notChecked());
        }
    }
}
