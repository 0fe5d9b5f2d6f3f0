package loosehip.app.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.fact.Facts;
import loosehip.app.golfer.Workup;
import loosehip.app.store.Noted;
import loosehip.app.words.Dates;
import loosehip.app.words.SafetyWords;
import loosehip.core.body.Side;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;
import loosehip.core.plan.Catalogue;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.Planner;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Health;
import loosehip.core.safety.NotedCaution;
import loosehip.core.safety.TestRule;
import org.springframework.stereotype.Component;

/** Says at once what each noted caution blocks or changes, in tests and in the plan. */
@Component
public class Consequences {
  private static final int PINCH_STAYS_DAYS = 14;

  private final ExerciseTexts texts;

  Consequences(ExerciseTexts texts) {
    this.texts = texts;
  }

  /**
   * What one caution does.
   *
   * @param caution what it is, side included
   * @param cleared a clearance in force, in words
   * @param advice what is said to the golfer before anything else; empty when nothing is
   * @param leftOut tests not taken
   * @param withCare tests taken with care, and how
   * @param notPlanned exercises and drills never planned
   * @param changed exercises and drills done differently, and how
   */
  public record Consequence(
      String caution,
      Optional<String> cleared,
      String advice,
      List<String> leftOut,
      List<String> withCare,
      List<String> notPlanned,
      List<String> changed) {

    /** How much that is, where there is no room for all of it; empty when it is nothing. */
    public String counted() {
      List<String> parts = new ArrayList<>();
      count(parts, leftOut, "not tested");
      count(parts, withCare, "tested with care");
      count(parts, notPlanned, "never planned");
      if (!changed.isEmpty()) {
        parts.add((parts.isEmpty() ? "some" : "others") + " done differently");
      }
      return String.join(", ", parts);
    }

    private static void count(List<String> parts, List<String> of, String what) {
      if (!of.isEmpty()) {
        parts.add(of.size() + " " + what);
      }
    }
  }

  /** The consequences of every noted caution of a golfer. */
  public List<Consequence> of(Workup workup) {
    return workup.golfer().health().cautions().stream().map(c -> of(workup, c)).toList();
  }

  private Consequence of(Workup workup, NotedCaution noted) {
    List<String> out = new ArrayList<>();
    Map<String, List<String>> care = new LinkedHashMap<>();
    for (ScreenTest test : ScreenTest.values()) {
      List<Optional<Part>> parts = parts(test);
      Map<TestRule, List<Part>> touched = new LinkedHashMap<>();
      for (Optional<Part> part : parts) {
        TestRule.of(noted, test, test.sided() ? side(noted) : Optional.empty(), part)
            .ifPresent(
                rule -> {
                  List<Part> some = touched.computeIfAbsent(rule, r -> new ArrayList<>());
                  part.ifPresent(some::add);
                });
      }
      touched.forEach(
          (rule, some) -> {
            String which = some.size() == parts.size() || some.isEmpty() ? "" : words(some);
            if (rule.blocks()) {
              out.add(test.title() + which);
            } else {
              care.computeIfAbsent(SafetyWords.advice(rule), w -> new ArrayList<>())
                  .add(test.title() + which);
            }
          });
    }
    return new Consequence(
        noted.caution().asked() + noted.side().map(s -> ", " + workup.spoken(s)).orElse(""),
        noted.clearance().map(SafetyWords::clearance),
        advice(workup, noted),
        out,
        care.entrySet().stream()
            .map(e -> String.join(", ", e.getValue()) + " (" + e.getKey() + ")")
            .toList(),
        notPlanned(noted),
        changed(noted));
  }

  /** New pain below the knee, and a pinch still there after two weeks, are for a clinician. */
  private static String advice(Workup workup, NotedCaution noted) {
    if (noted.caution() == Caution.SCIATICA && noted.detail().fresh()) {
      return "new: advise a clinician before a plan";
    }
    boolean stays =
        noted.caution() == Caution.HIP_PINCH
            && Optional.ofNullable(
                    workup.file().facts().get(Facts.CAUTION.about(noted.caution()).key()))
                .map(Noted::at)
                .map(Dates::of)
                .filter(since -> !since.isAfter(workup.today().minusDays(PINCH_STAYS_DAYS)))
                .isPresent();
    return stays ? "noted two weeks ago or more and still there: advise a clinician" : "";
  }

  private static String words(List<Part> parts) {
    return ", " + String.join(" and ", parts.stream().map(Part::word).toList());
  }

  private static Optional<Side> side(NotedCaution noted) {
    return noted.side().or(() -> Optional.of(Side.LEFT));
  }

  private static List<Optional<Part>> parts(ScreenTest test) {
    return test.hasWholeNumber()
        ? List.of(Optional.empty())
        : test.parts().stream()
            .filter(p -> test.numeric(Optional.of(p)))
            .map(Optional::of)
            .toList();
  }

  private List<String> notPlanned(NotedCaution noted) {
    Health alone = Health.of(Set.of(), List.of(noted));
    return Catalogue.standard().items().stream()
        .filter(i -> Planner.blockedBy(Catalogue.standard(), i, alone).isPresent())
        .map(this::name)
        .toList();
  }

  private List<String> changed(NotedCaution noted) {
    Health alone = Health.of(Set.of(), List.of(noted));
    Map<String, List<String>> how = new LinkedHashMap<>();
    for (ItemId item : Catalogue.standard().items()) {
      Planner.changed(Catalogue.standard(), item, alone)
          .forEach(
              c -> how.computeIfAbsent(c.how().words(), w -> new ArrayList<>()).add(name(item)));
    }
    return how.entrySet().stream()
        .map(e -> String.join(", ", e.getValue()) + " (" + e.getKey() + ")")
        .toList();
  }

  private String name(ItemId item) {
    return texts.of(item).name().toLowerCase(Locale.ROOT);
  }
}
