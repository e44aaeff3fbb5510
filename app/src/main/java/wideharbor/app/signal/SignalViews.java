package wideharbor.app.signal;

import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.edit.CableEdits;
import wideharbor.core.id.CableId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;
import wideharbor.core.sheet.SignalSheet;
import wideharbor.core.signal.CableSchedule;
import wideharbor.core.signal.ConnectOrder;

/** What the Signal screen is answered with. */
final class SignalViews {
    private SignalViews() {}

    record Signals(
            ConfigurationId configuration,
            List<SignalSheet.BoxRow> boxes,
            List<SignalSheet.LinkRow> links,
            List<SignalSheet.SeatRow> seats,
            List<SignalSheet.SoundRow> sound,
            List<SignalSheet.TimeRow> time,
            List<ConnectOrder> orders,
            List<CableView> cables,
            List<SignalSheet.SwitchRow> switches,
            List<PartView> parts,
            List<CableEdits.Open> open,
            int revision) {
        static Signals of(RigAnalysis analysis, SignalSheet s, int revision) {
            return new Signals(
                    analysis.rig().configuration().id(),
                    s.boxes(),
                    s.links(),
                    s.seats(),
                    s.sound(),
                    s.time(),
                    s.orders(),
                    s.cables().stream().map(CableView::of).toList(),
                    s.switches(),
                    analysis.rig().attached().stream().map(PartView::of).toList(),
                    CableEdits.open(analysis),
                    revision);
        }
    }

    /** A part that a cable may be led along, and whether the rest of one fits into its bay. */
    record PartView(PlacementId id, String title, boolean bay) {
        static PartView of(Placed placed) {
            return new PartView(
                    placed.id(),
                    placed.title(),
                    placed.type().facet(PowerFacet.InnerBay.class).isPresent());
        }
    }

    record CableView(
            CableId id,
            String name,
            Socket.Kind carries,
            CableSchedule.End a,
            CableSchedule.End b,
            double neededMm,
            double turnedMm,
            String turned,
            double lengthMm,
            boolean tooShort,
            boolean tautWhenTurned,
            String label,
            List<PlacementId> along,
            PlacementId stowedIn,
            List<String> twins) {
        static CableView of(SignalSheet.CableLine line) {
            CableSchedule.Row r = line.cable();
            return new CableView(
                    r.id(),
                    r.name(),
                    r.carries(),
                    r.a(),
                    r.b(),
                    r.neededMm(),
                    r.turnedMm(),
                    r.turned(),
                    r.lengthMm(),
                    r.isTooShort(),
                    r.isTautWhenTurned(),
                    r.label(),
                    r.laid().along(),
                    r.laid().stowedIn(),
                    line.twins());
        }
    }
}
