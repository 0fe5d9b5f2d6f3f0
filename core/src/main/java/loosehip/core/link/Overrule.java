package loosehip.core.link;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * What the trainer decided about one cause of one fault. It stands beside the computed chance and
 * is never recomputed; a rejected cause calls for no work.
 *
 * @param fault the fault
 * @param cause key of the cause, as {@link #key} makes it
 * @param verdict what was decided
 * @param note why; may be blank
 */
public record Overrule(PivotFault fault, String cause, Verdict verdict, String note) {

  /** What can be decided. */
  public enum Verdict {
    ACCEPTED("accepted"),
    DOUBTED("doubted"),
    REJECTED("rejected");

    private final String id;

    Verdict(String id) {
      this.id = id;
    }

    /** The id used in files; also the word shown. */
    public String id() {
      return id;
    }

    /** The verdict with this id, or empty. */
    public static Optional<Verdict> parse(String id) {
      return Arrays.stream(values()).filter(v -> v.id.equals(id)).findFirst();
    }
  }

  /** The key of a cause: its family, its id and the leg it concerns, if one. */
  public static String key(Cause cause) {
    return cause.family().id()
        + "-"
        + cause.id()
        + cause.leg().map(leg -> "-" + leg.id()).orElse("");
  }

  /** Whether this is about that cause of that fault. */
  public boolean about(PivotFault of, Cause which) {
    return fault == of && cause.equals(key(which));
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
