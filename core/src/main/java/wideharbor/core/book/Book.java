package wideharbor.core.book;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.check.Judged;
import wideharbor.core.stock.Piece;

/**
 * The prep book of a job: all that goes along on paper, from the same sheets that the screens show.
 *
 * @param pages those of which there is something to tell
 */
public record Book(List<Page> pages) {
    public Book {
        pages = List.copyOf(pages);
    }

    public static Book of(Judged judged, Collection<Piece> pieces) {
        return of(judged, pieces, EnumSet.allOf(SheetKind.class));
    }

    /**
     * Some sheets of it, in the book's order.
     *
     * @param pieces of the house that are known to go with the job
     */
    public static Book of(Judged judged, Collection<Piece> pieces, Set<SheetKind> wanted) {
        List<Page> all = new ArrayList<>();
        for (SheetKind kind : SheetKind.values()) {
            if (wanted.contains(kind)) {
                all.addAll(pages(kind, judged, pieces));
            }
        }
        return new Book(all.stream().filter(p -> !p.isEmpty()).toList());
    }

    private static List<Page> pages(SheetKind kind, Judged judged, Collection<Piece> pieces) {
        return switch (kind) {
            case OVERVIEW -> List.of(OverviewPages.overview(judged));
            case ASKED -> List.of(OverviewPages.asked(judged));
            case FINDINGS -> List.of(OverviewPages.findings(judged));
            case BUILD -> worn(judged).stream().map(BuildPages::build).toList();
            case STEPS -> first(judged).stream().map(BuildPages::steps).toList();
            case TOOLS -> List.of(KitPages.tools(judged));
            case CABLES -> first(judged).stream().map(BuildPages::cables).toList();
            case POWER -> worn(judged).stream().map(DayPages::power).toList();
            case SIGNAL -> first(judged).stream().map(SignalPages::signal).toList();
            case LENSES -> first(judged).stream().map(LensPages::lenses).toList();
            case MEDIA -> List.of(DayPages.media(judged.job()));
            case BALANCE -> worn(judged).stream().map(LensPages::balance).toList();
            case CHANGES ->
                judged.job().gear().builds().stream()
                        .map(b -> ChangePages.changes(judged, b))
                        .toList();
            case AGREED -> List.of(AgreedPages.agreed(judged));
            case SETTINGS -> first(judged).stream().map(AgreedPages::settings).toList();
            case PULL -> List.of(KitPages.pull(judged.job()));
            case CUSTOMS -> List.of(CustomsPage.of(judged.job(), pieces));
        };
    }

    /** Every body in every way it is worn, with the first lens of its set. */
    static List<RigAnalysis> worn(Judged judged) {
        List<RigAnalysis> all = new ArrayList<>();
        for (Build build : judged.job().gear().builds()) {
            for (Configuration worn : build.configurations()) {
                all.add(judged.analyses()
                        .rig(build.id(), worn.id(), build.lensIds().get(0)));
            }
        }
        return all;
    }

    /** Every body in the first way it is worn. */
    static List<RigAnalysis> first(Judged judged) {
        return judged.job().gear().builds().stream()
                .map(b -> judged.analyses()
                        .rig(b.id(), b.configurations().get(0).id(), b.lensIds().get(0)))
                .toList();
    }

    /** "Body A, Studio, on sticks, with 40 mm". */
    static String of(RigAnalysis rig) {
        return rig.build().title() + ", " + rig.rig().configuration().title() + rig.withLens();
    }
}
