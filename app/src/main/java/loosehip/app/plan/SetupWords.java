package loosehip.app.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.app.golfer.Workup;
import loosehip.app.pivot.AcceptedSetup;
import loosehip.app.pivot.PivotPage;
import loosehip.app.pivot.SetupChanges;
import loosehip.app.pivot.SetupToday;
import loosehip.app.words.PivotWords;
import loosehip.app.words.Text;
import loosehip.core.pivot.SetupOption;
import loosehip.core.pivot.SetupSearch;

/** Says what to change in the set-up today, what it buys, and what stays short. */
final class SetupWords {
  private final Workup workup;

  SetupWords(Workup workup) {
    this.workup = workup;
  }

  /** The verdict, then the changes, then what stays short. */
  List<String> lines() {
    Optional<AcceptedSetup> accepted = AcceptedSetup.of(workup);
    if (accepted.isPresent()) {
      return taken(accepted.get());
    }
    Optional<SetupSearch.Found> found = workup.judgement().ownSchool();
    if (found.isEmpty()) {
      return List.of("Not known yet: the turn budget misses a test.");
    }
    if (found.get().nothingNeeded()) {
      return List.of(SetupToday.nothing(workup));
    }
    SetupOption best = found.get().best();
    List<String> changes = SetupChanges.instructions(workup.golfer().setup(), best.setup());
    List<String> lines = new ArrayList<>();
    if (changes.isEmpty()) {
      lines.add("No change of set-up pays better than today's.");
    } else {
      lines.add(sentence(String.join("; ", changes)));
      lines.add(
          "Going back "
              + becomes(found.get().today().backMargin(), best.backMargin())
              + "; coming through "
              + becomes(found.get().today().impactMargin(), best.impactMargin())
              + ".");
    }
    if (!best.reachesZero()) {
      lines.add("What stays short, training has to pay.");
    }
    return lines;
  }

  private static String becomes(double before, double then) {
    String was = PivotWords.spoken(before);
    String is = PivotWords.spoken(then);
    return was.equals(is) ? "stays " + is : was + " becomes " + is;
  }

  /** A change taken into the plan on the pivot page, and the first part of it that goes again. */
  private List<String> taken(AcceptedSetup accepted) {
    List<String> parts = SetupChanges.instructions(accepted.before(), accepted.then());
    List<String> lines = new ArrayList<>();
    lines.add(
        parts.isEmpty()
            ? "The change taken into the plan is how they stand already."
            : sentence(String.join("; ", parts)));
    accepted.bridge(workup).parts().stream()
        .filter(p -> !p.reached())
        .findFirst()
        .ifPresent(
            p ->
                lines.add(
                    String.format(
                        Locale.ROOT,
                        "The first part of it goes again when the %s has gained %.0f°.",
                        p.range().title(),
                        p.gain())));
    return lines;
  }

  /** When each part of the change goes again: of the one taken on, else of the one offered. */
  List<PivotPage.BridgeLine> bridge() {
    return SetupToday.lines(
        AcceptedSetup.of(workup)
            .map(accepted -> accepted.bridge(workup))
            .orElseGet(() -> workup.judgement().bridge()));
  }

  /** Other ways, each led by another lever; empty when nothing is needed. */
  List<String> others() {
    return workup
        .judgement()
        .ownSchool()
        .filter(found -> !found.nothingNeeded() && AcceptedSetup.of(workup).isEmpty())
        .map(SetupSearch.Found::alternatives)
        .orElse(List.of())
        .stream()
        .map(
            o ->
                sentence(
                    String.join("; ", SetupChanges.instructions(workup.golfer().setup(), o.setup()))
                        + after(o)))
        .toList();
  }

  private static String after(SetupOption option) {
    return " (back "
        + PivotWords.spoken(option.backMargin())
        + ", through "
        + PivotWords.spoken(option.impactMargin())
        + ")";
  }

  private static String sentence(String words) {
    return Text.upper(words) + ".";
  }
}
