package wideharbor.core.assembly;

import wideharbor.core.build.Joint;
import wideharbor.core.rig.Rig;

/** What a step is called. */
final class Titles {
    private Titles() {}

    static String of(Rig rig, Task task) {
        return switch (task.act()) {
            case LAY -> "Lay out " + rig.title(task.part().orElseThrow());
            case STAND ->
                task.joints().isEmpty()
                        ? "Set up " + rig.title(task.part().orElseThrow())
                        : rig.title(task.part().orElseThrow()) + " onto " + other(rig, task);
            case FIT -> rig.title(task.part().orElseThrow()) + " onto " + other(rig, task);
            case TIE -> {
                Joint joint = task.joints().get(0);
                yield "Tie " + rig.title(joint.child().placement()) + " to "
                        + rig.title(joint.parent().placement());
            }
            case TURN -> "Turn the rig over";
            case LIFT ->
                "Set the rig onto " + rig.title(task.joints().get(0).child().placement());
            case PLUG ->
                rig.content()
                        .cable(task.cable().orElseThrow())
                        .map(c -> "Plug " + rig.catalogue().require(c.type()).name() + ": "
                                + rig.title(c.a().placement()) + " to "
                                + rig.title(c.b().placement()))
                        .orElse("Plug a cable");
            case BALANCE -> "Balance";
        };
    }

    /** The part that a task's part comes onto. */
    private static String other(Rig rig, Task task) {
        Joint joint = task.joints().get(0);
        return rig.title(
                joint.child().placement().equals(task.part().orElseThrow())
                        ? joint.parent().placement()
                        : joint.child().placement());
    }
}
