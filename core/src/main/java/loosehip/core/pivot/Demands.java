package loosehip.core.pivot;

/**
 * What a school asks of the body. Turns in degrees, positive away from the target; shifts in
 * centimetres away from the target.
 *
 * @param pelvisLow least pelvis turn at the top
 * @param pelvisHigh most pelvis turn at the top
 * @param shoulders shoulder turn wanted at the top with the driver
 * @param straightening how far the trail knee may straighten going back
 * @param openAtImpact how far the pelvis is open at impact
 * @param finish how far the pelvis has turned through at the finish
 * @param shiftLow least pelvis shift at the top
 * @param shiftHigh most pelvis shift at the top
 * @param headLow least head shift at the top
 * @param headHigh most head shift at the top
 */
public record Demands(
    double pelvisLow,
    double pelvisHigh,
    double shoulders,
    double straightening,
    double openAtImpact,
    double finish,
    double shiftLow,
    double shiftHigh,
    double headLow,
    double headHigh) {

  /** Shoulder turn wanted at the top with this club. */
  public double shoulders(Club club) {
    return shoulders - club.lessTurn();
  }
}
