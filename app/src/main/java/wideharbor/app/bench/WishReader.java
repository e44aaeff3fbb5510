package wideharbor.app.bench;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import wideharbor.app.job.Loaded;
import wideharbor.app.web.Refusal;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.build.SocketRef;
import wideharbor.core.build.Switches;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Socket;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Proposer;
import wideharbor.core.edit.ArmPlacing;
import wideharbor.core.edit.CableEdits;
import wideharbor.core.edit.ConfigurationEdits;
import wideharbor.core.edit.PartEdits;
import wideharbor.core.edit.Snapshots;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.job.FindingKey;
import wideharbor.core.quantity.Require;
import wideharbor.core.quantity.Words;

/** Turns a wish into commands and a line for the journal; fixes are proposed anew, so that no stale one is applied. */
@Component
class WishReader {
    private final CheckEngine engine;
    private final Proposer proposer;
    private final Clock clock;

    private final LeftStates states;

    WishReader(CheckEngine engine, Proposer proposer, Clock clock, LeftStates states) {
        this.states = states;
        this.engine = engine;
        this.proposer = proposer;
        this.clock = clock;
    }

    /** {@code show} names the configuration to look at afterwards, where that is another. */
    record Reading(String summary, List<Scoped> commands, String show) {
        Reading(String summary, List<Scoped> commands) {
            this(summary, commands, "");
        }
    }

    Reading read(Loaded loaded, RigAnalysis analysis, Wish wish, String who) {
        Reading read = plain(loaded, analysis, wish, who);
        return wish.only()
                ? new Reading(
                        read.summary() + ", in "
                                + analysis.rig().configuration().title() + " only",
                        ConfigurationEdits.hereOnly(
                                read.commands(), analysis.rig().configuration().id()),
                        read.show())
                : read;
    }

    private Reading plain(Loaded loaded, RigAnalysis analysis, Wish wish, String who) {
        return switch (wish.kind()) {
            case SET -> set(analysis, wish);
            case REMOVE ->
                new Reading(
                        "Take off " + analysis.rig().title(wish.placement())
                                + (wish.withDependants() ? " with what hangs on it" : ""),
                        PartEdits.remove(analysis, wish.placement(), wish.withDependants()));
            case RESTORE ->
                new Reading(
                        "Put back " + analysis.rig().title(wish.placement()),
                        PartEdits.restore(analysis, wish.placement()));
            case ADD -> add(analysis, wish);
            case WEIGH -> weigh(analysis, wish, who);
            case TRIED ->
                new Reading(
                        "Trial fit of " + analysis.rig().title(wish.placement()) + " done",
                        PartEdits.tried(analysis, wish.placement()));
            case IMPROVISE ->
                new Reading(
                        analysis.rig().title(wish.placement()) + " serves outside its purpose",
                        PartEdits.improvise(analysis, wish.placement(), wish.text()));
            case TIP -> tip(analysis, wish);
            case DERIVE -> added(analysis, "Derive ", wish.text(), ConfigurationEdits.derive(analysis, title(wish)));
            case COPY -> added(analysis, "Copy to ", wish.text(), ConfigurationEdits.copy(analysis, title(wish)));
            case RENAME -> new Reading("Rename to " + title(wish), ConfigurationEdits.rename(analysis, title(wish)));
            case UNCONFIGURE ->
                new Reading(
                        "Take out configuration "
                                + analysis.rig().configuration().title(),
                        ConfigurationEdits.remove(analysis),
                        analysis.build().configurations().stream()
                                .map(Configuration::id)
                                .filter(id -> !id.equals(
                                        analysis.rig().configuration().id()))
                                .findFirst()
                                .orElse(""));
            case CARRY ->
                new Reading(
                        "Carried by " + analysis.rig().title(wish.placement()),
                        ConfigurationEdits.carryBy(analysis, wish.placement()));
            case PORTRAIT ->
                added(
                        analysis,
                        "Turn to portrait as ",
                        wish.text(),
                        ConfigurationEdits.portrait(
                                analysis,
                                title(wish),
                                wish.key().equals("LEFT")
                                        ? ConfigurationEdits.Side.LEFT
                                        : ConfigurationEdits.Side.RIGHT));
            case OTHER_SHOULDER -> otherShoulder(analysis, wish);
            case TIGHT -> tight(analysis, wish);
            case PLUG -> plug(analysis, wish);
            case UNPLUG ->
                new Reading("Unplug " + cableTitle(analysis, wish.key()), CableEdits.unplug(analysis, wish.key()));
            case LAY -> lay(analysis, wish);
            case COME_BACK -> comeBack(loaded, analysis, wish);
            case FIX -> fix(loaded, analysis, wish);
        };
    }

    private static String title(Wish wish) {
        return Require.text("Title of a configuration", wish.text().strip(), 40);
    }

    private static Reading added(RigAnalysis analysis, String what, String title, List<Scoped> commands) {
        return new Reading(what + title.strip(), commands, ConfigurationEdits.freeId(analysis.build(), title.strip()));
    }

    private static Reading otherShoulder(RigAnalysis analysis, Wish wish) {
        ConfigurationEdits.Sides sides = ConfigurationEdits.otherShoulder(analysis, title(wish));
        String staying = sides.staying().isEmpty() ? "" : "; no port there for " + String.join(", ", sides.staying());
        return added(
                analysis,
                "Other shoulder (" + sides.moved().size() + " over" + staying + ") as ",
                wish.text(),
                sides.edit());
    }

    private static Reading tight(RigAnalysis analysis, Wish wish) {
        ConfigurationEdits.Tight tight = ConfigurationEdits.tight(analysis, title(wish));
        return added(
                analysis,
                tight.how() + ": " + Words.length(tight.deepBefore()) + " deep becomes "
                        + Words.length(tight.deepAfter()) + ", as ",
                wish.text(),
                tight.edit());
    }

    private Reading comeBack(Loaded loaded, RigAnalysis analysis, Wish wish) {
        if (!wish.key().matches("\\d{1,12}")) {
            throw new IllegalArgumentException(
                    "A remembered state is named by its number, but was '" + wish.key() + "'.");
        }
        List<Scoped> back = Snapshots.comeBack(
                analysis, states.marks(loaded.job().id(), analysis.build().id(), Long.parseLong(wish.key())));
        if (back.isEmpty()) {
            throw Refusal.conflict("Every number is as it was left; nothing was changed.");
        }
        return new Reading("Back as it was left, " + back.size() + (back.size() == 1 ? " number" : " numbers"), back);
    }

    private static Reading tip(RigAnalysis analysis, Wish wish) {
        if (wish.at().size() != 3) {
            throw new IllegalArgumentException("A point has three figures: left, up and ahead, in mm.");
        }
        Vec3 at = new Vec3(wish.at().get(0), wish.at().get(1), wish.at().get(2));
        return new Reading(
                "Bring the tip of " + analysis.rig().title(wish.placement()) + " to its place",
                ArmPlacing.tipTo(analysis, wish.placement(), at));
    }

    private static Reading set(RigAnalysis analysis, Wish wish) {
        SettingKey key = SettingKey.parse(wish.key());
        return new Reading(
                "Set " + analysis.rig().title(key.placement()) + ", " + said(analysis, key, wish.value()),
                PartEdits.set(analysis, key, wish.value(), false));
    }

    private static String said(RigAnalysis analysis, SettingKey key, double value) {
        Optional<Socket> socket =
                analysis.rig().find(key.placement()).flatMap(p -> p.type().socket(key.port()));
        if (socket.isEmpty()) {
            return analysis.rig().motion(key).map(m -> m.freedom().title()).orElse("height") + " " + Words.one(value);
        }
        String set = switch (key.freedom()) {
            case Switches.LOOK -> "look " + (value > 0.5 ? "on" : "off");
            case Switches.SAFETY -> "safety track " + (value > 0 ? Math.round(value) + " dB lower" : "off");
            default -> "picture turned by " + Math.round(value * 90) + "°";
        };
        return socket.get().title() + ": " + set;
    }

    private static String cableTitle(RigAnalysis analysis, String cable) {
        return analysis.rig()
                .content()
                .cable(cable)
                .map(c -> analysis.catalogue().require(c.type()).name() + " from "
                        + analysis.rig().title(c.a().placement()) + " to "
                        + analysis.rig().title(c.b().placement()))
                .orElse(cable);
    }

    private static Reading plug(RigAnalysis analysis, Wish wish) {
        ItemType type = item(analysis, wish);
        SocketRef from = socketRef(analysis, wish.key());
        SocketRef to = socketRef(analysis, wish.port());
        return new Reading(
                "Plug " + type.name() + " from " + analysis.rig().title(from.placement()) + " to "
                        + analysis.rig().title(to.placement()),
                CableEdits.plug(analysis, from, to, type));
    }

    private static Reading lay(RigAnalysis analysis, Wish wish) {
        CableRun.Laid laid = new CableRun.Laid(wish.along(), wish.placement());
        return new Reading("Lay " + cableTitle(analysis, wish.key()), CableEdits.lay(analysis, wish.key(), laid));
    }

    /** @throws Refusal when the rig has no such socket */
    static SocketRef socketRef(RigAnalysis analysis, String written) {
        int colon = written.indexOf(':');
        if (colon < 1 || colon == written.length() - 1) {
            throw new IllegalArgumentException("A socket is written part:socket, but was '" + written + "'.");
        }
        SocketRef ref = new SocketRef(written.substring(0, colon), written.substring(colon + 1));
        analysis.rig()
                .find(ref.placement())
                .flatMap(p -> p.type().socket(ref.socket()))
                .orElseThrow(() -> Refusal.notFound("The rig has no socket " + written + "."));
        return ref;
    }

    private static ItemType item(RigAnalysis analysis, Wish wish) {
        int at = wish.item().lastIndexOf('@');
        if (at < 1 || !wish.item().substring(at + 1).matches("\\d{1,6}")) {
            throw new IllegalArgumentException("An item is written id@revision, but was '" + wish.item() + "'.");
        }
        TypeRef ref = new TypeRef(
                wish.item().substring(0, at), Integer.parseInt(wish.item().substring(at + 1)));
        return analysis.catalogue()
                .find(ref)
                .orElseThrow(() -> Refusal.notFound("The catalogue has no item " + ref + "."));
    }

    private static Reading add(RigAnalysis analysis, Wish wish) {
        ItemType type = item(analysis, wish);
        PortRef on = BenchService.portRef(wish.port());
        boolean mates = analysis.rig()
                .find(on.placement())
                .flatMap(p -> p.type().port(on.port()))
                .flatMap(p -> type.port(wish.itemPort()).map(c -> Mating.mates(p, c, analysis.standards())))
                .orElse(true);
        return new Reading(
                "Add " + type.name(),
                mates
                        ? PartEdits.add(analysis, on, type, wish.itemPort())
                        : PartEdits.addThrough(analysis, on, type, wish.itemPort()));
    }

    private Reading weigh(RigAnalysis analysis, Wish wish, String who) {
        String when = clock.instant().truncatedTo(ChronoUnit.SECONDS).toString();
        return new Reading(
                "Weigh " + analysis.rig().title(wish.placement()) + ", " + Math.round(wish.value()) + " g",
                PartEdits.weigh(analysis, wish.placement(), wish.value(), who, when));
    }

    private Reading fix(Loaded loaded, RigAnalysis analysis, Wish wish) {
        FindingKey key = FindingKey.parse(wish.finding());
        Finding finding =
                engine
                        .check(
                                loaded.job(),
                                analysis.build().id(),
                                analysis.rig().configuration().id())
                        .findings()
                        .stream()
                        .filter(f -> f.key().equals(key))
                        .findFirst()
                        .orElseThrow(() -> Refusal.conflict("This finding is gone already; there is nothing to mend."));
        Proposer.Fix fix = proposer.propose(loaded.job(), finding).stream()
                .filter(f -> f.id().equals(wish.fix()))
                .findFirst()
                .orElseThrow(() -> Refusal.conflict("This fix no longer clears the finding; nothing was changed."));
        return new Reading("Fix: " + fix.title(), fix.commands());
    }
}
