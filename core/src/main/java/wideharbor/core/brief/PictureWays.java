package wideharbor.core.brief;

import static wideharbor.core.brief.Preference.answer;
import static wideharbor.core.brief.Preference.asks;
import static wideharbor.core.brief.Preference.wants;

import java.util.List;

/** How picture, focus, sound and time are kept. */
final class PictureWays {
    static final List<Preference> ALL = List.of(
            asks(
                    "looking",
                    "Eyepiece or screen?",
                    answer("open", "As the operator says", "Both are ways to look."),
                    answer("both", "Both", "One for the eye, one for the room.", wants(BuildTrait.FINDER_AND_SCREEN)),
                    answer(
                            "finder",
                            "The eyepiece alone",
                            "A screen gives the picture away and weighs.",
                            wants(BuildTrait.FINDER_ALONE)),
                    answer("screen", "The screen alone", "No pipe before the face.", wants(BuildTrait.SCREEN_ALONE))),
            asks(
                    "screen-place",
                    "Where is the operator’s screen?",
                    answer("open", "Where it clears", "Swing and height are checked."),
                    answer(
                            "low",
                            "Before the handle, low",
                            "The rig stays low and the handle free.",
                            wants(BuildTrait.SCREEN_LOW)),
                    answer(
                            "high",
                            "Above the handle",
                            "It cannot swing into metal, and stays when the pad comes.",
                            wants(BuildTrait.SCREEN_HIGH))),
            asks(
                    "finder-maker",
                    "Whose eyepiece?",
                    answer("open", "Any that fits", "The bus decides."),
                    answer(
                            "own",
                            "The body maker’s",
                            "It shows what the body knows.",
                            wants(BuildTrait.FINDER_OF_BODY)),
                    answer(
                            "others",
                            "The same on all bodies",
                            "The operator’s eye knows one picture.",
                            wants(BuildTrait.FINDER_OF_OTHERS))),
            asks(
                    "finder-tube",
                    "Round or square tubes at the eyepiece?",
                    answer("open", "As the eyepiece comes", "Both hold when they are locked."),
                    answer(
                            "square",
                            "Square",
                            "It does not drop or turn when it is loosened.",
                            wants(BuildTrait.TUBE_SQUARE)),
                    answer("round", "Round", "It is levelled to the eye, and locked.", wants(BuildTrait.TUBE_ROUND))),
            asks(
                    "exposure",
                    "Where is exposure judged?",
                    answer("open", "As the brief says of its viewers", "Each display says what it is good for."),
                    answer(
                            "display",
                            "At a display",
                            "One that is good for it, with the look on.",
                            wants(BuildTrait.EXPOSURE_DISPLAY)),
                    answer(
                            "camera",
                            "By the camera’s own tools",
                            "A screen in the sun lies; the body’s scopes do not.",
                            wants(BuildTrait.EXPOSURE_CAMERA))),
            asks(
                    "look-place",
                    "Where is the look put on the picture?",
                    answer("open", "At one place on each way", "Twice is found wherever it is."),
                    answer(
                            "body",
                            "At the body’s outputs",
                            "Everybody sees the same, whatever they look at.",
                            wants(BuildTrait.LOOK_AT_BODY)),
                    answer(
                            "display",
                            "At each display",
                            "The clean picture goes down the line and may be recorded.",
                            wants(BuildTrait.LOOK_AT_DISPLAY))),
            asks(
                    "lens-pool",
                    "May adapters stand between lens and body?",
                    answer("open", "Locked ones", "One pool of lenses for all bodies."),
                    answer("native", "No", "Fewer joints to play.", wants(BuildTrait.LENS_NATIVE))),
            asks(
                    "focus",
                    "Who pulls focus?",
                    answer("open", "As the brief says", "Its crew is checked nowhere else."),
                    answer(
                            "crew",
                            "The drive follows the crew",
                            "A motor nobody turns is weight; a puller without one is idle.",
                            wants(BuildTrait.DRIVE_FOR_PULLER))),
            asks(
                    "matte-box",
                    "Is a matte box fitted?",
                    answer("open", "When something asks for it", "Filters and flags want one."),
                    answer("always", "Always", "It shades, braces and looks the part.", wants(BuildTrait.MATTE_BOX)),
                    answer(
                            "never",
                            "Never",
                            "A screw-on filter does; it is weight at the worst place.",
                            wants(BuildTrait.NO_MATTE_BOX))),
            asks(
                    "filters",
                    "Filters for all lenses or for each?",
                    answer("open", "As the set comes", "Rings are found for each."),
                    answer(
                            "one",
                            "One size for all",
                            "Rings stay on the lenses, filters go round.",
                            wants(BuildTrait.ONE_FRONT))),
            asks(
                    "sound",
                    "Who has the sound?",
                    answer("open", "The brief says", "Some days nobody asks."),
                    answer(
                            "rig",
                            "The camera keeps some",
                            "Without it nobody finds the take again.",
                            wants(BuildTrait.SOUND_ON_RIG))),
            asks(
                    "sound-safety",
                    "Is sound kept a second time?",
                    answer("open", "Not by us", "The sound department does."),
                    answer(
                            "twice",
                            "Yes",
                            "A track at lower level or a second box saves the shout.",
                            wants(BuildTrait.SOUND_TWICE))),
            asks(
                    "time-place",
                    "Where does the timecode box sit?",
                    answer("open", "Where there is room", "It is small."),
                    answer("below", "Under the axis", "Out of every hand’s way.", wants(BuildTrait.TIME_BELOW)),
                    answer("behind", "Behind the body", "By its socket.", wants(BuildTrait.TIME_BEHIND))),
            asks(
                    "link-place",
                    "Where does the transmitter sit?",
                    answer("open", "Where its antennas are free", "Rooms are checked."),
                    answer(
                            "right",
                            "On the right",
                            "By the outputs, away from the operator.",
                            wants(BuildTrait.LINK_RIGHT)),
                    answer("top", "On top", "Nothing shadows it.", wants(BuildTrait.LINK_ON_TOP))),
            asks(
                    "picture-cable",
                    "Which picture cables?",
                    answer("open", "As sockets are", "A clamp holds the small plug."),
                    answer("coax", "Coax alone", "It locks, and it reaches.", wants(BuildTrait.PICTURE_COAX))),
            asks(
                    "recording",
                    "Is the picture recorded twice?",
                    answer("open", "Once", "Larger cards."),
                    answer(
                            "twice",
                            "Twice",
                            "The second copy leaves with somebody else.",
                            wants(BuildTrait.RECORDED_TWICE))));

    private PictureWays() {}
}
