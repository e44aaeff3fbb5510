/** The days of jobs beside one another: what each is at, and what is wanted twice. */
@org.jspecify.annotations.NullMarked
package wideharbor.core.calendar;
