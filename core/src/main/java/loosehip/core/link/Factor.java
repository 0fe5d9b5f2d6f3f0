package loosehip.core.link;

/**
 * One step of an evidence sum.
 *
 * @param finding what was found
 * @param value what it multiplies the odds by; 1 changes nothing
 */
public record Factor(Finding finding, double value) {}
