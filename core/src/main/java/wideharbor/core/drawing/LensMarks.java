package wideharbor.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.drawing.Drawing.Seen;
import wideharbor.core.front.LensFront;
import wideharbor.core.front.Pencil;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.geometry.View;
import wideharbor.core.rig.Rig;

/** What the lens sees, from its entrance pupil on; of a lens that draws straight lines straight. */
final class LensMarks {
    /** So far ahead of the rim it is drawn: beyond what stands before a lens. */
    private static final double DEEP = 400;

    private LensMarks() {}

    static Optional<Seen> seen(Rig rig, Sheet view) {
        return LensFront.of(rig)
                .filter(LensFront::isStraight)
                .flatMap(front -> front.pencil(front.pupil().value())
                        .map(pencil -> new Seen(
                                view.outline(
                                                new Shape.Hull(corners(front, pencil, view.view()), Shape.Use.SOLID),
                                                Pose.IDENTITY)
                                        .border(),
                                front.isPupilKnown())));
    }

    /** The pupil as it is seen from there, and the corners of the picture ahead. */
    private static List<Vec3> corners(LensFront front, Pencil pencil, View from) {
        double behind = from == View.ABOVE ? pencil.behindX() : pencil.behindY();
        double z = front.rimMm() + DEEP;
        double x = (DEEP + pencil.behindX()) * pencil.tanX();
        double y = (DEEP + pencil.behindY()) * pencil.tanY();
        List<Vec3> all = new ArrayList<>();
        all.add(new Vec3(0, 0, front.rimMm() - behind));
        for (int[] s : new int[][] {{1, 1}, {1, -1}, {-1, -1}, {-1, 1}}) {
            all.add(new Vec3(s[0] * x, s[1] * y, z));
        }
        return all;
    }
}
