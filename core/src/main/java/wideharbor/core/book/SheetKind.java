package wideharbor.core.book;

/** The sheets of a prep book, in their order. */
public enum SheetKind {
    OVERVIEW("Overview"),
    ASKED("What is asked, and what meets it"),
    FINDINGS("What was found"),
    BUILD("Build"),
    STEPS("Steps"),
    TOOLS("Tools and fasteners"),
    CABLES("Cables"),
    POWER("Power and the day"),
    SIGNAL("Picture, looks, sound, time"),
    LENSES("Lenses"),
    MEDIA("Cards and copies"),
    BALANCE("Balance marks"),
    CHANGES("Changes"),
    AGREED("Agreements"),
    SETTINGS("Settings of the body"),
    PULL("Pull list and cases"),
    CUSTOMS("List for customs");

    private final String title;

    SheetKind(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
