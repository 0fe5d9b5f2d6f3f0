package loosehip.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** The days of a week on which there is a session. */
final class TrainingDays {
  private TrainingDays() {}

  /** Days spread over the week: 3 gives 1, 3, 5; 5 gives 1, 2, 3, 5, 6. */
  static List<Integer> spread(int perWeek) {
    return switch (perWeek) {
      case 1 -> List.of(1);
      case 2 -> List.of(1, 4);
      case 3 -> List.of(1, 3, 5);
      case 4 -> List.of(1, 2, 4, 6);
      case 5 -> List.of(1, 2, 3, 5, 6);
      case 6 -> List.of(1, 2, 3, 4, 5, 6);
      default -> List.of(1, 2, 3, 4, 5, 6, 7);
    };
  }

  /**
   * The days of one week of a block; a day that is blacked out gives way to the nearest free one.
   *
   * @param week 1 for the first
   */
  static List<Integer> of(Wishes wishes, int week) {
    LocalDate first = wishes.start().plusWeeks(week - 1L);
    Set<Integer> days = new TreeSet<>();
    List<Integer> homeless = new ArrayList<>();
    for (int day : spread(wishes.daysPerWeek())) {
      if (free(wishes, first, day)) {
        days.add(day);
      } else {
        homeless.add(day);
      }
    }
    for (int day : homeless) {
      for (int away = 1; away < WeekSolver.DAYS; away++) {
        if (move(wishes, first, days, day + away) || move(wishes, first, days, day - away)) {
          break;
        }
      }
    }
    return List.copyOf(days);
  }

  private static boolean move(Wishes wishes, LocalDate first, Set<Integer> days, int day) {
    return day >= 1 && day <= WeekSolver.DAYS && free(wishes, first, day) && days.add(day);
  }

  private static boolean free(Wishes wishes, LocalDate first, int day) {
    return !wishes.blackout().contains(first.plusDays(day - 1L));
  }

  /**
   * The patterns hard work may take: two or three of these days, 48 h apart, the week after
   * beginning like this one; one day where two do not fit.
   */
  static List<Integer> hardPatterns(List<Integer> days, int most) {
    List<Integer> patterns = new ArrayList<>();
    for (int size = Math.min(most, days.size()); size >= 1; size--) {
      if (size == 1 && !patterns.isEmpty()) {
        break;
      }
      for (int pattern = 1; pattern < 1 << WeekSolver.DAYS; pattern++) {
        if (Integer.bitCount(pattern) == size && within(pattern, days) && apart(pattern)) {
          patterns.add(pattern);
        }
      }
    }
    return patterns;
  }

  private static boolean within(int pattern, List<Integer> days) {
    for (int d = 0; d < WeekSolver.DAYS; d++) {
      if ((pattern & 1 << d) != 0 && !days.contains(d + 1)) {
        return false;
      }
    }
    return true;
  }

  /** Whether no two days of a pattern follow each other, the seventh and the first included. */
  static boolean apart(int pattern) {
    int shifted = (pattern << 1 | pattern >> WeekSolver.DAYS - 1) & (1 << WeekSolver.DAYS) - 1;
    return (pattern & shifted) == 0;
  }

  /** A set of days as a pattern. */
  static int pattern(Iterable<Integer> days) {
    int pattern = 0;
    for (int day : days) {
      pattern |= 1 << day - 1;
    }
    return pattern;
  }
}
