package wideharbor.core.brief;

import static wideharbor.core.brief.Preference.answer;
import static wideharbor.core.brief.Preference.asks;
import static wideharbor.core.brief.Preference.figure;
import static wideharbor.core.brief.Preference.wants;
import static wideharbor.core.brief.Preference.weighs;

import java.util.List;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.brief.Preference.Weight;

/** How a rig is fed. */
final class PowerWays {
    static final List<Preference> ALL = List.of(
            asks(
                    "battery-mount",
                    "Which battery plates?",
                    answer("open", "What is on the shelf", "Only the latch differs."),
                    answer(
                            "wedge",
                            "Wedge",
                            "One family for every device, few chargers.",
                            wants(BuildTrait.PLATE_WEDGE)),
                    answer(
                            "studs",
                            "Three studs",
                            "A shoulder does not push them off.",
                            wants(BuildTrait.PLATE_STUDS))),
            asks(
                    "battery-volts",
                    "Which batteries’ volts?",
                    answer("open", "What the body takes", "Windows are checked."),
                    answer(
                            "low",
                            "The 14 V class",
                            "Every accessory and the older bodies are on it.",
                            wants(BuildTrait.VOLTS_LOW)),
                    answer(
                            "high",
                            "The 24 V class",
                            "New bodies draw more; thinner cables do.",
                            wants(BuildTrait.VOLTS_HIGH))),
            asks(
                    "battery-on",
                    "The body’s own battery or a plate?",
                    answer("open", "Either", "Watts and outlets decide."),
                    answer("body", "The body’s own", "No rails, a quick wrap.", wants(BuildTrait.BATTERY_ON_BODY)),
                    answer(
                            "plate",
                            "A plate",
                            "More power, ballast, and outlets for all.",
                            wants(BuildTrait.BATTERY_ON_PLATE))),
            asks(
                    "battery-size",
                    "Large batteries or small?",
                    answer("open", "Either", "Mass, hours and flights decide."),
                    answer("small", "To 100 Wh", "They fly without asking.", wants(BuildTrait.BATTERY_SMALL)),
                    answer("large", "150 Wh and up", "Fewer changes, and ballast.", wants(BuildTrait.BATTERY_LARGE))),
            asks(
                    "battery-place",
                    "Where do batteries sit?",
                    answer("open", "Where the balance wants them", "They are ballast."),
                    answer("rear", "Behind", "They answer the lens.", wants(BuildTrait.BATTERY_BEHIND)),
                    answer("top", "On top", "Short rigs for tight rooms.", wants(BuildTrait.BATTERY_ON_TOP))),
            asks(
                    "hot-swap",
                    "Must power go through a battery change?",
                    answer("asked", "Where the brief’s longest stretch asks", "Many just change at a break."),
                    answer(
                            "always",
                            "Always",
                            "Boots cost more than plates.",
                            weighs("power.stretch", Weight.STOP),
                            wants(BuildTrait.KEPT_ON)),
                    answer("never", "No", "Powering down is part of the day.", weighs("power.stretch", Weight.NOTE))),
            asks(
                    "central",
                    "One source for all devices?",
                    answer("open", "Islands are allowed", "Outlets run out."),
                    answer(
                            "central",
                            "One source, one switch",
                            "Nothing is found flat at noon.",
                            wants(BuildTrait.FED_FROM_PLATES))),
            asks(
                    "power-plugs",
                    "Must power plugs lock?",
                    answer("open", "As they come", "A loop round the handle holds them."),
                    answer("lock", "Yes", "A plug that is pulled out ends the take.", wants(BuildTrait.POWER_LOCKS))),
            asks(
                    "idle",
                    "Is the camera off when idle?",
                    answer(
                            "on",
                            "On in the morning, off at night",
                            "Boots cost time; the day is reckoned from on-time."),
                    answer("lunch", "Off at lunch", "An hour saved.", figure(Rule.ON_SHARE, 0.9)),
                    answer("idle", "Off between set-ups", "Batteries are few here.", figure(Rule.ON_SHARE, 0.7))),
            asks(
                    "charge",
                    "How much charge beyond the day?",
                    answer("none", "What the day needs", "Batteries are charged at lunch."),
                    answer(
                            "quarter",
                            "A quarter more",
                            "Cold mornings and old cells.",
                            figure(Rule.RUNTIME_RESERVE, 1.25)),
                    answer("half", "Half as much again", "No mains within reach.", figure(Rule.RUNTIME_RESERVE, 1.5))));

    private PowerWays() {}
}
