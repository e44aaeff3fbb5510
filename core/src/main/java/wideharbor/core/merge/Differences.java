package wideharbor.core.merge;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import wideharbor.core.build.Build;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Command;
import wideharbor.core.build.Content;
import wideharbor.core.build.Joint;
import wideharbor.core.build.Kit;
import wideharbor.core.build.Placement;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.Setting;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.TypeRef;

/**
 * What a package file would change in a job that is here, matched by the stable ids of placements, joints, cables,
 * settings, configurations and lenses.
 */
public final class Differences {
    private Differences() {}

    /** How the two sides differ in one thing. */
    public enum Kind {
        NEW,
        CHANGED,
        /** On file here, not in the other: stays unless asked for. */
        ONLY_HERE
    }

    /** One difference: what it concerns, how it stands here and there. */
    public record Line(Kind kind, String what, String id, String here, String there) {}

    /** Lines for people, and the edit that takes the other's side in all of them but what is only here. */
    public record Result(List<Line> lines, List<Scoped> edit) {
        public boolean isSame() {
            return lines.isEmpty();
        }
    }

    public static Result between(Build here, Build there, Catalogue catalogue) {
        List<Line> lines = new ArrayList<>();
        List<Scoped> edit = new ArrayList<>();
        Content a = here.base();
        Content b = there.base();
        Names names = new Names(a, b, catalogue);
        Set<String> moved = joints(a, b, names, lines, edit);
        placements(a, b, names, lines, edit);
        moved.forEach(id -> edit.add(Scoped.base(new Command.Join(b.joint(id).orElseThrow()))));
        cables(a, b, names, lines, edit);
        settings(a, b, lines, edit);
        overlays(here, there, lines, edit);
        return new Result(lines, edit);
    }

    /** Kit counts, as changes from here to there. */
    public static Result between(Kit here, Kit there) {
        List<Line> lines = new ArrayList<>();
        List<Scoped> edit = new ArrayList<>();
        Set<TypeRef> all = new LinkedHashSet<>(there.counts().keySet());
        all.addAll(here.counts().keySet());
        for (TypeRef type : all) {
            int change = there.count(type) - here.count(type);
            if (change != 0) {
                lines.add(new Line(
                        Kind.CHANGED,
                        "kit",
                        type.toString(),
                        here.count(type) + " pieces",
                        there.count(type) + " pieces"));
                edit.add(Scoped.kit(new Command.AddKit(type, change)));
            }
        }
        return new Result(lines, edit);
    }

    private record Names(Content a, Content b, Catalogue catalogue) {
        String type(Placement p) {
            return p.label().isEmpty() ? catalogue.require(p.type()).name() : p.label();
        }

        String title(String placement) {
            return b.placement(placement)
                    .or(() -> a.placement(placement))
                    .map(this::type)
                    .orElse(placement);
        }
    }

    /** Opens joints that differ; returns the ids to be joined once all parts are there. */
    private static Set<String> joints(Content a, Content b, Names names, List<Line> lines, List<Scoped> edit) {
        Set<String> toJoin = new LinkedHashSet<>();
        for (Joint joint : b.joints()) {
            Optional<Joint> old = a.joint(joint.id());
            if (old.isEmpty()) {
                lines.add(new Line(Kind.NEW, "joint", joint.id(), "", words(joint, names)));
                toJoin.add(joint.id());
            } else if (!old.get().equals(joint)) {
                lines.add(new Line(Kind.CHANGED, "joint", joint.id(), words(old.get(), names), words(joint, names)));
                edit.add(Scoped.base(new Command.Unjoin(joint.id())));
                toJoin.add(joint.id());
            }
        }
        // A part that is located anew by another joint must be let go of first.
        for (Joint joint : a.joints()) {
            if (b.joint(joint.id()).isPresent()) {
                continue;
            }
            boolean replaced = joint.kind() == Joint.Kind.LOCATING
                    && toJoin.stream()
                            .map(id -> b.joint(id).orElseThrow())
                            .anyMatch(n -> n.kind() == Joint.Kind.LOCATING
                                    && n.child()
                                            .placement()
                                            .equals(joint.child().placement()));
            if (replaced) {
                lines.add(new Line(Kind.CHANGED, "joint", joint.id(), words(joint, names), "replaced"));
                edit.add(Scoped.base(new Command.Unjoin(joint.id())));
            } else {
                lines.add(new Line(Kind.ONLY_HERE, "joint", joint.id(), words(joint, names), ""));
            }
        }
        return toJoin;
    }

    private static String words(Joint joint, Names names) {
        return names.title(joint.child().placement()) + " on "
                + names.title(joint.parent().placement()) + " ("
                + joint.kind().name().toLowerCase(java.util.Locale.ROOT) + ", "
                + joint.confidence().name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ') + ")";
    }

    private static void placements(Content a, Content b, Names names, List<Line> lines, List<Scoped> edit) {
        for (Placement part : b.placements()) {
            Optional<Placement> old = a.placement(part.id());
            if (old.isEmpty()) {
                lines.add(new Line(Kind.NEW, "part", part.id(), "", names.type(part)));
                edit.add(Scoped.base(new Command.Place(part.id(), part.type(), part.label())));
                weigh(part, edit);
            } else if (!old.get().type().equals(part.type())) {
                lines.add(new Line(Kind.CHANGED, "part", part.id(), names.type(old.get()), names.type(part)));
                edit.add(Scoped.base(new Command.Retype(part.id(), part.type())));
                weigh(part, edit);
            } else if (!old.get().weighedGrams().equals(part.weighedGrams())) {
                lines.add(new Line(
                        Kind.CHANGED,
                        "mass of",
                        part.id(),
                        old.get().weighedGrams().toString(),
                        part.weighedGrams().toString()));
                edit.add(Scoped.base(new Command.Weigh(part.id(), part.weighedGrams())));
            }
            boolean off = b.isRemoved(part.id());
            if (off != a.isRemoved(part.id())) {
                lines.add(new Line(
                        Kind.CHANGED,
                        "part",
                        part.id(),
                        off ? "on the rig" : "taken off",
                        off ? "taken off" : "on the rig"));
                edit.add(Scoped.base(off ? new Command.Remove(part.id()) : new Command.Restore(part.id())));
            }
        }
        for (Placement part : a.placements()) {
            if (b.placement(part.id()).isEmpty()) {
                lines.add(new Line(Kind.ONLY_HERE, "part", part.id(), names.type(part), ""));
            }
        }
    }

    private static void weigh(Placement part, List<Scoped> edit) {
        if (!part.weighedGrams().equals(Placement.NOT_WEIGHED)) {
            edit.add(Scoped.base(new Command.Weigh(part.id(), part.weighedGrams())));
        }
    }

    private static void cables(Content a, Content b, Names names, List<Line> lines, List<Scoped> edit) {
        for (CableRun cable : b.cables()) {
            Optional<CableRun> old = a.cable(cable.id());
            if (old.isPresent() && old.get().equals(cable)) {
                continue;
            }
            old.ifPresent(o -> edit.add(Scoped.base(new Command.Disconnect(o.id()))));
            edit.add(Scoped.base(new Command.Connect(cable)));
            lines.add(new Line(
                    old.isPresent() ? Kind.CHANGED : Kind.NEW,
                    "cable",
                    cable.id(),
                    old.map(o -> words(o, names)).orElse(""),
                    words(cable, names)));
        }
        for (CableRun cable : a.cables()) {
            if (b.cable(cable.id()).isEmpty()) {
                lines.add(new Line(Kind.ONLY_HERE, "cable", cable.id(), words(cable, names), ""));
            }
        }
    }

    private static String words(CableRun cable, Names names) {
        return names.catalogue().require(cable.type()).name() + ", "
                + names.title(cable.a().placement()) + " to "
                + names.title(cable.b().placement())
                + (cable.laid().along().isEmpty()
                        ? ""
                        : " along "
                                + cable.laid().along().stream()
                                        .map(names::title)
                                        .collect(Collectors.joining(", ")))
                + (cable.laid().stowedIn().isEmpty()
                        ? ""
                        : ", stowed in " + names.title(cable.laid().stowedIn()));
    }

    private static void settings(Content a, Content b, List<Line> lines, List<Scoped> edit) {
        Map<SettingKey, Setting> old = new LinkedHashMap<>();
        a.settings().forEach(s -> old.put(s.key(), s));
        for (Setting setting : b.settings()) {
            Setting was = old.remove(setting.key());
            if (setting.equals(was)) {
                continue;
            }
            lines.add(new Line(
                    was == null ? Kind.NEW : Kind.CHANGED,
                    "setting",
                    setting.key().toString(),
                    was == null ? "" : Double.toString(was.value()),
                    Double.toString(setting.value())));
            edit.add(Scoped.base(new Command.Set(setting.key(), setting.value(), setting.byFeel())));
        }
        old.values()
                .forEach(s -> lines.add(
                        new Line(Kind.ONLY_HERE, "setting", s.key().toString(), Double.toString(s.value()), "")));
    }

    private static void overlays(Build here, Build there, List<Line> lines, List<Scoped> edit) {
        overlay(
                "configuration",
                here.configurations(),
                there.configurations(),
                c -> c.id(),
                c -> c.overlay(),
                id -> new Scope.InConfiguration(id),
                lines,
                edit);
        overlay(
                "lens",
                here.lenses(),
                there.lenses(),
                l -> l.id(),
                l -> l.overlay(),
                id -> new Scope.InLens(id),
                lines,
                edit);
    }

    private static <T> void overlay(
            String what,
            List<T> here,
            List<T> there,
            Function<T, String> id,
            Function<T, List<Command>> overlay,
            Function<String, Scope> scope,
            List<Line> lines,
            List<Scoped> edit) {
        Map<String, T> old = new LinkedHashMap<>();
        here.forEach(t -> old.put(id.apply(t), t));
        for (T one : there) {
            T was = old.remove(id.apply(one));
            if (was == null) {
                lines.add(new Line(Kind.NEW, what, id.apply(one), "", "not taken: add it in the job itself"));
            } else if (!overlay.apply(was).equals(overlay.apply(one))) {
                lines.add(new Line(
                        Kind.CHANGED,
                        what,
                        id.apply(one),
                        overlay.apply(was).size() + " changes on the base",
                        overlay.apply(one).size() + " changes on the base"));
                edit.add(new Scoped(scope.apply(id.apply(one)), new Command.ReplaceOverlay(overlay.apply(one))));
            }
        }
        old.keySet().forEach(k -> lines.add(new Line(Kind.ONLY_HERE, what, k, "on file here", "")));
    }
}
