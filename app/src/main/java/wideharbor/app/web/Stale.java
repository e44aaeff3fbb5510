package wideharbor.app.web;

/** Someone else was first: nothing was changed, and here is what stands now. */
public final class Stale extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Object newer;

    public Stale(String message, Object newer) {
        super(message);
        this.newer = newer;
    }

    public Object newer() {
        return newer;
    }
}
