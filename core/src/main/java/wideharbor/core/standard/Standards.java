package wideharbor.core.standard;

import static wideharbor.core.standard.Standard.Family;
import static wideharbor.core.standard.Standard.Twist;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

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

    /** The seed: rod heights and spacings as commonly drawn, to be confirmed with each maker's drawing. */
    public static Standards seed() {
        return new Standards(new LinkedHashMap<>())
                .with(List.of(
                        screw("thread-1-4", "1/4-20 thread"),
                        screw("thread-3-8", "3/8-16 thread"),
                        screw("m4-pair", "M4 pair at 20 mm"),
                        toothed("rosette-31.8", "31.8 mm rosette, M6 centre bolt", 6),
                        plain("nato-rail", "NATO rail", Family.RAIL, true),
                        plain("cold-shoe", "cold shoe", Family.SHOE, true),
                        plain("dovetail-narrow", "camera dovetail, narrow", Family.DOVETAIL, true),
                        plain("dovetail-wide", "camera dovetail, wide", Family.DOVETAIL, true),
                        plain("snap-plate", "drop-in snap plate", Family.PLATE, true),
                        plain("flat-base", "flat four-screw base", Family.PLATE, true),
                        plain("side-tie", "side plate face, two M4", Family.PLATE, false),
                        plain("bowl-100", "100 mm bowl", Family.BOWL, true),
                        plain("bowl-150", "150 mm bowl", Family.BOWL, true),
                        plain("tube-20", "20 mm square tube", Family.TUBE, true),
                        rods("rod-15-lw", "15 mm lightweight rods", 15, 60, 85),
                        rods("rod-15-studio", "15 mm studio rods", 15, 100, 118),
                        rods("rod-19-studio", "19 mm studio rods", 19, 104, 118),
                        plain("mount-pl", "PL lens mount", Family.LENS_MOUNT, true),
                        plain("mount-b4", "B4 lens mount", Family.LENS_MOUNT, true),
                        plain("lens-brace", "cradle under a lens barrel", Family.LENS_BRACE, true),
                        plain(Standard.DATUM, "point of support", Family.PLATE, true),
                        plain("v-mount", "V-mount battery plate", Family.BATTERY, true),
                        plain("three-stud", "three-stud battery plate", Family.BATTERY, true)));
    }

    private static Standard screw(String id, String title) {
        return new Standard(
                id, 1, title, Family.THREAD, true, Twist.NEEDS_PIN_OR_SECOND, new Standard.Facts.None());
    }

    private static Standard plain(String id, String title, Family family, boolean gendered) {
        return new Standard(id, 1, title, family, gendered, Twist.RESISTS, new Standard.Facts.None());
    }

    private static Standard toothed(String id, String title, double step) {
        return new Standard(id, 1, title, Family.TOOTHED, false, Twist.RESISTS, new Standard.Facts.Toothed(step));
    }

    private static Standard rods(String id, String title, double diameter, double spacing, double height) {
        return new Standard(
                id, 1, title, Family.ROD, true, Twist.RESISTS, new Standard.Facts.Rods(diameter, spacing, height, 1.0));
    }
}
