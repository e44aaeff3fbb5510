package wideharbor.core.brief;

import static wideharbor.core.brief.Preference.answer;
import static wideharbor.core.brief.Preference.asks;
import static wideharbor.core.brief.Preference.figure;
import static wideharbor.core.brief.Preference.wants;
import static wideharbor.core.brief.Preference.weighs;

import java.util.List;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.brief.Preference.Weight;

/** How a rig is put together. */
final class RiggingWays {
    static final List<Preference> ALL = List.of(
            asks(
                    "rod-class",
                    "Which rods?",
                    answer("open", "Whichever the parts ask for", "Stiffness is computed, habit breaks the tie."),
                    answer(
                            "studio",
                            "Studio rods",
                            "Motors and big zooms sit stiffer; lens supports are made for them.",
                            wants(BuildTrait.RODS_STUDIO)),
                    answer(
                            "light",
                            "Lightweight rods",
                            "The pad is left at home and every gram counts.",
                            wants(BuildTrait.RODS_LIGHT))),
            asks(
                    "rods-at-all",
                    "Are rods fitted at all?",
                    answer("open", "Where something rides on them", "They are the backbone of the rest."),
                    answer(
                            "none",
                            "No",
                            "They slow the wrap and weigh; nothing of ours rides on them.",
                            wants(BuildTrait.NO_RODS))),
            asks(
                    "rods-straight",
                    "How straight must rods stay?",
                    answer("usual", "Half a millimetre", "What a matte box and a motor forgive."),
                    answer(
                            "fine",
                            "Three tenths of one",
                            "Long zooms at the end of their focus scale show it.",
                            figure(Rule.ROD_SAG, 0.3)),
                    answer(
                            "rough",
                            "A millimetre",
                            "Light primes, no motor, long rods for the operator’s own things.",
                            figure(Rule.ROD_SAG, 1.0))),
            asks(
                    "rod-height",
                    "How exact must the axis stand over the rods?",
                    answer("usual", "Within a millimetre", "Brackets of several makers meet within it."),
                    answer(
                            "fine",
                            "Within half",
                            "One maker throughout, and clip rings without play.",
                            figure(Rule.ROD_HEIGHT_TOLERANCE, 0.5))),
            asks(
                    "rod-rear",
                    "How far may rods stand out behind?",
                    answer("usual", "120 mm", "Room for a battery plate on them."),
                    answer("short", "60 mm", "They meet the operator’s neck, and doors.", figure(Rule.ROD_REAR, 60)),
                    answer("long", "200 mm", "Everything rides on rods here.", figure(Rule.ROD_REAR, 200))),
            asks(
                    "drives-on",
                    "Where do drives sit?",
                    answer("open", "On whichever rods reach", "The gear decides."),
                    answer(
                            "stay",
                            "On rods that stay with the body",
                            "They keep their mesh when the plate slides or the body goes over to a gimbal.",
                            wants(BuildTrait.DRIVES_STAY))),
            asks(
                    "cage",
                    "How much of a cage?",
                    answer("open", "As the mounts need", "Ports stay free."),
                    answer(
                            "closed",
                            "Plates tied into a loop",
                            "It protects the body, and nothing works loose.",
                            wants(BuildTrait.CAGE_CLOSED)),
                    answer(
                            "none",
                            "None",
                            "The body’s own threads do; it must go into a small space.",
                            wants(BuildTrait.NO_CAGE))),
            asks(
                    "base",
                    "Which base under the body?",
                    answer("open", "Any that brings the height", "Height over rods is computed."),
                    answer(
                            "own",
                            "One made for the body",
                            "It sits without play and leaves doors and feet free.",
                            wants(BuildTrait.BASE_OF_BODY))),
            asks(
                    "dovetail",
                    "How long a dovetail?",
                    answer("open", "As the slide needs", "Travel is computed."),
                    answer("long", "Long", "Room to balance whatever comes.", wants(BuildTrait.DOVETAIL_LONG)),
                    answer(
                            "short",
                            "Short, dropped on from above",
                            "Less bulk, and nothing at the ends blocks it.",
                            wants(BuildTrait.DOVETAIL_SHORT))),
            asks(
                    "makers",
                    "One maker or a mix?",
                    answer("open", "A mix by need", "The best of each."),
                    answer(
                            "one",
                            "One maker throughout",
                            "Marks, keys and heights agree.",
                            wants(BuildTrait.ONE_MAKER))),
            asks(
                    "friction-arms",
                    "How far are friction arms trusted?",
                    answer("usual", "To four fifths of their rating", "They creep during a day of heat and knocks."),
                    answer(
                            "little",
                            "To three fifths",
                            "Rails and tilt mounts are preferred; an arm is a stopgap.",
                            figure(Rule.ARM_DRIFT, 0.6)),
                    answer(
                            "much",
                            "To nine tenths",
                            "Good arms, tightened by key, hold what they say.",
                            figure(Rule.ARM_DRIFT, 0.9)),
                    answer(
                            "none",
                            "Not at all",
                            "Rails and tilt mounts do all they do, and do not creep.",
                            wants(BuildTrait.NO_ARMS))),
            asks(
                    "tool-free",
                    "Are changes made without tools?",
                    answer(
                            "layers",
                            "What stays is bolted, what changes is quick",
                            "Rigid where it counts, fast where it must be."),
                    answer(
                            "free",
                            "Every change without tools",
                            "Nobody on the unit carries a key.",
                            wants(BuildTrait.CHANGES_TOOL_FREE))),
            asks(
                    "tightness",
                    "How are screws made firm?",
                    answer("snug", "Snug, not forced", "A second contact holds, not force."),
                    answer(
                            "keyed",
                            "Keyed up, each looked at again",
                            "Wiggle comes from the one that was forgotten.",
                            figure(Rule.TIME_SCREW, 0.8))),
            asks(
                    "trust",
                    "How much is a stranger’s word worth?",
                    answer("open", "It is told and tried", "Much of what is claimed is true."),
                    answer(
                            "tried",
                            "Nothing: only what was tried",
                            "What fails on the day was mostly never tried.",
                            wants(BuildTrait.TRIED_JOINTS))),
            asks(
                    "trial-fit",
                    "Must untried joints be tried before they leave?",
                    answer("read", "They are told and read", "Drawings are mostly right, and the bench shows it."),
                    answer(
                            "always",
                            "Always",
                            "What has never been together does not leave the house.",
                            weighs("joints.trial", Weight.STOP))),
            asks(
                    "improvised",
                    "May something serve outside its purpose?",
                    answer(
                            "read",
                            "With its limit written down",
                            "Crews have always done it; a written limit keeps it safe."),
                    answer(
                            "never",
                            "Not out of this house",
                            "What is hired out is used as its maker meant it.",
                            weighs("joints.improvised", Weight.STOP))));

    private RiggingWays() {}
}
