package loosehip.app.store;

import java.time.LocalDate;
import java.util.Optional;

/**
 * What lists show of a golfer.
 *
 * @param golferId the golfer
 * @param name their name
 * @param handed {@code right} or {@code left}
 * @param birthYear if noted
 * @param trailInternal latest inward turn of the trail hip, degrees
 * @param trailExternal outward turn of the trail hip
 * @param leadInternal inward turn of the lead hip
 * @param leadExternal outward turn of the lead hip
 * @param standing group on Today: {@code bench}, {@code due}, {@code waiting} or {@code quiet}
 * @param words what comes next, in a phrase
 * @param seenOn date of the newest visit
 * @param dueOn date of the retest, if a block is running
 */
public record Glance(
    String golferId,
    String name,
    String handed,
    Optional<Integer> birthYear,
    Optional<Double> trailInternal,
    Optional<Double> trailExternal,
    Optional<Double> leadInternal,
    Optional<Double> leadExternal,
    String standing,
    String words,
    LocalDate seenOn,
    Optional<LocalDate> dueOn) {}
