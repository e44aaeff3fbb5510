package wideharbor.core.photo;

import wideharbor.core.quantity.Require;

/**
 * What is pointed at in a photo. Places are shares of its width and height, from the upper left corner.
 *
 * @param fromX where an arrow begins, or a label stands
 * @param toX where an arrow points; of a label the same as where it stands
 * @param words of a label, or beside where an arrow begins; an arrow may have none
 */
public record Mark(Kind kind, double fromX, double fromY, double toX, double toY, String words) {
    public static final int LONGEST = 80;

    /** How it is drawn. */
    public enum Kind {
        ARROW,
        LABEL
    }

    public Mark {
        for (double share : new double[] {fromX, fromY, toX, toY}) {
            Require.within("Place of a mark", share, 0, 1, "of the photo");
        }
        words = words.strip();
        if (kind == Kind.LABEL || !words.isEmpty()) {
            Require.text("Words of a mark", words, LONGEST);
        }
        if (kind == Kind.ARROW && fromX == toX && fromY == toY) {
            throw new IllegalArgumentException("An arrow must have a length");
        }
    }
}
