package wideharbor.core.edit;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.job.FindingKey;
import wideharbor.core.quantity.Require;

/**
 * What somebody at the bench wants done: one record a kind, each of which knows how it becomes commands. The same from
 * the browser to the journal.
 */
public sealed interface EditRequest
        permits EditRequest.Pack,
                EditRequest.ComeBack,
                EditRequest.Fix,
                PartRequest,
                FigureRequest,
                ConfigurationRequest,
                CableRequest,
                LensRequest {
    /** The longest text that goes with a request. */
    int LONGEST_TEXT = 160;

    /**
     * Commands and words for it, looking at a rig.
     *
     * @throws EditRefused when it cannot be done, in words for whoever asked
     */
    Prepared prepare(RigAnalysis analysis, Occasion occasion);

    /** Why, and who decided it; empty where nobody said. */
    default String reason() {
        return "";
    }

    /** More or fewer of a type in the kit; the whole count is asked for, so that asking twice is asking once. */
    record Pack(TypeRef item, int count) implements EditRequest {
        public Pack {
            Require.given("Item", item);
            Require.within("Count in the kit", count, 0, 10_000, "pieces");
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return KitEdits.pack(analysis, PartRequests.item(analysis, item), count);
        }
    }

    /** Every number back as it was left under a remembered state. */
    record ComeBack(long state) implements EditRequest {
        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return PartRequests.comeBack(analysis, occasion.marks(state));
        }
    }

    /** A remedy of a finding that is there; it is tried anew, so that no stale one is applied. */
    record Fix(FindingKey finding, String fix) implements EditRequest {
        public Fix {
            Require.given("Finding", finding);
            Require.text("Fix", fix, 40);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            Candidate tried = occasion.fix(finding, fix);
            return new Prepared("Fix: " + tried.title(), tried.commands());
        }
    }
}
