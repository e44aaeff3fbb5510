package wideharbor.app.bench;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import wideharbor.app.job.Loaded;
import wideharbor.app.web.Refusal;
import wideharbor.core.bench.ArmPlacing;
import wideharbor.core.bench.AsLeft;
import wideharbor.core.bench.Configurations;
import wideharbor.core.bench.Plugging;
import wideharbor.core.bench.Wishes;
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
import wideharbor.core.check.CheckContext;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Proposer;
import wideharbor.core.check.Say;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.quantity.Require;

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

    Reading read(Loaded loaded, CheckContext context, Wish wish, String who) {
        Reading read = plain(loaded, context, wish, who);
        return wish.only()
                ? new Reading(
                        read.summary() + ", in " + context.rig().configuration().title() + " only",
                        Configurations.hereOnly(
                                read.commands(), context.rig().configuration().id()),
                        read.show())
                : read;
    }

    private Reading plain(Loaded loaded, CheckContext context, Wish wish, String who) {
        return switch (wish.kind()) {
            case SET -> set(context, wish);
            case REMOVE ->
                new Reading(
                        "Take off " + context.rig().title(wish.placement())
                                + (wish.withDependants() ? " with what hangs on it" : ""),
                        Wishes.remove(context, wish.placement(), wish.withDependants()));
            case RESTORE ->
                new Reading(
                        "Put back " + context.rig().title(wish.placement()), Wishes.restore(context, wish.placement()));
            case ADD -> add(context, wish);
            case WEIGH -> weigh(context, wish, who);
            case TRIED ->
                new Reading(
                        "Trial fit of " + context.rig().title(wish.placement()) + " done",
                        Wishes.tried(context, wish.placement()));
            case IMPROVISE ->
                new Reading(
                        context.rig().title(wish.placement()) + " serves outside its purpose",
                        Wishes.improvise(context, wish.placement(), wish.text()));
            case TIP -> tip(context, wish);
            case DERIVE -> added(context, "Derive ", wish.text(), Configurations.derive(context, title(wish)));
            case COPY -> added(context, "Copy to ", wish.text(), Configurations.copy(context, title(wish)));
            case RENAME -> new Reading("Rename to " + title(wish), Configurations.rename(context, title(wish)));
            case UNCONFIGURE ->
                new Reading(
                        "Take out configuration "
                                + context.rig().configuration().title(),
                        Configurations.remove(context),
                        context.build().configurations().stream()
                                .map(Configuration::id)
                                .filter(id ->
                                        !id.equals(context.rig().configuration().id()))
                                .findFirst()
                                .orElse(""));
            case CARRY ->
                new Reading(
                        "Carried by " + context.rig().title(wish.placement()),
                        Configurations.carryBy(context, wish.placement()));
            case PORTRAIT ->
                added(
                        context,
                        "Turn to portrait as ",
                        wish.text(),
                        Configurations.portrait(
                                context,
                                title(wish),
                                wish.key().equals("LEFT") ? Configurations.Side.LEFT : Configurations.Side.RIGHT));
            case OTHER_SHOULDER -> otherShoulder(context, wish);
            case TIGHT -> tight(context, wish);
            case PLUG -> plug(context, wish);
            case UNPLUG ->
                new Reading("Unplug " + cableTitle(context, wish.key()), Plugging.unplug(context, wish.key()));
            case LAY -> lay(context, wish);
            case COME_BACK -> comeBack(loaded, context, wish);
            case FIX -> fix(loaded, context, wish);
        };
    }

    private static String title(Wish wish) {
        return Require.text("Title of a configuration", wish.text().strip(), 40);
    }

    private static Reading added(CheckContext context, String what, String title, List<Scoped> commands) {
        return new Reading(what + title.strip(), commands, Configurations.freeId(context.build(), title.strip()));
    }

    private static Reading otherShoulder(CheckContext context, Wish wish) {
        Configurations.Sides sides = Configurations.otherShoulder(context, title(wish));
        String staying = sides.staying().isEmpty() ? "" : "; no port there for " + String.join(", ", sides.staying());
        return added(
                context,
                "Other shoulder (" + sides.moved().size() + " over" + staying + ") as ",
                wish.text(),
                sides.edit());
    }

    private static Reading tight(CheckContext context, Wish wish) {
        Configurations.Tight tight = Configurations.tight(context, title(wish));
        return added(
                context,
                tight.how() + ": " + Say.length(tight.deepBefore()) + " deep becomes " + Say.length(tight.deepAfter())
                        + ", as ",
                wish.text(),
                tight.edit());
    }

    private Reading comeBack(Loaded loaded, CheckContext context, Wish wish) {
        if (!wish.key().matches("\\d{1,12}")) {
            throw new IllegalArgumentException(
                    "A remembered state is named by its number, but was '" + wish.key() + "'.");
        }
        List<Scoped> back = AsLeft.comeBack(
                context, states.marks(loaded.job().id(), context.build().id(), Long.parseLong(wish.key())));
        if (back.isEmpty()) {
            throw Refusal.conflict("Every number is as it was left; nothing was changed.");
        }
        return new Reading("Back as it was left, " + back.size() + (back.size() == 1 ? " number" : " numbers"), back);
    }

    private static Reading tip(CheckContext context, Wish wish) {
        if (wish.at().size() != 3) {
            throw new IllegalArgumentException("A point has three figures: left, up and ahead, in mm.");
        }
        Vec3 at = new Vec3(wish.at().get(0), wish.at().get(1), wish.at().get(2));
        return new Reading(
                "Bring the tip of " + context.rig().title(wish.placement()) + " to its place",
                ArmPlacing.tipTo(context, wish.placement(), at));
    }

    private static Reading set(CheckContext context, Wish wish) {
        SettingKey key = SettingKey.parse(wish.key());
        return new Reading(
                "Set " + context.rig().title(key.placement()) + ", " + said(context, key, wish.value()),
                Wishes.set(context, key, wish.value(), false));
    }

    private static String said(CheckContext context, SettingKey key, double value) {
        Optional<Socket> socket =
                context.rig().find(key.placement()).flatMap(p -> p.type().socket(key.port()));
        if (socket.isEmpty()) {
            return context.rig().motion(key).map(m -> m.freedom().title()).orElse("height") + " " + Say.one(value);
        }
        String set = switch (key.freedom()) {
            case Switches.LOOK -> "look " + (value > 0.5 ? "on" : "off");
            case Switches.SAFETY -> "safety track " + (value > 0 ? Math.round(value) + " dB lower" : "off");
            default -> "picture turned by " + Math.round(value * 90) + "°";
        };
        return socket.get().title() + ": " + set;
    }

    private static String cableTitle(CheckContext context, String cable) {
        return context.rig()
                .content()
                .cable(cable)
                .map(c -> context.catalogue().require(c.type()).name() + " from "
                        + context.rig().title(c.a().placement()) + " to "
                        + context.rig().title(c.b().placement()))
                .orElse(cable);
    }

    private static Reading plug(CheckContext context, Wish wish) {
        ItemType type = item(context, wish);
        SocketRef from = socketRef(context, wish.key());
        SocketRef to = socketRef(context, wish.port());
        return new Reading(
                "Plug " + type.name() + " from " + context.rig().title(from.placement()) + " to "
                        + context.rig().title(to.placement()),
                Plugging.plug(context, from, to, type));
    }

    private static Reading lay(CheckContext context, Wish wish) {
        CableRun.Laid laid = new CableRun.Laid(wish.along(), wish.placement());
        return new Reading("Lay " + cableTitle(context, wish.key()), Plugging.lay(context, wish.key(), laid));
    }

    /** @throws Refusal when the rig has no such socket */
    static SocketRef socketRef(CheckContext context, String written) {
        int colon = written.indexOf(':');
        if (colon < 1 || colon == written.length() - 1) {
            throw new IllegalArgumentException("A socket is written part:socket, but was '" + written + "'.");
        }
        SocketRef ref = new SocketRef(written.substring(0, colon), written.substring(colon + 1));
        context.rig()
                .find(ref.placement())
                .flatMap(p -> p.type().socket(ref.socket()))
                .orElseThrow(() -> Refusal.notFound("The rig has no socket " + written + "."));
        return ref;
    }

    private static ItemType item(CheckContext context, Wish wish) {
        int at = wish.item().lastIndexOf('@');
        if (at < 1 || !wish.item().substring(at + 1).matches("\\d{1,6}")) {
            throw new IllegalArgumentException("An item is written id@revision, but was '" + wish.item() + "'.");
        }
        TypeRef ref = new TypeRef(
                wish.item().substring(0, at), Integer.parseInt(wish.item().substring(at + 1)));
        return context.catalogue()
                .find(ref)
                .orElseThrow(() -> Refusal.notFound("The catalogue has no item " + ref + "."));
    }

    private static Reading add(CheckContext context, Wish wish) {
        ItemType type = item(context, wish);
        PortRef on = BenchService.portRef(wish.port());
        boolean mates = context.rig()
                .find(on.placement())
                .flatMap(p -> p.type().port(on.port()))
                .flatMap(p -> type.port(wish.itemPort()).map(c -> Mating.mates(p, c, context.standards())))
                .orElse(true);
        return new Reading(
                "Add " + type.name(),
                mates
                        ? Wishes.add(context, on, type, wish.itemPort())
                        : Wishes.addThrough(context, on, type, wish.itemPort()));
    }

    private Reading weigh(CheckContext context, Wish wish, String who) {
        String when = clock.instant().truncatedTo(ChronoUnit.SECONDS).toString();
        return new Reading(
                "Weigh " + context.rig().title(wish.placement()) + ", " + Math.round(wish.value()) + " g",
                Wishes.weigh(context, wish.placement(), wish.value(), who, when));
    }

    private Reading fix(Loaded loaded, CheckContext context, Wish wish) {
        Finding finding =
                engine
                        .check(
                                loaded.job(),
                                context.build().id(),
                                context.rig().configuration().id())
                        .findings()
                        .stream()
                        .filter(f -> f.key().toString().equals(wish.finding()))
                        .findFirst()
                        .orElseThrow(() -> Refusal.conflict("This finding is gone already; there is nothing to mend."));
        Proposer.Fix fix = proposer.propose(loaded.job(), finding).stream()
                .filter(f -> f.id().equals(wish.fix()))
                .findFirst()
                .orElseThrow(() -> Refusal.conflict("This fix no longer clears the finding; nothing was changed."));
        return new Reading("Fix: " + fix.title(), fix.commands());
    }
}
