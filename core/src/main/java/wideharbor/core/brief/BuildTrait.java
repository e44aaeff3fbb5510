package wideharbor.core.brief;

/** What an answer may want of a rig, beyond what holds and works: a matter of taste, habit or fleet, told in words. */
public enum BuildTrait {
    RODS_STUDIO("rods of 19 mm, or of 15 mm at 100"),
    RODS_LIGHT("rods of 15 mm at 60"),
    NO_RODS("no rods"),
    DRIVES_STAY("drives on rods that stay with the body"),
    CAGE_CLOSED("top and bottom tied by a side plate"),
    NO_CAGE("no cage"),
    BASE_OF_BODY("a base made for this body"),
    DOVETAIL_LONG("a dovetail of 350 mm or more"),
    DOVETAIL_SHORT("a dovetail of 250 mm or less"),
    ONE_MAKER("rigging of one maker"),
    TRIED_JOINTS("joints that the maker or we have tried"),
    NO_ARMS("no friction arms"),
    CHANGES_TOOL_FREE("changes without tools"),
    PAD_UNDER_MOUNT("the pad within 120 mm behind the mount"),
    PAD_BEHIND("the pad more than 120 mm behind the mount"),
    NO_PAD_UNWORN("no pad where nothing lies on a shoulder"),
    TWO_GRIPS("a grip on either side"),
    ONE_GRIP("one grip"),
    HANDLE_ON_TOP("a handle on top"),
    BATTERY_BEHIND("batteries behind the body"),
    BATTERY_ON_TOP("batteries above the body"),
    BATTERY_SMALL("batteries of 100 Wh or less"),
    BATTERY_LARGE("batteries of 150 Wh or more"),
    PLATE_WEDGE("wedge plates for batteries"),
    PLATE_STUDS("three-stud plates for batteries"),
    VOLTS_LOW("batteries of the 14 V class"),
    VOLTS_HIGH("batteries of the 24 V class"),
    BATTERY_ON_BODY("the battery on the body’s own mount"),
    BATTERY_ON_PLATE("the battery on a plate of ours"),
    KEPT_ON("power that goes through a battery change"),
    FED_FROM_PLATES("devices fed from the rig’s batteries"),
    POWER_LOCKS("power plugs that lock"),
    SCREEN_LOW("the screen no higher than the handle"),
    SCREEN_HIGH("the screen above the handle"),
    FINDER_AND_SCREEN("an eyepiece and a screen"),
    FINDER_ALONE("an eyepiece and no screen"),
    SCREEN_ALONE("a screen and no eyepiece"),
    FINDER_OF_BODY("the eyepiece of the body’s maker"),
    FINDER_OF_OTHERS("an eyepiece of another maker"),
    TUBE_SQUARE("an eyepiece on a square tube"),
    TUBE_ROUND("an eyepiece on a round tube"),
    EXPOSURE_DISPLAY("a display that is good for exposure"),
    EXPOSURE_CAMERA("no viewer who judges exposure at a display"),
    LOOK_AT_BODY("the look on at the body’s outputs, and nowhere else"),
    LOOK_AT_DISPLAY("the look off at the body’s outputs"),
    LENS_NATIVE("no adapter between lens and body"),
    DRIVE_FOR_PULLER("a drive when somebody pulls focus, none when nobody does"),
    MATTE_BOX("a matte box"),
    NO_MATTE_BOX("no matte box"),
    ONE_FRONT("one front diameter for the whole set"),
    SOUND_ON_RIG("a microphone on the rig"),
    SOUND_TWICE("sound kept a second time"),
    TIME_BELOW("the timecode box below the axis"),
    TIME_BEHIND("the timecode box behind the body"),
    LINK_RIGHT("the transmitter on the right"),
    LINK_ON_TOP("the transmitter on top"),
    PICTURE_COAX("picture by coax alone"),
    CABLES_TIED("a clip for every three cables"),
    RECORDED_TWICE("a card to spare for every one in use");

    private final String wanted;

    BuildTrait(String wanted) {
        this.wanted = wanted;
    }

    public String wanted() {
        return wanted;
    }
}
