package wideharbor.app.catalog;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import wideharbor.app.web.Named;
import wideharbor.app.web.Refusal;
import wideharbor.core.balance.Mass;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.CrossFit;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.LookSearch;
import wideharbor.core.catalog.Relation;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.catalog.Synonyms;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.drawing.PartDrawing;
import wideharbor.core.geometry.View;
import wideharbor.core.plates.PlateStacks;
import wideharbor.core.quantity.Figure;
import wideharbor.core.standard.Standard;
import wideharbor.format.CatalogueCsv;
import wideharbor.format.HarborCodec;

/** Answers the catalogue's questions and takes in changed parts. */
@Service
class CatalogueService {
    private static final int PAGE = 100;
    private static final int MOST_BY_LOOK = 60;

    private static final Comparator<ItemType> BY_NAME =
            Comparator.comparing(t -> t.name().toLowerCase(Locale.ROOT));

    private static final Map<String, Comparator<ItemType>> ORDERS = Map.of(
            "name", BY_NAME,
            "maker", Comparator.comparing((ItemType t) -> t.maker().toLowerCase(Locale.ROOT)),
            "category", Comparator.comparing((ItemType t) -> t.category().name()),
            "mass", Comparator.comparingDouble(CatalogueService::grams),
            "length",
                    Comparator.comparingDouble(
                            (ItemType t) -> LookSearch.size(t).z()));

    private final CatalogueStore store;
    private final TypeRows rows;
    private final HarborCodec codec;

    CatalogueService(CatalogueStore store, TypeRows rows, HarborCodec codec) {
        this.store = store;
        this.rows = rows;
        this.codec = codec;
    }

    /** What is asked of the list; empty words ask for nothing. */
    record Question(
            String search,
            String look,
            Optional<Category> category,
            String standard,
            Optional<Standing> standing,
            String sort,
            boolean down,
            int from) {}

    CatalogueViews.PartPage list(Question q) {
        Catalogue catalogue = store.catalogue();
        Map<String, Standing> standings = store.standings();
        List<CatalogueViews.PartLine> found = (q.look().isBlank() ? bySearch(catalogue, q) : byLook(catalogue, q))
                .stream()
                        .map(f -> CatalogueViews.PartLine.of(f.type(), f.by(), standing(standings, f.type())))
                        .filter(l -> q.standing().filter(s -> s != l.standing()).isEmpty())
                        .toList();
        return new CatalogueViews.PartPage(
                found.size(),
                q.from(),
                found.stream().skip(Math.max(0, q.from())).limit(PAGE).toList(),
                catalogue.current().stream()
                        .map(ItemType::category)
                        .distinct()
                        .sorted()
                        .toList(),
                catalogue.standards().all().stream()
                        .map(s -> new Named(s.id(), s.title()))
                        .toList(),
                (int) standings.values().stream()
                        .filter(s -> s == Standing.HELD)
                        .count());
    }

    private static Standing standing(Map<String, Standing> standings, ItemType type) {
        return standings.getOrDefault(type.ref().id(), Standing.OFFERED);
    }

    /** A part, and what a search by look matched. */
    private record Found(ItemType type, List<String> by) {}

    private static List<Found> byLook(Catalogue catalogue, Question q) {
        return LookSearch.find(catalogue, q.look(), MOST_BY_LOOK).stream()
                .filter(h -> matches(h.type(), q))
                .map(h -> new Found(h.type(), h.by()))
                .toList();
    }

    private static List<Found> bySearch(Catalogue catalogue, Question q) {
        Comparator<ItemType> order = ORDERS.getOrDefault(q.sort(), BY_NAME);
        return catalogue.newest().stream()
                .filter(t -> matches(t, q))
                .sorted((q.down() ? order.reversed() : order)
                        .thenComparing(t -> t.ref().id()))
                .map(t -> new Found(t, List.of()))
                .toList();
    }

    private static boolean matches(ItemType type, Question q) {
        if (q.category().filter(c -> c != type.category()).isPresent()) {
            return false;
        }
        if (!q.standard().isEmpty()
                && type.ports().stream().noneMatch(p -> p.standard().equals(q.standard()))) {
            return false;
        }
        String in = (type.name() + " " + type.maker() + " " + type.ref().id() + " "
                        + type.category().name().replace('_', ' '))
                .toLowerCase(Locale.ROOT);
        for (String word : q.search().trim().split("\\s+")) {
            if (!word.isEmpty() && Synonyms.of(word).stream().noneMatch(in::contains)) {
                return false;
            }
        }
        return true;
    }

    /** Parts without a mass come last whichever way round. */
    private static double grams(ItemType type) {
        return Mass.ofType(type) instanceof Figure.Known known ? known.value() : Double.MAX_VALUE;
    }

    ItemType require(String ref) {
        return store.catalogue()
                .find(TypeRef.parse(ref))
                .orElseThrow(() -> Refusal.notFound("The catalogue has no part '" + ref + "'."));
    }

    @Transactional(readOnly = true)
    CatalogueViews.PartSheet part(String ref) {
        ItemType type = require(ref);
        Catalogue catalogue = store.catalogue();
        var size = LookSearch.size(type);
        JsonNode tree = tree(type);
        return new CatalogueViews.PartSheet(
                type.ref().toString(),
                revisions(type, catalogue),
                type.name(),
                type.maker(),
                type.category(),
                type.capabilities(),
                Mass.ofType(type),
                size.x(),
                size.y(),
                size.z(),
                type.ports().stream()
                        .map(p -> CatalogueViews.PortLine.of(p, catalogue))
                        .toList(),
                type.sockets().stream()
                        .map(s -> new CatalogueViews.SocketLine(
                                s.id(), s.title(), s.kind(), s.direction(), s.connector(), s.pinOut()))
                        .toList(),
                tree.path("facets")
                        .valueStream()
                        .map(f -> new CatalogueViews.FacetLine(f.path("type").asString(), CatalogueViews.Pair.of(f)))
                        .toList(),
                type.relations().stream().map(r -> relation(r, catalogue)).toList(),
                uses(type),
                LookAlikeNames.of(type, catalogue),
                standing(store.standings(), type));
    }

    List<CatalogueViews.PartDifference> differences(String from, String to) {
        return PartDifferences.between(tree(require(from)), tree(require(to)));
    }

    private JsonNode tree(ItemType type) {
        return HarborCodec.mapper().readTree(codec.writeType(type));
    }

    private static List<String> revisions(ItemType type, Catalogue catalogue) {
        return catalogue.all().stream()
                .filter(t -> t.ref().id().equals(type.ref().id()))
                .map(t -> t.ref().toString())
                .sorted()
                .toList();
    }

    private List<CatalogueViews.PartUse> uses(ItemType type) {
        return rows
                .uses(PartUses.written(type.ref()), type.ref().id(), type.ref().revision())
                .stream()
                .map(u -> new CatalogueViews.PartUse((String) u[0], (String) u[1], (String) u[2]))
                .toList();
    }

    private static CatalogueViews.RelationLine relation(Relation r, Catalogue catalogue) {
        Optional<ItemType> part = catalogue.current().stream()
                .filter(t -> t.ref().id().equals(r.other()))
                .findFirst();
        return new CatalogueViews.RelationLine(
                r.kind(),
                part.map(ItemType::name)
                        .orElse(r.other().toLowerCase(Locale.ROOT).replace('_', ' ')),
                part.map(t -> t.ref().toString()).orElse(""),
                r.why());
    }

    /** Parts of one body against all bodies of the house. */
    CatalogueViews.CrossFitTable crossFit(String ref) {
        Catalogue catalogue = store.catalogue();
        ItemType body = require(ref);
        if (body.category() != Category.BODY) {
            throw Refusal.notFound(body.name() + " is no camera body; cross fits are told of bodies.");
        }
        List<ItemType> bodies = catalogue.current().stream()
                .filter(t -> t.category() == Category.BODY)
                .sorted(Comparator.comparing((ItemType t) -> !t.equals(body)).thenComparing(ItemType::name))
                .toList();
        return new CatalogueViews.CrossFitTable(
                bodies.stream().map(CatalogueService::named).toList(),
                CrossFit.of(catalogue, body, bodies).stream()
                        .map(CatalogueViews.CrossFitLine::of)
                        .toList());
    }

    CatalogueViews.StackEnds stackEnds() {
        List<ItemType> all = store.catalogue().current().stream()
                .sorted(Comparator.comparing(ItemType::name))
                .toList();
        return new CatalogueViews.StackEnds(
                all.stream()
                        .filter(t -> t.category() == Category.BODY)
                        .map(CatalogueService::named)
                        .toList(),
                all.stream()
                        .filter(t -> t.facet(SupportFacet.Support.class).isPresent())
                        .map(CatalogueService::named)
                        .toList(),
                store.catalogue().standards().all().stream()
                        .filter(s -> s.facts() instanceof Standard.Facts.Rods)
                        .map(s -> new Named(s.id(), s.title()))
                        .toList());
    }

    List<CatalogueViews.StackLine> stacks(String body, String support, String rods) {
        return PlateStacks.of(
                        store.catalogue(),
                        require(body),
                        require(support),
                        rods,
                        HouseRules.DEFAULTS.value(HouseRules.Rule.INTERFERENCE))
                .stream()
                .map(CatalogueViews.StackLine::of)
                .toList();
    }

    private static Named named(ItemType type) {
        return new Named(type.ref().toString(), type.name());
    }

    CatalogueViews.PartSketch drawing(String ref, View view) {
        return CatalogueViews.PartSketch.of(PartDrawing.of(require(ref), view));
    }

    CatalogueViews.PartText text(String ref) {
        return new CatalogueViews.PartText(codec.writeTypeForReading(require(ref)));
    }

    /** Takes a part as text: a new part, or the next revision of one on file. */
    @Transactional
    String write(String text) {
        ItemType type = codec.readWrittenType(text);
        store.admit(new Catalogue(List.of(type), store.catalogue().standards()));
        return type.ref().toString();
    }

    void stand(List<String> ids, Standing standing, String who) {
        store.stand(ids, standing, who);
    }

    String csv() {
        return new CatalogueCsv().write(store.catalogue().all());
    }

    byte[] file() {
        return codec.writeCatalogue(store.catalogue());
    }
}
