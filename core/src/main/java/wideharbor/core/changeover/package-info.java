/** What a change from one configuration of a build to another takes: off, over, on, set; tools and minutes. */
@org.jspecify.annotations.NullMarked
package wideharbor.core.changeover;
