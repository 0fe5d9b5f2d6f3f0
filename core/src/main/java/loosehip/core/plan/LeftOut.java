package loosehip.core.plan;

/**
 * A serious candidate that is not in the plan.
 *
 * @param id the exercise or drill
 * @param reason why, in words
 */
public record LeftOut(String id, String reason) {}
