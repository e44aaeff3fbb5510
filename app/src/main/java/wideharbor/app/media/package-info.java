/** What a job records: the day of cards worked out, and the log of rolls. */
@NullMarked
package wideharbor.app.media;

import org.jspecify.annotations.NullMarked;
