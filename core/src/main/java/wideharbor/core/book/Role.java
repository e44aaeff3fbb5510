package wideharbor.core.book;

/** Who gets a card of their own. */
public enum Role {
    OPERATOR("Operator"),
    FOCUS("Focus puller"),
    SECOND("Second assistant"),
    DATA("Data"),
    SOUND("Sound"),
    PICTURE("Picture technician"),
    DIRECTOR("Director"),
    PRODUCTION("Production");

    private final String title;

    Role(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
