package wideharbor.core.edit;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.LensChoice;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.LensId;
import wideharbor.core.quantity.Require;

/** The set of lenses. */
public sealed interface LensRequest extends EditRequest {
    /** A lens comes into the set, on the mount. */
    record AddLens(TypeRef item) implements LensRequest {
        public AddLens {
            Require.given("Item", item);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return LensEdits.add(analysis, PartRequests.item(analysis, item));
        }
    }

    /** A lens goes out of the set. */
    record DropLens(LensId lens) implements LensRequest {
        public DropLens {
            Require.given("Lens", lens);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return LensEdits.drop(analysis, lens);
        }
    }

    /** Another title for a lens of the set. */
    record TitleLens(LensId lens, String title) implements LensRequest {
        public TitleLens {
            Require.given("Lens", lens);
            Require.text("Title of a lens", title, LensChoice.LONGEST_TITLE);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return LensEdits.rename(analysis, lens, title);
        }
    }

    /** A lens to another place of the set, counted from 0. */
    record OrderLens(LensId lens, int place) implements LensRequest {
        public OrderLens {
            Require.given("Lens", lens);
            Require.within("Place in the set", place, 0, Build.MOST_LENSES, "");
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return LensEdits.move(analysis, lens, place);
        }
    }
}
