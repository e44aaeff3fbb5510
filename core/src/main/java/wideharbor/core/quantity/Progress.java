package wideharbor.core.quantity;

/** How much of something is done. */
public record Progress(int done, int of) {
    public static final Progress NOTHING = new Progress(0, 0);

    public Progress {
        if (done < 0 || of < done) {
            throw new IllegalArgumentException("Of " + of + " there cannot be " + done + " done");
        }
    }

    public int left() {
        return of - done;
    }

    public boolean isWhole() {
        return left() == 0;
    }

    public Progress plus(Progress other) {
        return new Progress(done + other.done, of + other.of);
    }

    /** "12 of 40". */
    public String inWords() {
        return done + " of " + of;
    }
}
