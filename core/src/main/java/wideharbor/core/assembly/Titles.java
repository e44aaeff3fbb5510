package wideharbor.core.assembly;

import wideharbor.core.build.Joint;
import wideharbor.core.rig.Rig;

/** What a step is called. */
final class Titles {
    private Titles() {}

    /** As one puts it together. */
    static String of(Rig rig, Task task) {
        return switch (task.act()) {
            case LAY -> "Lay out " + part(rig, task);
            case STAND ->
                task.joints().isEmpty() ? "Set up " + part(rig, task) : part(rig, task) + " onto " + other(rig, task);
            case FIT -> part(rig, task) + " onto " + other(rig, task);
            case TRY -> "Try " + child(rig, task) + " on " + parent(rig, task);
            case TIE -> "Tie " + child(rig, task) + " to " + parent(rig, task);
            case TURN -> "Turn the rig over";
            case LIFT -> "Set the rig onto " + child(rig, task);
            case PLUG -> "Plug " + cable(rig, task);
            case BALANCE -> "Balance";
        };
    }

    /** As one takes it apart. */
    static String off(Rig rig, Task task) {
        return switch (task.act()) {
            case LAY -> "Put away " + part(rig, task);
            case STAND ->
                task.joints().isEmpty() ? "Take down " + part(rig, task) : part(rig, task) + " off " + other(rig, task);
            case FIT -> part(rig, task) + " off " + other(rig, task);
            case TRY -> "Try " + child(rig, task) + " on " + parent(rig, task);
            case TIE -> "Untie " + child(rig, task) + " from " + parent(rig, task);
            case TURN -> "Turn the rig over";
            case LIFT -> "Lift the rig off " + child(rig, task);
            case PLUG -> "Unplug " + cable(rig, task);
            case BALANCE -> "Level it, lock pan and tilt";
        };
    }

    private static String part(Rig rig, Task task) {
        return rig.title(task.part().orElseThrow());
    }

    private static String child(Rig rig, Task task) {
        return rig.title(task.joints().get(0).child().placement());
    }

    private static String parent(Rig rig, Task task) {
        return rig.title(task.joints().get(0).parent().placement());
    }

    private static String cable(Rig rig, Task task) {
        return task.cable()
                .flatMap(rig.content()::cable)
                .map(c -> rig.catalogue().require(c.type()).name() + ": "
                        + rig.title(c.a().placement()) + " to "
                        + rig.title(c.b().placement()))
                .orElse("a cable");
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
