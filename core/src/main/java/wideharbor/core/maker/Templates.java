package wideharbor.core.maker;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Every template, by what it is about. */
public final class Templates {
    private Templates() {}

    /** Templates that belong together, in the order they are offered. */
    public record Group(String title, List<PartTemplate> templates) {}

    public static final List<Group> GROUPS = List.of(
            new Group(
                    "Camera and lens",
                    only(List.of("body", "lens", "lens-adapter", "lens-support", "matte-box", "filter", "motor"))),
            new Group(
                    "Plates and what carries",
                    only(List.of("plate", "riser", "shim", "bridge", "dovetail", "head", "legs", "bowl", "pad"))),
            new Group("Rigging", only(List.of("rods", "rod", "rod-clamp", "bracket", "cage", "handle", "grip", "arm"))),
            new Group(
                    "Picture and power",
                    only(List.of(
                            "monitor",
                            "finder",
                            "transmitter",
                            "receiver",
                            "battery",
                            "power-plate",
                            "cable",
                            "sdi",
                            "box"))),
            new Group("Kit", only(List.of("card", "reader", "drive", "case", "keys"))));

    private static Stream<PartTemplate> all() {
        return Stream.of(
                        PlateTemplates.ALL,
                        RiggingTemplates.ALL,
                        ElectricTemplates.ALL,
                        MediaTemplates.ALL,
                        FrontTemplates.ALL,
                        GlassTemplates.ALL,
                        SupportTemplates.ALL)
                .flatMap(List::stream);
    }

    private static List<PartTemplate> only(List<String> ids) {
        return ids.stream().map(id -> find(id).orElseThrow()).toList();
    }

    public static Optional<PartTemplate> find(String id) {
        return all().filter(t -> t.id().equals(id)).findFirst();
    }
}
