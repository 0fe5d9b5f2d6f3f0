package loosehip.app.library;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import loosehip.app.exercise.OwnExercise;
import loosehip.app.exercise.OwnItem;
import loosehip.app.exercise.OwnItemForm;
import loosehip.app.words.ToolWords;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.PivotFault;
import loosehip.core.named.Named;
import loosehip.core.pivot.Downswing;
import loosehip.core.pivot.School;
import loosehip.core.plan.Exercise;
import loosehip.core.plan.Tool;
import loosehip.core.safety.Demand;

/**
 * A form in which an own exercise or drill is told.
 *
 * @param of which of the two
 * @param open whether it is shown open, as what was typed into it was refused
 * @param fields what is told in words
 * @param steps what was typed of the steps
 * @param selects what one is chosen of
 * @param choices what any are chosen of
 */
public record OwnForm(
    Sort of,
    boolean open,
    List<Field> fields,
    String steps,
    List<Choices> selects,
    List<Choices> choices) {

  /** What is told in a form. */
  public enum Sort {
    EXERCISE("exercise", "own"),
    DRILL("drill", "own/drill");

    private final String word;
    private final String address;

    Sort(String word, String address) {
      this.word = word;
      this.address = address;
    }

    /** The word shown. */
    public String word() {
      return word;
    }

    /** Where its form is sent, below the exercises. */
    public String address() {
      return address;
    }
  }

  /** Something asked for in words. */
  record Asked(String name, String title) {}

  /** What is told in words, and how it is asked for. */
  private static final List<Asked> WORDS =
      List.of(
          new Asked("name", "name"),
          new Asked("purpose", "purpose"),
          new Asked("start", "start position"),
          new Asked("feel", "feel"),
          new Asked("spoils", "what spoils it"),
          new Asked("harder", "harder"),
          new Asked("easier", "easier"),
          new Asked("stop", "stop signs"),
          new Asked("dose", "dose, such as 2-3 x 10-15, 3 + 5 ps"));

  /** A field, with what was typed into it. */
  public record Field(String name, String title, String typed) {}

  /** One thing that can be chosen. */
  public record Choice(String id, String words, boolean chosen) {}

  /** Things to choose from. */
  public record Choices(String name, String title, List<Choice> all) {}

  /** What a field of a form is called. */
  static String title(String name) {
    return Stream.of(WORDS.stream(), Stream.of(DEMANDS, EASIER_DEMANDS, FAULTS, SERVES))
        .flatMap(a -> a)
        .filter(a -> a.name().equals(name))
        .map(Asked::title)
        .findFirst()
        .orElse(name);
  }

  private static final Asked DEMANDS =
      new Asked("demands", "asks of the body (cautions act on these)");
  private static final Asked EASIER_DEMANDS =
      new Asked("easierDemands", "its easier form asks of the body");
  private static final Asked FAULTS = new Asked("faults", "works on");
  private static final Asked SERVES = new Asked("serves", "serves fully");
  private static final Choice NONE = new Choice(OwnItemForm.NONE, "none of these", false);
  private static final Choice SAME =
      new Choice(OwnItemForm.SAME, "the same as the full form", false);

  /** The form of an exercise. */
  static OwnForm exercise(List<OwnItem> owns, ExercisesPage.Adding adding) {
    Typed typed = new Typed(Sort.EXERCISE, adding);
    Choice begins = new Choice("", "– begins a ladder –", false);
    List<Choice> below =
        owns.stream()
            .filter(OwnExercise.class::isInstance)
            .map(o -> new Choice(o.id(), o.text().name(), false))
            .toList();
    return typed.form(
        List.of(
            typed.choices("kind", "sort of work", of(Exercise.Kind.values(), Exercise.Kind::word)),
            typed.choices("above", "a harder rung of your", with(List.of(begins), below))),
        List.of(
            typed.choices(SERVES, of(LimitKind.values(), LimitKind::title)),
            typed.choices("also", "serves by half", of(LimitKind.values(), LimitKind::title)),
            typed.choices("tools", "needs", of(Tool.values(), ToolWords::of)),
            typed.choices(DEMANDS, with(of(Demand.values(), Demand::words), List.of(NONE)))));
  }

  /** The form of a drill. */
  static OwnForm drill(ExercisesPage.Adding adding) {
    Typed typed = new Typed(Sort.DRILL, adding);
    List<Choice> demands = of(Demand.values(), Demand::words);
    List<Choice> tools = of(Tool.values(), ToolWords::of);
    return typed.form(
        List.of(
            typed.choices(
                "last",
                "learnt",
                List.of(
                    new Choice("no", "before the shipped drills of its fault", false),
                    new Choice("yes", "after them", false))),
            typed.choices(
                "style",
                "way to start down",
                with(
                    List.of(new Choice("", "– any –", false)),
                    of(Downswing.values(), Downswing::title)))),
        List.of(
            typed.choices(FAULTS, of(PivotFault.values(), PivotFault::title)),
            typed.choices("schools", "belongs to (none: all)", of(School.values(), School::title)),
            typed.choices(
                "needs",
                "full form needs at least close",
                of(LimitKind.values(), LimitKind::title)),
            typed.choices("tools", "full form needs at hand", tools),
            typed.choices(DEMANDS, with(demands, List.of(NONE))),
            typed.choices(
                "easierTools", "its easier form needs at hand", with(List.of(SAME, NONE), tools)),
            typed.choices(EASIER_DEMANDS, with(List.of(SAME, NONE), demands))));
  }

  private static <E extends Named> List<Choice> of(E[] all, Function<E, String> words) {
    return Arrays.stream(all).map(e -> new Choice(e.id(), words.apply(e), false)).toList();
  }

  private static List<Choice> with(List<Choice> some, List<Choice> more) {
    List<Choice> all = new ArrayList<>(some);
    all.addAll(more);
    return all;
  }

  /** What was typed into one of the forms before it was refused. */
  private record Typed(Sort of, ExercisesPage.Adding adding) {
    private boolean refusedHere() {
      return adding.refused() && adding.of() == of;
    }

    String word(String name) {
      return refusedHere() ? adding.typed(name) : "";
    }

    Choices choices(Asked asked, List<Choice> all) {
      return choices(asked.name(), asked.title(), all);
    }

    Choices choices(String name, String title, List<Choice> all) {
      return new Choices(
          name,
          title,
          all.stream()
              .map(c -> new Choice(c.id(), c.words(), refusedHere() && adding.chose(name, c.id())))
              .toList());
    }

    OwnForm form(List<Choices> selects, List<Choices> choices) {
      return new OwnForm(
          of,
          refusedHere(),
          WORDS.stream().map(f -> new Field(f.name(), f.title(), word(f.name()))).toList(),
          word("steps"),
          selects,
          choices);
    }
  }
}
