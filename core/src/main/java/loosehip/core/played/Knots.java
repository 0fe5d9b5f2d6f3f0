package loosehip.core.played;

/** A smooth way through points: at rest in each, with no jerk between them. */
record Knots(double[] times, double[] values) {
  /** Time and value by turns. */
  static Knots of(double... pairs) {
    double[] times = new double[pairs.length / 2];
    double[] values = new double[pairs.length / 2];
    for (int i = 0; i < times.length; i++) {
      times[i] = pairs[2 * i];
      values[i] = pairs[2 * i + 1];
    }
    return new Knots(times, values);
  }

  double at(double time) {
    int last = times.length - 1;
    if (time <= times[0]) {
      return values[0];
    }
    if (time >= times[last]) {
      return values[last];
    }
    int right = 1;
    while (times[right] < time) {
      right++;
    }
    double share = (time - times[right - 1]) / (times[right] - times[right - 1]);
    double eased = share * share * share * (10 - 15 * share + 6 * share * share);
    return values[right - 1] + eased * (values[right] - values[right - 1]);
  }
}
