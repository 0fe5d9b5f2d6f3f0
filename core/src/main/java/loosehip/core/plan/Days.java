package loosehip.core.plan;

import java.util.Collection;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Days of a week of a block, 1 for its first day to 7.
 *
 * @param bits bit {@code d − 1} for day {@code d}
 */
public record Days(int bits) {
  /** Days in a week. */
  public static final int IN_A_WEEK = 7;

  /** No day. */
  public static final Days NONE = new Days(0);

  /** Every day. */
  public static final Days ALL = new Days((1 << IN_A_WEEK) - 1);

  /**
   * @throws IllegalArgumentException when a day beyond the seventh is named
   */
  public Days {
    if (bits < 0 || bits >= 1 << IN_A_WEEK) {
      throw new IllegalArgumentException("A week has seven days: " + bits);
    }
  }

  /**
   * These days.
   *
   * @throws IllegalArgumentException when one is not from 1 to 7
   */
  public static Days of(int... days) {
    int bits = 0;
    for (int day : days) {
      bits |= bit(day);
    }
    return new Days(bits);
  }

  /** These days. */
  public static Days of(Collection<Integer> days) {
    return of(days.stream().mapToInt(Integer::intValue).toArray());
  }

  /** Days spread over the week: 3 gives 1, 3, 5; 5 gives 1, 2, 3, 5, 6. */
  public static Days spread(int perWeek) {
    return switch (perWeek) {
      case 1 -> of(1);
      case 2 -> of(1, 4);
      case 3 -> of(1, 3, 5);
      case 4 -> of(1, 2, 4, 6);
      case 5 -> of(1, 2, 3, 5, 6);
      case 6 -> of(1, 2, 3, 4, 5, 6);
      default -> ALL;
    };
  }

  private static int bit(int day) {
    if (day < 1 || day > IN_A_WEEK) {
      throw new IllegalArgumentException("A day of the week goes from 1 to 7: " + day);
    }
    return 1 << day - 1;
  }

  /** The days, in order. */
  public List<Integer> list() {
    return IntStream.rangeClosed(1, IN_A_WEEK).filter(this::has).boxed().toList();
  }

  /** Whether a day is among them; false for what is no day of the week. */
  public boolean has(int day) {
    return day >= 1 && day <= IN_A_WEEK && (bits & 1 << day - 1) != 0;
  }

  /** How many they are. */
  public int count() {
    return Integer.bitCount(bits);
  }

  /** Whether there is none. */
  public boolean none() {
    return bits == 0;
  }

  /** With this day as well. */
  public Days with(int day) {
    return new Days(bits | bit(day));
  }

  /** Without this day. */
  public Days without(int day) {
    return new Days(bits & ~bit(day));
  }

  /** These and the others. */
  public Days or(Days others) {
    return new Days(bits | others.bits);
  }

  /** Every day that is not among them. */
  public Days others() {
    return new Days(ALL.bits & ~bits);
  }

  /** The days before and after them; the week after begins alike. */
  public Days around() {
    int after = (bits << 1 | bits >> IN_A_WEEK - 1) & ALL.bits;
    int before = (bits >> 1 | bits << IN_A_WEEK - 1) & ALL.bits;
    return new Days(before | after);
  }

  /** Those that are among the others too. */
  public Days and(Days others) {
    return new Days(bits & others.bits);
  }

  /** Whether all of them are among the others. */
  public boolean within(Days others) {
    return (bits & ~others.bits) == 0;
  }

  /** The first so many of them. */
  public Days first(int most) {
    return of(list().stream().limit(most).toList());
  }

  /**
   * Whether 48 hours lie between any two of them; the seventh and the first day count as
   * neighbours, since the week after begins alike.
   */
  public boolean apart() {
    int shifted = (bits << 1 | bits >> IN_A_WEEK - 1) & ALL.bits;
    return (bits & shifted) == 0;
  }

  @Override
  public String toString() {
    return list().toString();
  }
}
