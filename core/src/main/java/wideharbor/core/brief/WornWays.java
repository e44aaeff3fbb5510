package wideharbor.core.brief;

import static wideharbor.core.brief.Preference.answer;
import static wideharbor.core.brief.Preference.asks;
import static wideharbor.core.brief.Preference.figure;
import static wideharbor.core.brief.Preference.wants;
import static wideharbor.core.brief.Preference.weighs;

import java.util.List;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.brief.Preference.Weight;

/** How a rig is carried, held and balanced. */
final class WornWays {
    static final List<Preference> ALL = List.of(
            asks(
                    "pad-place",
                    "Where does the pad sit?",
                    answer("open", "Where the balance wants it", "The slide decides."),
                    answer(
                            "under",
                            "Close under the mount",
                            "Quickest on and off, and centred.",
                            wants(BuildTrait.PAD_UNDER_MOUNT)),
                    answer(
                            "behind",
                            "Well behind",
                            "The camera comes forward and the tripod’s plate stays free.",
                            wants(BuildTrait.PAD_BEHIND))),
            asks(
                    "pad-at-all",
                    "Does a pad stay on when nobody shoulders it?",
                    answer("open", "As it comes", "It does no harm."),
                    answer(
                            "off",
                            "No",
                            "It is weight on a vest and in the way on a gimbal.",
                            wants(BuildTrait.NO_PAD_UNWORN))),
            asks(
                    "grips",
                    "How many grips?",
                    answer("open", "As the operator says", "The profile names them."),
                    answer(
                            "two",
                            "One on either side",
                            "Both hands steer, and someone can take it over.",
                            wants(BuildTrait.TWO_GRIPS)),
                    answer("one", "One", "The other hand is on the lens.", wants(BuildTrait.ONE_GRIP))),
            asks(
                    "handle",
                    "Is a handle on top?",
                    answer("open", "Where there is room", "Screens and finders want the same place."),
                    answer("always", "Always", "It is what everybody grabs for.", wants(BuildTrait.HANDLE_ON_TOP))),
            asks(
                    "hands",
                    "How much may the hands hold on the shoulder?",
                    answer("usual", "15 N, 40 N at the most", "A bag of sugar and a half, all day."),
                    answer(
                            "little",
                            "8 N, 25 N at the most",
                            "Long takes, or an operator who asks for it.",
                            figure(Rule.HAND_CAUTION, 8),
                            figure(Rule.HAND_STOP, 25)),
                    answer(
                            "more",
                            "25 N, 50 N at the most",
                            "Short shots; some like the weight at the front.",
                            figure(Rule.HAND_CAUTION, 25),
                            figure(Rule.HAND_STOP, 50))),
            asks(
                    "lean",
                    "How far may a worn rig lean to one side?",
                    answer("usual", "15 mm", "The body takes it up without thinking."),
                    answer("little", "8 mm", "A vest arm shows every millimetre.", figure(Rule.LATERAL, 8)),
                    answer("more", "30 mm", "A grip on the light side holds it.", figure(Rule.LATERAL, 30))),
            asks(
                    "hang",
                    "How level must a rig hang?",
                    answer("usual", "Within three degrees", "A hand straightens it without effort."),
                    answer(
                            "fine",
                            "Within one and a half",
                            "Vest work: what hangs askew walks askew.",
                            figure(Rule.HANG_TILT, 1.5)),
                    answer(
                            "rough",
                            "Within six",
                            "It is tilted by hand all the time anyway.",
                            figure(Rule.HANG_TILT, 6))),
            asks(
                    "counterbalance",
                    "May the drag do the springs’ work?",
                    answer("read", "It is told and read", "The head holds most of it, and the operator knows."),
                    answer(
                            "no",
                            "No: the springs hold the rig",
                            "A head that is let go must stand where it is.",
                            weighs("balance.counterbalance", Weight.STOP)),
                    answer(
                            "yes",
                            "Yes",
                            "Small heads are locked between takes.",
                            weighs("balance.counterbalance", Weight.NOTE))),
            asks(
                    "mass-window",
                    "What is a mass window?",
                    answer("read", "A wish: told and read", "Comfort and steadiness are weighed on the day."),
                    answer(
                            "firm",
                            "A limit",
                            "The rig is worn for hours; what is over stays in the case.",
                            weighs("balance.mass-window", Weight.STOP))),
            asks(
                    "set-down",
                    "Must a held rig be able to stand on a table?",
                    answer("read", "It is told and read", "Somebody puts it down within the first minute."),
                    answer(
                            "stand",
                            "A stand is always at hand",
                            "Every held rig goes out with its saddle.",
                            weighs("access.set-down", Weight.NOTE))),
            asks(
                    "twin",
                    "When is a second body better than a change?",
                    answer("slow", "When a change takes more than ten minutes", "A body costs more than minutes."),
                    answer(
                            "soon",
                            "When it takes more than three",
                            "The unit waits for nobody.",
                            figure(Rule.TWIN_MINUTES, 3)),
                    answer("never", "Never", "One body, one set of settings.", figure(Rule.TWIN_MINUTES, 480))));

    private WornWays() {}
}
