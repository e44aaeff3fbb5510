package wideharbor.core.brief;

import static wideharbor.core.brief.Preference.answer;
import static wideharbor.core.brief.Preference.asks;
import static wideharbor.core.brief.Preference.figure;
import static wideharbor.core.brief.Preference.ordered;
import static wideharbor.core.brief.Preference.wants;
import static wideharbor.core.brief.Preference.weighs;

import java.util.List;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.brief.Preference.Sequence;
import wideharbor.core.brief.Preference.Weight;

/** How the work is done and the kit made up. */
final class PrepWays {
    static final List<Preference> ALL = List.of(
            asks(
                    "lens-order",
                    "When does the lens go on?",
                    answer("rig", "In its turn", "The rig’s order."),
                    answer("first", "First of all", "A small body is built around it.", ordered(Sequence.LENS_FIRST)),
                    answer(
                            "last",
                            "Last, when its support is ready",
                            "Nothing heavy waits unheld.",
                            ordered(Sequence.LENS_LAST))),
            asks(
                    "built-on",
                    "Where is the rig built?",
                    answer("support", "On its support", "Nothing rests on what is fragile, and hands reach all round."),
                    answer(
                            "table",
                            "On the table",
                            "The support comes later, or belongs to somebody else.",
                            ordered(Sequence.ON_THE_TABLE))),
            asks(
                    "drive-order",
                    "Drive before the lens or after?",
                    answer("after", "After", "The gear is there to mesh with."),
                    answer(
                            "before",
                            "Before",
                            "It is placed freely, then meshed.",
                            ordered(Sequence.DRIVE_BEFORE_LENS))),
            asks(
                    "screen-order",
                    "When do screens go on?",
                    answer("turn", "In their turn", "One looks at what one does."),
                    answer("last", "Last", "Nothing knocks them.", ordered(Sequence.SCREEN_LAST))),
            asks(
                    "cable-order",
                    "When are cables plugged?",
                    answer("pass", "In one pass at the end", "Nothing is in the way of hands."),
                    answer("each", "Each as its part goes on", "None is forgotten.", ordered(Sequence.CABLES_AT_ONCE))),
            asks(
                    "plugging",
                    "How are plugs put in?",
                    answer("plain", "Put in and pulled at", "Keyless ones go any way round."),
                    answer(
                            "dots",
                            "Dot to dot, each looked at",
                            "Keyed ones break their pins.",
                            figure(Rule.TIME_CABLE, 0.6))),
            asks(
                    "cable-ties",
                    "How are cables kept?",
                    answer("open", "Round the handle", "It is quick."),
                    answer("clips", "Clipped and laid", "What hangs is caught.", wants(BuildTrait.CABLES_TIED))),
            asks(
                    "cable-sides",
                    "Must sockets face their cables?",
                    answer("note", "It is mentioned", "Short cables are nicer."),
                    answer(
                            "yes",
                            "Yes",
                            "A cable across the rig is caught by somebody sooner or later.",
                            weighs("access.ports-towards", Weight.CAUTION))),
            asks(
                    "look-alikes",
                    "Are look-alike cables told apart before they leave?",
                    answer("note", "It is mentioned", "The assistants know their own."),
                    answer(
                            "yes",
                            "Yes",
                            "Crews change, and a wrong one costs a body.",
                            weighs("parts.look-alikes", Weight.CAUTION))),
            asks(
                    "spares",
                    "What is a missing spare?",
                    answer("read", "Told and read", "A runner can bring it."),
                    answer(
                            "firm",
                            "A reason to stay",
                            "Far away there is no runner.",
                            weighs("package.spares", Weight.STOP))),
            asks(
                    "change-times",
                    "What are the brief’s times for a change?",
                    answer("firm", "Limits", "The unit stands while a rig is rebuilt."),
                    answer(
                            "wish",
                            "Wishes",
                            "Minutes are estimates; the day decides.",
                            weighs("changeover.demand", Weight.CAUTION))));

    private PrepWays() {}
}
