package loosehip.app.trace;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import loosehip.app.golfer.Workup;
import loosehip.app.store.Recordings;
import loosehip.app.words.Text;
import org.springframework.stereotype.Component;

/** What the newest recordings showed, in a line each, for other pages. */
@Component
public class RecordingSays {
  private static final int NEWEST = 4;

  private final Recordings recordings;

  RecordingSays(Recordings recordings) {
    this.recordings = recordings;
  }

  /**
   * What a recording showed.
   *
   * @param id its id
   * @param on the day of its visit
   * @param words what it suggests, or that it suggests nothing
   */
  public record Said(String id, LocalDate on, String words) {}

  /** The newest ones that can be read, the newest first. */
  public List<Said> of(Workup workup) {
    return recordings.of(workup.file()).stream()
        .limit(NEWEST)
        .map(kept -> said(workup, kept))
        .toList();
  }

  private Said said(Workup workup, Recordings.Kept kept) {
    byte[] raw = recordings.raw(workup.file(), kept.id()).orElse(new byte[0]);
    ReadRecording read = ReadRecording.of(workup, kept, raw);
    String found =
        read.findings().stream()
            .map(f -> Text.lower(f.what().title()))
            .collect(Collectors.joining(", "));
    String words =
        !read.problems().isEmpty()
            ? "not read yet"
            : found.isEmpty() ? "nothing in it suggests a fault" : found;
    return new Said(kept.id(), kept.day(), kept.kind().title() + ": " + words);
  }
}
