/** The open file: codec, JSON Schema, and the check command; no Spring, no database. */
@NullMarked
package wideharbor.format;

import org.jspecify.annotations.NullMarked;
