package wideharbor.core.catalog;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import wideharbor.core.geometry.Bounds;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Solid;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;
import wideharbor.core.standard.Standard;

/**
 * Finds parts by what someone holds in the hand: how it looks, what screws into it, what can be measured. For a piece
 * whose name nobody knows ("flat plate, two 3/8 screws, slot 38 mm").
 */
public final class LookSearch {
    private static final Map<String, Integer> NUMBERS =
            Map.of("a", 1, "one", 1, "two", 2, "three", 3, "four", 4, "six", 6);
    private static final Pattern SCREWS =
            Pattern.compile("(\\d+|one|two|three|four|six|a)?\\s*(?:x\\s*)?(1/4|3/8|m3|m4|m6)\\b(?:-\\d+)?");
    private static final Pattern SLOT =
            Pattern.compile("(?:slot|dovetail|rail|jaw)s?\\s*(?:of\\s*)?(\\d+(?:\\.\\d+)?)");
    private static final Pattern RODS = Pattern.compile("(?:rod|bore|bar)s?\\s*(?:of\\s*)?(\\d+(?:\\.\\d+)?)");
    private static final Pattern APART = Pattern.compile("(\\d+(?:\\.\\d+)?)\\s*(?:mm)?\\s*apart");
    private static final Pattern SIZE =
            Pattern.compile("(\\d+(?:\\.\\d+)?)\\s*[x×]\\s*(\\d+(?:\\.\\d+)?)(?:\\s*[x×]\\s*(\\d+(?:\\.\\d+)?))?");
    private static final Pattern GRAMS = Pattern.compile("(\\d+(?:\\.\\d+)?)\\s*(kg|g)\\b");
    private static final Pattern CHARGE = Pattern.compile("(\\d+(?:\\.\\d+)?)\\s*wh\\b");
    private static final double CHARGE_SLACK = 0.02;
    private static final double SIZE_SLACK = 0.06;
    private static final double MASS_SLACK = 0.12;

    private LookSearch() {}

    /** A part that answers the description, and by what. The score counts the matches. */
    public record Hit(ItemType type, int score, List<String> by) {}

    /** What a description asks for; the rest of its words are looked for in names. */
    record Wanted(
            Optional<String> look,
            Optional<String> thread,
            int screws,
            Optional<Double> slot,
            Optional<Double> rod,
            Optional<Double> apart,
            List<Double> size,
            Optional<Double> grams,
            Optional<Double> wattHours,
            List<String> words) {}

    /** The best answers first, those that meet everything asked before those that meet most; at most so many. */
    public static List<Hit> find(Catalogue catalogue, String description, int most) {
        Wanted wanted = read(description);
        List<Hit> hits = new ArrayList<>();
        for (ItemType type : catalogue.newest()) {
            Hit hit = judge(catalogue, type, wanted);
            if (hit.score() > 0) {
                hits.add(hit);
            }
        }
        hits.sort(Comparator.comparingInt((Hit h) -> -h.score())
                .thenComparing(h -> h.type().name()));
        int best = hits.isEmpty() ? 0 : hits.get(0).score();
        return hits.stream().filter(h -> h.score() * 2 >= best).limit(most).toList();
    }

    static Wanted read(String description) {
        String text = description.toLowerCase(Locale.ROOT).replace(',', ' ').replace(';', ' ');
        Matcher screws = SCREWS.matcher(text);
        Optional<String> thread = Optional.empty();
        int count = 0;
        if (screws.find()) {
            thread = Optional.of(screws.group(2));
            count = screws.group(1) == null ? 1 : number(screws.group(1));
        }
        Optional<Double> slot = first(SLOT, text);
        Optional<Double> rod = first(RODS, text);
        Optional<Double> apart = first(APART, text);
        Matcher grams = GRAMS.matcher(text);
        Optional<Double> mass = grams.find()
                ? Optional.of(
                        Double.parseDouble(grams.group(1)) * (grams.group(2).equals("kg") ? 1000 : 1))
                : Optional.empty();
        Optional<String> look = List.of("flat", "round", "ring", "tube", "long").stream()
                .filter(text::contains)
                .findFirst();
        return new Wanted(look, thread, count, slot, rod, apart, size(text), mass, first(CHARGE, text), words(text));
    }

    private static List<Double> size(String text) {
        List<Double> size = new ArrayList<>();
        Matcher sizes = SIZE.matcher(text);
        if (sizes.find()) {
            for (int i = 1; i <= 3; i++) {
                if (sizes.group(i) != null) {
                    size.add(Double.parseDouble(sizes.group(i)));
                }
            }
        }
        return size;
    }

    /** What is left when the figures and what joins them are told. */
    private static List<String> words(String text) {
        List<String> words = new ArrayList<>();
        for (String word : text.split("[^a-z]+")) {
            boolean spoken = List.of(
                            "flat", "round", "long", "two", "one", "four", "three", "six", "screws", "screw", "hole",
                            "holes", "slot", "mm", "with", "and", "apart", "thread", "of", "the", "pins", "kg", "in",
                            "for", "x")
                    .contains(word);
            if (word.length() > 2 && !spoken) {
                words.add(word);
            }
        }
        return words;
    }

    private static int number(String written) {
        return NUMBERS.containsKey(written) ? NUMBERS.get(written) : Integer.parseInt(written);
    }

    private static Optional<Double> first(Pattern pattern, String text) {
        Matcher matcher = pattern.matcher(text);
        return matcher.find() ? Optional.of(Double.parseDouble(matcher.group(1))) : Optional.empty();
    }

    private static int named(ItemType type, Wanted wanted, List<String> by) {
        int score = 0;
        for (String word : wanted.words()) {
            String in = (type.name() + " " + type.category())
                    .toLowerCase(Locale.ROOT)
                    .replace('_', ' ');
            if (Synonyms.of(word).stream().anyMatch(in::contains)) {
                by.add(word);
                score += 2;
            }
        }
        return score;
    }

    private static Hit judge(Catalogue catalogue, ItemType type, Wanted wanted) {
        List<String> by = new ArrayList<>();
        int score = named(type, wanted, by);
        if (wanted.thread().isPresent()) {
            int screws = screws(catalogue, type, wanted.thread().get());
            if (screws > 0) {
                boolean exact = wanted.screws() == screws;
                by.add(screws + " × " + wanted.thread().get());
                score += exact ? 4 : 2;
            }
        }
        if (wanted.slot().isPresent() && slots(catalogue, type, wanted.slot().get())) {
            by.add("slot " + plain(wanted.slot().get()));
            score += 4;
        }
        if (wanted.rod().isPresent() && rods(catalogue, type, wanted.rod().get(), wanted.apart())) {
            by.add("rod " + plain(wanted.rod().get()));
            score += 4;
        }
        Vec3 size = size(type);
        if (!wanted.size().isEmpty() && sizes(size, wanted.size())) {
            by.add("size");
            score += 5;
        }
        if (wanted.grams().isPresent() && weighs(type, wanted.grams().get())) {
            by.add("mass");
            score += 3;
        }
        if (wanted.wattHours().isPresent() && holds(type, wanted.wattHours().get())) {
            by.add(plain(wanted.wattHours().get()) + " Wh");
            score += 4;
        }
        if (wanted.look().isPresent() && looks(type, size, wanted.look().get())) {
            by.add(wanted.look().get());
            score += 1;
        }
        return new Hit(type, score, by);
    }

    /** Screws or threaded holes of one thread on the face that has most of them. */
    private static int screws(Catalogue catalogue, ItemType type, String thread) {
        int most = 0;
        for (Port port : type.ports()) {
            String title =
                    catalogue.standards().require(port.standard()).title().toLowerCase(Locale.ROOT);
            for (Port.Screw screw : port.screws()) {
                if (screw.thread().toLowerCase(Locale.ROOT).startsWith(thread)) {
                    most = Math.max(most, screw.count());
                }
            }
            if (title.startsWith(thread) || title.contains(" " + thread)) {
                String told = port.title().toLowerCase(Locale.ROOT);
                int holes = told.contains("two") ? 2 : told.contains("four") ? 4 : 1;
                most = Math.max(most, port.screws().isEmpty() ? holes : 0);
            }
        }
        return most;
    }

    private static boolean holds(ItemType type, double wattHours) {
        return type.facet(PowerFacet.Battery.class)
                .flatMap(PowerFacet.Battery::capacity)
                .filter(k -> Math.abs(k.value() - wattHours) <= CHARGE_SLACK * wattHours)
                .isPresent();
    }

    private static boolean slots(Catalogue catalogue, ItemType type, double wide) {
        return type.ports().stream().anyMatch(p -> {
            Standard standard = catalogue.standards().require(p.standard());
            boolean slides = standard.isCarrier() && standard.family() != Standard.Family.ROD;
            return slides && standard.title().startsWith(plain(wide) + " mm");
        });
    }

    private static boolean rods(Catalogue catalogue, ItemType type, double diameter, Optional<Double> apart) {
        return type.ports().stream()
                .filter(p -> catalogue.standards().require(p.standard()).family() == Standard.Family.ROD)
                .anyMatch(p -> Math.abs(Mating.rodDiameter(p, catalogue.standards()) - diameter) < 0.15
                        && apart.map(a -> Math.abs(Mating.rodSpacing(p, catalogue.standards()) - a) < 1)
                                .orElse(true));
    }

    /** Length, height and width of the box around a part's matter, mm, in its own frame. */
    public static Vec3 size(ItemType type) {
        Vec3 min = new Vec3(1e6, 1e6, 1e6);
        Vec3 max = new Vec3(-1e6, -1e6, -1e6);
        for (Link link : type.links()) {
            for (Shape shape : link.shapes()) {
                if (!shape.keepClear()) {
                    Bounds b = Solid.of(shape).bounds();
                    min = new Vec3(
                            Math.min(min.x(), b.min().x()),
                            Math.min(min.y(), b.min().y()),
                            Math.min(min.z(), b.min().z()));
                    max = new Vec3(
                            Math.max(max.x(), b.max().x()),
                            Math.max(max.y(), b.max().y()),
                            Math.max(max.z(), b.max().z()));
                }
            }
        }
        return max.x() < min.x() ? Vec3.ZERO : max.minus(min);
    }

    private static boolean sizes(Vec3 size, List<Double> wanted) {
        List<Double> left = new ArrayList<>(List.of(size.x(), size.y(), size.z()));
        for (double want : wanted) {
            Optional<Double> near = left.stream()
                    .filter(s -> Math.abs(s - want) <= Math.max(1.5, want * SIZE_SLACK))
                    .min(Comparator.comparingDouble(s -> Math.abs(s - want)));
            if (near.isEmpty()) {
                return false;
            }
            left.remove(near.get());
        }
        return true;
    }

    private static boolean weighs(ItemType type, double grams) {
        double sum = 0;
        for (Link link : type.links()) {
            if (!(link.massGrams() instanceof Figure.Known known)) {
                return false;
            }
            sum += known.value();
        }
        return Math.abs(sum - grams) <= Math.max(5, grams * MASS_SLACK);
    }

    private static boolean looks(ItemType type, Vec3 size, String look) {
        List<Double> sides = new ArrayList<>(List.of(size.x(), size.y(), size.z()));
        sides.sort(Comparator.naturalOrder());
        return switch (look) {
            case "flat" -> sides.get(0) * 4 <= sides.get(1);
            case "long" -> sides.get(1) * 4 <= sides.get(2);
            case "ring", "tube" -> has(type, Shape.Ring.class);
            default -> has(type, Shape.Cylinder.class) || has(type, Shape.Cone.class);
        };
    }

    private static boolean has(ItemType type, Class<? extends Shape> kind) {
        return type.links().stream().anyMatch(l -> l.shapes().stream().anyMatch(kind::isInstance));
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
    }
}
