package wideharbor.core.check;

/**
 * How a judged fact is told where it is not as it should be.
 *
 * @param title what is so, when it is found
 * @param decider what, when it is measured, decides a fact that what is on file does not; empty where nothing does
 *     alone
 */
public record Told(About about, String title, String why, String decider) {
    Told as(String aspect) {
        return new Told(about.as(aspect), title, why, decider);
    }

    String undecided() {
        String how = decider.isEmpty() ? "" : "; the mass of " + decider + " decides it: weigh it";
        return "What is on file allows it and the contrary" + how + ". " + why;
    }
}
