/** Checks of room: what runs into what, what stands in doors, vents and paths, and what the microphone meets. */
@NullMarked
package wideharbor.core.check.access;

import org.jspecify.annotations.NullMarked;
