package loosehip.app.record;

import java.util.Collection;
import java.util.DoubleSummaryStatistics;
import loosehip.core.record.Gains;

/**
 * The stretch on which gains are drawn, no gain among them.
 *
 * @param low its lower end
 * @param high its upper end
 */
record GainSpan(double low, double high) {
  private static final double ROOM = 0.04;

  /** From the smallest to the largest of all, with a little room. */
  static GainSpan of(Collection<Gains> all) {
    DoubleSummaryStatistics gains =
        all.stream()
            .flatMap(g -> g.sorted().stream())
            .mapToDouble(Double::doubleValue)
            .summaryStatistics();
    double least = gains.getCount() == 0 ? 0 : Math.min(0, gains.getMin());
    double most = gains.getCount() == 0 ? 1 : Math.max(0, gains.getMax());
    double room = ROOM * Math.max(1, most - least);
    return new GainSpan(least - room, most + room);
  }

  /** Where a gain lies, 0 to 100, to a tenth. */
  double along(double gain) {
    return Math.round(1000 * (gain - low) / (high - low)) / 10.0;
  }
}
