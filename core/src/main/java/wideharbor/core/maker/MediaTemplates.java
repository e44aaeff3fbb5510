package wideharbor.core.maker;

import static wideharbor.core.maker.Ask.choice;
import static wideharbor.core.maker.Ask.mm;
import static wideharbor.core.maker.Ask.number;
import static wideharbor.core.maker.Ask.text;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.MediaFacet;
import wideharbor.core.catalog.MediaFacet.Arrangement;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Figure;

/** What is recorded on, what reads it, and what is copied to. */
final class MediaTemplates {
    private static final String NOT_TOLD = "not on the label";

    static final List<PartTemplate> ALL = List.of(
            new PartTemplate(
                    "card",
                    "Card",
                    "What a camera writes to; the figures are its maker's.",
                    Category.MEDIA,
                    List.of(
                            text("kind", "Goes into", "the kind of slot, always written alike", "")
                                    .letters(40)
                                    .optionally(),
                            number("gb", "Holds", "on the label", "GB", 512, 1, 100_000),
                            speed("mbs", "Writes without a break", "by its maker; empty when only a peak is told", 400),
                            speed("reads", "Is read at", "by its maker, or tried", 600)),
                    MediaTemplates::card),
            new PartTemplate(
                    "reader",
                    "Card reader",
                    "What cards are read by.",
                    Category.MEDIA,
                    List.of(
                            text("kinds", "Takes", "kinds of cards, with commas between", "slab")
                                    .letters(40),
                            number("slots", "Slots", "that are read at once", "slots", 1, 1, 16),
                            speed("mbs", "Each slot gives", "with all of them in use, tried", 450),
                            mm("width", "Width", "side to side", 80, 10, 400),
                            mm("height", "Height", "underside to the top", 25, 5, 300),
                            mm("length", "Depth", "back to front", 100, 10, 500)),
                    MediaTemplates::reader),
            new PartTemplate(
                    "drive",
                    "Drive for copies",
                    "What cards are copied to.",
                    Category.MEDIA,
                    List.of(
                            number("gb", "Holds", "on the label", "GB", 4000, 1, 1_000_000),
                            speed("mbs", "Writes without a break", "by its maker, or tried with a full card", 900),
                            mm("width", "Width", "side to side", 80, 10, 400),
                            mm("height", "Height", "underside to the top", 20, 5, 300),
                            mm("length", "Depth", "back to front", 120, 10, 500)),
                    MediaTemplates::drive));

    /** What a body that records is asked besides; all of it may be said later. */
    static final List<Ask> OF_A_BODY = List.of(
            text("cards", "Takes cards of the kind", "written as on the card's page", "")
                    .letters(40)
                    .optionally(),
            choice(
                            "slots",
                            "Records",
                            "how it uses its slots",
                            List.of(
                                    new Ask.Option("RELAY", "from one card to the next"),
                                    new Ask.Option("SINGLE", "on one card, and stops to be changed"),
                                    new Ask.Option("MIRROR", "the same on two cards"),
                                    new Ask.Option("PAIR", "half on each of two cards")))
                    .optionally(),
            text("mode", "A recording mode", "as the body calls it", "")
                    .letters(60)
                    .optionally(),
            number("fps", "Frames in it, at most", "by its maker", "frames/s", 50, 1, 10_000)
                    .optionally(),
            number("mbit", "Writes at those", "by its maker, or from a take's size", "Mbit/s", 800, 1, 20_000)
                    .optionally());

    private MediaTemplates() {}

    private static Ask speed(String id, String title, String how, double start) {
        return number(id, title, how, "MB/s", start, 1, 20_000).optionally();
    }

    private static Figure figure(Answers a, String id) {
        return a.known(id).<Figure>map(Figure::maker).orElseGet(() -> Figure.unknown(NOT_TOLD));
    }

    private static Sketch box(Answers a) {
        return new Sketch().box(a.number("width"), a.number("height"), a.number("length"), Vec3.ZERO);
    }

    private static Sketch card(Answers a) {
        return new Sketch()
                .box(40, 6, 45, Vec3.ZERO)
                .facet(new MediaFacet.Card(
                        a.text("kind"), Figure.maker(a.number("gb")), figure(a, "mbs"), figure(a, "reads")))
                .can(Capability.KEEPS_RECORDING);
    }

    private static Sketch reader(Answers a) {
        List<String> kinds = Arrays.stream(a.text("kinds").split(",", -1))
                .map(String::strip)
                .filter(k -> !k.isEmpty())
                .distinct()
                .limit(MediaFacet.MOST_KINDS)
                .toList();
        return box(a).facet(new MediaFacet.Reader(
                kinds.isEmpty() ? List.of("slab") : kinds, a.count("slots"), figure(a, "mbs")));
    }

    private static Sketch drive(Answers a) {
        return box(a).facet(new MediaFacet.Drive(Figure.maker(a.number("gb")), figure(a, "mbs")));
    }

    /** What a body takes and records, as far as it was said; a mode needs its window, frames and rate. */
    static void onBody(Sketch body, Answers a) {
        if (!a.text("cards").isEmpty()) {
            body.facet(new MediaFacet.Slots(List.of(a.text("cards")), Arrangement.valueOf(a.text("slots"))));
        }
        Optional<Double> wide = a.known("recordedWide");
        Optional<Double> high = a.known("recordedHigh");
        Optional<Double> fps = a.known("fps");
        Optional<Double> rate = a.known("mbit");
        if (!a.text("mode").isEmpty() && wide.isPresent() && high.isPresent() && fps.isPresent() && rate.isPresent()) {
            body.facet(new MediaFacet.Modes(List.of(
                    new MediaFacet.Mode(a.text("mode"), wide.get(), high.get(), fps.get(), rate.get(), fps.get()))));
        }
    }
}
