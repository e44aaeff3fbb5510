package wideharbor.core.check;

import wideharbor.core.quantity.Judgement;

/** One of several limits of a thing, with how it is told where it is passed. */
public record Limit(Judgement fact, Told told) {}
