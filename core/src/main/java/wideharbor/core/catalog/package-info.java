/** Item types: links with mass, shapes and ports, sockets, and the facets that say what a part does. */
@NullMarked
package wideharbor.core.catalog;

import org.jspecify.annotations.NullMarked;
