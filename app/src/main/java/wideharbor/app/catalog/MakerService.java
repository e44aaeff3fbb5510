package wideharbor.app.catalog;

import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import wideharbor.app.web.Refusal;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.LookSearch;
import wideharbor.core.drawing.PartDrawing;
import wideharbor.core.geometry.View;
import wideharbor.core.maker.Ask;
import wideharbor.core.maker.PartMaker;
import wideharbor.core.maker.PartTemplate;
import wideharbor.core.maker.Templates;
import wideharbor.format.HarborCodec;

/** Templates and what is made of them; the parts themselves are stored as any other. */
@Service
class MakerService {
    private static final List<View> VIEWS = List.of(View.LEFT, View.FRONT, View.ABOVE);

    private final CatalogueStore store;
    private final HarborCodec codec;

    MakerService(CatalogueStore store, HarborCodec codec) {
        this.store = store;
        this.codec = codec;
    }

    List<MakerController.TemplateGroup> templates() {
        return Templates.GROUPS.stream()
                .map(g -> new MakerController.TemplateGroup(
                        g.title(),
                        g.templates().stream().map(MakerService::view).toList()))
                .toList();
    }

    private static MakerController.TemplateView view(PartTemplate t) {
        return new MakerController.TemplateView(
                t.id(),
                t.title(),
                t.about(),
                t.category(),
                Stream.concat(PartMaker.COMMON.stream(), t.asks().stream())
                        .map(MakerService::view)
                        .toList());
    }

    private static MakerController.AskView view(Ask a) {
        return new MakerController.AskView(
                a.id(),
                a.title(),
                a.how(),
                a.kind().name(),
                a.unit(),
                a.start(),
                a.optional(),
                a.options().stream()
                        .map(o -> new MakerController.AskOption(o.id(), o.title()))
                        .toList());
    }

    MakerController.MadeView make(MakerController.Measured measured) {
        PartTemplate template = Templates.find(measured.template())
                .orElseThrow(() -> Refusal.notFound("There is no template '" + measured.template() + "'."));
        Catalogue catalogue = store.catalogue();
        PartMaker.Made made = PartMaker.make(
                template,
                measured.answers(),
                measured.faces().stream().map(MakerController.FaceAsked::toFace).toList(),
                catalogue.standards(),
                PartMaker.idsOf(catalogue.all()));
        ItemType type = made.type();
        var size = LookSearch.size(type);
        return new MakerController.MadeView(
                type.ref().toString(),
                type.name(),
                type.category(),
                made.isReady(),
                made.doubts().stream()
                        .map(d -> new MakerController.DoubtView(d.field(), d.text(), d.blocks()))
                        .toList(),
                size.x(),
                size.y(),
                size.z(),
                VIEWS.stream()
                        .map(v -> CatalogueViews.PartSketch.of(PartDrawing.of(type, v)))
                        .toList(),
                type.ports().stream()
                        .map(p -> CatalogueViews.PortLine.of(p, catalogue))
                        .toList(),
                codec.writeTypeForReading(type));
    }
}
