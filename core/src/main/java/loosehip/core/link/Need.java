package loosehip.core.link;

import java.util.List;
import loosehip.core.limit.Limit;

/**
 * How much a limit deserves the block.
 *
 * @param limit the limit
 * @param size how much; larger is more
 * @param because where it comes from, part by part
 */
public record Need(Limit limit, double size, List<NeedReason> because) {}
