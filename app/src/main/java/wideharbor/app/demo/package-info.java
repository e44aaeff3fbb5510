/** What has happened in the demo house before anybody looks. */
@NullMarked
package wideharbor.app.demo;

import org.jspecify.annotations.NullMarked;
