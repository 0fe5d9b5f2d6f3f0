package loosehip.app.pivot;

import java.util.List;
import java.util.Optional;
import loosehip.app.planview.PlanView;
import loosehip.core.measure.Band;
import loosehip.core.named.Named;
import loosehip.core.pivot.BudgetMargin;

/**
 * What your hips can pay for: the page that goes home with a golfer.
 *
 * @param golfer the golfer's id
 * @param name the golfer's name
 * @param practice the practice
 * @param view the hips from above
 * @param says each direction in the golfer's words
 * @param accepted the set-up change taken into the plan; empty when none was
 * @param helps what would help today; empty when nothing is needed or one was taken
 */
public record GolferPage(
    String golfer,
    String name,
    String practice,
    PlanView view,
    List<Said> says,
    Optional<String> accepted,
    List<String> helps) {

  /** One direction in the golfer's words. */
  public record Said(String heading, String verdict, String detail) {
    static Said of(PlanView.Said said) {
      Band band = Named.parse(Band.class, said.band()).orElse(Band.NOT_MEASURED);
      String verdict =
          switch (band) {
            case ENOUGH -> "You have enough.";
            case CLOSE -> "It is close.";
            case SHORT -> "You do not have enough yet.";
            case NOT_MEASURED -> "Not measured yet.";
          };
      String heading =
          said.which() == BudgetMargin.BACK
              ? "Turning away from the ball"
              : "Turning through the ball";
      String detail =
          band == Band.SHORT
              ? "So do not force it: something else would give way instead. " + said.verdict() + "."
              : said.verdict() + ".";
      return new Said(heading, verdict, detail);
    }
  }

  static GolferPage of(
      String golfer, String name, String practice, PlanView view, PivotPage.Today today) {
    return new GolferPage(
        golfer,
        name,
        practice,
        view,
        view.words().stream().map(Said::of).toList(),
        today.accepted(),
        today.accepted().isPresent()
            ? List.of()
            : today.ways().stream()
                .limit(1)
                .flatMap(w -> w.parts().stream())
                .map(SetupChanges.Part::what)
                .toList());
  }
}
