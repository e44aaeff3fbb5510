package wideharbor.app.signal;

import java.util.List;
import java.util.Locale;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.Facet;
import wideharbor.core.edit.CableEdits;
import wideharbor.core.rig.Placed;
import wideharbor.core.sheet.SignalSheet;
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
            List<PartView> parts,
            List<OpenView> open,
            int revision) {
        static Signals of(RigAnalysis analysis, SignalSheet s, int revision) {
            return new Signals(
                    analysis.rig().configuration().id(),
                    s.boxes(),
                    s.links().stream().map(LinkView::of).toList(),
                    s.seats(),
                    s.sound(),
                    s.time(),
                    s.orders(),
                    s.cables().stream().map(CableView::of).toList(),
                    s.switches(),
                    analysis.rig().attached().stream().map(PartView::of).toList(),
                    CableEdits.open(analysis).stream().map(OpenView::of).toList(),
                    revision);
        }
    }

    /** A part that a cable may be led along, and whether the rest of one fits into its bay. */
    record PartView(String id, String title, boolean bay) {
        static PartView of(Placed placed) {
            return new PartView(
                    placed.id(),
                    placed.title(),
                    placed.type().facet(Facet.InnerBay.class).isPresent());
        }
    }

    record OpenView(String ref, String part, String title, String kind, String direction, String connector) {
        static OpenView of(CableEdits.Open o) {
            return new OpenView(
                    o.ref().toString(),
                    o.part(),
                    o.title(),
                    o.kind().name().toLowerCase(Locale.ROOT),
                    o.direction().name().toLowerCase(Locale.ROOT),
                    o.connector());
        }
    }

    /** Where a cable may lead, and by what. */
    record PlugOfferView(OpenView to, List<ChoiceView> cables) {
        static PlugOfferView of(CableEdits.Offer o) {
            return new PlugOfferView(
                    OpenView.of(o.to()), o.cables().stream().map(ChoiceView::of).toList());
        }
    }

    record ChoiceView(String item, String title, int inKit, double lengthMm, double neededMm, boolean reaches) {
        static ChoiceView of(CableEdits.Choice c) {
            return new ChoiceView(
                    c.type().ref().toString(), c.type().name(), c.inKit(), c.lengthMm(), c.neededMm(), c.reaches());
        }
    }

    record LinkView(
            String from, String to, String fromSocket, String toSocket, String carried, String kind, String by) {
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
            double turnedMm,
            String turned,
            double lengthMm,
            boolean tooShort,
            boolean tautWhenTurned,
            String label,
            List<String> along,
            String stowedIn,
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
