package loosehip.core;

import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/** Makes what a law is tried on, from a seed. The ends of a range come oftener than their share. */
public final class Chance {
  private static final int ENDS_ONE_IN = 10;

  private final long seed;
  private final Random random;

  Chance(long seed) {
    this.seed = seed;
    this.random = new Random(seed);
  }

  /** For what needs more than ranges. */
  public Random random() {
    return random;
  }

  /** A whole number from low to high, both included. */
  public int whole(int low, int high) {
    return atAnEnd() ? (random.nextBoolean() ? low : high) : random.nextInt(low, high + 1);
  }

  /** A number from low to high, both included. */
  public double number(double low, double high) {
    return atAnEnd() ? (random.nextBoolean() ? low : high) : random.nextDouble(low, high);
  }

  private boolean atAnEnd() {
    return random.nextInt(ENDS_ONE_IN) == 0;
  }

  /** Yes or no. */
  public boolean yes() {
    return random.nextBoolean();
  }

  /** One of these. */
  public <T> T one(List<T> of) {
    return of.get(random.nextInt(of.size()));
  }

  /** What is made, or nothing one time in four. */
  public <T> Optional<T> perhaps(Supplier<T> made) {
    return random.nextInt(4) == 0 ? Optional.empty() : Optional.of(made.get());
  }

  /** Some of these: none to all. */
  public <T> Set<T> some(Collection<T> of) {
    double share = random.nextDouble();
    Set<T> some = new LinkedHashSet<>();
    of.stream().filter(each -> random.nextDouble() < share).forEach(some::add);
    return some;
  }

  /** At least least and at most most of what is made. */
  public <T> List<T> list(int least, int most, Supplier<T> made) {
    return IntStream.range(0, whole(least, most)).mapToObj(i -> made.get()).toList();
  }

  @Override
  public String toString() {
    return "seed " + seed;
  }
}
