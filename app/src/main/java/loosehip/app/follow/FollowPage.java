package loosehip.app.follow;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import loosehip.app.fact.Facts;
import loosehip.app.fact.OutcomeTold;
import loosehip.app.golfer.Workup;
import loosehip.app.unit.Shown;
import loosehip.app.words.Dates;
import loosehip.app.words.Numbers;
import loosehip.core.follow.Outcome;

/**
 * What was done, ready to be shown.
 *
 * @param golfer the golfer's id
 * @param log the log of the plan given; empty when none was
 * @param asked what was just asked for and refused
 * @param came what the golfer came for, in their words; empty when nothing was noted
 * @param outcomes what was told of it in figures, the newest first
 * @param today the day of looking
 */
public record FollowPage(
    String golfer,
    Optional<FollowLog> log,
    Asked asked,
    String came,
    List<OutcomeLine> outcomes,
    LocalDate today) {

  static FollowPage of(Workup workup, Optional<FollowLog> log, Asked asked) {
    return new FollowPage(
        workup.file().id(),
        log,
        asked,
        Facts.WANT.in(workup.file()).orElse(""),
        OutcomeTold.ON.in(workup.file()).entrySet().stream()
            .sorted(
                Comparator.comparing(
                        (Map.Entry<OutcomeTold.About, OutcomeTold> e) -> e.getKey().on())
                    .reversed())
            .map(e -> line(e.getKey(), e.getValue()))
            .toList(),
        workup.today());
  }

  private static OutcomeLine line(OutcomeTold.About about, OutcomeTold told) {
    Shown unit = Shown.ofSign(about.what().unit());
    return new OutcomeLine(
        about.what().id(),
        about.club(),
        about.on(),
        Dates.day(about.on()),
        about.title()
            + ": "
            + Numbers.plain(unit.of(told.value()))
            + (unit.sign().isEmpty() ? "" : " " + unit.sign()));
  }

  /** The outcomes that can be told. */
  public Outcome[] kinds() {
    return Outcome.values();
  }

  /** What an outcome is told in. */
  public String unit(Outcome of) {
    return Shown.ofSign(of.unit()).sign();
  }

  /** An outcome told. */
  public record OutcomeLine(String what, String club, LocalDate on, String day, String words) {}

  /**
   * Something asked for and refused, with what was typed.
   *
   * @param refused why, in words; empty when nothing was
   */
  public record Asked(String refused, String effort, String pain) {
    static final Asked NOTHING = new Asked("", "", "");
  }

  /** What is said about one row after it was sent. */
  public record Answer(String item, String words) {}
}
