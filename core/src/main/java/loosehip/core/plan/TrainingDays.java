package loosehip.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** The days of a week on which there is a session. */
final class TrainingDays {
  private TrainingDays() {}

  /**
   * The days of one week of a block; a day that is blacked out gives way to the nearest free one.
   *
   * @param week 1 for the first
   */
  static Days of(Wishes wishes, int week) {
    LocalDate first = wishes.start().plusWeeks(week - 1L);
    Days free = Days.NONE;
    for (int day = 1; day <= Days.IN_A_WEEK; day++) {
      free = wishes.blackout().contains(first.plusDays(day - 1L)) ? free : free.with(day);
    }
    Days wanted = Days.spread(wishes.daysPerWeek());
    Days days = wanted.and(free);
    for (int day : wanted.list()) {
      days = free.has(day) ? days : moved(day, days, free);
    }
    return days;
  }

  /** The days with the nearest free one in the place of a lost one; the later of two as near. */
  private static Days moved(int lost, Days days, Days free) {
    for (int away = 1; away < Days.IN_A_WEEK; away++) {
      for (int day : new int[] {lost + away, lost - away}) {
        if (free.has(day) && !days.has(day)) {
          return days.with(day);
        }
      }
    }
    return days;
  }

  /**
   * The days hard work may take: two or three of these, 48 h apart; one day where two do not fit.
   */
  static List<Days> hard(Days days, int most) {
    List<Days> choices = new ArrayList<>();
    for (int size = Math.min(most, days.count()); size >= 1; size--) {
      if (size == 1 && !choices.isEmpty()) {
        break;
      }
      for (int bits = 1; bits <= Days.ALL.bits(); bits++) {
        Days some = new Days(bits);
        if (some.count() == size && some.within(days) && some.apart()) {
          choices.add(some);
        }
      }
    }
    return choices;
  }
}
