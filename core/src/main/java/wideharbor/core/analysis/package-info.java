/**
 * What is derived of a rig, each once: the rig with masses, feeds, signals, clearances, and the judgements of single
 * facts that checks, screens and papers read alike.
 */
@NullMarked
package wideharbor.core.analysis;

import org.jspecify.annotations.NullMarked;
