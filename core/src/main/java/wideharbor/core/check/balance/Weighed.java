package wideharbor.core.check.balance;

import static wideharbor.core.job.Subject.part;

import wideharbor.core.analysis.Posture;
import wideharbor.core.check.About;
import wideharbor.core.check.Results;

/** Says which masses are missing, once; without them nothing of a posture can be told. */
final class Weighed {
    private Weighed() {}

    static boolean is(Posture posture, Results results) {
        if (posture.carried().isComplete()) {
            return true;
        }
        results.notChecked(
                About.of("weighed", part(posture.support().id())),
                "no mass on file for " + String.join(", ", posture.carried().unweighed()));
        return false;
    }
}
