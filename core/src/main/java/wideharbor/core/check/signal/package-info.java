/** Checks of picture, sound, time and control. */
package wideharbor.core.check.signal;
