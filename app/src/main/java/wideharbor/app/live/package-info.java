/**
 * What others do, told to the screens that show it, whatever node they hang on: events and presence stand in the
 * database, each node reads them a few times a second and sends them down its own streams.
 */
@NullMarked
package wideharbor.app.live;

import org.jspecify.annotations.NullMarked;
