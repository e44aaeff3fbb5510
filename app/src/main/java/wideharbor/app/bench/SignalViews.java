package wideharbor.app.bench;

import java.util.List;
import java.util.Locale;
import wideharbor.core.bench.SignalSheet;
import wideharbor.core.check.CheckContext;
import wideharbor.core.signal.CableSchedule;
import wideharbor.core.signal.ConnectOrder;

/** What the Signal screen is answered with. */
final class SignalViews {
    private SignalViews() {}

    record Signals(
            String configuration,
            List<SignalSheet.BoxRow> boxes,
            List<LinkView> links,
            List<SignalSheet.SeatRow> seats,
            List<SignalSheet.SoundRow> sound,
            List<SignalSheet.TimeRow> time,
            List<ConnectOrder> orders,
            List<CableView> cables,
            List<SignalSheet.SwitchRow> switches,
            int revision) {
        static Signals of(CheckContext context, SignalSheet s, int revision) {
            return new Signals(
                    context.rig().configuration().id(),
                    s.boxes(),
                    s.links().stream().map(LinkView::of).toList(),
                    s.seats(),
                    s.sound(),
                    s.time(),
                    s.orders(),
                    s.cables().stream().map(CableView::of).toList(),
                    s.switches(),
                    revision);
        }
    }

    record LinkView(String from, String to, String fromSocket, String toSocket, String carried, String kind, String by) {
        static LinkView of(SignalSheet.LinkRow l) {
            return new LinkView(
                    l.from(),
                    l.to(),
                    l.fromSocket(),
                    l.toSocket(),
                    l.carried().inWords(),
                    l.kind().name().toLowerCase(Locale.ROOT),
                    l.by());
        }
    }

    record CableView(
            String id,
            String name,
            String carries,
            CableSchedule.End a,
            CableSchedule.End b,
            double neededMm,
            double lengthMm,
            boolean tooShort,
            String label,
            List<String> twins) {
        static CableView of(SignalSheet.CableLine line) {
            CableSchedule.Row r = line.cable();
            return new CableView(
                    r.id(),
                    r.name(),
                    r.carries().name().toLowerCase(Locale.ROOT),
                    r.a(),
                    r.b(),
                    r.neededMm(),
                    r.lengthMm(),
                    r.isTooShort(),
                    r.label(),
                    line.twins());
        }
    }
}
