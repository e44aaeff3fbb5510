package wideharbor.core.note;

import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Set;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.Content;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.id.LensId;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Require;

/**
 * What a note is about.
 *
 * @param id of the type, of the standard or of the job, or the code of the piece
 */
public record About(Of of, String id) {
    /** Kinds of things that are known beyond one job. */
    public enum Of {
        TYPE,
        PIECE,
        STANDARD,
        JOB
    }

    public About {
        Require.id("What a note is about", id);
    }

    /** As files and addresses write it: {@code type:head-120}. */
    @Override
    public String toString() {
        return of.name().toLowerCase(Locale.ROOT) + ":" + id;
    }

    /** @throws IllegalArgumentException when nothing is written so */
    public static About parse(String written) {
        int colon = written.indexOf(':');
        for (Of of : Of.values()) {
            if (colon > 0 && of.name().equalsIgnoreCase(written.substring(0, colon))) {
                return new About(of, written.substring(colon + 1));
            }
        }
        throw new IllegalArgumentException(
                "A note is about 'type:', 'piece:', 'standard:' or 'job:' and an id, but this was '" + written + "'");
    }

    /** Everything in a job that somebody may know something of. */
    public static Set<About> in(Job job) {
        Set<About> all = new LinkedHashSet<>(Set.of(new About(Of.JOB, job.id())));
        job.gear().kit().counts().keySet().forEach(t -> all.add(new About(Of.TYPE, t.id())));
        for (Build build : job.gear().builds()) {
            build.pieces().forEach(code -> all.add(new About(Of.PIECE, code)));
            for (Configuration worn : build.configurations()) {
                for (LensId lens : build.lensIds()) {
                    add(build.content(worn.id(), lens, job.catalogue()), job, all);
                }
            }
        }
        return all;
    }

    private static void add(Content content, Job job, Set<About> all) {
        content.placements().stream()
                .filter(p -> !content.isRemoved(p.id()))
                .forEach(p -> all.add(new About(Of.TYPE, p.type().id())));
        content.cables().forEach(c -> all.add(new About(Of.TYPE, c.type().id())));
        for (Joint joint : content.joints()) {
            PortRef at = joint.parent();
            content.placement(at.placement())
                    .flatMap(p -> job.catalogue().require(p.type()).port(at.port()))
                    .ifPresent(port -> all.add(new About(Of.STANDARD, port.standard())));
        }
    }
}
