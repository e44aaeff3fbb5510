package wideharbor.app.packing;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import wideharbor.app.job.StoredJob;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.dispatch.CasePlan;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.dispatch.Move;
import wideharbor.core.dispatch.Packed;
import wideharbor.core.dispatch.PackedCases;

/** Packing as the screen shows it; g. */
public final class PackingViews {
    private PackingViews() {}

    /** {@code refused}: scans of this request that could not be; {@code cost} of what is not whole, as far as told. */
    public record PackSheet(
            Gate.Stage stage,
            String title,
            List<PackLine> lines,
            List<PackBox> boxes,
            int packed,
            int wanted,
            int told,
            int left,
            List<Refused> refused,
            List<NotWhole> notWhole,
            double cost) {
        static PackSheet of(
                StoredJob stored,
                Packed packed,
                PackedCases cases,
                Set<String> toldApart,
                List<Refused> refused,
                UnaryOperator<String> name) {
            Map<String, Category> categories = new HashMap<>();
            for (ItemType type : stored.job().catalogue().current()) {
                categories.put(type.ref().id(), type.category());
            }
            Map<String, String> titles = new HashMap<>();
            packed.lines().forEach(l -> titles.put(l.type(), l.title()));
            return new PackSheet(
                    stored.stage(),
                    stored.job().title(),
                    packed.lines().stream()
                            .map(l -> PackLine.of(
                                    l,
                                    categories.getOrDefault(l.type(), Category.OTHER),
                                    toldApart.contains(l.type()),
                                    cases.plannedFor(l.type())))
                            .toList(),
                    cases.boxes().stream().map(PackBox::of).toList(),
                    packed.packing().done(),
                    packed.packing().of(),
                    packed.returning().done(),
                    packed.returning().of(),
                    refused,
                    packed.notWhole().stream()
                            .map(m -> NotWhole.of(m, titles.getOrDefault(m.type(), m.type()), name))
                            .toList(),
                    packed.cost());
        }
    }

    /** What is damaged, missing or used up as it stands. */
    record NotWhole(
            Move.Kind kind,
            String title,
            String code,
            int pieces,
            String remark,
            Optional<Double> cost,
            String who,
            Instant at) {
        static NotWhole of(Move m, String title, UnaryOperator<String> name) {
            return new NotWhole(
                    m.kind(), title, m.piece(), m.count(), m.remark(), m.cost(), name.apply(m.who()), m.at());
        }
    }

    /** A scan that moved nothing, and why. */
    public record Refused(String scan, String code, String why) {}

    /**
     * {@code toldApart}: each piece has a code; {@code planned}: the cases that the plan puts it into; {@code toPack}
     * is below 0 where too many are in cases; {@code awaited}: pieces that the rigs were built with and that are in no
     * case yet; {@code untold}: left, and nobody has told how it came back.
     */
    public record PackLine(
            String type,
            String title,
            Category category,
            int wanted,
            int in,
            int toPack,
            int untold,
            boolean toldApart,
            List<String> codes,
            List<String> awaited,
            List<Integer> planned,
            int back,
            int damaged,
            int missing,
            int consumed) {
        static PackLine of(Packed.Line line, Category category, boolean toldApart, List<Integer> planned) {
            return new PackLine(
                    line.type(),
                    line.title(),
                    category,
                    line.wanted(),
                    line.in(),
                    line.toPack(),
                    line.untold(),
                    toldApart,
                    line.codes(),
                    line.awaited(),
                    planned,
                    line.back().getOrDefault(Move.Kind.BACK, 0),
                    line.back().getOrDefault(Move.Kind.DAMAGED, 0),
                    line.back().getOrDefault(Move.Kind.MISSING, 0),
                    line.back().getOrDefault(Move.Kind.CONSUMED, 0));
        }
    }

    /** Pieces of one type in a case; of those that are counted only, no codes. */
    public record PackContent(String type, String title, int pieces, List<String> codes) {
        static PackContent of(PackedCases.Content c) {
            return new PackContent(c.type(), c.title(), c.pieces(), c.codes());
        }

        static PackContent of(CasePlan.Packed p) {
            return new PackContent(p.type().ref().id(), p.type().name(), p.pieces(), List.of());
        }
    }

    /** {@code unweighed} pieces have no mass on file and count as nothing; {@code plan}: what the plan puts into it. */
    public record PackBox(
            int number,
            String name,
            List<PackContent> contents,
            List<PackContent> plan,
            double grams,
            int unweighed,
            boolean forTwo) {
        static PackBox of(PackedCases.PackedBox box) {
            return new PackBox(
                    box.number(),
                    box.planned().map(p -> p.type().name()).orElse("Case beside the plan"),
                    box.contents().stream().map(PackContent::of).toList(),
                    box.planned().stream()
                            .flatMap(p -> p.contents().stream())
                            .map(PackContent::of)
                            .toList(),
                    box.grams(),
                    box.unweighed(),
                    box.forTwo());
        }
    }
}
