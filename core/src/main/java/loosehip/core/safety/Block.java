package loosehip.core.safety;

import java.util.Optional;
import loosehip.core.body.Side;

/**
 * Why something may not be done.
 *
 * @param because the caution behind it
 * @param side the side that is blocked; empty means altogether
 * @param words the reason in words
 */
public record Block(Caution because, Optional<Side> side, String words) {}
