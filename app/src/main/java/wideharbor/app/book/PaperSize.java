package wideharbor.app.book;

/** The sizes of paper that are in the trays of this world. */
enum PaperSize {
    A4("A4"),
    LETTER("letter");

    private final String css;

    PaperSize(String css) {
        this.css = css;
    }

    String css() {
        return css;
    }
}
