package loosehip.app.pivot;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import loosehip.app.golfer.Workup;
import loosehip.app.repair.SetupRepairs;
import loosehip.app.words.Numbers;
import loosehip.app.words.PivotWords;
import loosehip.core.pivot.Bridge;
import loosehip.core.pivot.BudgetFigure;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.Setup;
import loosehip.core.pivot.SetupOption;
import loosehip.core.pivot.SetupSearch;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;

/** What to do with the set-up today, in words, and how an accepted change goes again. */
public final class SetupToday {
  private SetupToday() {}

  /** What to do with the set-up today, and the bridge of what was accepted. */
  static PivotPage.Today of(Workup workup) {
    Optional<AcceptedSetup> accepted = AcceptedSetup.of(workup);
    Optional<String> words =
        accepted.map(
            a ->
                String.join(
                    "; ",
                    SetupChanges.priced(
                        workup.golfer().practice().coefficients(), a.before(), a.then())));
    List<PivotPage.BridgeLine> bridge =
        accepted.map(a -> lines(a.bridge(workup))).orElse(List.of());
    Optional<SetupSearch.Found> found = workup.judgement().ownSchool();
    if (found.isEmpty()) {
      return new PivotPage.Today(
          "Not known yet: the turn budget misses a test.", List.of(), words, bridge);
    }
    if (found.get().nothingNeeded()) {
      return new PivotPage.Today(nothing(workup), List.of(), words, bridge);
    }
    SetupOption best = found.get().best();
    List<PivotPage.Way> ways = new ArrayList<>();
    if (!SetupChanges.priced(
            workup.golfer().practice().coefficients(), workup.golfer().setup(), best.setup())
        .isEmpty()) {
      ways.add(way(workup, "Cheapest", best));
    }
    found.get().alternatives().forEach(o -> ways.add(way(workup, "Another way", o)));
    String verdict =
        best.reachesZero()
            ? "A change of set-up pays for this pivot today."
            : "No set-up pays for all of it: "
                + shortBoth(best)
                + " stays even with the best, and training has to pay the rest.";
    return new PivotPage.Today(verdict, ways, words, bridge);
  }

  /** That the sums ask for no change; a set-up fault that is seen is put right all the same. */
  public static String nothing(Workup workup) {
    String faults = SetupRepairs.first(workup);
    return faults.isEmpty()
        ? "Nothing to change: today's set-up pays for this pivot."
        : "Put right first: " + faults + ". The turn asks for nothing else.";
  }

  private static String shortBoth(SetupOption best) {
    List<String> shortOf = new ArrayList<>();
    if (best.backMargin() < 0) {
      shortOf.add(PivotWords.heard(best.backMargin()) + " going back");
    }
    if (best.impactMargin() < 0) {
      shortOf.add(PivotWords.heard(best.impactMargin()) + " coming through");
    }
    return String.join(" and ", shortOf);
  }

  private static PivotPage.Way way(Workup workup, String title, SetupOption option) {
    Setup s = option.setup();
    MultiValueMap<String, String> query = new LinkedMultiValueMap<>();
    for (BudgetFigure figure : BudgetFigure.values()) {
      query.add(figure.id(), Numbers.plain(s.of(figure)));
    }
    query.add(Trial.RELEASE, s.release().id());
    return new PivotPage.Way(
        title,
        SetupChanges.parts(workup.golfer().practice().coefficients(), workup.golfer().setup(), s),
        "leaves going back "
            + PivotWords.spoken(option.backMargin())
            + ", coming through "
            + PivotWords.spoken(option.impactMargin()),
        query);
  }

  /** The bridge as lines. */
  public static List<PivotPage.BridgeLine> lines(Bridge bridge) {
    double longest = bridge.parts().stream().mapToDouble(Bridge.Part::weeksSlow).max().orElse(1);
    return bridge.parts().stream()
        .map(
            p ->
                new PivotPage.BridgeLine(
                    part(p),
                    p.reached()
                        ? "reached: take it out"
                        : String.format(
                            Locale.ROOT,
                            "when %s has gained %.0f°, about week %.0f (%.0f to %.0f)",
                            p.range().title(),
                            p.gain(),
                            Math.ceil(p.weeks()),
                            Math.ceil(p.weeksFast()),
                            Math.ceil(p.weeksSlow())),
                    200 * p.weeksFast() / longest,
                    200 * p.weeks() / longest,
                    200 * p.weeksSlow() / longest,
                    p.reached()))
        .toList();
  }

  private static String part(Bridge.Part part) {
    return switch (part.lever()) {
      case TRAIL_FLARE -> "trail flare " + degrees(part.from()) + " back to " + degrees(part.to());
      case LEAD_FLARE -> "lead flare " + degrees(part.from()) + " back to " + degrees(part.to());
      case STRAIGHTENING ->
          "straightening " + degrees(part.from()) + " back to " + degrees(part.to());
      case RELEASE -> LeadRelease.values()[(int) part.to()].word() + " again";
      default -> part.lever().id();
    };
  }

  private static String degrees(double number) {
    return Numbers.plain(number) + "°";
  }
}
