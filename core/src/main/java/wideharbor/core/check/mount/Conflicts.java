package wideharbor.core.check.mount;

import static wideharbor.core.job.Subject.named;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Conflict;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.id.ConfigurationId;

/** What a configuration or a lens changes still finds what it changes. */
final class Conflicts implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("configuration.conflict")
            .family("configuration")
            .title("Changes still find what they change")
            .subjects("every change that a configuration or a lens lays over the base")
            .expectation("what it names is there, so that it says something")
            .because("the base was changed underneath; somebody must say what the change means now")
            .source("the build")
            .severity(Severity.STOP)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        if (analysis.rig().conflicts().isEmpty()) {
            results.fine();
        }
        for (Conflict conflict : analysis.rig().conflicts()) {
            results.found(
                    About.of("conflict", named(conflict.subject())),
                    owner(analysis, conflict.scope()) + " changes what is no longer there",
                    new Evidence.Statement(conflict.why().replaceAll("\\.$", ""), "something to change"),
                    "It is passed over until it is dropped, or what it names is back.");
        }
    }

    private static String owner(RigAnalysis analysis, Scope scope) {
        if (scope instanceof Scope.InLens in) {
            return analysis.build()
                    .lens(in.lens())
                    .map(l -> l.title())
                    .orElse(in.lens().toString());
        }
        ConfigurationId id = ((Scope.InConfiguration) scope).configuration();
        return analysis.build().configuration(id).map(c -> c.title()).orElse(id.toString());
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        List<Candidate> all = new ArrayList<>();
        for (Conflict conflict : analysis.rig().conflicts()) {
            if (finding.key().name().equals(conflict.subject())) {
                List<Command> overlay = new ArrayList<>(overlay(analysis, conflict.scope()));
                overlay.remove(conflict.index());
                all.add(new Candidate(
                        "drop",
                        "Drop this change of " + owner(analysis, conflict.scope()),
                        List.of(new Scoped(conflict.scope(), new Command.ReplaceOverlay(overlay)))));
            }
        }
        return all;
    }

    private static List<Command> overlay(RigAnalysis analysis, Scope scope) {
        return scope instanceof Scope.InLens in
                ? analysis.build().lens(in.lens()).orElseThrow().overlay()
                : analysis.build()
                        .configuration(((Scope.InConfiguration) scope).configuration())
                        .orElseThrow()
                        .overlay();
    }
}
