package wideharbor.core.drawing;

import wideharbor.core.geometry.Outline;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Shape;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.geometry.View;
import wideharbor.core.geometry.View.Point;
import wideharbor.core.rig.Rig;

/** A view of the rig as it stands in the world: up is up on paper, however the body is rolled. */
record Sheet(View view, Pose toWorld) {
    static Sheet of(Rig rig, View view) {
        return new Sheet(
                view, new Pose(rig.world().left(), rig.world().up(), rig.world().forward(), Vec3.ZERO).inverse());
    }

    Point project(Vec3 p) {
        return view.project(toWorld.apply(p));
    }

    Outline outline(Shape shape, Pose pose) {
        return Outline.of(shape, toWorld.then(pose), view);
    }
}
