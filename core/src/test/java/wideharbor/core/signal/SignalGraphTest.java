package wideharbor.core.signal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.Shoot.Viewer;
import wideharbor.core.brief.ShootBuilder;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.catalog.SignalFacet.Trust;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.power.FeedTree;
import wideharbor.core.quantity.Figure;
import wideharbor.core.rig.Rig;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Ids;
import wideharbor.core.testkit.Rigs;
import wideharbor.core.testkit.Signals;

class SignalGraphTest {
    static Rig resolved(Rigs rigs) {
        return Rig.resolve(rigs.build(), Rigs.STUDIO, LensId.NONE, rigs.catalogue());
    }

    /** Body, a live loop on its first output, a screen behind that. */
    private static Rigs chain(boolean live) {
        return Signals.rig()
                .with("loop", Signals.loop("loop", live))
                .with("screen", Signals.display("screen", Trust.FOCUS, 3))
                .join("j1", "body:face-0", "loop:foot")
                .join("j2", "body:face-1", "screen:foot")
                .cable("k1", Signals.picture(), "body:sdi-1", "loop:in")
                .cable("k2", Signals.picture(), "screen:sdi", "loop:out");
    }

    @Test
    void aWayGoesThroughWhatPassesOnWhicheverWayTheCableLies() {
        SignalGraph graph = SignalGraph.of(resolved(chain(true)));
        Route route = graph.to(PlacementId.of("screen"), Carried.PICTURE).orElseThrow();
        assertEquals(Ids.list("body", "loop", "screen"), route.boxes());
        assertEquals(
                List.of(Hop.Kind.CABLE, Hop.Kind.LIVE, Hop.Kind.CABLE),
                route.hops().stream().map(Hop::kind).toList());
        assertEquals(2, route.links());
        assertEquals(3.0, route.sent(graph).orElseThrow());
        assertEquals(3.0, route.narrowest(graph).orElseThrow().gigabits());
    }

    @Test
    void withoutACableTheWayEndsWhereNothingLeads() {
        Rigs rigs = Signals.rig()
                .with("loop", Signals.loop("loop", true))
                .with("screen", Signals.display("screen", Trust.FOCUS, 3))
                .join("j1", "body:face-0", "loop:foot")
                .join("j2", "body:face-1", "screen:foot")
                .cable("k2", Signals.picture(), "loop:out", "screen:sdi");
        SignalGraph graph = SignalGraph.of(resolved(rigs));
        assertEquals(Optional.empty(), graph.to(PlacementId.of("screen"), Carried.PICTURE));
        assertEquals(
                new SocketRef(PlacementId.of("loop"), "in"),
                graph.brokenAt(new SocketRef(PlacementId.of("screen"), "sdi")));
    }

    /**
     * A body whose power goes takes everything with it; a live loop what is behind it; a wire through takes nothing.
     */
    @Test
    void aBoxWithoutPowerTakesWhatIsBehindIt() {
        Rig live = resolved(chain(true));
        Outage loop = Outage.of(PlacementId.of("loop"), live, FeedTree.of(live), SignalGraph.of(live));
        assertEquals(Ids.list("loop"), loop.dark());
        assertEquals(
                List.of("loop:in", "screen:sdi"),
                loop.lost().stream().map(l -> l.input().toString()).toList());
        Rig wire = resolved(chain(false));
        assertEquals(
                List.of("loop:in"),
                Outage.of(PlacementId.of("loop"), wire, FeedTree.of(wire), SignalGraph.of(wire)).lost().stream()
                        .map(l -> l.input().toString())
                        .toList());
        assertEquals(
                2,
                Outage.of(PlacementId.of("body"), live, FeedTree.of(live), SignalGraph.of(live))
                        .lost()
                        .size());
    }

    /** The battery goes: all that lives off its plate goes, and what keeps time on its own cells does not. */
    @Test
    void aBatteryTakesWhatItFeedsAndNoMore() {
        Rigs rigs = Signals.rig()
                .with("plate", Bag.plate())
                .with("battery", Bag.battery("battery-100", Figure.maker(100)))
                .with("screen", Signals.display("screen", Trust.FOCUS, 3))
                .with("clock", Signals.clock())
                .join("j0", "body:face-0", "plate:foot")
                .join("j1", "plate:battery", "battery:plug")
                .join("j2", "body:face-1", "screen:foot")
                .join("j3", "body:face-2", "clock:foot")
                .cable("p1", Signals.power(), "plate:out-1", "body:power")
                .cable("p2", Signals.power(), "plate:out-2", "screen:power")
                .cable("k1", Signals.picture(), "body:sdi-1", "screen:sdi")
                .cable("k2", Signals.cable(Carried.TIME, 400), "clock:tc", "body:tc");
        Rig rig = resolved(rigs);
        Outage outage = Outage.of(PlacementId.of("battery"), rig, FeedTree.of(rig), SignalGraph.of(rig));
        assertEquals(Ids.list("battery", "plate", "body", "screen"), outage.dark());
        assertEquals(
                Ids.list("clock"),
                Outage.of(PlacementId.of("clock"), rig, FeedTree.of(rig), SignalGraph.of(rig))
                        .dark());
        assertFalse(outage.dark().contains(PlacementId.of("clock")), "it keeps its time");
    }

    private static Rigs village(int receivers, Viewer... viewers) {
        return Signals.rig()
                .with("link", Signals.sender("one", "5 GHz", receivers))
                .join("j1", "body:face-0", "link:foot")
                .cable("k1", Signals.picture(), "body:sdi-2", "link:sdi")
                .inKit(Signals.display("small", Trust.FRAME, 3), 1)
                .inKit(Signals.display("large", Trust.COLOUR, 3), 1)
                .inKit(Signals.receiver("one"), 2)
                .inKit(Signals.picture(), 2)
                .shooting(ShootBuilder.builder().viewers(List.of(viewers)).build());
    }

    private static Monitoring monitoring(Rigs rigs) {
        Rig rig = resolved(rigs);
        return Monitoring.of(rigs.job(), rig, SignalGraph.of(rig));
    }

    /** Who asks little gets little, so that the one who judges colour finds the display for it. */
    @Test
    void eachTakesTheLeastDisplayThatWillDo() {
        Monitoring both = monitoring(
                village(2, new Viewer("Agency", Trust.FRAME, true), new Viewer("Colourist", Trust.COLOUR, true)));
        assertEquals(
                List.of("Agency", "Colourist"),
                both.seats().stream().map(s -> s.viewer().who()).toList());
        assertEquals(
                List.of("small", "large"),
                both.seats().stream()
                        .map(s -> s.display().orElseThrow().type().name())
                        .toList());
        assertTrue(both.seats().stream().allMatch(Seat::isReached));
        Route way = both.seats().get(0).route().orElseThrow();
        assertEquals(3, way.links(), "cable, radio, cable");
    }

    @Test
    void aTransmitterServesSoManyAndThenTheWayBreaksAtTheReceiver() {
        Monitoring one = monitoring(
                village(1, new Viewer("Agency", Trust.FRAME, true), new Viewer("Colourist", Trust.COLOUR, true)));
        assertEquals(1, one.seats().stream().filter(Seat::isReached).count());
        Seat left = one.seats().stream().filter(s -> !s.isReached()).findFirst().orElseThrow();
        assertEquals(Seat.Missing.LINK, left.missing());
        assertTrue(left.whyNot().contains("receiver-one"), left.whyNot());
    }

    /** The eyepiece is the operator's: a focus puller on a cable wants a screen of their own. */
    @Test
    void theFocusPullerIsNotSeatedAtTheEyepiece() {
        Rigs rigs = Signals.rig()
                .with("eye", Signals.finder(SignalFacet.Tube.SQUARE))
                .join("j1", "body:face-0", "eye:foot")
                .cable("k1", Signals.cable(Carried.FINDER, 400), "body:finder", "eye:bus")
                .shooting(ShootBuilder.builder()
                        .viewers(List.of(
                                new Viewer("Focus puller", Trust.FOCUS, false),
                                new Viewer("Operator", Trust.FOCUS, false)))
                        .build());
        List<Seat> seats = monitoring(rigs).seats();
        assertEquals(Seat.Missing.DISPLAY, seats.get(0).missing());
        assertEquals("eye", seats.get(1).display().orElseThrow().id().toString());
        assertTrue(seats.get(1).isReached());
    }

    /** A display with a receiver in it wants neither a receiver beside it nor a cable. */
    @Test
    void aDisplayMayHearForItself() {
        Rigs rigs = Signals.rig()
                .with("link", Signals.sender("one", "5 GHz", 2))
                .join("j1", "body:face-0", "link:foot")
                .cable("k1", Signals.picture(), "body:sdi-2", "link:sdi")
                .inKit(Signals.hearing("tablet", Trust.FRAME, "one"), 1)
                .shooting(ShootBuilder.builder()
                        .viewers(List.of(new Viewer("Director", Trust.FRAME, true)))
                        .build());
        Seat seat = monitoring(rigs).seats().get(0);
        assertTrue(seat.isReached(), seat.whyNot());
        assertEquals(2, seat.route().orElseThrow().links(), "cable, radio");
    }

    @Test
    void whatIsMissingIsNamed() {
        Monitoring three = monitoring(village(
                4,
                new Viewer("A", Trust.COLOUR, true),
                new Viewer("B", Trust.COLOUR, true),
                new Viewer("C", Trust.FRAME, false)));
        assertEquals(
                List.of(Seat.Missing.NOTHING, Seat.Missing.DISPLAY, Seat.Missing.DISPLAY),
                three.seats().stream().map(Seat::missing).toList());
        Rigs silent = Signals.rig()
                .inKit(Signals.display("small", Trust.FRAME, 3), 1)
                .inKit(Signals.receiver("one"), 1)
                .inKit(Signals.picture(), 1)
                .shooting(ShootBuilder.builder()
                        .viewers(List.of(new Viewer("A", Trust.FRAME, true)))
                        .build());
        assertEquals(Seat.Missing.SENDER, monitoring(silent).seats().get(0).missing());
    }

    /** Who looks at another build is not this rig's concern. */
    @Test
    void aViewerOfAnotherBuildIsNotCountedHere() {
        Monitoring none = monitoring(village(2, new Viewer("Agency", Trust.FRAME, true, BuildId.of("b"))));
        assertEquals(List.of(), none.seats());
    }

    @Test
    void soundIsCountedByChannelsAndNeedsPowerOnTheLine() {
        Rigs rigs = Signals.rig()
                .with("mic", Signals.microphone(4, true))
                .join("j1", "body:face-0", "mic:foot")
                .cable("k1", Signals.cable(Carried.SOUND, 600), "mic:out", "body:audio");
        Rig rig = resolved(rigs);
        SoundPlan plan = SoundPlan.of(SignalGraph.of(rig), rig.content());
        assertEquals(1, plan.lines().size());
        assertTrue(plan.lines().get(0).powered());
        assertEquals(4, plan.sinks().get(0).channelsIn());
        assertTrue(plan.sinks().get(0).isFull(), "four into two");
    }

    /** One channel, kept a second time 12 dB lower: two of two. Two channels so kept would need four. */
    @Test
    void aSafetyTrackIsTheSameSourceOnAnotherChannel() {
        for (int channels : new int[] {1, 2}) {
            Rigs rigs = Signals.rig()
                    .with("mic", Signals.microphone(channels, true))
                    .join("j1", "body:face-0", "mic:foot")
                    .cable("k1", Signals.cable(Carried.SOUND, 600), "mic:out", "body:audio")
                    .set("body:audio:2", 12);
            Rig rig = resolved(rigs);
            SoundPlan.Sink sink =
                    SoundPlan.of(SignalGraph.of(rig), rig.content()).sinks().get(0);
            assertEquals(2 * channels, sink.channelsIn());
            assertEquals(12, sink.safetyDb());
            assertEquals(channels == 2, sink.isFull());
        }
    }

    /** Only a body with the rule has an order, and it says where the rule is from. */
    @Test
    void theOrderIsTheBodysOwn() {
        assertEquals(List.of(), ConnectOrder.of(SignalGraph.of(resolved(chain(true)))));
        Rigs rigs = Signals.rig(new SignalFacet.CoaxLast("the maker"))
                .with("screen", Signals.display("screen", Trust.FOCUS, 3))
                .join("j", "body:face-0", "screen:foot")
                .cable("k", Signals.picture(), "body:sdi-1", "screen:sdi");
        ConnectOrder order = ConnectOrder.of(SignalGraph.of(resolved(rigs))).get(0);
        assertEquals("the maker", order.source());
        assertEquals(
                List.of(
                        "Picture cables are off body.",
                        "Power on body; wait until it stands.",
                        "Power on screen; wait until it stands.",
                        "Plug the picture cable, sdi-1 to screen."),
                order.on());
        assertEquals("Unplug the picture cable, sdi-1 to screen.", order.off().get(0));
    }

    /** Plugs of 45 at both ends and 10 upwards between: (10 + 90) × 1.1 = 110. */
    @Test
    void aCableNeedsItsWayItsPlugsAndATenth() {
        Rigs rigs = Signals.rig()
                .with("screen", Signals.display("screen", Trust.FOCUS, 3))
                .join("j", "body:face-1", "screen:foot")
                .cable("k", Signals.cable(Carried.PICTURE, 100), "body:sdi-1", "screen:sdi");
        CableSchedule.Row row =
                CableSchedule.of(resolved(rigs), new Dressing(45, 20, 45)).get(0);
        assertEquals(110, row.neededMm(), 1e-6);
        assertTrue(row.isTooShort());
        assertEquals("A body › screen", row.label());
    }
}
