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
import wideharbor.core.build.Configuration;
import wideharbor.core.build.Content;
import wideharbor.core.build.Joint;
import wideharbor.core.build.LensChoice;
import wideharbor.core.build.Placement;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.Setting;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.merge.Differences.Kind;
import wideharbor.core.merge.Differences.Line;
import wideharbor.core.merge.Differences.Result;

/** What a body in a package file would change in the body that is here. */
final class BuildDifferences {
    private final Build here;
    private final Build there;
    private final Content a;
    private final Content b;
    private final Names names;
    private final List<Line> lines = new ArrayList<>();
    private final List<Scoped> edit = new ArrayList<>();

    BuildDifferences(Build here, Build there, Catalogue catalogue) {
        this.here = here;
        this.there = there;
        this.a = here.base();
        this.b = there.base();
        this.names = new Names(a, b, catalogue);
    }

    Result result() {
        Set<JointId> moved = joints();
        placements();
        moved.forEach(id -> edit.add(Scoped.base(new Command.Join(b.joint(id).orElseThrow()))));
        cables();
        settings();
        overlays();
        return new Result(lines, edit);
    }

    private record Names(Content a, Content b, Catalogue catalogue) {
        String type(Placement p) {
            return p.label().isEmpty() ? catalogue.require(p.type()).name() : p.label();
        }

        String title(PlacementId placement) {
            return b.placement(placement)
                    .or(() -> a.placement(placement))
                    .map(this::type)
                    .orElseGet(placement::toString);
        }
    }

    /** Opens joints that differ; returns the ids to be joined once all parts are there. */
    private Set<JointId> joints() {
        Set<JointId> toJoin = new LinkedHashSet<>();
        for (Joint joint : b.joints()) {
            Optional<Joint> old = a.joint(joint.id());
            if (old.isEmpty()) {
                lines.add(new Line(Kind.NEW, "joint", joint.id().toString(), "", words(joint)));
                toJoin.add(joint.id());
            } else if (!old.get().equals(joint)) {
                lines.add(new Line(Kind.CHANGED, "joint", joint.id().toString(), words(old.get()), words(joint)));
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
                lines.add(new Line(Kind.CHANGED, "joint", joint.id().toString(), words(joint), "replaced"));
                edit.add(Scoped.base(new Command.Unjoin(joint.id())));
            } else {
                lines.add(new Line(Kind.ONLY_HERE, "joint", joint.id().toString(), words(joint), ""));
            }
        }
        return toJoin;
    }

    private String words(Joint joint) {
        return names.title(joint.child().placement()) + " on "
                + names.title(joint.parent().placement()) + " ("
                + joint.kind().name().toLowerCase(java.util.Locale.ROOT) + ", "
                + joint.confidence().name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ') + ")";
    }

    private void placements() {
        for (Placement part : b.placements()) {
            Optional<Placement> old = a.placement(part.id());
            if (old.isEmpty()) {
                lines.add(new Line(Kind.NEW, "part", part.id().toString(), "", names.type(part)));
                edit.add(Scoped.base(new Command.Place(part.id(), part.type(), part.label())));
                part.known().forEach(c -> edit.add(Scoped.base(c)));
            } else if (!old.get().type().equals(part.type())) {
                lines.add(
                        new Line(Kind.CHANGED, "part", part.id().toString(), names.type(old.get()), names.type(part)));
                edit.add(Scoped.base(new Command.Retype(part.id(), part.type())));
                part.known().forEach(c -> edit.add(Scoped.base(c)));
            } else {
                known(old.get(), part);
            }
            boolean off = b.isRemoved(part.id());
            if (off != a.isRemoved(part.id())) {
                lines.add(new Line(
                        Kind.CHANGED,
                        "part",
                        part.id().toString(),
                        off ? "on the rig" : "taken off",
                        off ? "taken off" : "on the rig"));
                edit.add(Scoped.base(off ? new Command.Remove(part.id()) : new Command.Restore(part.id())));
            }
        }
        for (Placement part : a.placements()) {
            if (b.placement(part.id()).isEmpty()) {
                lines.add(new Line(Kind.ONLY_HERE, "part", part.id().toString(), names.type(part), ""));
            }
        }
    }

    /** The same part, of which the file knows something else: which piece it is, what it weighed. */
    private void known(Placement old, Placement part) {
        if (!old.piece().equals(part.piece())) {
            lines.add(new Line(Kind.CHANGED, "piece of", part.id().toString(), old.piece(), part.piece()));
            edit.add(Scoped.base(new Command.Identify(part.id(), part.piece())));
        }
        if (!old.weighedGrams().equals(part.weighedGrams())) {
            lines.add(new Line(
                    Kind.CHANGED,
                    "mass of",
                    part.id().toString(),
                    old.weighedGrams().toString(),
                    part.weighedGrams().toString()));
            edit.add(Scoped.base(new Command.Weigh(part.id(), part.weighedGrams())));
        }
        if (!old.drawn().equals(part.drawn())) {
            lines.add(new Line(Kind.CHANGED, "watts off", part.id().toString(), watts(old), watts(part)));
            edit.add(Scoped.base(new Command.Draw(part.id(), part.drawn())));
        }
        if (!old.holds().equals(part.holds())) {
            lines.add(new Line(Kind.CHANGED, "charge of", part.id().toString(), wattHours(old), wattHours(part)));
            edit.add(Scoped.base(new Command.Hold(part.id(), part.holds())));
        }
    }

    private static String wattHours(Placement part) {
        return part.holds().map(h -> h.wattHours() + " Wh").orElse("not measured");
    }

    private static String watts(Placement part) {
        return part.drawn().map(d -> d.watts() + " W").orElse("not measured");
    }

    private void cables() {
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
                    cable.id().toString(),
                    old.map(o -> words(o)).orElse(""),
                    words(cable)));
        }
        for (CableRun cable : a.cables()) {
            if (b.cable(cable.id()).isEmpty()) {
                lines.add(new Line(Kind.ONLY_HERE, "cable", cable.id().toString(), words(cable), ""));
            }
        }
    }

    private String words(CableRun cable) {
        return names.catalogue().require(cable.type()).name() + ", "
                + names.title(cable.a().placement()) + " to "
                + names.title(cable.b().placement())
                + (cable.laid().along().isEmpty()
                        ? ""
                        : " along "
                                + cable.laid().along().stream()
                                        .map(names::title)
                                        .collect(Collectors.joining(", ")))
                + (cable.laid().stowedIn().isNone()
                        ? ""
                        : ", stowed in " + names.title(cable.laid().stowedIn()));
    }

    private void settings() {
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

    private void overlays() {
        overlays(
                new Layer("configuration", id -> new Scope.InConfiguration(ConfigurationId.of(id))),
                changes(here.configurations(), c -> c.id().toString(), Configuration::overlay),
                changes(there.configurations(), c -> c.id().toString(), Configuration::overlay));
        overlays(
                new Layer("lens", id -> new Scope.InLens(LensId.of(id))),
                changes(here.lenses(), l -> l.id().toString(), LensChoice::overlay),
                changes(there.lenses(), l -> l.id().toString(), LensChoice::overlay));
    }

    /** What is laid over the base, and how a change of it is scoped. */
    private record Layer(String what, Function<String, Scope> scope) {}

    private static <T> Map<String, List<Command>> changes(
            List<T> all, Function<T, String> id, Function<T, List<Command>> overlay) {
        Map<String, List<Command>> changes = new LinkedHashMap<>();
        all.forEach(t -> changes.put(id.apply(t), overlay.apply(t)));
        return changes;
    }

    private void overlays(Layer layer, Map<String, List<Command>> old, Map<String, List<Command>> now) {
        now.forEach((id, changes) -> {
            List<Command> was = old.remove(id);
            if (was == null) {
                lines.add(new Line(Kind.NEW, layer.what(), id, "", "not taken: add it in the job itself"));
            } else if (!was.equals(changes)) {
                lines.add(new Line(
                        Kind.CHANGED,
                        layer.what(),
                        id,
                        was.size() + " changes on the base",
                        changes.size() + " changes on the base"));
                edit.add(new Scoped(layer.scope().apply(id), new Command.ReplaceOverlay(changes)));
            }
        });
        old.keySet().forEach(id -> lines.add(new Line(Kind.ONLY_HERE, layer.what(), id, "on file here", "")));
    }
}
