package loosehip.app.store;

import java.time.LocalDate;
import java.util.Optional;
import loosehip.core.body.Handed;
import loosehip.core.follow.AtHome;
import loosehip.core.follow.TodayGroup;

/**
 * What lists show of a golfer.
 *
 * @param golferId the golfer
 * @param name their name
 * @param handed which way the golfer stands; empty until somebody says
 * @param birthYear if noted
 * @param trailInternal latest inward turn of the trail hip, degrees
 * @param trailExternal outward turn of the trail hip
 * @param leadInternal inward turn of the lead hip
 * @param leadExternal outward turn of the lead hip
 * @param group the group on Today on the day it was worked out
 * @param words what comes next, in a phrase
 * @param seenOn date of the newest visit
 * @param dueOn date of the retest, if a block is running
 * @param home how they get on with it at home
 */
public record Glance(
    String golferId,
    String name,
    Optional<Handed> handed,
    Optional<Integer> birthYear,
    Optional<Double> trailInternal,
    Optional<Double> trailExternal,
    Optional<Double> leadInternal,
    Optional<Double> leadExternal,
    TodayGroup group,
    String words,
    LocalDate seenOn,
    Optional<LocalDate> dueOn,
    AtHome home) {

  /** The same with another phrase. */
  public Glance saying(String other) {
    return new Glance(
        golferId,
        name,
        handed,
        birthYear,
        trailInternal,
        trailExternal,
        leadInternal,
        leadExternal,
        group,
        other,
        seenOn,
        dueOn,
        home);
  }
}
