package wideharbor.core.balance;

import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.Id;
import wideharbor.core.quantity.Figure;

/** A mass at a place in the rig frame: a link of a part, or a cable at the middle of its run. */
public record MassPoint(Id owner, String title, Figure grams, Vec3 at) {}
