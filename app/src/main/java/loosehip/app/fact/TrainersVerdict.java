package loosehip.app.fact;

import java.util.Optional;
import loosehip.core.link.CauseId;
import loosehip.core.link.Fault;
import loosehip.core.link.Overrule;
import loosehip.core.named.Named;

/**
 * What the trainer decided about one cause, or only noted about it.
 *
 * @param verdict what; empty where there is a note alone
 * @param note why; may be blank
 */
public record TrainersVerdict(Optional<Overrule.Verdict> verdict, String note) {

  /** A decision with its note. */
  public TrainersVerdict(Overrule.Verdict verdict, String note) {
    this(Optional.of(verdict), note);
  }

  /**
   * A cause of a fault.
   *
   * @param fault the fault
   * @param cause which of its causes
   */
  public record About(Fault fault, CauseId cause) {
    String id() {
      return fault.id() + "." + cause.key();
    }

    static Optional<About> parse(String id) {
      int dot = id.indexOf('.');
      return dot < 0
          ? Optional.empty()
          : Fault.parse(id.substring(0, dot))
              .flatMap(f -> CauseId.parse(id.substring(dot + 1)).map(c -> new About(f, c)));
    }
  }

  private static final String NOTED = "noted";

  /** The verdict's id or {@code noted}, a blank, the note. */
  static final Codec<TrainersVerdict> CODEC =
      Codec.of(
          kept -> {
            String[] words = kept.split(" ", 2);
            String note = words.length > 1 ? words[1].strip() : "";
            return words[0].equals(NOTED)
                ? Optional.of(new TrainersVerdict(Optional.empty(), note))
                : Named.parse(Overrule.Verdict.class, words[0])
                    .map(v -> new TrainersVerdict(v, note));
          },
          v -> (v.verdict().map(Overrule.Verdict::id).orElse(NOTED) + " " + v.note()).strip());
}
