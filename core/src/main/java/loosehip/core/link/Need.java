package loosehip.core.link;

import java.util.List;

/**
 * How much a limit deserves the block.
 *
 * @param limit the limit
 * @param size how much; larger is more
 * @param because where it comes from, in words
 */
public record Need(Limit limit, double size, List<String> because) {}
