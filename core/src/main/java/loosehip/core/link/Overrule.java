package loosehip.core.link;

import java.util.List;
import loosehip.core.named.Named;

/**
 * What the trainer decided about one cause of one fault. It stands beside the computed chance and
 * is never recomputed; a rejected cause calls for no work.
 *
 * @param fault the fault
 * @param cause which of its causes
 * @param verdict what was decided
 * @param note why; may be blank
 */
public record Overrule(PivotFault fault, CauseId cause, Verdict verdict, String note) {

  /** What can be decided. */
  public enum Verdict implements Named {
    ACCEPTED("accepted"),
    DOUBTED("doubted"),
    REJECTED("rejected");

    private final String id;

    Verdict(String id) {
      this.id = id;
    }

    @Override
    public String id() {
      return id;
    }
  }

  /** Whether this is about that cause of that fault. */
  public boolean about(PivotFault of, Cause which) {
    return fault == of && cause.equals(which.id());
  }

  /** Whether the decision goes against what was computed: chance .5 or more is likely. */
  public boolean against(CauseChance computed) {
    return switch (verdict) {
      case ACCEPTED -> computed.chance() < 0.5;
      case REJECTED -> computed.chance() >= 0.5;
      case DOUBTED -> computed.chance() >= 0.75;
    };
  }

  /** The links without the causes that were rejected. */
  static List<Link> heeded(List<Link> links, List<Overrule> overrules) {
    if (overrules.isEmpty()) {
      return links;
    }
    return links.stream()
        .map(
            link ->
                new Link(
                    link.fault(),
                    link.level(),
                    link.triage(),
                    link.causes().stream()
                        .filter(
                            c ->
                                overrules.stream()
                                    .noneMatch(
                                        o ->
                                            o.verdict() == Verdict.REJECTED
                                                && o.about(link.fault(), c.cause())))
                        .toList()))
        .toList();
  }
}
