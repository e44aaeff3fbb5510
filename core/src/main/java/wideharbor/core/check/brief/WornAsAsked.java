package wideharbor.core.check.brief;

import static wideharbor.core.job.Subject.named;
import static wideharbor.core.job.Subject.part;

import java.util.Optional;
import java.util.stream.Collectors;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Worn;
import wideharbor.core.build.Configuration;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;

/** Something carries every configuration, and in the way the brief means. */
final class WornAsAsked implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("brief.worn")
            .family("brief")
            .title("Worn as the brief means")
            .subjects("every configuration")
            .expectation("what carries it says where it carries, and bears as the way of being worn asks: a pad for the"
                    + " shoulder, a hook to hang it by; portrait lies on a side")
            .because("without what carries it, balance, lean and payload are about nothing")
            .source("the brief; supports as the catalogue has them")
            .severity(Severity.STOP)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Configuration configuration = analysis.rig().configuration();
        Optional<Worn> asked =
                analysis.job().brief().asks().worn(configuration.id()).map(Worn.Demand::worn);
        Optional<SupportFacet.Support> support = analysis.rig()
                .find(configuration.support())
                .flatMap(p -> p.type().facet(SupportFacet.Support.class));
        if (support.isEmpty()) {
            results.found(
                    About.of("carried", named(configuration.id().toString())),
                    "Nothing carries the rig in " + configuration.title() + " yet",
                    new Evidence.Statement(
                            "nothing carries it", asked.map(WornAsAsked::wanted).orElse("a support")),
                    "Add what carries it"
                            + asked.map(w -> ": " + w.needs()).orElse("")
                            + ". A part that carries becomes the support as it is added.");
            return;
        }
        asked.ifPresentOrElse(worn -> judge(analysis, worn, support.get(), results), results::fine);
    }

    private static void judge(RigAnalysis analysis, Worn worn, SupportFacet.Support support, Results results) {
        Configuration configuration = analysis.rig().configuration();
        String carrier = analysis.rig().title(configuration.support());
        if (!worn.isCarriedBy(support.way())) {
            results.found(
                    About.of("carrier", part(configuration.support())),
                    configuration.title() + " is carried by " + carrier + ", which is not what the brief means",
                    new Evidence.Statement("something that " + Worn.bears(support.way()), wanted(worn)),
                    "The brief wants it worn " + lower(worn) + ": " + worn.needs() + ".");
        } else if (worn == Worn.PORTRAIT && !analysis.rig().world().isRolled()) {
            results.found(
                    About.of("portrait", part(configuration.support())),
                    configuration.title() + " does not lie on a side",
                    new Evidence.Statement(
                            "the body’s " + analysis.rig().world().bodyFaceUp() + " looks up", "a side"),
                    "The brief wants it in portrait. Turn it under Configurations.");
        } else {
            results.fine();
        }
    }

    private static String wanted(Worn worn) {
        return worn.carriers().isEmpty()
                ? "a support"
                : worn.carriers().stream().collect(Collectors.joining(" or ", "something that ", ""));
    }

    private static String lower(Worn worn) {
        return Character.toLowerCase(worn.title().charAt(0)) + worn.title().substring(1);
    }
}
