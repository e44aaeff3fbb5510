package wideharbor.format;

import com.fasterxml.jackson.annotation.JsonInclude.Include;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import wideharbor.core.brief.Brief;
import wideharbor.core.build.Build;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Words;
import wideharbor.core.standard.Standard;
import wideharbor.core.standard.Standards;

/**
 * Reads and writes {@code *.harbor.json}. Reading goes in three steps, each with its own errors: JSON, schema, and
 * whether what is named exists. The store uses the same mapper for what it keeps as JSON.
 */
public final class HarborCodec {
    /** Longest file that is read, bytes. */
    public static final int LARGEST = 16_000_000;

    private static final int MOST_PROBLEMS = 50;

    private static final TypeReference<List<Scoped>> COMMANDS = new TypeReference<>() {};

    private final JsonMapper mapper = mapper();
    private final HarborSchema schema = new HarborSchema();

    /** The mapper that knows the core's types; strict about what it does not know. */
    public static JsonMapper mapper() {
        JsonFactory factory = JsonFactory.builder()
                .streamReadConstraints(StreamReadConstraints.builder()
                        .maxNestingDepth(64)
                        .maxNumberLength(40)
                        .maxDocumentLength(LARGEST)
                        .build())
                .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                .build();
        return Mixins.addTo(JsonMapper.builder(factory))
                .addModule(Texts.module())
                .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .enable(SerializationFeature.INDENT_OUTPUT)
                .changeDefaultPropertyInclusion(
                        i -> i.withValueInclusion(Include.NON_ABSENT).withContentInclusion(Include.NON_ABSENT))
                .build();
    }

    /**
     * A job from a file's bytes.
     *
     * @throws HarborFormatException naming every place that is wrong
     */
    public Job read(byte[] bytes) {
        if (bytes.length > LARGEST) {
            throw new HarborFormatException(
                    "file", "is " + bytes.length + " bytes long; at most " + LARGEST + " are read");
        }
        ObjectNode tree = parse(bytes);
        requireVersion(tree);
        List<HarborFormatException.Problem> problems = schema.problems(tree, MOST_PROBLEMS);
        if (!problems.isEmpty()) {
            throw new HarborFormatException(problems);
        }
        Defaults.fill(tree);
        return FileMapping.toJob(decode(tree));
    }

    private ObjectNode parse(byte[] bytes) {
        try {
            JsonNode tree = mapper.readTree(bytes);
            if (tree instanceof ObjectNode object) {
                return object;
            }
            throw new HarborFormatException("file", "must hold one JSON object");
        } catch (JacksonException e) {
            var at = e.getLocation();
            String place = at == null ? "file" : "line " + at.getLineNr() + ", column " + at.getColumnNr();
            throw new HarborFormatException(place, "not valid JSON: " + Places.plain(e.getOriginalMessage()));
        }
    }

    private static void requireVersion(ObjectNode tree) {
        if (!HarborFile.FORMAT.equals(tree.path("format").asString(""))) {
            throw new HarborFormatException("/format", "must be \"" + HarborFile.FORMAT + "\"");
        }
        int version = tree.path("version").asInt(-1);
        if (version != HarborFile.VERSION && version != HarborFile.OLD_VERSION) {
            throw new HarborFormatException(
                    "/version",
                    "this program reads versions " + HarborFile.OLD_VERSION + " and " + HarborFile.VERSION
                            + ", but the file is of version "
                            + tree.path("version").asString("none"));
        }
    }

    private HarborFile decode(ObjectNode tree) {
        try {
            return mapper.treeToValue(tree, HarborFile.class);
        } catch (JacksonException e) {
            throw new HarborFormatException(Places.of(e), Places.reason(e));
        }
    }

    static <T> T at(String place, java.util.function.Supplier<T> step) {
        try {
            return step.get();
        } catch (IllegalArgumentException | EditRefused e) {
            throw new HarborFormatException(place, Words.reason(e));
        }
    }

    /** The file of a job: self-contained, with only the catalogue parts and standards that it uses. */
    public byte[] write(Job job) {
        Set<TypeRef> used = FileMapping.used(job);
        List<HarborFile.KitLine> kit = new ArrayList<>();
        job.gear().kit().counts().forEach((type, count) -> kit.add(new HarborFile.KitLine(type, count)));
        HarborFile file = new HarborFile(
                HarborFile.FORMAT,
                HarborFile.VERSION,
                job.id(),
                job.title(),
                job.brief(),
                job.rules().changed(),
                job.rules().ways().house(),
                job.rules().ways().person(),
                FileMapping.changedStandards(job),
                job.catalogue().all().stream()
                        .filter(t -> used.contains(t.ref()))
                        .toList(),
                kit,
                job.gear().builds().stream().map(FileMapping::fileBuild).toList(),
                job.reads().stream()
                        .map(r -> new HarborFile.FileRead(
                                r.finding().toString(),
                                r.accepted().excess(),
                                r.accepted().unit(),
                                r.who(),
                                r.when()))
                        .toList(),
                job.waivers().stream()
                        .map(w -> new HarborFile.FileWaiver(
                                w.finding().toString(),
                                w.accepted().excess(),
                                w.accepted().unit(),
                                w.reason(),
                                w.who(),
                                w.when()))
                        .toList());
        return mapper.writeValueAsBytes(file);
    }

    /** One build as the store keeps it: the same text as in a file. */
    public String writeBuild(Build build) {
        return compact(FileMapping.fileBuild(build));
    }

    public Build readBuild(String text, Catalogue catalogue) {
        ObjectNode tree = (ObjectNode) mapper.readTree(text);
        Defaults.build(tree);
        return FileMapping.toBuild(mapper.treeToValue(tree, HarborFile.FileBuild.class), catalogue);
    }

    public String writeType(ItemType type) {
        return compact(type);
    }

    public ItemType readType(String text) {
        ObjectNode tree = (ObjectNode) mapper.readTree(text);
        PartDefaults.itemType(tree);
        return mapper.treeToValue(tree, ItemType.class);
    }

    /** One part as people edit it: indented, with every property. */
    public String writeTypeForReading(ItemType type) {
        return mapper.writeValueAsString(type);
    }

    /**
     * One part from text that a person wrote, what may be left out filled in.
     *
     * @throws HarborFormatException naming the line, or the place in the part
     */
    public ItemType readWrittenType(String text) {
        ObjectNode tree = parse(text.getBytes(java.nio.charset.StandardCharsets.UTF_8));
        List<HarborFormatException.Problem> problems = schema.typeProblems(tree, MOST_PROBLEMS);
        if (!problems.isEmpty()) {
            throw new HarborFormatException(problems);
        }
        PartDefaults.itemType(tree);
        try {
            return mapper.treeToValue(tree, ItemType.class);
        } catch (JacksonException e) {
            throw new HarborFormatException(Places.of(e), Places.reason(e));
        }
    }

    /** The parts and changed standards of a package or catalogue file, without its builds. */
    public CatalogueFile readCatalogue(byte[] bytes) {
        if (bytes.length > LARGEST) {
            throw new HarborFormatException(
                    "file", "is " + bytes.length + " bytes long; at most " + LARGEST + " are read");
        }
        ObjectNode tree = parse(bytes);
        if (!HarborFile.CATALOGUE.equals(tree.path("format").asString(""))) {
            Job job = read(bytes);
            return new CatalogueFile(
                    HarborFile.CATALOGUE,
                    HarborFile.CATALOGUE_VERSION,
                    FileMapping.changedStandards(job),
                    job.catalogue().all());
        }
        List<HarborFormatException.Problem> problems = schema.catalogueProblems(tree, MOST_PROBLEMS);
        if (!problems.isEmpty()) {
            throw new HarborFormatException(problems);
        }
        Defaults.fill(tree);
        for (String name : new String[] {"rules", "ways", "operatorWays", "kit", "reads", "waivers"}) {
            tree.remove(name);
        }
        try {
            return mapper.treeToValue(tree, CatalogueFile.class);
        } catch (JacksonException e) {
            throw new HarborFormatException(Places.of(e), Places.reason(e));
        }
    }

    public byte[] writeCatalogue(Catalogue catalogue) {
        Standards seed = Standards.seed();
        return mapper.writeValueAsBytes(new CatalogueFile(
                HarborFile.CATALOGUE,
                HarborFile.CATALOGUE_VERSION,
                catalogue.standards().all().stream()
                        .filter(s -> !seed.find(s.id()).filter(s::equals).isPresent())
                        .toList(),
                catalogue.all()));
    }

    /** The catalogue alone, as a file. */
    public record CatalogueFile(String format, int version, List<Standard> standards, List<ItemType> catalogue) {}

    public String writeStandard(Standard standard) {
        return compact(standard);
    }

    public Standard readStandard(String text) {
        return mapper.readValue(text, Standard.class);
    }

    public String writeBrief(Brief brief) {
        return compact(brief);
    }

    public Brief readBrief(String text) {
        ObjectNode tree = (ObjectNode) mapper.readTree(text);
        BriefDefaults.brief(tree);
        return mapper.treeToValue(tree, Brief.class);
    }

    public String writeCommands(List<Scoped> commands) {
        return mapper.writerFor(COMMANDS)
                .without(SerializationFeature.INDENT_OUTPUT)
                .writeValueAsString(commands);
    }

    public List<Scoped> readCommands(String text) {
        JsonNode tree = mapper.readTree(text);
        for (JsonNode scoped : tree) {
            Defaults.command((ObjectNode) scoped.path("command"));
        }
        return mapper.treeToValue(tree, COMMANDS);
    }

    private String compact(Object value) {
        return mapper.writer().without(SerializationFeature.INDENT_OUTPUT).writeValueAsString(value);
    }
}
