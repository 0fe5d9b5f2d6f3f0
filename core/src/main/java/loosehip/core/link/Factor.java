package loosehip.core.link;

/**
 * One step of an evidence sum.
 *
 * @param words what was found, as it is shown
 * @param value what it multiplies the odds by; 1 changes nothing
 */
public record Factor(String words, double value) {}
