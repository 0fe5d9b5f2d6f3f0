package loosehip.app.golfer;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.app.store.GolferFile;
import loosehip.app.store.Noted;
import loosehip.app.store.TakenTry;
import loosehip.core.follow.AtHome;
import loosehip.core.measure.Method;
import loosehip.core.measure.Slot;
import loosehip.core.plan.BlockSpan;
import loosehip.core.plan.ItemId;
import loosehip.core.safety.WarningSign;

/**
 * Golfers' files written as text: {@code who.handed=left; try seated-rotation.left.internal 24 26}.
 * The word {@code asked} answers all warning signs with no.
 */
public final class GolferText {
  /** The day on which these golfers are looked at. */
  public static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

  private GolferText() {}

  /** A golfer of this visit only. */
  public static GolferFile of(String text) {
    return of(text, TODAY, List.of());
  }

  /** A golfer with earlier visits. */
  public static GolferFile of(
      String text, LocalDate visitOn, List<GolferFile.EarlierVisit> earlier) {
    Map<String, Noted> facts = new HashMap<>();
    if (!text.isBlank() && !text.contains("hand unknown")) {
      facts.put("who.handed", new Noted("row", "right", Instant.EPOCH, "Wren"));
    }
    List<TakenTry> tries = new ArrayList<>();
    Optional<GolferFile.PlanGiven> given = Optional.empty();
    for (String line : text.split("[;\n]")) {
      String words = line.strip();
      if (words.startsWith("try ")) {
        tries.addAll(tries(words.substring(4)));
      } else if (words.startsWith("given ")) {
        String[] plan = words.substring(6).split(" ");
        given =
            Optional.of(
                new GolferFile.PlanGiven(
                    1,
                    new BlockSpan(LocalDate.parse(plan[0]), LocalDate.parse(plan[1])),
                    List.of(ItemId.of(plan[2])),
                    Map.of(),
                    Optional.empty(),
                    AtHome.NOTHING));
      } else if (words.equals("asked")) {
        for (WarningSign sign : WarningSign.values()) {
          facts.put("warning." + sign.id(), new Noted("row", "no", Instant.EPOCH, "Wren"));
        }
      } else if (!words.isEmpty() && !words.equals("hand unknown")) {
        String[] halves = words.split("=", 2);
        facts.put(halves[0], new Noted("row", halves[1], Instant.EPOCH, "Wren"));
      }
    }
    return new GolferFile(
        "id",
        "Isla Brodie",
        "visit",
        1,
        visitOn,
        Optional.empty(),
        facts,
        signs(facts),
        tries,
        earlier,
        given);
  }

  /** The same file with one fact as it was noted. */
  static GolferFile withFact(GolferFile file, String key, Noted noted) {
    Map<String, Noted> facts = new HashMap<>(file.facts());
    facts.put(key, noted);
    return new GolferFile(
        file.id(),
        file.name(),
        file.visitId(),
        file.visitNumber(),
        file.visitOn(),
        file.closed(),
        facts,
        file.signs(),
        file.tries(),
        file.earlier(),
        file.given());
  }

  /** What a store finds of warning signs over all visits: here there is one. */
  private static Map<String, Noted> signs(Map<String, Noted> facts) {
    Map<String, Noted> signs = new HashMap<>(facts);
    signs
        .entrySet()
        .removeIf(
            f -> !f.getKey().startsWith("cleared-warning.") && !f.getValue().value().equals("yes"));
    return signs;
  }

  /** An earlier visit with these tries. */
  public static GolferFile.EarlierVisit earlier(LocalDate on, String tries) {
    return new GolferFile.EarlierVisit("before-" + on, on, Map.of(), tries(tries));
  }

  /** The tries of a line such as {@code seated-rotation.left.internal 24 26}. */
  public static List<TakenTry> tries(String line) {
    String[] words = line.split(" ");
    Slot slot = Slot.parse(words[0]).orElseThrow();
    boolean number = slot.test().numeric(slot.part());
    List<TakenTry> tries = new ArrayList<>();
    for (int i = 1; i < words.length; i++) {
      boolean voided = words[i].startsWith("(");
      String word = words[i].replaceAll("[()]", "");
      tries.add(
          new TakenTry(
              "row" + i,
              slot,
              i,
              number ? Optional.of(Double.parseDouble(word)) : Optional.empty(),
              number ? Optional.empty() : Optional.of(word),
              slot.test().methods().isEmpty() ? Optional.empty() : Optional.of(Method.INCLINOMETER),
              Set.of(),
              voided,
              false,
              Optional.empty(),
              Optional.empty(),
              Instant.EPOCH,
              "wren-id",
              "Wren"));
    }
    return tries;
  }

  /** What is noted under a key. */
  public static Optional<String> noted(GolferFile file, String key) {
    return Optional.ofNullable(file.facts().get(key)).map(Noted::value);
  }

  /** The golfer of this text, worked up. */
  public static Workup workup(String text) {
    return Workup.of(of(text), TODAY);
  }
}
