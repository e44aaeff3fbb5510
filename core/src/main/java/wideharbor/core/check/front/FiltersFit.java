package wideharbor.core.check.front;

import static wideharbor.core.job.Subject.type;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.FrontFacet;
import wideharbor.core.catalog.FrontFacet.Opening;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.job.Job;

/** A filter that is packed goes into something that is there. */
final class FiltersFit implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("front.filters")
            .family("front")
            .title("Filters go into a box")
            .subjects("every type of filter in the kit")
            .expectation("an opening of a box on a rig, or in the kit, takes its format")
            .because("a filter that goes in nowhere is held before the lens by hand, until it is dropped")
            .source("formats as on file of filters and openings")
            .severity(Severity.CAUTION)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        if (!analysis.isFirstOfJob()) {
            return;
        }
        List<ItemType> filters = analysis.kit().counts().keySet().stream()
                .map(t -> analysis.catalogue().require(t))
                .filter(t -> t.facet(FrontFacet.Filter.class).isPresent())
                .toList();
        if (!filters.isEmpty()) {
            List<Opening> openings = openings(analysis.job());
            filters.forEach(f -> judge(f, openings, results));
        }
    }

    private static void judge(ItemType filter, List<Opening> openings, Results results) {
        FrontFacet.Filter facet = filter.facet(FrontFacet.Filter.class).orElseThrow();
        if (openings.stream().anyMatch(facet::goesInto)) {
            results.fine();
            return;
        }
        Set<String> taken = openings.stream()
                .map(Opening::takes)
                .filter(t -> !t.isEmpty())
                .collect(Collectors.toCollection(TreeSet::new));
        results.found(
                About.of("format", type(filter.ref())),
                filter.name() + " goes into nothing here",
                new Evidence.Statement(
                        facet.format(), taken.isEmpty() ? "no box takes a filter" : String.join(", ", taken)),
                "Take it in the format of the box, or a box that takes it.");
    }

    /** Of every box in the kit and on any rig, however it is worn and whatever lens is on. */
    private static List<Opening> openings(Job job) {
        Stream<TypeRef> onRigs = job.gear().builds().stream().flatMap(b -> b.types().stream());
        return Stream.concat(onRigs, job.gear().kit().counts().keySet().stream())
                .distinct()
                .flatMap(t -> job.catalogue().require(t).facet(FrontFacet.MatteBox.class).stream())
                .flatMap(b -> b.openings().stream())
                .toList();
    }
}
