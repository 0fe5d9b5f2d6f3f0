package loosehip.app.device;

import java.util.function.Consumer;
import loosehip.core.incline.InclineAxis;

/** Something that streams an angle: a phone on the shin, or what stands in for it. */
public interface AngleSource {

  /** The id it is asked for by. */
  String id();

  /** What it is called on the page. */
  String title();

  /** Whether its angles are made up rather than measured. */
  boolean simulated();

  /**
   * Starts streaming to a listener.
   *
   * @param place whose device, for whom, at which test
   * @param axis which turn of the device is the angle
   * @param listener is told every sample, from another thread
   * @return stops the stream when closed
   */
  Stream listen(Place place, InclineAxis axis, Consumer<Sample> listener);

  /** Takes how it lies now for nought, for this test. */
  void zero(Place place);

  /** Tells it that a try was taken, so that it can say so where it lies. */
  void took(Place place, double degrees);

  /**
   * Where an angle goes.
   *
   * @param account who measures
   * @param golfer who is measured
   * @param card the test's card
   */
  record Place(String account, String golfer, String card) {}

  /**
   * One sample.
   *
   * @param seconds on the device's clock
   * @param degrees from its zero
   * @param tapped whether somebody tapped to take it at once
   * @param ready whether it can be taken: an axis that drifts needs a zero first
   * @param drift how far it runs away, in words; empty when it does not
   */
  record Sample(double seconds, double degrees, boolean tapped, boolean ready, String drift) {
    /** A sample of a device that needs no zero and does not drift. */
    static Sample plain(double seconds, double degrees) {
      return new Sample(seconds, degrees, false, true, "");
    }
  }

  /** A running stream. */
  interface Stream extends AutoCloseable {
    @Override
    void close();
  }
}
