package wideharbor.core.maker;

import java.util.Arrays;
import java.util.List;

/** Answers that several templates offer. */
final class Choices {
    static final List<Ask.Option> THREADS = options(
            "thread-3-8", "3/8-16 thread",
            "thread-1-4", "1/4-20 thread",
            "m3-pair", "M3 pair, 20 mm apart",
            "m4-pair", "M4 pair, 20 mm apart",
            "m4-double", "M4 double pattern",
            "m6", "M6 thread");
    static final List<Ask.Option> FACES = options(
            "thread-3-8", "3/8-16 thread",
            "thread-1-4", "1/4-20 thread",
            "flat-base", "flat four-screw base",
            "snap-plate", "drop-in snap plate",
            "wedge-plate", "broadcast wedge plate",
            "gimbal-plate", "gimbal plate",
            "m4-pair", "M4 pair, 20 mm apart",
            "m4-double", "M4 double pattern",
            "side-tie", "side plate face, two M4",
            "nato-rail", "NATO rail",
            "rosette-31.8", "31.8 mm rosette",
            "cold-shoe", "cold shoe",
            "ball-1in", "one-inch ball",
            "bowl-100", "100 mm bowl",
            "bowl-150", "150 mm bowl",
            "shoulder-seat", "shoulder pad seat");
    static final List<Ask.Option> RODS = options(
            "rod-15-lw", "15 mm lightweight, 60 apart",
            "rod-15-studio", "15 mm studio, 100 apart",
            "rod-19-studio", "19 mm studio, 104 apart");
    static final List<Ask.Option> DOVETAILS = options(
            "dovetail-narrow", "camera dovetail, narrow",
            "dovetail-wide", "camera dovetail, wide",
            "dovetail-38", "38 mm dovetail");
    static final List<Ask.Option> MOUNTS = options(
            "mount-pl", "PL",
            "mount-b4", "B4",
            "mount-c", "C-mount",
            "mount-fenn", "Fennholt locking bayonet",
            "mount-obrisk", "Obrisk stills bayonet");
    static final List<Ask.Option> LOCKS = options(
            "RING_LOCKED", "a locking ring, or screwed on",
            "BAYONET_LOCKED", "a bayonet with a catch",
            "BAYONET", "a sprung bayonet, it plays",
            "FRICTION", "a thread or friction");
    static final List<Ask.Option> BATTERIES = options(
            "v-mount", "V-mount",
            "three-stud", "three-stud",
            "slide-pack", "small slide-in pack");
    static final List<Ask.Option> BOWLS = options(
            "bowl-150", "150 mm bowl",
            "bowl-100", "100 mm bowl",
            "flat-base", "flat four-screw base");
    static final List<Ask.Option> POWER = options(
            "circular 2-pin|1+ 2−", "circular 2-pin, 1+ 2−",
            "circular 4-pin|1− 4+ 12 V", "circular 4-pin, 1− 4+",
            "D-tap|centre −, top +", "D-tap",
            "barrel 5.5|centre +", "barrel 5.5, centre +");
    static final List<Ask.Option> YES_NO = options("yes", "yes", "no", "no");
    /** Which half of a face the part has, as a technician sees it. */
    static final List<Ask.Option> HALVES =
            options("B", "threaded holes, or the half that receives", "A", "screws, or the half that goes in");

    private Choices() {}

    static List<Ask.Option> options(String... pairs) {
        return java.util.stream.IntStream.range(0, pairs.length / 2)
                .mapToObj(i -> new Ask.Option(pairs[2 * i], pairs[2 * i + 1]))
                .toList();
    }

    static List<Ask.Option> with(Ask.Option first, List<Ask.Option> rest) {
        return java.util.stream.Stream.concat(java.util.stream.Stream.of(first), rest.stream())
                .toList();
    }

    static List<Ask> asks(Ask... all) {
        return Arrays.asList(all);
    }

    static Ask width(double start) {
        return Ask.mm("width", "Width", "across, left to right, with a rule", start, 2, 600);
    }

    static Ask height(double start) {
        return Ask.mm("height", "Height", "bottom to top, with a rule", start, 1, 800);
    }

    static Ask length(double start) {
        return Ask.mm("length", "Length", "back to front, with a rule", start, 2, 1500);
    }
}
