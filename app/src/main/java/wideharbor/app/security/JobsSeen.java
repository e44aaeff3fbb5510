package wideharbor.app.security;

import java.util.Optional;
import java.util.Set;

/** Which jobs whoever asks may see. */
public interface JobsSeen {
    /** Ids of the only ones; empty for who works in the house and sees all. */
    Optional<Set<String>> only();
}
