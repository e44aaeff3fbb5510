/** Who sees, hears and controls what: picture, sound, time and control as one directed graph of sockets. */
@NullMarked
package wideharbor.core.signal;

import org.jspecify.annotations.NullMarked;
