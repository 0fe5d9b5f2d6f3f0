package loosehip.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import loosehip.core.Chance;
import loosehip.core.Law;
import loosehip.core.RandomGolfers;
import loosehip.core.body.Leg;
import loosehip.core.body.Side;
import loosehip.core.casefile.Assessment;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Judgement;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.Need;
import loosehip.core.measure.Direction;
import loosehip.core.measure.Reading;
import loosehip.core.measure.Screen;
import loosehip.core.measure.Try;

/** What a plan keeps when the golfer is mirrored or measured better. */
class BlockSymmetryTest {
  @Law(tries = 60)
  void aMirroredGolferGetsTheMirroredPlanAndTwiceTheSame(Chance chance) {
    CaseFile golfer = RandomGolfers.of(chance.whole(0, 100_000_000));
    Optional<Block> block = Assessment.of(golfer).plan();
    assertThat(Assessment.of(golfer).plan()).isEqualTo(block);
    Block mirrored = Assessment.of(golfer.mirrored()).plan().orElseThrow();
    assertThat(mirrored.weeks()).isEqualTo(block.orElseThrow().weeks());
    assertThat(mirrored.next()).isEqualTo(block.get().next());
    assertThat(mirrored.drills().stream().map(DrillFor::drill))
        .isEqualTo(block.get().drills().stream().map(DrillFor::drill).toList());
  }

  /** More range is never worse: a hip that turns farther in never needs its turn more. */
  @Law(tries = 200)
  void moreRangeNeverRaisesItsOwnNeed(Chance chance) {
    CaseFile golfer = RandomGolfers.of(chance.whole(0, 100_000_000));
    Side trail = golfer.body().side(Leg.TRAIL);
    double more = chance.number(1, 25);
    List<Reading> readings =
        golfer.screen().readings().stream()
            .map(r -> turnsIn(r, trail) ? farther(r, more) : r)
            .toList();
    Screen better = Screen.of(readings, golfer.screen().words());
    assertThat(trailIn(golfer, better)).isLessThanOrEqualTo(trailIn(golfer, golfer.screen()));
  }

  private static boolean turnsIn(Reading reading, Side side) {
    return reading.slot().test().measuresHipTurn()
        && reading.slot().side().equals(Optional.of(side))
        && reading.slot().direction().equals(Optional.of(Direction.INTERNAL));
  }

  private static Reading farther(Reading reading, double more) {
    List<Try> tries =
        reading.tries().stream().map(t -> new Try(t.value() + more, t.voided())).toList();
    return new Reading(
        reading.slot(), reading.method(), tries, reading.compensations(), reading.pain());
  }

  private static double trailIn(CaseFile golfer, Screen screen) {
    CaseFile then =
        new CaseFile(
            golfer.handed(),
            golfer.complaints(),
            golfer.health(),
            screen,
            golfer.setup(),
            golfer.seen(),
            golfer.school(),
            golfer.wishes());
    return Judgement.of(then).needs().stream()
        .filter(n -> n.limit().kind() == LimitKind.TRAIL_IR)
        .mapToDouble(Need::size)
        .findFirst()
        .orElse(0);
  }
}
