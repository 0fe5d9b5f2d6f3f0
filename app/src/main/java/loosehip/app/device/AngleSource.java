package loosehip.app.device;

import java.util.function.Consumer;

/** Something that streams an angle: a phone on the shin, or what stands in for it. */
public interface AngleSource {

  /** What it is called on the page. */
  String title();

  /** Whether its angles are made up rather than measured. */
  boolean simulated();

  /**
   * Starts streaming to a listener.
   *
   * @param owner whose device it is
   * @param listener is told every sample, from another thread
   * @return stops the stream when closed
   */
  Stream listen(String owner, Consumer<Sample> listener);

  /** One sample: seconds since the stream began, and degrees. */
  record Sample(double seconds, double degrees) {}

  /** A running stream. */
  interface Stream extends AutoCloseable {
    @Override
    void close();
  }
}
