package wideharbor.app.snapshots;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;
import wideharbor.app.drawing.DrawingView;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Reports;
import wideharbor.app.job.Standpoint;
import wideharbor.app.job.StoredJob;
import wideharbor.app.security.Accounts;
import wideharbor.app.web.Refusal;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.SettingKey;
import wideharbor.core.drawing.Drawing;
import wideharbor.core.edit.Snapshots;
import wideharbor.core.geometry.View;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;

/** Remembers how a configuration was left, so that it comes back exactly. */
@Service
public class SnapshotService {
    private static final int MOST = 20;

    private final SnapshotRows rows;
    private final JobStore store;
    private final Reports reports;
    private final Accounts accounts;
    private final JsonMapper mapper;
    private final Clock clock;

    SnapshotService(
            SnapshotRows rows, JobStore store, Reports reports, Accounts accounts, JsonMapper mapper, Clock clock) {
        this.rows = rows;
        this.store = store;
        this.reports = reports;
        this.accounts = accounts;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** A number as it is kept. */
    record MarkView(String key, String part, String what, double value, String unit, boolean byFeel) {
        static MarkView of(Snapshots.Mark m) {
            return new MarkView(m.key().toString(), m.part(), m.what(), m.value(), m.unit(), m.byFeel());
        }

        Snapshots.Mark mark() {
            return new Snapshots.Mark(SettingKey.parse(key), part, what, value, unit, byFeel);
        }
    }

    /** Nothing {@code now}: the part is not on the rig any more. */
    record Strayed(String part, String what, double left, Optional<Double> now, String unit) {}

    /** One remembered state, and what is not so any more. */
    record Left(
            long id,
            String who,
            Instant when,
            String note,
            LensId lens,
            int revision,
            List<MarkView> marks,
            List<Strayed> strayed) {}

    @Transactional(readOnly = true)
    List<Left> latest(Standpoint at) {
        RigAnalysis analysis = at.in(reports.of(store.load(at.job())));
        return rows
                .latest(
                        at.job(),
                        at.build().toString(),
                        analysis.rig().configuration().id().toString(),
                        Limit.of(MOST))
                .stream()
                .map(row -> left(row, analysis))
                .toList();
    }

    private Left left(SnapshotRow row, RigAnalysis analysis) {
        List<MarkView> marks = marks(row);
        return new Left(
                row.id,
                accounts.displayName(row.who),
                row.leftAt,
                row.note,
                LensId.of(row.lens),
                row.revision,
                marks,
                Snapshots.differences(
                                analysis.rig(),
                                marks.stream().map(MarkView::mark).toList())
                        .stream()
                        .map(d -> new Strayed(
                                d.left().part(),
                                d.left().what(),
                                d.left().value(),
                                d.now(),
                                d.left().unit()))
                        .toList());
    }

    private List<MarkView> marks(SnapshotRow row) {
        return mapper.readValue(row.marks, new TypeReference<List<MarkView>>() {});
    }

    /** Keeps the numbers and the drawing of what somebody looks at. */
    @Transactional
    List<Left> remember(Standpoint at, String note, String who) {
        StoredJob loaded = store.load(at.job());
        RigAnalysis analysis = at.in(reports.of(loaded));
        rows.save(new SnapshotRow(
                new Standpoint(
                        at.job(),
                        at.build(),
                        analysis.rig().configuration().id(),
                        analysis.rig().lens()),
                loaded.buildRevision(at.build()),
                who,
                clock.instant().truncatedTo(ChronoUnit.MICROS),
                note.strip(),
                mapper.writeValueAsString(Snapshots.marks(analysis.rig()).stream()
                        .map(MarkView::of)
                        .toList()),
                mapper.writeValueAsString(DrawingView.of(Drawing.of(analysis, View.RIGHT)))));
        return latest(at);
    }

    /** The drawing as it was left, from the right. */
    @Transactional(readOnly = true)
    DrawingView drawing(Standpoint at, long id) {
        return mapper.readValue(row(at, id).drawing, DrawingView.class);
    }

    /** The numbers of one remembered state of this build. */
    @Transactional(readOnly = true)
    public List<Snapshots.Mark> marks(String job, BuildId build, long id) {
        return marks(row(new Standpoint(job, build, ConfigurationId.NONE, LensId.NONE), id)).stream()
                .map(MarkView::mark)
                .toList();
    }

    private SnapshotRow row(Standpoint at, long id) {
        return rows.findById(id)
                .filter(r -> r.job.equals(at.job()) && r.build.equals(at.build().toString()))
                .orElseThrow(() -> Refusal.notFound("Nothing was remembered under " + id + " for this build."));
    }
}
