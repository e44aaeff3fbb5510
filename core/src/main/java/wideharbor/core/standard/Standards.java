package wideharbor.core.standard;

import static wideharbor.core.standard.Standard.Entry;
import static wideharbor.core.standard.Standard.Family;
import static wideharbor.core.standard.Standard.Lock;
import static wideharbor.core.standard.Standard.Twist;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** The table of mounting standards; a package file may add rows or bring newer revisions of these. */
public final class Standards {
    private final Map<String, Standard> rows;

    private Standards(Map<String, Standard> rows) {
        this.rows = rows;
    }

    public Optional<Standard> find(String id) {
        return Optional.ofNullable(rows.get(id));
    }

    /** The row of a port that was admitted against this table. */
    public Standard require(String id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException("There is no mounting standard '" + id + "'"));
    }

    public List<Standard> all() {
        return List.copyOf(rows.values());
    }

    /** This table with the given rows over it; the higher revision of an id wins. */
    public Standards with(List<Standard> more) {
        Map<String, Standard> merged = new LinkedHashMap<>(rows);
        for (Standard row : more) {
            merged.merge(row.id(), row, (old, next) -> next.revision() >= old.revision() ? next : old);
        }
        return new Standards(merged);
    }

    private static final String CONFIRM = "Confirm with the maker's drawing.";

    /** The seed: rod heights and spacings as commonly drawn, to be confirmed with each maker's drawing. */
    public static Standards seed() {
        return new Standards(new LinkedHashMap<>())
                .with(Stream.of(threads(), plates(), carriers(), rods(), rest())
                        .flatMap(List::stream)
                        .toList());
    }

    private static List<Standard> threads() {
        String plain = "One plain screw carries load but does not resist twist.";
        return List.of(
                screw("thread-1-4", "1/4-20 thread", plain),
                screw("thread-3-8", "3/8-16 thread", plain),
                screw("m3-pair", "M3 pair at 20 mm", ""),
                screw("m4-pair", "M4 pair at 20 mm", ""),
                screw("m4-double", "M4 double pattern", "Two pairs at 20 mm, 30 apart."),
                screw("m6", "M6 thread", plain),
                new Standard(
                        "rosette-31.8",
                        1,
                        "31.8 mm rosette, M6 centre bolt",
                        Family.TOOTHED,
                        false,
                        Twist.RESISTS,
                        Entry.SCREWED,
                        0,
                        "60 teeth.",
                        new Standard.Facts.Toothed(6)));
    }

    private static List<Standard> plates() {
        return List.of(
                plain("snap-plate", "drop-in snap plate", Family.PLATE, true, Entry.DROP_IN),
                plain("wedge-plate", "broadcast wedge plate", Family.PLATE, true, Entry.FROM_END),
                plain("gimbal-plate", "gimbal plate", Family.PLATE, true, Entry.FROM_END),
                plain("flat-base", "flat four-screw base", Family.PLATE, true, Entry.SCREWED),
                plain("side-tie", "side plate face, two M4", Family.PLATE, false, Entry.SCREWED),
                plain("bowl-100", "100 mm bowl", Family.BOWL, true, Entry.DROP_IN),
                plain("bowl-150", "150 mm bowl", Family.BOWL, true, Entry.DROP_IN),
                plain("shoulder-seat", "shoulder pad seat", Family.PLATE, true, Entry.DROP_IN));
    }

    private static List<Standard> carriers() {
        return List.of(
                plain("dovetail-38", "38 mm dovetail clamp", Family.DOVETAIL, true, Entry.FROM_SIDE),
                plain("dovetail-narrow", "camera dovetail, narrow", Family.DOVETAIL, true, Entry.FROM_END),
                plain("dovetail-wide", "camera dovetail, wide", Family.DOVETAIL, true, Entry.FROM_END),
                new Standard(
                        "nato-rail",
                        1,
                        "NATO rail",
                        Family.RAIL,
                        true,
                        Twist.RESISTS,
                        Entry.FROM_SIDE,
                        0,
                        "Safety pin or end stop when the rail hangs or points down.",
                        new Standard.Facts.None()),
                plain("tube-20", "20 mm square tube", Family.TUBE, true, Entry.FROM_END),
                plain("mic-ring", "20 mm microphone ring", Family.TUBE, true, Entry.FROM_END));
    }

    private static List<Standard> rods() {
        return List.of(
                rods("rod-15-lw", "15 mm lightweight rods", 15, 60, 85),
                rods("rod-15-studio", "15 mm studio rods", 15, 100, 118),
                rods("rod-19-studio", "19 mm studio rods", 19, 104, 118),
                new Standard(
                        "rod-15-wide",
                        1,
                        "15 mm wide pair",
                        Family.ROD,
                        true,
                        Twist.RESISTS,
                        Entry.FROM_END,
                        0,
                        "Spacing and height are set by the bracket.",
                        new Standard.Facts.Bar(15)),
                new Standard(
                        "rod-15-single",
                        1,
                        "15 mm single rod",
                        Family.ROD,
                        true,
                        Twist.NEEDS_PIN_OR_SECOND,
                        Entry.FROM_END,
                        0,
                        "Height is set by the bracket; a round bar turns in its clamp.",
                        new Standard.Facts.Bar(15)));
    }

    private static List<Standard> rest() {
        return List.of(
                new Standard(
                        "cold-shoe",
                        1,
                        "cold shoe",
                        Family.SHOE,
                        true,
                        Twist.RESISTS,
                        Entry.FROM_END,
                        500,
                        "Light loads only, unless it locks.",
                        new Standard.Facts.None()),
                new Standard(
                        "ball-1in",
                        1,
                        "one-inch ball",
                        Family.BALL,
                        true,
                        Twist.RESISTS,
                        Entry.FROM_SIDE,
                        0,
                        "Holds by friction.",
                        new Standard.Facts.None()),
                mount("mount-pl", "PL lens mount", Entry.DROP_IN, 52.00, Lock.RING_LOCKED),
                mount("mount-b4", "B4 lens mount", Entry.DROP_IN, 48.00, Lock.RING_LOCKED),
                mount("mount-c", "C-mount", Entry.SCREWED, 17.526, Lock.FRICTION),
                mount("mount-fenn", "Fennholt locking bayonet", Entry.DROP_IN, 26.00, Lock.BAYONET_LOCKED),
                mount("mount-obrisk", "Obrisk stills bayonet", Entry.DROP_IN, 61.50, Lock.BAYONET),
                plain("lens-brace", "cradle under a lens barrel", Family.LENS_BRACE, true, Entry.SCREWED),
                plain("front-clamp", "clamp on a lens front", Family.LENS_BRACE, true, Entry.FROM_END),
                plain("lens-ring", "smooth ring of a lens, for a gear ring", Family.LENS_BRACE, true, Entry.FROM_END),
                plain("dock-coupler", "docking coupler of a front unit", Family.DOCK, true, Entry.FROM_END),
                plain(Standard.DATUM, "point of support", Family.PLATE, true, Entry.SCREWED),
                plain("v-mount", "V-mount battery plate", Family.BATTERY, true, Entry.FROM_END),
                plain("three-stud", "three-stud battery plate", Family.BATTERY, true, Entry.FROM_END),
                plain("slide-pack", "small slide-in pack", Family.BATTERY, true, Entry.FROM_END));
    }

    private static Standard screw(String id, String title, String note) {
        return new Standard(
                id,
                1,
                title,
                Family.THREAD,
                true,
                Twist.NEEDS_PIN_OR_SECOND,
                Entry.SCREWED,
                0,
                note,
                new Standard.Facts.None());
    }

    private static Standard plain(String id, String title, Family family, boolean gendered, Entry entry) {
        return new Standard(id, 1, title, family, gendered, Twist.RESISTS, entry, 0, "", new Standard.Facts.None());
    }

    private static Standard mount(String id, String title, Entry entry, double flangeMm, Lock lock) {
        return new Standard(
                id,
                1,
                title,
                Family.LENS_MOUNT,
                true,
                Twist.RESISTS,
                entry,
                0,
                "",
                new Standard.Facts.LensMount(flangeMm, lock));
    }

    private static Standard rods(String id, String title, double diameter, double spacing, double height) {
        return new Standard(
                id,
                1,
                title,
                Family.ROD,
                true,
                Twist.RESISTS,
                Entry.FROM_END,
                0,
                CONFIRM,
                new Standard.Facts.Rods(diameter, spacing, height, 1.0));
    }
}
