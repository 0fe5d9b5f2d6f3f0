package loosehip.app.still;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import loosehip.app.fact.FromStill;
import loosehip.app.golfer.Measured;
import loosehip.app.golfer.Workup;
import loosehip.app.store.Stills;
import loosehip.app.unit.Shown;
import loosehip.app.words.Numbers;
import loosehip.app.words.StillWords;
import loosehip.app.words.Text;
import loosehip.core.still.Checkpoint;
import loosehip.core.still.StillFigure;
import loosehip.core.still.StillProblem;
import loosehip.core.still.StillValue;

/** What stands beside a still: its figures, what they suggest, what stands in the way. */
final class StillPanels {
  private StillPanels() {}

  static StillPage.Panel of(Workup workup, Stills.Kept kept, ReadStill read) {
    List<StillFigure> shown = read.shown();
    List<StillPage.FigureLine> lines = new ArrayList<>();
    List<String> missing = new ArrayList<>();
    for (StillFigure figure : shown) {
      read.reading()
          .value(figure)
          .ifPresentOrElse(v -> lines.add(line(v)), () -> missing.add(Text.lower(figure.title())));
    }
    List<StillShelf.Given> given = StillShelf.given(workup, kept, read);
    List<StillShelf.Given> open = given.stream().filter(g -> !stands(workup, g)).toList();
    return new StillPage.Panel(
        workup.file().id(),
        kept.id(),
        Measured.shape(workup.file(), workup.golfer().school()).title()
            + ", "
            + Text.lower(workup.golfer().school().title())
            + " · the band is where it is right",
        lines,
        read.findings().stream()
            .filter(f -> f.level().present())
            .map(
                f ->
                    new StillPage.Suggested(
                        f.fault().title(), f.level().word(), StillWords.because(f)))
            .toList(),
        read.problems().stream().map(StillPanels::said).toList(),
        missing,
        mind(read),
        open.stream()
            .filter(g -> g.instead().isPresent())
            .map(g -> new StillPage.Asked(g.id(), g.title(), gives(g), g.instead().orElseThrow()))
            .toList(),
        read.problems().isEmpty() ? open.size() : 0,
        read.reading().still().checkpoint() == Checkpoint.ADDRESS ? "Set-up" : "Swing",
        !given.isEmpty() && open.isEmpty());
  }

  /** Whether what a still gives stands in its field already. */
  private static boolean stands(Workup workup, StillShelf.Given given) {
    return given
        .fact()
        .in(workup.file())
        .flatMap(v -> Measured.fromStill(workup.file(), given.id(), v))
        .map(FromStill::value)
        .filter(v -> v == given.noted())
        .isPresent();
  }

  private static String gives(StillShelf.Given given) {
    Shown shown = Shown.ofSign(given.unit());
    return Numbers.shown(shown.of(given.noted())) + shown.sign();
  }

  private static String said(StillProblem problem) {
    return Text.upper(StillWords.wrong(problem)) + ": " + StillWords.right(problem) + ".";
  }

  private static List<String> mind(ReadStill read) {
    List<String> mind = new ArrayList<>();
    read.camera()
        .filter(c -> c.warns())
        .ifPresent(
            c ->
                mind.add(
                    "The camera stood about "
                        + Math.round(c.degrees())
                        + "° off its line (± "
                        + Math.round(c.plusMinus())
                        + "). Angles bend with it: take the still again, square to the line."));
    Checkpoint at = read.reading().still().checkpoint();
    if (at.pairs() && read.address().isEmpty()) {
      mind.add("What moved since address needs the address still of the same side, of this visit.");
    }
    if (at.pairs() && read.reading().still().scale().isEmpty()) {
      mind.add("Centimetres need a known length: mark both ends of the club.");
    }
    if (read.reading().values().stream().anyMatch(v -> !v.speaks())) {
      mind.add(
          "Grey figures may be off by more than half of what is right; they suggest nothing and are"
              + " not taken over. Use the loupe, or bring a larger picture.");
    }
    return mind;
  }

  private static StillPage.FigureLine line(StillValue value) {
    StillFigure figure = value.figure();
    String unit = figure.unit().isEmpty() ? "" : figure.unit().equals("°") ? "°" : " cm";
    Shown shown = Shown.ofSign(unit);
    return new StillPage.FigureLine(
        figure.id(),
        figure.title(),
        StillWords.number(figure, shown.of(value.value())),
        shown.sign(),
        StillWords.number(figure, shown.of(value.plusMinus())),
        bar(value),
        !value.speaks());
  }

  /** The scale shows the window in its middle third, wider when the value lies far off. */
  private static Optional<StillPage.Bar> bar(StillValue value) {
    return value
        .window()
        .map(
            w -> {
              double reach = 2 * w.half();
              double least = Math.min(w.low() - reach, value.value() - value.plusMinus());
              double most = Math.max(w.high() + reach, value.value() + value.plusMinus());
              double by = 100 / (most - least);
              return new StillPage.Bar(
                  round((w.low() - least) * by),
                  round(2 * w.half() * by),
                  round((value.value() - least) * by),
                  round((value.value() - value.plusMinus() - least) * by),
                  round(2 * value.plusMinus() * by),
                  least,
                  most);
            });
  }

  private static double round(double value) {
    return Math.round(value * 10) / 10.0;
  }
}
