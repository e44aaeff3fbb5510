package wideharbor.core.check;

/**
 * How a judged fact is told where it is not as it should be.
 *
 * @param figure what of the decider is to be measured: its mass, its draw
 * @param title what is so, when it is found
 * @param decider what, when it is measured, decides a fact that what is on file does not; empty where nothing does
 *     alone
 */
public record Told(About about, String title, String why, String decider, String figure) {
    public Told(About about, String title, String why, String decider) {
        this(about, title, why, decider, "mass");
    }

    Told as(String aspect) {
        return new Told(about.as(aspect), title, why, decider, figure);
    }

    String undecided() {
        String how = decider.isEmpty() ? "" : "; the " + figure + " of " + decider + " decides it: measure it";
        return "What is on file allows it and the contrary" + how + ". " + why;
    }
}
