package wideharbor.core.photo;

import java.time.Instant;
import java.util.List;
import wideharbor.core.quantity.Require;

/**
 * A photo, without its picture.
 *
 * @param widthPx of the picture as it is kept
 * @param words what is to be seen; may be empty
 * @param takenBy account of whoever brought it
 */
public record Photo(
        String id, PhotoOf of, int widthPx, int heightPx, String words, List<Mark> marks, String takenBy, Instant at) {
    public static final int LONGEST = 300;
    /** Of one job. */
    public static final int MOST = 500;

    private static final int MOST_MARKS = 40;

    public Photo {
        marks = List.copyOf(marks);
        if (!words.isEmpty()) {
            Require.text("Words of a photo", words, LONGEST);
        }
        if (marks.size() > MOST_MARKS) {
            throw new IllegalArgumentException("A photo may have " + MOST_MARKS + " marks, but has " + marks.size());
        }
    }

    /** The same with other words and marks. */
    public Photo told(String other, List<Mark> pointed) {
        return new Photo(id, of, widthPx, heightPx, other.strip(), pointed, takenBy, at);
    }
}
