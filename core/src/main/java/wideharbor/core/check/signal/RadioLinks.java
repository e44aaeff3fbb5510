package wideharbor.core.check.signal;

import static wideharbor.core.job.Subject.part;

import java.util.List;
import java.util.Map;
import wideharbor.core.analysis.Basis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.SignalFacet.Radio;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Parts;
import wideharbor.core.rig.Placed;

/** A transmitter serves no more receivers than it can, and radios of other families are not on its band. */
final class RadioLinks implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("signal.radio")
            .family("signal")
            .title("Radio links keep apart")
            .subjects("every transmitter on the rig, with the receivers of rig and kit")
            .expectation("no more receivers of its family than it serves; no transmitter of another family on its band")
            .because("one receiver too many pairs by chance, and two families on a band cut each other off")
            .formula("receivers counted by family, bands compared")
            .source("makers' figures; local rules on radio decide")
            .severity(Severity.CAUTION)
            .build()
            .restingOn(Basis.WIRING);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (Placed sender : analysis.rig().attached()) {
            for (Radio radio : sender.type().facets(Radio.class)) {
                if (radio.sends()) {
                    judge(analysis, sender, radio, results);
                }
            }
        }
    }

    private static void judge(RigAnalysis analysis, Placed sender, Radio radio, Results results) {
        long receivers = receivers(analysis, radio);
        if (receivers > radio.mostReceivers()) {
            results.found(
                    About.of("receivers", part(sender.id())),
                    sender.title() + " serves fewer receivers than are packed",
                    Evidence.Amount.atMost((double) receivers, radio.mostReceivers(), "receivers"),
                    "Of the family " + radio.family() + "; leave one at home or send twice.");
        } else {
            results.fine();
        }
        for (Placed other : analysis.rig().attached()) {
            for (Radio there : other.type().facets(Radio.class)) {
                boolean clash = there.sends()
                        && there.band().equals(radio.band())
                        && !there.family().equals(radio.family())
                        && sender.id().compareTo(other.id()) < 0;
                if (clash) {
                    results.found(
                            About.of("band", part(sender.id()), part(other.id())),
                            sender.title() + " and " + other.title() + " send on one band",
                            new Evidence.Statement(radio.band() + ", two families", "one family on a band"),
                            "They do not know of each other and cut each other off.");
                }
            }
        }
    }

    /** Another transmitter of the family with the same sockets and ports: on another band, or one that serves more. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        return finding.key().parts().stream()
                .map(analysis.rig()::require)
                .flatMap(sender -> Parts.byNearness(analysis).stream()
                        .filter(t -> !t.ref().equals(sender.type().ref()) && isAlike(t, sender.type()))
                        .map(t -> new Candidate(
                                "transmitter",
                                t.name() + " in place of " + sender.title(),
                                Parts.swap(analysis, sender.id(), t))))
                .toList();
    }

    private static boolean isAlike(ItemType other, ItemType sender) {
        return other.facets(Radio.class).stream()
                        .anyMatch(r -> r.sends()
                                && sender.facets(Radio.class).stream()
                                        .anyMatch(s -> s.sends() && s.family().equals(r.family())))
                && sender.ports().stream().allMatch(p -> other.port(p.id()).isPresent())
                && sender.sockets().stream().allMatch(s -> other.socket(s.id()).isPresent());
    }

    private static long receivers(RigAnalysis analysis, Radio radio) {
        long kit = 0;
        for (Map.Entry<TypeRef, Integer> e : analysis.kit().counts().entrySet()) {
            kit += hears(analysis.catalogue().require(e.getKey()), radio) ? e.getValue() : 0;
        }
        return kit
                + analysis.rig().attached().stream()
                        .filter(p -> hears(p.type(), radio))
                        .count();
    }

    private static boolean hears(ItemType type, Radio sender) {
        return type.facets(Radio.class).stream()
                .anyMatch(r -> !r.sends() && r.family().equals(sender.family()));
    }
}
