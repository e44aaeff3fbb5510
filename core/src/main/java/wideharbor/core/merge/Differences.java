package wideharbor.core.merge;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import wideharbor.core.build.Build;
import wideharbor.core.build.Command;
import wideharbor.core.build.Kit;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.TypeRef;

/**
 * What a package file would change in a job that is here, matched by the stable ids of placements, joints, cables,
 * settings, configurations and lenses.
 */
public final class Differences {
    private Differences() {}

    /** How the two sides differ in one thing. */
    public enum Kind {
        NEW,
        CHANGED,
        /** On file here, not in the other: stays unless asked for. */
        ONLY_HERE
    }

    /** One difference: what it concerns, how it stands here and there. */
    public record Line(Kind kind, String what, String id, String here, String there) {}

    /** Lines for people, and the edit that takes the other's side in all of them but what is only here. */
    public record Result(List<Line> lines, List<Scoped> edit) {
        public boolean isSame() {
            return lines.isEmpty();
        }
    }

    public static Result between(Build here, Build there, Catalogue catalogue) {
        return new BuildDifferences(here, there, catalogue).result();
    }

    /** Kit counts, as changes from here to there. */
    public static Result between(Kit here, Kit there) {
        List<Line> lines = new ArrayList<>();
        List<Scoped> edit = new ArrayList<>();
        Set<TypeRef> all = new LinkedHashSet<>(there.counts().keySet());
        all.addAll(here.counts().keySet());
        for (TypeRef type : all) {
            int change = there.count(type) - here.count(type);
            if (change != 0) {
                lines.add(new Line(
                        Kind.CHANGED,
                        "kit",
                        type.toString(),
                        here.count(type) + " pieces",
                        there.count(type) + " pieces"));
                edit.add(Scoped.kit(new Command.AddKit(type, change)));
            }
        }
        return new Result(lines, edit);
    }
}
