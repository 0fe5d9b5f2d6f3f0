package loosehip.core.safety;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import loosehip.core.Chance;
import loosehip.core.Law;
import loosehip.core.Screens;
import loosehip.core.body.Side;
import loosehip.core.measure.Direction;
import loosehip.core.named.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The table of cautions over demands, row by row. */
class MovementTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);

  @ParameterizedTest(name = "{0}, {1}")
  @CsvSource(
      delimiter = '|',
      value = {
        "hip-replacement |         | ir-end er-end hip-deep hip-cross impact | knee-deep:right-angle stance-twist:inside-the-limit one-leg:hand-on-something",
        "hip-pinch       |         | ir-end hip-deep                         | hip-cross:short-of-the-pinch knee-deep:short-of-the-pinch",
        "inner-knee      |         | knee-twist impact                       | stance-twist:smaller groin:smaller",
        "knee            |         | knee-deep kneel impact                  | knee-bend:shallow-and-held one-leg:hand-on-something",
        "knee            | new     | knee-deep knee-twist kneel stance-twist impact | knee-bend:shallow-and-held one-leg:hand-on-something",
        "back            |         | bend-load twist-load twist-end arch-end impact fast heavy | ''",
        "back            | pain 4  | bend-load twist-load twist-end arch-end impact fast heavy | ''",
        "back            | pain 3  | impact heavy | bend-load:half-range twist-load:half-range twist-end:half-range arch-end:half-range fast:half-range",
        "sciatica        |         | bend-end impact heavy nerve             | ''",
        "brittle-bones   |         | bend-load bend-end twist-load twist-end impact heavy | one-leg:hand-on-something",
        "balance         |         | one-leg eyes-closed impact fast         | stance-twist:helper one-leg-held:helper",
        "heart           |         | impact fast heavy strain                | ''",
        "pregnancy       |         | on-back on-front impact fast heavy strain | ir-end:not-pushed er-end:not-pushed groin:not-pushed",
        "pregnancy       | week 15 | on-front impact fast heavy strain       | ir-end:not-pushed er-end:not-pushed groin:not-pushed",
        "pregnancy       | week 16 | on-back on-front impact fast heavy strain | ir-end:not-pushed er-end:not-pushed groin:not-pushed",
        "pregnancy       | after 4 | on-front impact fast heavy strain       | ir-end:not-pushed er-end:not-pushed groin:not-pushed",
        "groin           |         | er-end groin                            | knee-deep:narrower",
        "shoulder        |         | arm-up arm-load                         | ''",
        "wrist           |         | hands-down                              | ''",
        "under-18        |         | impact fast heavy                       | ''",
        "under-18        | guarded | ''                                      | impact:technique-first fast:technique-first heavy:technique-first",
      })
  void aCautionBlocksAndChangesTheseDemandsAndNoOthers(
      String caution, String more, String blocks, String changes) {
    Health health =
        Health.of(Set.of(), List.of(noted(caution, more == null ? "" : more, Set.of())));
    assertThat(blocked(health)).isEqualTo(blocks);
    assertThat(
            Arrays.stream(Demand.values())
                .flatMap(d -> health.movement(Set.of(d)).changed().stream())
                .map(c -> c.demand().id() + ":" + c.how().id())
                .collect(Collectors.joining(" ")))
        .isEqualTo(changes);
  }

  private static NotedCaution noted(String caution, String more, Set<Demand> lifts) {
    NotedCaution.Detail detail =
        new NotedCaution.Detail(
            after(more, "pain "),
            after(more, "week "),
            after(more, "after "),
            more.equals("new"),
            false,
            more.equals("guarded"));
    Optional<Clearance> clearance =
        lifts.isEmpty() ? Optional.empty() : Optional.of(clearance(lifts, Set.of()));
    return new NotedCaution(
        Named.parse(Caution.class, caution).orElseThrow(), Optional.empty(), "", detail, clearance);
  }

  private static Clearance clearance(Set<Demand> lifts, Set<Demand> blocks) {
    return new Clearance(
        "Dr Imrie", "doctor", Optional.of(TODAY), "", Optional.empty(), lifts, blocks, List.of());
  }

  private static Optional<Integer> after(String more, String what) {
    return more.startsWith(what)
        ? Optional.of(Integer.parseInt(more.substring(what.length())))
        : Optional.empty();
  }

  private static String blocked(Health health) {
    return Arrays.stream(Demand.values())
        .filter(d -> health.movement(Set.of(d)).blocked().isPresent())
        .map(Demand::id)
        .collect(Collectors.joining(" "));
  }

  @Test
  void aNewKneeTurnsWhileAHandIsOnSomething() {
    Health knee = Health.of(Set.of(), List.of(noted("knee", "new", Set.of())));
    assertThat(knee.movement(Set.of(Demand.STANCE_TWIST, Demand.ONE_LEG_HELD)).blocked()).isEmpty();
    assertThat(knee.movement(Set.of(Demand.STANCE_TWIST, Demand.ONE_LEG)).blocked()).isPresent();
  }

  @Test
  void aLimitOfAWarningSignsClearanceBlocksWithoutAnyCaution() {
    Health cleared =
        new Health(
            Set.of(),
            Set.of(),
            Map.of(WarningSign.AFTER_FALL, clearance(Set.of(), Set.of(Demand.IMPACT))),
            List.of());
    assertThat(cleared.movement(Set.of(Demand.IMPACT, Demand.FAST)).blocked())
        .map(b -> b.demand())
        .contains(Demand.IMPACT);
    assertThat(cleared.movement(Set.of(Demand.IMPACT)).blocked().get().by())
        .isInstanceOf(Movement.By.OfClearance.class);
    assertThat(cleared.movement(Set.of(Demand.FAST)).blocked()).isEmpty();
  }

  @Test
  void heldHeartWorkThatIsAllowedIsStillBreathedThrough() {
    Health heart = Health.of(Set.of(), List.of(noted("heart", "", Set.of(Demand.STRAIN))));
    assertThat(heart.movement(Set.of(Demand.STRAIN)).changed())
        .extracting(Movement.Changed::how)
        .containsExactly(Change.BREATHE);
    assertThat(heart.movement(Set.of(Demand.FAST)).blocked()).isPresent();
  }

  /** A clearance never lifts more than it names, and more asked is never less blocked. */
  @Law(tries = 300)
  void liftingOneDemandLiftsNoOther(Chance chance) {
    Caution caution = chance.one(List.of(Caution.values()));
    Set<Demand> lifts = EnumSet.noneOf(Demand.class);
    lifts.addAll(chance.some(List.of(Demand.values())));
    Health before = Health.of(Set.of(), List.of(noted(caution.id(), "", Set.of())));
    Health after = Health.of(Set.of(), List.of(noted(caution.id(), "", lifts)));
    for (Demand demand : Demand.values()) {
      boolean was = before.movement(Set.of(demand)).blocked().isPresent();
      boolean is = after.movement(Set.of(demand)).blocked().isPresent();
      assertThat(is).isEqualTo(was && !lifts.contains(demand));
    }
    Set<Demand> some = chance.some(List.of(Demand.values()));
    boolean any = some.stream().anyMatch(d -> after.movement(Set.of(d)).blocked().isPresent());
    boolean turnsHeld = some.contains(Demand.ONE_LEG_HELD) && caution == Caution.KNEE;
    assertThat(after.movement(some).blocked().isPresent() || turnsHeld).isEqualTo(any || turnsHeld);
  }

  @Test
  void whatACautionCanBlockIsOfferedToBeLifted() {
    assertThat(Movement.blockedBy(Caution.KNEE)).contains(Demand.STANCE_TWIST, Demand.KNEEL);
    assertThat(Movement.blockedBy(Caution.PREGNANCY)).contains(Demand.ON_BACK);
    assertThat(Movement.blockedBy(Caution.WRIST)).containsExactly(Demand.HANDS_DOWN);
  }

  @ParameterizedTest
  @CsvSource(
      nullValues = "-",
      value = {"-, false", "2026-11-25, true", "2026-11-26, false", "2026-11-27, false"})
  void aClearanceIsInForceThroughTheDayToLookAgain(LocalDate lookAgain, boolean lapsed) {
    Clearance clearance =
        Clearance.of("Dr Imrie", Optional.of(TODAY), "", Optional.ofNullable(lookAgain));
    assertThat(clearance.lapsed(TODAY)).isEqualTo(lapsed);
  }

  @Test
  void degreesOfAMirroredGolferChangeSides() {
    Clearance clearance =
        new Clearance(
            "Dr Imrie",
            "surgeon",
            Optional.of(TODAY),
            "",
            Optional.empty(),
            Set.of(),
            Set.of(),
            List.of(new Clearance.Degrees(Side.LEFT, Direction.INTERNAL, 20)));
    assertThat(clearance.mirrored().degrees())
        .containsExactly(new Clearance.Degrees(Side.RIGHT, Direction.INTERNAL, 20));
    assertThat(clearance.mirrored().mirrored()).isEqualTo(clearance);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "one-leg-stand.left.open 4 | true",
        "one-leg-stand.left.open 5 | false",
        "trunk-turn.left 40 | false",
        "one-leg-stand.left.open 4 / one-leg-stand.left.open 9 | true",
        "one-leg-stand.left.open 4 / one-leg-stand.left.open 10 | false",
        "one-leg-stand.left.open 4 / one-leg-stand.right.open 30 | true",
        "one-leg-stand.left.open 12 / one-leg-stand.left.open 3 | true",
        "one-leg-stand.left.closed 2 | false",
      })
  void whoStandsLessThanFiveSecondsIsUnsteadyUntilALaterTen(String visits, boolean unsteady) {
    var screens = Arrays.stream(visits.split("/")).map(Screens::of).toList();
    assertThat(Unsteady.after(screens)).isEqualTo(unsteady);
    assertThat(DerivedCautions.with(List.of(), false, false, screens))
        .isEqualTo(unsteady ? List.of(NotedCaution.of(Caution.BALANCE)) : List.of());
  }

  @Test
  void whatIsNotedAlreadyIsNotAddedAgainAndAMinorIsGuardedOrNot() {
    List<NotedCaution> noted = List.of(NotedCaution.of(Caution.WRIST, Side.LEFT));
    List<NotedCaution> minor = DerivedCautions.with(noted, true, true, List.of());
    assertThat(minor)
        .extracting(NotedCaution::caution)
        .containsExactly(Caution.WRIST, Caution.UNDER_18);
    assertThat(minor.get(1).detail().guarded()).isTrue();
    assertThat(DerivedCautions.with(minor, true, false, List.of()))
        .extracting(c -> c.detail().guarded())
        .containsExactly(false, false);
    assertThat(DerivedCautions.with(minor, true, true, List.of())).isEqualTo(minor);
  }
}
