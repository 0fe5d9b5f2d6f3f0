package loosehip.core.follow;

import java.util.List;

/**
 * How much of what was asked was done: done over planned (domain/05). A thing counts as done from
 * its low dose upwards.
 *
 * @param done things done
 * @param asked things asked up to now; 0 where nothing was asked yet
 */
public record Adherence(int done, int asked) {

  /** What these logs make of so many things asked. */
  public static Adherence of(int asked, List<ItemLog> said) {
    return new Adherence((int) said.stream().filter(l -> l.done().counts()).count(), asked);
  }

  /** Share done, 0 to 1; 0 where nothing was asked yet. */
  public double share() {
    return asked == 0 ? 0 : Math.min(1, done / (double) asked);
  }
}
