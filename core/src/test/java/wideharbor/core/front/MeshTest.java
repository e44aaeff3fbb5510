package wideharbor.core.front;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Where an arm about a rod brings two gears together. */
class MeshTest {
    /** Rod (30, −85), ρ 40, a 56. */
    @Test
    void theOuterSwingComesFirst() {
        List<Double> swings = Mesh.swings(30, -85, 40, 56);
        assertEquals(2, swings.size());
        double outer = 30 + 40 * Math.sin(Math.toRadians(swings.get(0)));
        double inner = 30 + 40 * Math.sin(Math.toRadians(swings.get(1)));
        assertTrue(outer > inner, outer + " " + inner);
        assertTrue(Mesh.swings(30, -85, 30, 56).isEmpty(), "too short");
    }

    @RepeatedTest(200)
    void everySwingGivesTheDistance(RepetitionInfo round) {
        Random random = new Random(round.getCurrentRepetition());
        double x = random.nextDouble() * 160 - 80;
        double y = -40 - random.nextDouble() * 80;
        double arm = 10 + random.nextDouble() * 60;
        double apart = 30 + random.nextDouble() * 100;
        for (double swing : Mesh.swings(x, y, arm, apart)) {
            double angle = Math.toRadians(swing);
            assertEquals(apart, Math.hypot(x + arm * Math.sin(angle), y + arm * Math.cos(angle)), 1e-9);
        }
    }
}
