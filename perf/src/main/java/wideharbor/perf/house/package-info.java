/** A whole house under load, kills and hostile files, on loopback; run by ./harbor bench. */
@NullMarked
package wideharbor.perf.house;

import org.jspecify.annotations.NullMarked;
