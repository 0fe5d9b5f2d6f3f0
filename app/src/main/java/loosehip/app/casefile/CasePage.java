package loosehip.app.casefile;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import loosehip.app.fact.Fact;
import loosehip.app.fact.Facts;
import loosehip.app.store.Glance;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Note;
import loosehip.app.store.Noted;
import loosehip.app.words.Dates;
import loosehip.core.body.Handed;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Practice;
import loosehip.core.link.Level;

/**
 * One case file before it is taken, ready to be shown.
 *
 * @param says what it holds, in few words
 * @param minds what to know before taking it
 * @param golfers who is there already, for whom it could be a visit
 * @param beside the golfer it is laid beside; empty for a new one
 * @param changes what it would change of theirs
 * @param name typed for a new one
 * @param measuredOn the day it says it was measured on; today where it says none
 * @param today the latest day it can be of
 */
public record CasePage(
    String id,
    String fileName,
    String says,
    List<String> minds,
    List<Glance> golfers,
    Optional<Beside> beside,
    List<Change> changes,
    String name,
    String problem,
    String consent,
    String measuredOn,
    String today) {
  /** Nobody measured by this program, or by hand for it, before that (ours). */
  static final int EARLIEST_YEAR = 1950;

  /** The golfer it is laid beside. */
  public record Beside(String id, String name, boolean consented) {}

  /**
   * Something that would change.
   *
   * @param here as it stands; empty when nothing does
   * @param then as the file has it
   */
  public record Change(String here, String then) {}

  static CasePage of(
      WaitingCases.Waiting file,
      Optional<GolferFile> beside,
      List<Glance> golfers,
      String name,
      String problem,
      String consent,
      LocalDate today) {
    CaseFile golfer = file.golfer().orElseThrow();
    return new CasePage(
        file.id(),
        file.fileName(),
        says(golfer),
        minds(golfer, file.earlier().keySet()),
        golfers,
        beside.map(b -> new Beside(b.id(), b.name(), Facts.CONSENT.isIn(b))),
        beside.map(b -> changes(b, CaseFacts.of(golfer, today))).orElse(List.of()),
        name.isEmpty() ? CasesPage.nameOf(file) : name,
        problem,
        consent,
        file.newest().orElse(today).toString(),
        today.toString());
  }

  /** What a case holds, in few words. */
  static String says(CaseFile golfer) {
    List<String> parts = new ArrayList<>();
    parts.add(
        golfer
            .who()
            .handed()
            .map(h -> h == Handed.LEFT ? "left-handed" : "right-handed")
            .orElse("hand not said"));
    golfer.who().birthYear().ifPresent(y -> parts.add("born " + y));
    long tests =
        golfer.screen().readings().stream().map(r -> r.slot().test()).distinct().count()
            + golfer.screen().words().keySet().stream().map(s -> s.test()).distinct().count();
    parts.add(tests + (tests == 1 ? " test measured" : " tests measured"));
    long faults =
        golfer.seen().pivot().values().stream().filter(CasePage::seen).count()
            + golfer.seen().setup().values().stream().filter(CasePage::seen).count();
    parts.add(faults + (faults == 1 ? " fault seen" : " faults seen"));
    int cautions = golfer.health().cautions().size();
    if (cautions > 0) {
      parts.add(cautions + (cautions == 1 ? " caution" : " cautions"));
    }
    return String.join(", ", parts);
  }

  private static boolean seen(Level level) {
    return level == Level.CLEAR || level == Level.SLIGHT;
  }

  private static List<String> minds(CaseFile golfer, Collection<LocalDate> earlier) {
    List<String> minds = new ArrayList<>();
    if (!earlier.isEmpty()) {
      minds.add(
          "It holds earlier days as well, each taken as a visit of its own: "
              + String.join(", ", earlier.stream().map(Dates::day).toList())
              + ".");
    }
    if (!golfer.health().openWarnings().isEmpty()) {
      minds.add(
          "A warning sign is open in it. Taken, everything waits for a clinician, as it did where it"
              + " comes from.");
    }
    minds.add(
        "The warning signs are asked anew here before anybody moves; a yes in the file stays.");
    boolean own =
        !golfer.practice().coefficients().equals(Practice.SHIPPED.coefficients())
            || !golfer.practice().rules().own().isEmpty()
            || !golfer.screen().scales().own().isEmpty();
    if (own) {
      minds.add(
          "It was judged by another practice's own figures, edges or weights. Here yours count, so the"
              + " judgement can differ.");
    }
    return minds;
  }

  /** What is noted of the golfer for good and would say something else. */
  private static List<Change> changes(GolferFile file, CaseFacts facts) {
    List<Change> changes = new ArrayList<>();
    for (Note note : facts.notes()) {
      Optional<Noted> stands = Optional.ofNullable(file.facts().get(note.topic()));
      if (!note.ofVisit() && !stands.map(Noted::value).equals(note.value())) {
        Optional<Fact<?>> fact = Facts.parse(note.topic());
        changes.add(
            new Change(
                stands.flatMap(s -> fact.map(f -> told(f, s.value()))).orElse(""), told(note)));
      }
    }
    return changes;
  }

  /** What is noted, with its value where the label says none. */
  private static String told(Fact<?> fact, String kept) {
    String label = fact.labelled(kept);
    return label.contains(": ") ? label : label + ": " + fact.codec().show().apply(kept);
  }

  private static String told(Note note) {
    boolean plain = note.label().contains(": ") || note.value().filter("yes"::equals).isPresent();
    return plain ? note.label() : note.label() + ": " + note.value().orElse("");
  }
}
