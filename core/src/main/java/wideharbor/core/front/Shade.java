package wideharbor.core.front;

/**
 * What an edge takes of the light of the worst corner.
 *
 * @param roomMm between the pencil and the edge; negative where the edge stands in the pencil
 * @param share of the pencil that is lost, 0 to 1
 * @param cut whether the middle of the pencil is lost: the corner is cut at every stop
 */
public record Shade(double roomMm, double share, boolean cut) {
    /** Ten stops darker is black. */
    private static final double BLACK = 10;

    /** Stops that the corner is darker, log₂(1 ÷ (1 − share)); 10 where it is black. */
    public double stops() {
        double left = Math.max(1 - share, Math.pow(2, -BLACK));
        return -Math.log(left) / Math.log(2);
    }
}
