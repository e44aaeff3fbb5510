package wideharbor.core.media;

import wideharbor.core.quantity.Ranged;

/** Which end of what is known a day is worked through at. */
enum End {
    /** Large cards, fast readers, little recorded. */
    BEST,
    MIDDLE,
    /** Small cards, slow readers, much recorded. */
    WORST;

    /** Of a figure of which more is better. */
    double much(Ranged figure) {
        return switch (this) {
            case BEST -> figure.range().to();
            case MIDDLE -> figure.value();
            case WORST -> figure.range().from();
        };
    }

    /** Of a figure of which less is better. */
    double little(Ranged figure) {
        return switch (this) {
            case BEST -> figure.range().from();
            case MIDDLE -> figure.value();
            case WORST -> figure.range().to();
        };
    }
}
