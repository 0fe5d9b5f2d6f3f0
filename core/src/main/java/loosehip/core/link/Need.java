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
public record Need(Limit limit, double size, List<NeedReason> because) {

  /** What kind of work it is: a fault's, a set-up fault's, or groundwork. */
  public enum Family {
    FAULT,
    SETUP,
    GROUNDWORK
  }

  /** The strongest reason it rests on. */
  public Family family() {
    boolean groundwork = because.stream().allMatch(NeedReason.Groundwork.class::isInstance);
    boolean setup =
        because.stream()
            .allMatch(
                r ->
                    r instanceof NeedReason.Groundwork
                        || r instanceof NeedReason.Behind behind
                            && behind.fault() instanceof SetupFault);
    return groundwork ? Family.GROUNDWORK : setup ? Family.SETUP : Family.FAULT;
  }
}
