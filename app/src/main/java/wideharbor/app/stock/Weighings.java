package wideharbor.app.stock;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobChanges;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Journal;
import wideharbor.app.job.StoredJob;
import wideharbor.core.build.Build;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Scoped;
import wideharbor.core.edit.PieceRequests;

/**
 * What a piece weighs is known wherever it is built in: each job that has not left gets it as an edit of whoever
 * weighed the piece, which can be taken back, and which reopens what was signed.
 */
@Component
public class Weighings {
    private final PieceRows rows;
    private final JobStore store;
    private final JobChanges changes;
    private final Journal journal;

    Weighings(PieceRows rows, JobStore store, JobChanges changes, Journal journal) {
        this.rows = rows;
        this.store = store;
        this.changes = changes;
        this.journal = journal;
    }

    /** A piece was weighed as a part of a rig: it is kept of the piece, and told to the other rigs that have it. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void atTheBench(String code, double grams, String who, String job) {
        rows.findById(code).ifPresent(row -> {
            row.weigh(grams);
            told(Map.of(code, grams), who, job);
        });
    }

    /** Pieces were weighed: all jobs are told that were built with them. */
    @Transactional(propagation = Propagation.MANDATORY)
    void told(Map<String, Double> grams, String who) {
        told(grams, who, "");
    }

    private void told(Map<String, Double> grams, String who, String but) {
        if (grams.isEmpty()) {
            return;
        }
        Map<String, List<String>> built = store.builtWithPieces();
        Map<String, Map<String, Double>> byJob = new TreeMap<>();
        grams.forEach((code, g) -> built.getOrDefault(code, List.of()).stream()
                .filter(job -> !job.equals(but))
                .forEach(job -> byJob.computeIfAbsent(job, j -> new TreeMap<>()).put(code, g)));
        // Locked in one order by everybody, so that two who weigh at once do not wait for each other.
        byJob.forEach((job, weighed) -> {
            StoredJob stands = changes.lock(job);
            for (Map.Entry<String, Double> piece : weighed.entrySet()) {
                stands = told(stands, piece.getKey(), piece.getValue(), who);
            }
        });
    }

    private StoredJob told(StoredJob before, String code, double grams, String who) {
        StoredJob stands = before;
        String words = code + " weighed " + Math.round(grams) + " g";
        for (Build body : before.job().gear().builds()) {
            List<Scoped> edit = PieceRequests.weighedAnew(body, code, PieceRequests.weighed(code, grams));
            if (!edit.isEmpty()) {
                GearPackage.Applied applied =
                        stands.job().gear().apply(body.id(), edit, stands.job().catalogue());
                journal.append(
                        stands, body.id(), Journal.Deed.edit(who, words), new Journal.Edit(edit, applied.inverse()));
                stands = changes.changeGear(stands, body.id(), applied.after(), words + " since");
            }
        }
        return stands;
    }
}
