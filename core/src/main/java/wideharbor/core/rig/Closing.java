package wideharbor.core.rig;

import java.util.List;
import wideharbor.core.build.Joint;

/**
 * How well a closing joint meets.
 *
 * @param gapMm signed distance between the faces along the parent's normal; positive means open
 * @param offsetMm how far the child's port lies aside of the parent's, in the plane of the face
 * @param angleDegrees between the parent's normal and the child's, reversed
 * @param settings freedoms of its ports that can close the gap
 */
public record Closing(Joint joint, double gapMm, double offsetMm, double angleDegrees, List<Motion> settings) {}
