package wideharbor.app.dispatch;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import wideharbor.app.assembly.AssemblyService;
import wideharbor.app.job.Signatures;
import wideharbor.app.job.Standpoint;
import wideharbor.app.job.StoredJob;
import wideharbor.app.web.Paper;
import wideharbor.core.build.Build;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.dispatch.Sealed;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.format.HarborCodec;
import wideharbor.format.HarborFormatException;

/** Keeps the papers that people put their names to, and says what of a job is no longer as it was signed. */
@Component
class Seals {
    private static final String FILE = "package.harbor.json";

    private final SignedPaperRows rows;
    private final AssemblyService assembly;
    private final Paper paper;
    private final HarborCodec codec;

    Seals(SignedPaperRows rows, AssemblyService assembly, Paper paper, HarborCodec codec) {
        this.rows = rows;
        this.assembly = assembly;
        this.paper = paper;
        this.codec = codec;
    }

    /** What the signatures of a revision rest on; {@code changed}: what is no longer so. */
    record State(String seal, List<String> papers, List<String> changed) {}

    /** Keeps the papers of a revision, as whoever signs first sees them, and returns their seal. */
    @Transactional(propagation = Propagation.MANDATORY)
    String seal(StoredJob job, DispatchController.Dispatch view) {
        Map<String, byte[]> papers = kept(job);
        if (papers.isEmpty()) {
            papers.put(FILE, codec.write(job.job()));
            papers.put("pull-list.pdf", PullPaper.pdf(paper, view));
            for (Build build : job.job().gear().builds()) {
                Standpoint at = new Standpoint(job.job().id(), build.id(), ConfigurationId.NONE, LensId.NONE);
                papers.put("assembly-" + build.id() + ".pdf", assembly.pdf(at));
            }
            rows.saveAll(papers.entrySet().stream()
                    .map(p -> new SignedPaperRow(key(job, p.getKey()), p.getValue()))
                    .toList());
        }
        return Sealed.seal(papers);
    }

    private static SignedPaperRow.Key key(StoredJob job, String name) {
        return new SignedPaperRow.Key(job.job().id(), job.revision(), name);
    }

    private Map<String, byte[]> kept(StoredJob job) {
        Map<String, byte[]> papers = new TreeMap<>();
        rows.of(job.job().id(), job.revision()).forEach(p -> papers.put(p.key.name(), p.content));
        return papers;
    }

    /** A paper as it was signed. */
    @Transactional(readOnly = true)
    Optional<byte[]> paper(StoredJob job, String name) {
        return rows.findById(key(job, name)).map(p -> p.content);
    }

    /** Empty while nobody has signed this revision. */
    @Transactional(readOnly = true)
    Optional<State> of(StoredJob job, List<Signatures.Signature> signed) {
        if (signed.isEmpty()) {
            return Optional.empty();
        }
        Map<String, byte[]> papers = kept(job);
        String seal = Sealed.seal(papers);
        boolean whole = signed.stream().allMatch(s -> s.seal().equals(seal));
        List<String> changed = whole ? changed(papers.get(FILE), job) : List.of("a kept paper");
        return Optional.of(new State(signed.get(0).seal(), List.copyOf(papers.keySet()), changed));
    }

    /**
     * What of the package differs from the signed file: brief, kit, bodies, parts and standards that it uses. Figures
     * of the house and what people read may change; the verdict that follows from them is asked for at every stage.
     * What the house changes of its standards while a package is out is for the next one.
     */
    private List<String> changed(byte @Nullable [] signed, StoredJob job) {
        if (signed == null) {
            return List.of("the package file is not kept");
        }
        try {
            // Read and written by today's format, so that one that only grew makes no difference.
            JsonNode then = HarborCodec.mapper().readTree(codec.write(codec.read(signed)));
            JsonNode now = HarborCodec.mapper().readTree(codec.write(job.job()));
            List<String> changed = new ArrayList<>();
            if (!then.path("brief").equals(now.path("brief"))) {
                changed.add("the brief");
            }
            if (!then.path("kit").equals(now.path("kit"))) {
                changed.add("the kit");
            }
            changed.addAll(differing(then.path("builds"), now.path("builds"), "title"));
            changed.addAll(differing(then.path("catalogue"), now.path("catalogue"), "name"));
            if (job.stage().compareTo(Gate.Stage.DISPATCHED) < 0) {
                changed.addAll(differing(then.path("standards"), now.path("standards"), "title"));
            }
            return changed;
        } catch (HarborFormatException e) {
            return List.of("the kept package file cannot be read");
        }
    }

    private static Set<String> differing(JsonNode then, JsonNode now, String called) {
        Map<String, JsonNode> before = byTitle(then, called);
        Map<String, JsonNode> after = byTitle(now, called);
        Set<String> all = new LinkedHashSet<>(before.keySet());
        all.addAll(after.keySet());
        all.removeIf(title -> before.containsKey(title) && before.get(title).equals(after.get(title)));
        return all;
    }

    private static Map<String, JsonNode> byTitle(JsonNode list, String called) {
        return list.valueStream()
                .collect(Collectors.toMap(
                        n -> n.path(called).asString(n.path("id").asString("")),
                        Function.identity(),
                        (a, b) -> b,
                        LinkedHashMap::new));
    }
}
