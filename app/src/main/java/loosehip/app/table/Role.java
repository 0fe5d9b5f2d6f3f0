package loosehip.app.table;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import loosehip.core.named.Named;

/** What a column can hold beside the results of one test. */
enum Role implements Named {
  GOLFER("golfer", "the golfer's name", "name", "golfer", "player", "client", "golfer name"),
  GOLFER_ID("golfer-id", "the golfer's id here", "golfer_id"),
  DATE("date", "the day it was measured", "date", "day", "visit", "visit date", "visit_date"),
  TEST("test", "which test", "test", "measure", "measurement", "test name"),
  SIDE("side", "left or right", "side", "leg"),
  PART("part", "inward, outward …", "part", "direction", "movement"),
  TRY("try", "which try", "try", "trial", "attempt", "try no"),
  VALUE("value", "the result", "value", "result", "score", "reading", "value_deg"),
  METHOD("method", "how it was read", "method", "tool"),
  COMPENSATIONS("compensations", "compensations, by their ids", "compensations"),
  VOID("void", "yes where a try does not count", "void");

  private final String id;
  private final String words;
  private final List<String> heads;

  Role(String id, String words, String... heads) {
    this.id = id;
    this.words = words;
    this.heads = List.of(heads);
  }

  @Override
  public String id() {
    return id;
  }

  /** The role in words. */
  String words() {
    return words;
  }

  /** Whether a column's head names this role. */
  boolean named(String head) {
    String lower = head.strip().toLowerCase(Locale.ROOT);
    Set<String> words = TargetGuess.wordsOf(head);
    boolean plainName = this == GOLFER || this == DATE;
    return heads.contains(lower)
        || plainName && words.size() <= 3 && heads.stream().anyMatch(words::contains);
  }
}
