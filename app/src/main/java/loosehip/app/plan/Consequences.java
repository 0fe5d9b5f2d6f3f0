package loosehip.app.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.golfer.Bench;
import loosehip.app.words.SafetyWords;
import loosehip.core.body.Side;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;
import loosehip.core.plan.Catalogue;
import loosehip.core.safety.NotedCaution;
import loosehip.core.safety.TestRule;
import org.springframework.stereotype.Component;

/** Says at once what each noted caution blocks or changes, in tests and in the plan. */
@Component
public class Consequences {
  private final ExerciseTexts texts;

  Consequences(ExerciseTexts texts) {
    this.texts = texts;
  }

  /**
   * What one caution does.
   *
   * @param caution what it is, side included
   * @param cleared whether a clearance has lifted it
   * @param leftOut tests not taken
   * @param withCare tests taken with care, and how
   * @param notPlanned exercises and drills never planned
   */
  public record Consequence(
      String caution,
      boolean cleared,
      List<String> leftOut,
      List<String> withCare,
      List<String> notPlanned) {}

  /** The consequences of every noted caution of a golfer. */
  public List<Consequence> of(Bench bench) {
    return bench.golfer().health().cautions().stream().map(c -> of(bench, c)).toList();
  }

  private Consequence of(Bench bench, NotedCaution noted) {
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
        noted.caution().asked() + noted.side().map(s -> ", " + bench.spoken(s)).orElse(""),
        noted.cleared(),
        out,
        care.entrySet().stream()
            .map(e -> String.join(", ", e.getValue()) + " (" + e.getKey() + ")")
            .toList(),
        notPlanned(noted));
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
    if (noted.cleared()) {
      return List.of();
    }
    List<String> names = new ArrayList<>();
    Catalogue.standard().exercises().stream()
        .filter(e -> e.cautions().contains(noted.caution()))
        .forEach(e -> names.add(texts.of(e.id()).name().toLowerCase(Locale.ROOT)));
    Catalogue.standard().drills().stream()
        .filter(d -> d.cautions().contains(noted.caution()))
        .forEach(d -> names.add(texts.of(d.id()).name().toLowerCase(Locale.ROOT)));
    return names;
  }
}
