package loosehip.app.record;

import java.util.List;

/**
 * The practice's own record, ready to be shown.
 *
 * @param blocks closed blocks, in words
 * @param few whether there are too few for weights to be offered
 * @param needs gains per need
 * @param items gains per exercise
 * @param triage verdicts borne out
 * @param calibration chances borne out
 * @param offers weights offered
 * @param mayAccept whether whoever looks may take a weight
 * @param told what was just done; empty when nothing was
 */
public record RecordPage(
    int blocks,
    boolean few,
    List<GainRow> needs,
    List<GainRow> items,
    List<ShareRow> triage,
    List<ShareRow> calibration,
    List<OfferRow> offers,
    boolean mayAccept,
    String told) {

  /**
   * Gains of one need or exercise.
   *
   * @param unit of its figures
   * @param words the median with its interval, or that there are too few
   * @param real share of real gains, in words
   * @param dots each gain along the line, 0 to 100
   * @param zero where no gain lies
   * @param low where the interval begins; negative when there is none
   * @param high where it ends
   * @param middle where the median lies
   * @param byAdherence the same by how much was done
   */
  public record GainRow(
      String name,
      int blocks,
      String words,
      String real,
      List<Double> dots,
      double zero,
      double low,
      double high,
      double middle,
      List<String> byAdherence) {
    /** Whether there is an interval. */
    public boolean said() {
      return low >= 0;
    }
  }

  /**
   * So many of so many.
   *
   * @param share 0 to 100
   * @param low the lower end of its interval, 0 to 100
   * @param high the upper end
   */
  public record ShareRow(String name, String words, double share, double low, double high) {}

  /**
   * A weight offered.
   *
   * @param shipped the shipped prior
   * @param now the prior in force
   * @param offered the prior offered
   * @param taken whether the one in force is the practice's own
   */
  public record OfferRow(
      String fault,
      String cause,
      String title,
      String why,
      String shipped,
      String now,
      String offered,
      boolean taken,
      List<String> history) {
    /** Whether taking it would change anything. */
    public boolean changes() {
      return !now.equals(offered);
    }
  }
}
