package wideharbor.core.sheet;

import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.BatteryDraw;
import wideharbor.core.analysis.InputVolts;
import wideharbor.core.analysis.OutletLoad;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.power.FeedTree;
import wideharbor.core.power.Volts;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Span;

/** The feed tree as lines: batteries, their outlets, what lives off them. */
final class FeedRows {
    private FeedRows() {}

    static PowerSheet.FeedRow battery(BatteryDraw draw) {
        FeedTree.Source source = draw.source();
        PowerFacet.Battery spec = source.spec();
        return new PowerSheet.FeedRow(
                0,
                PowerSheet.Kind.BATTERY,
                source.battery().id(),
                source.battery().title(),
                source.plate().map(p -> "on " + p.title()).orElse("on nothing"),
                Optional.of(new Span(spec.endVolts(), spec.fullVolts())),
                Optional.of(spec.nominalVolts()),
                draw.load().runningWatts() / spec.endVolts(),
                draw.load().runningWatts(),
                draw.load().peakWatts(),
                draw.running().to(),
                false,
                draw.state());
    }

    static void outlet(RigAnalysis analysis, FeedTree.Outlet outlet, int depth, List<PowerSheet.FeedRow> rows) {
        OutletLoad out = OutletLoad.of(analysis, outlet);
        Optional<Socket> socket = outlet.placed().type().socket(outlet.spec().socket());
        boolean free = outlet.link().isEmpty();
        rows.add(new PowerSheet.FeedRow(
                depth,
                PowerSheet.Kind.OUTLET,
                outlet.placed().id(),
                socket.map(Socket::title).orElse("contacts"),
                socket.map(Socket::connector).orElse(""),
                Volts.atOutlet(analysis.feeds(), outlet),
                Volts.atOutlet(analysis.feeds(), outlet, Volts.Charge.NOMINAL),
                out.amps().orElse(0.0),
                out.load().runningWatts(),
                out.load().peakWatts(),
                out.running().to(),
                free,
                free ? CheckState.FINE : out.state()));
        outlet.link().ifPresent(link -> device(analysis, outlet, depth + 1, rows));
    }

    /** The device that hangs on an outlet. */
    private static void device(RigAnalysis analysis, FeedTree.Outlet outlet, int depth, List<PowerSheet.FeedRow> rows) {
        FeedTree.Link link = outlet.link().orElseThrow();
        FeedTree feeds = analysis.feeds();
        FeedTree.Load load = feeds.taken(outlet);
        InputVolts at = InputVolts.of(analysis, link.device(), link.input());
        Optional<Span> volts = Volts.atDevice(feeds, outlet);
        rows.add(new PowerSheet.FeedRow(
                depth,
                PowerSheet.Kind.DEVICE,
                link.device().id(),
                link.device().title(),
                link.lead()
                        .map(l -> "by " + Math.round(l.wire().lengthMm()) + " mm of cable")
                        .orElse("by contacts"),
                volts,
                Volts.atDevice(feeds, outlet, Volts.Charge.NOMINAL),
                OutletLoad.amps(feeds, outlet).orElse(0.0),
                load.runningWatts(),
                load.peakWatts(),
                0,
                false,
                at.state()));
        if (depth < PowerSheet.DEEPEST) {
            feeds.outlets().stream()
                    .filter(o -> o.placed().id().equals(link.device().id()))
                    .forEach(o -> outlet(analysis, o, depth + 1, rows));
        }
    }
}
