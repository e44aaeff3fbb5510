package wideharbor.core.check.power;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckContext;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Say;
import wideharbor.core.check.Severity;
import wideharbor.core.power.FeedTree;
import wideharbor.core.power.Runtime;
import wideharbor.core.quantity.Figure;

/** All the charge in the package, at the day's temperature, lasts the hours the camera is on. */
public final class DayRuntime implements Check {
    private static final CheckCard CARD = new CheckCard(
            "power.runtime",
            "power",
            "Charge for the day",
            "all batteries of the package that fit the plates, against the brief's hours on",
            "usable charge over load lasts the hours on, with the house's reserve",
            "cold takes capacity, and time counts while on, not while rolling",
            "h = Σ Wh × health × temperature factor × usable / Σ P",
            "makers' capacities; factor and usable share by house rule",
            Severity.STOP,
            false);

    @Override
    public CheckCard card() {
        return CARD;
    }

    /** Watt-hours at hand and watts drawn. */
    public record Day(double wattHours, double watts, List<String> unknown) {
        public double hours() {
            return Runtime.hours(wattHours, watts);
        }
    }

    public static Day day(CheckContext context) {
        double celsius = context.job().brief().temperatureC();
        double watts = 0;
        double wattHours = 0;
        Set<String> unknown = new LinkedHashSet<>();
        Set<String> plates = new LinkedHashSet<>();
        for (FeedTree.Source source : context.feeds().sources()) {
            FeedTree.Load load = context.feeds().loadOn(source);
            watts += load.runningWatts();
            unknown.addAll(load.unknown());
            wattHours += charge(source.battery().type(), celsius, context, unknown);
            plates.add(Batteries.plug(source.battery().type()).standard());
        }
        for (Map.Entry<TypeRef, Integer> spare : context.kit().counts().entrySet()) {
            ItemType type = context.catalogue().require(spare.getKey());
            if (type.facet(Facet.Battery.class).isPresent() && plates.contains(Batteries.plug(type).standard())) {
                wattHours += spare.getValue() * charge(type, celsius, context, unknown);
            }
        }
        return new Day(wattHours, watts, List.copyOf(unknown));
    }

    /** Hours that the camera really is on, with the house's reserve. */
    public static double hoursNeeded(CheckContext context) {
        return context.job().brief().hoursOn() * context.rule(Rule.ON_SHARE) * context.rule(Rule.RUNTIME_RESERVE);
    }

    private static double charge(ItemType type, double celsius, CheckContext context, Set<String> unknown) {
        Facet.Battery battery = type.facet(Facet.Battery.class).orElseThrow();
        if (battery.wattHours() instanceof Figure.Unknown) {
            unknown.add(type.name());
        }
        return Runtime.usableWattHours(battery, celsius, context.rules());
    }

    @Override
    public void run(CheckContext context, Results results) {
        if (context.feeds().sources().isEmpty()) {
            return;
        }
        Day day = day(context);
        List<String> subjects = List.of("day");
        if (!day.unknown().isEmpty()) {
            results.notChecked(subjects, "no draw or capacity on file for " + String.join(", ", day.unknown()));
            return;
        }
        double needed = hoursNeeded(context);
        if (day.hours() >= needed - 1e-9) {
            results.fine();
            return;
        }
        double celsius = context.job().brief().temperatureC();
        results.found(
                subjects,
                "Day outlasts the batteries at " + Say.one(celsius).replace(".0", "").replace("-", "−") + " °C",
                Evidence.Amount.atLeast(day.hours(), needed, "h"),
                "All charge in the package gives " + Say.hours(day.hours()) + " at " + Say.watts(day.watts())
                        + "; the brief asks for " + Say.hours(needed) + " on.");
    }

    /** As many more of what is fitted as it takes; or a larger battery on the plate. */
    @Override
    public List<Candidate> candidates(Finding finding, CheckContext context) {
        List<Candidate> all = new ArrayList<>();
        Day day = day(context);
        double needed = hoursNeeded(context);
        for (FeedTree.Source source : context.feeds().sources()) {
            for (ItemType larger : Batteries.others(context, source.battery())) {
                if (Batteries.wattHours(larger) > Batteries.wattHours(source.battery().type())) {
                    all.add(Batteries.swap(context, source.battery(), larger));
                }
            }
            List<ItemType> kinds = new ArrayList<>(List.of(source.battery().type()));
            kinds.addAll(Batteries.others(context, source.battery()));
            for (ItemType kind : kinds) {
                more(context, day, needed, kind).ifPresent(all::add);
            }
        }
        return all;
    }

    private static java.util.Optional<Candidate> more(CheckContext context, Day day, double needed, ItemType type) {
        double each = charge(type, context.job().brief().temperatureC(), context, new LinkedHashSet<>());
        int pieces = each <= 0 ? 0 : (int) Math.ceil((needed * day.watts() - day.wattHours()) / each - 1e-9);
        if (pieces < 1 || pieces > 60) {
            return java.util.Optional.empty();
        }
        return java.util.Optional.of(new Candidate(
                "battery",
                (pieces == 1 ? "One more " : pieces + " more ") + type.name(),
                List.of(Scoped.kit(new Command.AddKit(type.ref(), pieces)))));
    }
}
