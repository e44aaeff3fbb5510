package wideharbor.core.check;

import java.util.List;
import java.util.stream.Stream;
import wideharbor.core.check.access.AccessChecks;
import wideharbor.core.check.balance.BalanceChecks;
import wideharbor.core.check.brief.BriefChecks;
import wideharbor.core.check.front.FrontChecks;
import wideharbor.core.check.media.MediaChecks;
import wideharbor.core.check.mount.MountChecks;
import wideharbor.core.check.people.PeopleChecks;
import wideharbor.core.check.power.PowerChecks;
import wideharbor.core.check.rods.RodsChecks;
import wideharbor.core.check.signal.SignalChecks;
import wideharbor.core.check.ways.WaysChecks;

/** Every check there is, family by family. */
final class AllChecks {
    private AllChecks() {}

    static List<Check> list() {
        return Stream.of(
                        MountChecks.all(),
                        RodsChecks.all(),
                        AccessChecks.all(),
                        FrontChecks.all(),
                        BalanceChecks.all(),
                        PowerChecks.all(),
                        BriefChecks.all(),
                        SignalChecks.all(),
                        MediaChecks.all(),
                        PeopleChecks.all(),
                        WaysChecks.all())
                .flatMap(List::stream)
                .toList();
    }
}
