package loosehip.core.plan;

/**
 * A serious candidate that is not in the plan.
 *
 * @param item the exercise or drill
 * @param because why
 */
public record LeftOut(ItemId item, Reason because) {}
