package loosehip.core.link;

import java.util.Optional;
import loosehip.core.body.Leg;

/** What may stand behind a fault, with its prior chance when the fault is clear. */
public sealed interface Cause {

  /** The prior chance, above 0 and below 1. */
  double prior();

  /** The id of the limit, set-up fault, habit or fault named. */
  String id();

  /** The name shown. */
  String title();

  /** Which family it belongs to. */
  Family family();

  /** The leg it concerns, if one. */
  default Optional<Leg> leg() {
    return Optional.empty();
  }

  /** How much its own test says; empty for what is seen, not tested. */
  default Optional<Strength> evidence() {
    return Optional.empty();
  }

  /**
   * The same cause weighed otherwise.
   *
   * @param newPrior above 0 and below 1
   * @param newStrength counts for body limits alone
   */
  Cause weighed(double newPrior, Strength newStrength);

  /** The families a cause can belong to. */
  enum Family {
    BODY("body"),
    SETUP("set-up"),
    HABIT("habit"),
    FOLLOWS("follows");

    private final String id;

    Family(String id) {
      this.id = id;
    }

    /** The id used in files and the word shown. */
    public String id() {
      return id;
    }
  }

  /** A body limit, with how much its own test can say. */
  record Body(Limit limit, double prior, Strength strength) implements Cause {
    @Override
    public String id() {
      return limit.kind().id();
    }

    @Override
    public String title() {
      return limit.title();
    }

    @Override
    public Family family() {
      return Family.BODY;
    }

    @Override
    public Optional<Leg> leg() {
      return limit.concerns();
    }

    @Override
    public Optional<Strength> evidence() {
      return Optional.of(strength);
    }

    @Override
    public Cause weighed(double newPrior, Strength newStrength) {
      return new Body(limit, newPrior, newStrength);
    }
  }

  /** A set-up fault. */
  record FromSetup(SetupFault fault, double prior) implements Cause {
    @Override
    public String id() {
      return fault.id();
    }

    @Override
    public String title() {
      return fault.title();
    }

    @Override
    public Family family() {
      return Family.SETUP;
    }

    @Override
    public Cause weighed(double newPrior, Strength newStrength) {
      return new FromSetup(fault, newPrior);
    }
  }

  /** A habit. */
  record FromHabit(Habit habit, double prior) implements Cause {
    @Override
    public String id() {
      return habit.id();
    }

    @Override
    public String title() {
      return habit.title();
    }

    @Override
    public Family family() {
      return Family.HABIT;
    }

    @Override
    public Cause weighed(double newPrior, Strength newStrength) {
      return new FromHabit(habit, newPrior);
    }
  }

  /** Another fault that this one follows; judged by the level seen, so chains cannot loop. */
  record Follows(PivotFault fault, double prior) implements Cause {
    @Override
    public String id() {
      return fault.id();
    }

    @Override
    public String title() {
      return fault.title();
    }

    @Override
    public Family family() {
      return Family.FOLLOWS;
    }

    @Override
    public Cause weighed(double newPrior, Strength newStrength) {
      return new Follows(fault, newPrior);
    }
  }
}
