package wideharbor.core.check.access;

import static wideharbor.core.job.Subject.part;

import java.util.List;
import java.util.stream.Stream;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.clearance.Clearances;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Nudges;
import wideharbor.core.geometry.Shape;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;
import wideharbor.core.standard.Standard;

/**
 * Room that a part keeps free for one purpose is free: one check per purpose, so that each has its id and its reason.
 */
final class KeptRoom implements Check {
    private final Shape.Use use;
    private final String room;
    private final CheckCard card;

    private KeptRoom(Shape.Use use, String room, String because, Severity severity) {
        String id = use.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
        this.use = use;
        this.room = room;
        this.card = CheckCardBuilder.builder()
                .id("access." + id)
                .family("access")
                .title("Free: " + room)
                .subjects("every part that keeps room for it")
                .expectation("no other part stands in the room kept free for the " + room)
                .because(because)
                .formula("depth of the intruder in the room")
                .source("geometry; rooms as the catalogue draws them")
                .severity(severity)
                .build();
    }

    /** All of them. */
    public static List<Check> all() {
        return Stream.of(mustBeReached(), shouldBeFree(), nearPeople())
                .flatMap(List::stream)
                .toList();
    }

    private static List<Check> mustBeReached() {
        return List.of(
                new KeptRoom(
                        Shape.Use.CARD_DOOR, "card door", "a card that cannot be changed stops the day", Severity.STOP),
                new KeptRoom(
                        Shape.Use.BATTERY_PATH,
                        "battery's way off",
                        "a battery that cannot be changed stops the day",
                        Severity.STOP));
    }

    private static List<Check> shouldBeFree() {
        return List.of(
                new KeptRoom(
                        Shape.Use.VENT, "vent", "a covered fan runs loud, then the body shuts down", Severity.CAUTION),
                new KeptRoom(
                        Shape.Use.PORT_PANEL,
                        "port panel",
                        "a socket that cannot be reached is a socket less",
                        Severity.CAUTION),
                new KeptRoom(
                        Shape.Use.LENS_RELEASE,
                        "lens release",
                        "every lens change then begins with taking something off",
                        Severity.CAUTION),
                new KeptRoom(
                        Shape.Use.CONTROLS,
                        "controls",
                        "buttons behind a part are pressed by feel, or not at all",
                        Severity.CAUTION));
    }

    private static List<Check> nearPeople() {
        return List.of(
                new KeptRoom(
                        Shape.Use.DISPLAY_SWING,
                        "swing of the display",
                        "a screen that meets metal breaks, or stays where nobody sees it",
                        Severity.CAUTION),
                new KeptRoom(
                        Shape.Use.ANTENNA,
                        "antenna",
                        "metal or a hand at the antenna shortens the link",
                        Severity.CAUTION),
                new KeptRoom(
                        Shape.Use.HAND,
                        "hand in the handle",
                        "fingers that do not fit hold something that gives way",
                        Severity.CAUTION),
                new KeptRoom(
                        Shape.Use.EYE, "eye at the finder", "the operator's head must get there", Severity.CAUTION));
    }

    @Override
    public CheckCard card() {
        return card;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Clearances clearances = analysis.clearances();
        for (Placed placed : analysis.rig().attached()) {
            if (clearances.roomsOf(placed.id()).contains(use)) {
                results.fine();
            }
        }
        double limit = analysis.rule(Rule.ROOM_INTRUSION);
        for (Clearances.Intrusion intrusion : clearances.intrusions()) {
            if (intrusion.use() == use && intrusion.depthMm() > limit && !isItsOwnBattery(intrusion, analysis)) {
                results.found(
                        About.of("room", part(intrusion.keeper()), part(intrusion.intruder())),
                        analysis.rig().title(intrusion.intruder()) + " stands " + Words.mm(intrusion.depthMm())
                                + " in the room for the " + room,
                        Evidence.Amount.atMost(intrusion.depthMm(), limit, "mm"),
                        "On " + analysis.rig().title(intrusion.keeper()) + ": " + card.because() + ".");
            }
        }
    }

    /** The battery on a plate stands where it goes off: that room is for it. */
    private boolean isItsOwnBattery(Clearances.Intrusion intrusion, RigAnalysis analysis) {
        return use == Shape.Use.BATTERY_PATH
                && analysis.rig()
                        .locatedBy(intrusion.intruder())
                        .filter(j -> j.parent().placement().equals(intrusion.keeper()))
                        .map(j -> analysis.standards()
                                .require(analysis.rig().port(j.parent()).standard())
                                .family())
                        .filter(family -> family == Standard.Family.BATTERY)
                        .isPresent();
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        double depth = ((Evidence.Amount) finding.evidence()).measured();
        List<PlacementId> parts = finding.key().parts();
        return Nudges.apart(analysis, List.of(parts.get(1), parts.get(0)), depth);
    }
}
