package wideharbor.app.bench;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.AdapterFinder;
import wideharbor.core.catalog.Category;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Severity;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.edit.ByHand;
import wideharbor.core.edit.EditRequest;
import wideharbor.core.edit.Fit;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;
import wideharbor.core.rig.Stack;
import wideharbor.core.sheet.Effects;
import wideharbor.core.sheet.Meters;
import wideharbor.core.sheet.MountBudget;
import wideharbor.core.sheet.OwnParts;

/** What the Bench's endpoints answer with: everything computed, nothing left for the screen to work out. */
final class BenchViews {
    private BenchViews() {}

    record Bench(
            String job,
            String title,
            BuildId build,
            String buildTitle,
            int revision,
            Gate.Stage stage,
            boolean clear,
            String verdict,
            List<ConfigurationTab> configurations,
            ConfigurationId configuration,
            List<Tab> lenses,
            LensId lens,
            String bodyFaceUp,
            boolean supported,
            Optional<Leaning> leaning,
            List<Row> stack,
            List<Loose> loose,
            List<Removed> removed,
            List<FindingView> findings,
            Meters meters,
            String undo,
            String undoBy,
            String redo) {}

    /**
     * A configuration to choose: how it stands, what it is based on, how many changes of its own, whether the brief
     * asks for it.
     */
    record ConfigurationTab(
            ConfigurationId id,
            String title,
            boolean clear,
            int stops,
            int cautions,
            ConfigurationId basedOn,
            int changes,
            boolean asked,
            PlacementId support) {}

    /** How a rig leans that is held: its left side higher, its lens lower. */
    record Leaning(double rollDegrees, double tiltDegrees) {}

    /** A lens to choose, with how it stands. */
    record Tab(String id, String title, boolean clear, int stops, int cautions) {}

    /**
     * {@code piece}: the house's, by its code; empty while nobody said which. {@code standard}: by which it is held.
     * {@code marks} says which mark goes to which; {@code tip} is left, up, ahead of an arm's tip.
     */
    record Row(
            PlacementId placement,
            String title,
            String item,
            String category,
            Stack.Level level,
            String on,
            Figure mass,
            String piece,
            String standard,
            Optional<Joint.Confidence> confidence,
            String note,
            String marks,
            Optional<List<Double>> tip,
            List<SettingView> settings,
            Optional<Severity> worst,
            int dependants,
            List<String> carries,
            boolean root,
            boolean onlyHere,
            boolean canCarry) {}

    record SettingView(
            String key, String title, double value, double from, double to, double step, String unit, boolean byFeel) {}

    record Loose(PlacementId placement, String title, String why) {}

    record Removed(PlacementId placement, String title) {}

    record FindingView(
            String key,
            String check,
            Severity severity,
            CheckState state,
            String title,
            String why,
            Evidence evidence,
            List<PlacementId> placements,
            LensId lens,
            boolean read,
            String readBy,
            boolean waived,
            String waiver,
            String expectation,
            String formula,
            String source) {}

    record PortView(String ref, String part, String title, String standard) {}

    /** Some of the parts that fit, the most useful of them first, each with what it would do. */
    record FitPage(int total, int from, List<OfferView> offers) {}

    /** A part that fits; {@code through} names the adapters that go between. */
    record OfferView(
            String item,
            String name,
            String maker,
            String category,
            String port,
            String portTitle,
            Figure mass,
            int inKit,
            List<String> through,
            double throughMm,
            List<String> throughKeys,
            double addsGrams,
            Optional<Double> shiftMm,
            List<String> cleared,
            List<String> raised,
            int trialFits,
            int stops,
            String refused) {
        static OfferView of(Effects.Tried tried) {
            Fit.Offer o = tried.offer();
            Effects.Effect e = tried.effect();
            return new OfferView(
                    o.type().ref().toString(),
                    o.type().name(),
                    o.type().maker(),
                    o.type().category().name(),
                    o.port(),
                    o.portTitle(),
                    o.massGrams(),
                    o.inKit(),
                    o.chain().stream()
                            .flatMap(c -> c.links().stream())
                            .map(l -> l.type().name())
                            .toList(),
                    o.chain().map(AdapterFinder.Chain::heightMm).orElse(0.0),
                    o.chain().map(AdapterFinder.Chain::keys).orElse(List.of()),
                    e.massGrams(),
                    e.shiftMm(),
                    e.cleared(),
                    e.raised().titles(),
                    e.raised().trialFits(),
                    e.stops(),
                    e.refused());
        }
    }

    /** A part that the maker shaped for this body, and how it stands with this build. */
    record OwnPart(String item, String name, Category category, OwnParts.State state, String by) {
        static OwnPart of(OwnParts.Own own) {
            return new OwnPart(
                    own.type().ref().toString(), own.type().name(), own.type().category(), own.state(), own.by());
        }
    }

    /** A face of the rig with its mounting points. */
    record FaceView(MountBudget.Face face, List<MountBudget.Place> places) {}

    /** One way to do something by hand, with the request that does it. */
    record HandOffer(String title, String detail, List<String> lost, EditRequest request) {}

    /** The first of them, and how many there are in all. */
    record HandPage(int total, List<HandOffer> offers) {
        private static final int MOST = 60;

        static HandPage of(List<ByHand.Offer> all, String search) {
            List<ByHand.Offer> found = all.stream()
                    .filter(o -> Stream.of(search.toLowerCase(Locale.ROOT).split("\\s+"))
                            .allMatch((o.title() + " " + o.detail()).toLowerCase(Locale.ROOT)::contains))
                    .toList();
            return new HandPage(
                    found.size(),
                    found.stream()
                            .limit(MOST)
                            .map(o -> new HandOffer(o.title(), o.detail(), o.lost(), o.request()))
                            .toList());
        }
    }
}
