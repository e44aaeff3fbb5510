package wideharbor.core.build;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;

/** Commands that change which configurations and lenses a build has. */
final class Lists {
    private Lists() {}

    static boolean concerns(Command command) {
        return command instanceof Command.Configure
                || command instanceof Command.Unconfigure
                || command instanceof Command.Equip
                || command instanceof Command.Unequip;
    }

    static Build after(Command command, Build build) {
        if (command instanceof Command.Configure c) {
            return build.withConfigurations(configured(c.configuration(), build));
        } else if (command instanceof Command.Unconfigure c) {
            return build.withConfigurations(unconfigured(c.id(), build));
        } else if (command instanceof Command.Equip c) {
            return build.withLenses(equipped(c, build));
        }
        return build.withLenses(unequipped(((Command.Unequip) command).id(), build));
    }

    /** The command that takes it back, looking at the build before it. */
    static Command undoOf(Command command, Build build) {
        if (command instanceof Command.Equip c) {
            return undoOf(c.lens().id(), build);
        } else if (command instanceof Command.Unequip c) {
            return undoOf(c.id(), build);
        }
        ConfigurationId id =
                command instanceof Command.Configure c ? c.configuration().id() : ((Command.Unconfigure) command).id();
        return build.configuration(id)
                .<Command>map(Command.Configure::new)
                .orElseGet(() -> new Command.Unconfigure(id));
    }

    private static Command undoOf(LensId id, Build build) {
        return build.lens(id)
                .<Command>map(l -> new Command.Equip(l, build.lenses().indexOf(l)))
                .orElseGet(() -> new Command.Unequip(id));
    }

    private static List<Configuration> configured(Configuration configuration, Build build) {
        List<Configuration> next = new ArrayList<>(build.configurations());
        if (build.configuration(configuration.id()).isPresent()) {
            next.replaceAll(one -> one.id().equals(configuration.id()) ? configuration : one);
        } else {
            next.add(configuration);
        }
        return next;
    }

    private static List<Configuration> unconfigured(ConfigurationId gone, Build build) {
        List<Configuration> next = new ArrayList<>(build.configurations());
        if (next.size() == 1) {
            throw new EditRefused("A build keeps at least one configuration.");
        }
        next.stream().filter(c -> c.basedOn().equals(gone)).findFirst().ifPresent(c -> {
            throw new EditRefused(c.title() + " is based on it; take that one out first.");
        });
        if (!next.removeIf(c -> c.id().equals(gone))) {
            throw new EditRefused("There is no configuration '" + gone + "'.");
        }
        return next;
    }

    private static List<LensChoice> equipped(Command.Equip equip, Build build) {
        List<LensChoice> next = new ArrayList<>(build.lenses());
        next.removeIf(l -> l.id().equals(equip.lens().id()));
        if (next.size() >= Build.MOST_LENSES) {
            throw new EditRefused("A build has at most " + Build.MOST_LENSES + " lenses.");
        }
        next.add(Math.min(equip.at(), next.size()), equip.lens());
        return next;
    }

    private static List<LensChoice> unequipped(LensId gone, Build build) {
        List<LensChoice> next = new ArrayList<>(build.lenses());
        if (!next.removeIf(l -> l.id().equals(gone))) {
            throw new EditRefused("There is no lens '" + gone + "' on this build.");
        }
        return next;
    }
}
