package wideharbor.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.ItemTypeBuilder;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

/** What remedies reach for: the kit first, then what the house offers now. */
class NearestPartsTest {
    private static ItemType strap(int revision) {
        return ItemTypeBuilder.builder(Parts.part("strap").make())
                .ref(new TypeRef("strap", revision))
                .build();
    }

    private static List<TypeRef> straps(Rigs rigs) {
        RigAnalysis analysis = rigs.analysis();
        return wideharbor.core.edit.Parts.byNearness(analysis).stream()
                .map(ItemType::ref)
                .filter(r -> r.id().equals("strap"))
                .toList();
    }

    @Test
    void anOlderRevisionIsTakenOnlyFromTheKit() {
        Rigs both = Bag.onHead().knows(strap(1)).knows(strap(2));
        assertEquals(List.of(new TypeRef("strap", 2)), straps(both));
        assertEquals(
                List.of(new TypeRef("strap", 1), new TypeRef("strap", 2)),
                straps(Bag.onHead().knows(strap(2)).inKit(strap(1), 1)));
    }
}
