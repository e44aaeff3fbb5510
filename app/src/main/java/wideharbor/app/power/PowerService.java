package wideharbor.app.power;

import java.util.Optional;
import org.springframework.stereotype.Service;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Reports;
import wideharbor.app.job.Standpoint;
import wideharbor.app.job.StoredJob;
import wideharbor.app.security.Accounts;
import wideharbor.app.web.Refusal;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.sheet.PowerSheet;

/** The feed tree of a rig and its day. */
@Service
class PowerService {
    private final JobStore store;
    private final Reports reports;
    private final Accounts accounts;

    PowerService(JobStore store, Reports reports, Accounts accounts) {
        this.accounts = accounts;
        this.store = store;
        this.reports = reports;
    }

    /** What is tried beside it is not stored; an empty item tries no other battery. */
    PowerViews.Power power(Standpoint at, String item, int moreBatteries, int moreBays) {
        StoredJob stored = store.load(at.job());
        RigAnalysis analysis = at.in(reports.of(stored));
        PowerSheet sheet =
                PowerSheet.of(analysis, new PowerSheet.Change(battery(analysis, item), moreBatteries, moreBays));
        return new PowerViews.Power(
                stored.buildRevision(analysis.build().id()),
                analysis.rig().configuration().id(),
                analysis.rig().lens(),
                sheet.tree(),
                sheet.day(),
                !analysis.job().brief().asks().shoot().day().isEmpty(),
                sheet.plates().stream()
                        .map(p -> PowerViews.PlateView.of(p, accounts::displayName))
                        .toList(),
                sheet.devices(),
                sheet.flown().stream().map(PowerViews.FlownView::of).toList(),
                sheet.islands());
    }

    private static Optional<ItemType> battery(RigAnalysis analysis, String item) {
        if (item.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(analysis.catalogue().current().stream()
                .filter(t -> t.ref().toString().equals(item)
                        && t.facet(PowerFacet.Battery.class).isPresent())
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("The catalogue has no battery " + item + ".")));
    }
}
