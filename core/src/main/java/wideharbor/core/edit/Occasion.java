package wideharbor.core.edit;

import java.util.List;
import java.util.Optional;
import wideharbor.core.job.FindingKey;
import wideharbor.core.stock.Piece;

/** Who asks, and what only the one who carries a request out knows. */
public interface Occasion {
    /** The person's id. */
    String who();

    /** When, as files write it; the core reads no clock. */
    String when();

    /** The numbers of a remembered state of this build. */
    List<Snapshots.Mark> marks(long state);

    /** One of the house's pieces, by the code on its label; empty when there is none. */
    Optional<Piece> piece(String code);

    /** A remedy of a finding, tried now. */
    Candidate fix(FindingKey finding, String fix);
}
