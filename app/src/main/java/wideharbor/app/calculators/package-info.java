@NullMarked
package wideharbor.app.calculators;

import org.jspecify.annotations.NullMarked;
