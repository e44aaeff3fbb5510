/** The feed tree from battery to device: loads, volts, amperes and how long the charge lasts. */
@NullMarked
package wideharbor.core.power;

import org.jspecify.annotations.NullMarked;
