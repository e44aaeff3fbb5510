/** The days of a job for the calendars of those who work on it. */
@NullMarked
package wideharbor.app.calendar;

import org.jspecify.annotations.NullMarked;
