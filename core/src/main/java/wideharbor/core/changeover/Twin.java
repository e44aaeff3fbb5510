package wideharbor.core.changeover;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import wideharbor.core.balance.Mass;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Kit;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * A second body left ready in the other configuration, instead of a change: what it takes in parts and mass, and what
 * is left to do when it is taken over. Lenses are not doubled: the lens in use goes over.
 *
 * @param doubled pieces by type that both rigs need at once and one rig cannot lend
 * @param inKit of those, pieces that lie in the kit
 * @param extraGrams mass of all that is doubled
 * @param handOverMinutes the lens off one and on the other, with a look at each
 * @param savedMinutes against the change; negative when the change is quicker
 * @param worthIt the change takes longer than the house waits
 */
public record Twin(
        ConfigurationId from,
        ConfigurationId to,
        Map<TypeRef, Integer> doubled,
        Map<TypeRef, Integer> inKit,
        double extraGrams,
        double handOverMinutes,
        double savedMinutes,
        boolean worthIt) {

    /** Of what is doubled, the pieces that the kit has. */
    public int piecesInKit() {
        return inKit.values().stream().mapToInt(Integer::intValue).sum();
    }

    /** Both rigs with the same lens in the slot. */
    public static Twin of(Rig from, Rig to, Changeover change, Kit kit, HouseRules rules) {
        Set<TypeRef> lenses = to.attached().stream()
                .filter(p -> p.type().category() == Category.LENS)
                .map(p -> p.type().ref())
                .collect(Collectors.toSet());
        Map<TypeRef, Integer> doubled = new LinkedHashMap<>();
        double grams = 0;
        // What stands on the first rig while the second is worn cannot be taken from it: all that both have is doubled.
        for (Placed part : to.attached()) {
            boolean both = from.find(part.id())
                    .filter(p -> p.type().ref().equals(part.type().ref()))
                    .isPresent();
            if (both && !lenses.contains(part.type().ref())) {
                doubled.merge(part.type().ref(), 1, Integer::sum);
                grams += Mass.of(to, Set.of(part.id())).grams();
            }
        }
        Map<TypeRef, Integer> inKit = new LinkedHashMap<>();
        doubled.forEach((type, pieces) -> {
            int there = Math.min(pieces, kit.count(type));
            if (there > 0) {
                inKit.put(type, there);
            }
        });
        double handOver = lenses.isEmpty() ? 0 : 2 * rules.value(Rule.TIME_LEVER) + rules.value(Rule.TIME_CABLE);
        return new Twin(
                change.from(),
                change.to(),
                doubled,
                inKit,
                grams,
                handOver,
                change.minutes() - handOver,
                change.minutes() > rules.value(Rule.TWIN_MINUTES));
    }

    public int pieces() {
        return doubled.values().stream().mapToInt(Integer::intValue).sum();
    }

    public List<TypeRef> types() {
        return List.copyOf(doubled.keySet());
    }
}
