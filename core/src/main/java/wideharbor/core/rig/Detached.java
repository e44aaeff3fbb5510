package wideharbor.core.rig;

import java.util.List;

/**
 * A part that nothing holds.
 *
 * @param since the removed part it hung on, directly or through others; empty when it was never joined
 * @param chain placement ids from the removed part down to this one's holder
 */
public record Detached(String placement, String title, String since, List<String> chain) {
    public Detached {
        chain = List.copyOf(chain);
    }
}
