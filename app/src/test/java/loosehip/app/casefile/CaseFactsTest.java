package loosehip.app.casefile;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.app.golfer.Cases;
import loosehip.app.golfer.Standards;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Journal;
import loosehip.app.store.Note;
import loosehip.app.store.Noted;
import loosehip.app.store.TakenTry;
import loosehip.core.casefile.Assessment;
import loosehip.core.casefile.CaseFile;
import loosehip.core.measure.Reading;
import loosehip.core.measure.Slot;
import org.junit.jupiter.api.Test;

/** What one copy writes another takes in and judges the same, to the last digit. */
class CaseFactsTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);
  private static final int GOLFERS = 80;

  /** Longer after a birth nothing is to be minded (06). */
  private static final int WEEKS_TO_MIND = 12;

  /** The case as an empty copy has it after taking a file. */
  private static CaseFile taken(CaseFile golfer) {
    CaseFacts facts = CaseFacts.of(golfer, TODAY);
    Map<String, Noted> noted = new HashMap<>();
    for (Note note : facts.notes()) {
      noted.put(
          note.topic(),
          new Noted(
              "row", note.value().orElseThrow(), Instant.parse("2026-11-25T09:00:00Z"), "Wren"));
    }
    Map<Slot, Integer> ordinals = new HashMap<>();
    List<TakenTry> tries = new ArrayList<>();
    for (CaseFacts.Measured each : facts.tries()) {
      Journal.NewTry t = each.taken();
      tries.add(
          new TakenTry(
              "row",
              t.slot(),
              ordinals.merge(t.slot(), 1, Integer::sum),
              t.value(),
              t.word(),
              t.method(),
              t.compensations(),
              t.voided(),
              false,
              Optional.empty(),
              each.scatter(),
              Instant.EPOCH,
              "",
              "Wren"));
    }
    Map<String, Noted> signs = new HashMap<>(noted);
    signs.keySet().removeIf(k -> !k.startsWith("warning.") && !k.startsWith("cleared-warning."));
    return Cases.of(
        new GolferFile(
            "id",
            "Isla Brodie",
            "visit",
            1,
            TODAY,
            Optional.empty(),
            noted,
            signs,
            tries,
            List.of(),
            Optional.empty()),
        Standards.SHIPPED,
        TODAY);
  }

  private static CaseFile passedOn(CaseFile golfer) {
    return taken(CaseReader.read(CaseWriter.write(golfer), TODAY).golfer().orElseThrow());
  }

  @Test
  void whatACopyWritesAnotherJudgesTheSame() {
    for (int seed = 0; seed < GOLFERS; seed++) {
      CaseFile here = taken(RandomCases.of(seed));
      CaseFile there = passedOn(here);
      assertThat(AssessmentWriter.write(Assessment.of(there)))
          .as("golfer %d", seed)
          .isEqualTo(AssessmentWriter.write(Assessment.of(here)));
    }
  }

  /** Nothing of a file is lost on the way in, whoever wrote it. */
  @Test
  void nothingOfAFileIsLost() {
    for (int seed = 0; seed < GOLFERS; seed++) {
      CaseFile file = RandomCases.of(seed);
      CaseFile here = taken(file);
      assertThat(here.screen().words()).as("golfer %d", seed).isEqualTo(file.screen().words());
      assertThat(here.screen().readings().stream().map(CaseFactsTest::counting))
          .as("golfer %d", seed)
          .containsExactlyInAnyOrderElementsOf(
              file.screen().readings().stream().map(CaseFactsTest::counting).toList());
      assertThat(here.complaints()).isEqualTo(file.complaints());
      assertThat(here.wishes()).isEqualTo(file.wishes());
      assertThat(here.setup().known().keySet()).isEqualTo(file.setup().known().keySet());
      assertThat(here.setup().release()).isEqualTo(file.setup().release());
      assertThat(here.school()).isEqualTo(file.school());
      assertThat(here.spineShape()).isEqualTo(file.spineShape());
      assertThat(here.arcsOverruled()).isEqualTo(file.arcsOverruled());
      assertThat(here.seen().habits()).isEqualTo(file.seen().habits());
      assertThat(here.seen().rehearsals()).isEqualTo(file.seen().rehearsals());
      assertThat(here.overrules())
          .extracting(o -> o.fault() + " " + o.cause() + " " + o.verdict() + " " + o.note())
          .containsExactlyInAnyOrderElementsOf(
              file.overrules().stream()
                  .map(o -> o.fault() + " " + o.cause() + " " + o.verdict() + " " + o.note())
                  .toList());
      assertThat(here.health().openWarnings()).isEqualTo(file.health().openWarnings());
      assertThat(here.health().cautions())
          .as("golfer %d", seed)
          .extracting(c -> List.of(c.caution(), c.side(), c.clearance()))
          .containsAll(
              file.health().cautions().stream()
                  .filter(c -> c.detail().weeksAfter().filter(w -> w > WEEKS_TO_MIND).isEmpty())
                  .map(c -> List.of(c.caution(), c.side(), c.clearance()))
                  .toList());
    }
  }

  /** What was seen in tries that are all void goes with them. */
  private static Reading counting(Reading r) {
    return r.counted().isEmpty()
        ? new Reading(r.slot(), r.method(), r.tries(), Set.of(), r.pain(), r.tryDeviation())
        : r;
  }

  /** A file that says all was asked is asked again here. */
  @Test
  void noWarningSignIsAnsweredWithNoByAFile() {
    for (int seed = 0; seed < GOLFERS; seed++) {
      assertThat(CaseFacts.of(RandomCases.of(seed), TODAY).notes())
          .noneMatch(n -> n.topic().startsWith("warning.") && n.value().equals(Optional.of("no")));
    }
  }
}
