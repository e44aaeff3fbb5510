package wideharbor.core.check.ways;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import wideharbor.core.brief.BuildTrait;
import wideharbor.core.build.SocketRef;
import wideharbor.core.build.Switches;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.check.ways.TraitView.Miss;
import wideharbor.core.job.Subject;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** How people want to see the picture. */
final class PictureTraits {
    private PictureTraits() {}

    static void addTo(Map<BuildTrait, Function<TraitView, List<Miss>>> all) {
        all.put(BuildTrait.SCREEN_LOW, l -> l.each(l.of(Category.MONITOR), p -> isOverHandle(l, p)));
        all.put(BuildTrait.SCREEN_HIGH, l -> l.each(l.of(Category.MONITOR), p -> !isOverHandle(l, p)));
        all.put(
                BuildTrait.FINDER_AND_SCREEN,
                l -> TraitView.join(
                        l.none(l.able(Capability.FINDS_PICTURE), "no eyepiece"),
                        l.none(l.able(Capability.SHOWS_PICTURE), "no screen")));
        all.put(
                BuildTrait.FINDER_ALONE,
                l -> TraitView.join(
                        l.none(l.able(Capability.FINDS_PICTURE), "no eyepiece"),
                        l.each(l.able(Capability.SHOWS_PICTURE))));
        all.put(
                BuildTrait.SCREEN_ALONE,
                l -> TraitView.join(
                        l.none(l.able(Capability.SHOWS_PICTURE), "no screen"),
                        l.each(l.able(Capability.FINDS_PICTURE))));
        all.put(BuildTrait.FINDER_OF_BODY, l -> l.each(l.able(Capability.FINDS_PICTURE), p -> !isOfBodysMaker(l, p)));
        all.put(BuildTrait.FINDER_OF_OTHERS, l -> l.each(l.able(Capability.FINDS_PICTURE), p -> isOfBodysMaker(l, p)));
        all.put(
                BuildTrait.TUBE_SQUARE,
                l -> l.each(l.able(Capability.FINDS_PICTURE), p -> isOnTube(p, SignalFacet.Tube.ROUND)));
        all.put(
                BuildTrait.TUBE_ROUND,
                l -> l.each(l.able(Capability.FINDS_PICTURE), p -> isOnTube(p, SignalFacet.Tube.SQUARE)));
        all.put(BuildTrait.EXPOSURE_DISPLAY, l -> l.none(l.all(PictureTraits::isGoodForExposure), "none on the rig"));
        all.put(
                BuildTrait.EXPOSURE_CAMERA,
                l -> l.analysis().job().brief().asks().shoot().viewers().stream()
                        .filter(v -> v.trust() == SignalFacet.Trust.EXPOSURE)
                        .map(v -> new Miss(Subject.named(v.who()), v.who() + " judges it at a display"))
                        .toList());
        all.put(BuildTrait.LOOK_AT_BODY, l -> looks(l, true));
        all.put(BuildTrait.LOOK_AT_DISPLAY, l -> looks(l, false));
    }

    private static boolean isOnTube(Placed placed, SignalFacet.Tube tube) {
        return placed.type()
                .facet(SignalFacet.Display.class)
                .filter(d -> d.tube() == tube)
                .isPresent();
    }

    private static boolean isGoodForExposure(Placed placed) {
        return placed.type()
                .facet(SignalFacet.Display.class)
                .filter(d -> d.trust().compareTo(SignalFacet.Trust.EXPOSURE) >= 0)
                .isPresent();
    }

    /** Outputs of bodies that are plugged and stand otherwise, and displays that put the look on themselves. */
    private static List<Miss> looks(TraitView look, boolean atBody) {
        Rig rig = look.analysis().rig();
        List<Miss> all = new ArrayList<>();
        for (Placed placed : rig.attached()) {
            for (SignalFacet.PictureOut out : placed.type().facets(SignalFacet.PictureOut.class)) {
                SocketRef socket = new SocketRef(placed.id(), out.socket());
                boolean plugged =
                        rig.content().cables().stream().anyMatch(c -> c.a().equals(socket) || c.b().equals(socket));
                boolean on = rig.content().value(Switches.look(socket)) > 0.5;
                if (plugged && out.takesLook() && on != atBody) {
                    all.add(new Miss(
                            Subject.part(placed.id()),
                            placed.title() + ", "
                                    + placed.type()
                                            .socket(out.socket())
                                            .orElseThrow()
                                            .title() + (on ? " has it on" : " has it off")));
                }
            }
            if (atBody && placed.type().facet(SignalFacet.Display.class).isPresent()) {
                placed.type().sockets().stream()
                        .filter(s -> rig.content().value(Switches.look(new SocketRef(placed.id(), s.id()))) > 0.5)
                        .forEach(s -> all.add(new Miss(Subject.part(placed.id()), placed.title() + " puts it on")));
            }
        }
        return all;
    }

    private static boolean isOverHandle(TraitView look, Placed screen) {
        return look.able(Capability.IS_HANDHOLD).stream()
                .filter(h -> Math.abs(look.left(h)) < 60)
                .anyMatch(h -> look.over(screen) > look.over(h) + 40);
    }

    private static boolean isOfBodysMaker(TraitView look, Placed part) {
        return look.body()
                .map(b -> b.type().maker().equals(part.type().maker()))
                .orElse(false);
    }
}
