package loosehip.app.today;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import loosehip.app.planview.HipGlyph;
import loosehip.app.store.Glance;
import loosehip.app.words.Dates;
import loosehip.app.words.Text;
import loosehip.core.body.Handed;

/**
 * Who needs the trainer now, ready to be shown.
 *
 * @param date the day, in words
 * @param adding a golfer being added
 * @param count how many golfers there are
 * @param needs who needs a person today, the most pressing first
 * @param line who is next today
 * @param groups the golfers in groups
 */
public record TodayPage(
    String date,
    Adding adding,
    int count,
    List<Need> needs,
    List<InLine> line,
    List<Group> groups) {

  /**
   * Somebody who needs a person.
   *
   * @param row who
   * @param reason why, in a phrase
   * @param station where it is settled, below the golfer's address
   * @param say what to say to the golfer
   */
  public record Need(Row row, String reason, String station, String say) {}

  /**
   * Somebody in today's line.
   *
   * @param row who
   * @param with who was asked to go on with them; empty when anybody may
   * @param mine whether that is whoever looks
   */
  public record InLine(Row row, Optional<String> with, boolean mine) {}

  /** Whoever is next for whoever looks: handed to them, else the first whom nobody was given. */
  public Optional<InLine> next() {
    return line.stream()
        .filter(InLine::mine)
        .findFirst()
        .or(() -> line.stream().filter(l -> l.with().isEmpty()).findFirst());
  }

  /**
   * A golfer being added.
   *
   * @param typed the name as typed
   * @param problem why nobody was added, in words; empty when nothing was asked
   */
  public record Adding(String typed, String problem) {
    static final Adding NOTHING = new Adding("", "");

    /** Whether something was refused. */
    public boolean refused() {
      return !problem.isEmpty();
    }
  }

  /**
   * A group of golfers with a heading.
   *
   * @param items of a list, one a golfer, as they stand on the page
   * @param more so many more are found by name
   */
  public record Group(String id, String heading, String empty, List<String> items, int more) {}

  /** One golfer in a list. */
  public record Row(String id, String name, String who, String words, String seen, HipGlyph glyph) {
    /** What lists show of a golfer, in words. */
    static Row of(Glance glance, LocalDate today) {
      Optional<Handed> handed = glance.handed();
      String hand = Text.hand(handed);
      String who = glance.birthYear().map(y -> (today.getYear() - y) + ", " + hand).orElse(hand);
      return new Row(
          glance.golferId(),
          glance.name(),
          who,
          glance.words(),
          Dates.day(glance.seenOn()),
          HipGlyph.of(
              handed,
              glance.trailInternal(),
              glance.trailExternal(),
              glance.leadInternal(),
              glance.leadExternal()));
    }
  }

  /** Who was found by what was typed. */
  public record Found(List<Row> rows, String asked) {
    /** Whether something was asked and nobody found. */
    public boolean nobody() {
      return rows.isEmpty() && !asked.isEmpty();
    }
  }
}
