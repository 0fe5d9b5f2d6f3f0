package loosehip.core.link;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import loosehip.core.named.Named;

/**
 * What the trainer decided about one cause of one fault. It stands beside the computed chance, is
 * never recomputed, and counts in triage, needs, plan, handover and next tests.
 *
 * @param fault the fault
 * @param cause which of its causes
 * @param verdict what was decided
 * @param note why; may be blank
 * @param signed who decided, and when
 */
public record Overrule(Fault fault, CauseId cause, Verdict verdict, String note, Signed signed) {

  /**
   * Who decided, and when; in a file they may be missing.
   *
   * @param by who, as shown
   * @param on the day
   */
  public record Signed(Optional<String> by, Optional<LocalDate> on) {
    /** By nobody named, on no day known. */
    public static final Signed UNKNOWN = new Signed(Optional.empty(), Optional.empty());
  }

  /** A decision of which neither name nor day is known. */
  public Overrule(Fault fault, CauseId cause, Verdict verdict, String note) {
    this(fault, cause, verdict, note, Signed.UNKNOWN);
  }

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
  public boolean about(Fault of, Cause which) {
    return fault == of && cause.means(which);
  }

  /** Whether the decision goes against what was computed: chance .5 or more is likely. */
  public boolean against(CauseChance computed) {
    return switch (verdict) {
      case ACCEPTED -> computed.chance() < 0.5;
      case REJECTED -> computed.chance() >= 0.5;
      case DOUBTED -> computed.chance() >= 0.75;
    };
  }

  /** The links with what was decided; a decision counts in everything made of them. */
  public static List<Link> heeded(List<Link> links, List<Overrule> overrules) {
    return overrules.isEmpty()
        ? links
        : links.stream().map(link -> link.decided(overrules)).toList();
  }
}
