package wideharbor.core.brief;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import wideharbor.core.quantity.Require;
import wideharbor.core.quantity.Words;

/**
 * The house's own numbers, each with its unit and reason, and its ways of working. A number that was changed stands
 * before one that a way of working sets, that before the standard.
 */
public final class HouseRules {
    private final Map<Rule, Double> changed;
    private final Preferences ways;
    private final Map<Rule, Double> values;
    private final Map<String, Preferences.Weighing> weighings;

    /** A number a house may set within its limits. */
    public enum Rule {
        ROD_HEIGHT_TOLERANCE(1.0, 0.1, 5, "mm", "Boxes and supports sit visibly off centre beyond it."),
        SHIM_TOLERANCE(0.25, 0.01, 1, "mm", "The nearest stack of shims may miss by this much."),
        ROD_MARGIN(20, 0, 200, "mm", "A clamp at the very end of a rod slips off."),
        CLOSURE_GAP(0.5, 0.05, 5, "mm", "A face that is drawn together by force bends what it ties."),
        CLOSURE_ANGLE(1.0, 0.1, 10, "degrees", "A face that meets at an angle bears on one edge."),
        TWIST_MOMENT(0.02, 0, 5, "N·m", "Below it, gravity does not turn a snug screw."),
        BAR_MOMENT(1.0, 0, 20, "N·m", "So much a clamp holds round a smooth bar by friction alone."),
        USABLE_CHARGE(0.90, 0.3, 1, "", "Devices shut off before a battery is empty."),
        RUNTIME_RESERVE(1.0, 1, 3, "", "Charge at hand over charge needed."),
        MOUNT_LENGTH(250, 50, 2000, "mm", "A longer lens bends its mount in travel."),
        MOUNT_MASS(2500, 200, 50_000, "g", "A heavier lens bends its mount in travel."),
        INTERFERENCE(1.0, 0.1, 10, "mm", "Drawings of parts are no more exact than this."),
        ROOM_INTRUSION(2.0, 0.1, 50, "mm", "Room kept free is drawn with a little to spare."),
        PLUG_STRAIGHT(45, 5, 200, "mm", "A straight plug with its first bend."),
        PLUG_RIGHT_ANGLE(20, 5, 200, "mm", "A right-angle plug with its first bend."),
        CABLE_TURN(
                45,
                0,
                180,
                "degrees",
                "A display, a finder or an arm is turned so far on the day, with its cables in."),
        NIGHT(10, 1, 23, "h", "From wrap to call, while the chargers run."),
        ARM_DRIFT(0.80, 0.1, 1, "", "Nearer its rating than this, an arm creeps during the day."),
        ROD_REAR(120, 0, 500, "mm", "Rods that stand out further behind meet the operator."),
        LENS_ROOM(3, 0, 50, "mm", "A ring between barrel and rod must still turn."),
        PORTS_TURN(60, 0, 1000, "mm", "For less cable than this nobody turns a device round."),
        SET_DOWN_MARGIN(15, 0, 200, "mm", "Nearer its edge than this, a knock tips a rig that was put down."),
        DOCK_BAND(0.10, 0.01, 1, "mm", "Feeler gaps agree no better than this."),
        OUTPUT_MARGIN(0.0, 0, 0.8, "", "Share of an output's rating that is kept free."),
        TIME_LEVER(0.3, 0.05, 10, "min", "A lever, a latch or a thumb screw, with a look that it holds."),
        TIME_SCREW(0.5, 0.05, 10, "min", "A screw found, started by hand and made firm."),
        TIME_TOOL(0.5, 0, 10, "min", "A tool is fetched and put back."),
        TIME_CABLE(0.4, 0.05, 10, "min", "A cable plugged, locked and laid."),
        TIME_LIFT(1.5, 0, 30, "min", "A heavy rig is taken off by two, set down safely and looked over."),
        LIFT_MASS(8000, 500, 100_000, "g", "What is heavier is lifted with care, and by two above the team's limit."),
        TIME_TURN(0.7, 0, 10, "min", "A rig on the table is turned over on something soft."),
        TIME_SIDE(0.1, 0, 5, "min", "One goes round to another side of the rig."),
        TIME_SETTING(0.4, 0.05, 10, "min", "A slide or an angle brought to its mark."),
        HAND_CAUTION(15, 1, 200, "N", "More than this at the grips tires within a take."),
        HAND_STOP(40, 1, 400, "N", "More than this nobody holds for a shot."),
        HANG_TILT(3, 0.2, 45, "degrees", "A rig that hangs further down fights the hand."),
        LATERAL(15, 1, 200, "mm", "Further to one side, it twists the wrist or the vest."),
        TIP_ANGLE(10, 1, 45, "degrees", "A slope or a knock of this much must not tip it."),
        HEAD_DRAG(1.5, 0, 50, "N·m", "What a head’s drag holds of what its springs leave, where it is not on file."),
        ARM_UNEVEN(
                0.1,
                0,
                1,
                "",
                "Share of its lift by which a sprung arm pulls more or less at the ends of its travel, "
                        + "where that is not "
                        + "on file; half of it to half as much again counts as possible."),
        INNER_DROP(
                0.04,
                0,
                0.5,
                "",
                "Share of its volts that a battery loses inside at a draw of 1 C, where its inner "
                        + "resistance is not on file; "
                        + "half of it to half as much again counts as possible."),
        DROPOUT(
                0.5,
                0,
                5,
                "V",
                "What an output that steps down needs over the volts it gives, where that is not on file; "
                        + "nothing to twice "
                        + "this counts as possible."),
        TILT_RANGE(60, 0, 90, "degrees", "A head is tilted this far up and down in a shot."),
        TIP_TILTED(5, 0, 45, "degrees", "While it is tilted a hand is on it; this much of a knock must not tip it."),
        CORNER_SHADE(0.3, 0, 3, "stops", "A corner that is darker than this shows in a sky or on a wall."),
        CLAMP_FIT(0.3, 0.05, 2, "mm", "A ring that misses a lens front by more slips, or does not go on."),
        GEAR_OVERLAP(0.6, 0.1, 1, "", "Share of the narrower teeth that must run in the other gear."),
        FLANGE(
                0.02,
                0.005,
                0.2,
                "mm",
                "A lens's flange distance against the sum of what is between it and the sensor."),
        PLAY_TORQUE(0.5, 0.05, 5, "N·m", "Torque at the lens that a sprung bayonet or a clamp takes without a brace."),
        CATCH_TORQUE(1.5, 0.05, 10, "N·m", "Torque at the lens that a bayonet with a catch takes without a brace."),
        DRIVE_RESERVE(1.3, 1, 5, "", "Torque at the ring over what turns it: grease is stiffer in the cold."),
        ROD_SAG(0.5, 0.05, 10, "mm", "Motors lose their mesh and boxes their centre beyond it."),
        CARD_SPEED(
                1.2, 1, 5, "", "A card must write so many times the rate of the mode: it is slower when it is full."),
        CARD_USABLE(
                0.95, 0.3, 1, "", "Share of a card that is recorded on; the rest is the file system’s and in reserve."),
        ROLLED_SHARE(
                0.35,
                0.02,
                1,
                "",
                "Share of the hours on in which a body records, where the day does not say; half of it to half as much "
                        + "again counts as possible."),
        COPIES(2, 1, 5, "copies", "So many copies of every card, each on a drive of its own."),
        COPY_PASSES(
                2,
                1,
                8,
                "passes",
                "A card is read so many times: once for all copies together and once to read them back; one more for "
                        + "every copy that is written after another."),
        CARD_CLEAR(10, 0, 240, "min", "Somebody looks at the copies and frees the card."),
        COPIES_LATE(90, 0, 720, "min", "After wrap, somebody waits for the last copy no longer than this."),
        CASE_FILL(0.6, 0.1, 1, "", "Share of a case’s room that things fill; the rest is foam and corners."),
        ON_SHARE(1.0, 0.2, 1, "", "Share of the hours on in which the camera really is on."),
        TWIN_MINUTES(10, 1, 480, "min", "When a change takes longer, a second body left ready is worth its hire."),
        EYE_REACH(80, 10, 400, "mm", "Further from where the eye is, the neck bends to the finder."),
        ARM_REACH(620, 200, 900, "mm", "From the shoulder to a grip that is held all day."),
        CABIN_FREE(
                100,
                1,
                1000,
                "Wh",
                "Up to so much a battery usually flies in the cabin unasked; the carrier and local law decide."),
        CABIN_ASKED(
                160,
                1,
                1000,
                "Wh",
                "Up to so much it usually flies with the carrier’s approval; the carrier and local law decide."),
        CABIN_SPARES(2, 0, 20, "pieces", "So many that need approval a person usually takes along."),
        GRAB_REACH(120, 20, 400, "mm", "A hand gets at what lies no deeper behind something else."),
        MEASURED_DIFFERS(
                0.05,
                0.005,
                0.5,
                "",
                "Share by which a measured figure may differ from what is computed before somebody looks "
                        + "for the reason."),
        ARM_CREEP(2, 0.1, 50, "mm", "So far the tip of an arm may sink while it is held in a test."),
        TEST_HELD(10, 1, 240, "min", "So long a load is held in a test."),
        RADIO_TRIED(50, 1, 2000, "m", "So far away a radio link is tried."),
        TEAM_LIFT(20_000, 1000, 100_000, "g", "Above it two people lift.");

        private final double standard;
        private final double least;
        private final double most;
        private final String unit;
        private final String reason;

        Rule(double standard, double least, double most, String unit, String reason) {
            this.standard = standard;
            this.least = least;
            this.most = most;
            this.unit = unit;
            this.reason = reason;
        }

        public double standard() {
            return standard;
        }

        public double least() {
            return least;
        }

        public double most() {
            return most;
        }

        public String unit() {
            return unit;
        }

        public String reason() {
            return reason;
        }
    }

    public static final HouseRules DEFAULTS = new HouseRules(Map.of());

    public HouseRules(Map<Rule, Double> changed) {
        this(changed, Preferences.STANDARD);
    }

    public HouseRules(Map<Rule, Double> changed, Preferences ways) {
        Map<Rule, Double> copy = new EnumMap<>(Rule.class);
        changed.forEach((rule, value) ->
                copy.put(rule, Require.within("House rule " + rule, value, rule.least, rule.most, rule.unit)));
        this.changed = Collections.unmodifiableMap(copy);
        this.ways = ways;
        this.values = new EnumMap<>(Rule.class);
        values.putAll(ways.figures());
        values.putAll(copy);
        this.weighings = ways.weighings();
    }

    /** The same numbers with a job's own ways of working. */
    public HouseRules forJob(Map<String, String> jobWays) {
        return jobWays.equals(ways.job()) ? this : new HouseRules(changed, ways.ofJob(jobWays));
    }

    /**
     * The same but for one number; without a value it is again what a way of working, or the standard, says.
     *
     * @throws IllegalArgumentException naming the rule and its limits
     */
    public HouseRules with(Rule rule, OptionalDouble value) {
        Map<Rule, Double> next = new EnumMap<>(Rule.class);
        next.putAll(changed);
        next.remove(rule);
        value.ifPresent(v -> next.put(rule, v));
        return new HouseRules(next, ways);
    }

    /** The same numbers as another house, and another operator, work. */
    public HouseRules inHouse(Map<String, String> houseWays, Map<String, String> personWays) {
        return new HouseRules(changed, ways.inHouse(houseWays).ofPerson(personWays));
    }

    public Map<Rule, Double> changed() {
        return changed;
    }

    public Preferences ways() {
        return ways;
    }

    /** The chosen answer that decides how much a check weighs, if one does. */
    public Optional<Preferences.Weighing> weighing(String check) {
        return Optional.ofNullable(weighings.get(check));
    }

    /** Where a figure is not the standard one, who says so. */
    public Optional<String> saidBy(Rule rule) {
        return changed.containsKey(rule)
                ? Optional.of(
                        "The house’s own figure; usually " + (Words.two(rule.standard) + " " + rule.unit).strip() + ".")
                : ways.settingOf(rule).map(Preferences.Chosen::inWords);
    }

    public double value(Rule rule) {
        Double value = values.get(rule);
        return value == null ? rule.standard : value;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof HouseRules o && changed.equals(o.changed) && ways.equals(o.ways);
    }

    @Override
    public int hashCode() {
        return changed.hashCode() * 31 + ways.hashCode();
    }
}
