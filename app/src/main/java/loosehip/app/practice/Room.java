package loosehip.app.practice;

import java.util.Set;
import loosehip.core.pivot.School;
import loosehip.core.plan.Tool;

/**
 * What a practice said of itself once.
 *
 * @param tools what its golfers usually have at hand; empty until it was said
 * @param schools the pivots it works towards; all of them until it was said
 * @param consent the wording golfers consent to
 */
public record Room(Set<Tool> tools, Set<School> schools, ConsentWording consent) {}
