/** The application: services, store and endpoints around the core. One package per capability. */
@NullMarked
package wideharbor.app;

import org.jspecify.annotations.NullMarked;
