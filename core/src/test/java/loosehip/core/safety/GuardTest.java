package loosehip.core.safety;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class GuardTest {
  private static final Set<WarningSign> ALL = EnumSet.allOf(WarningSign.class);
  private static final TryRefusal NO_HOPS =
      new TryRefusal.ByCaution(
          new TestRule(NotedCaution.of(Caution.HEART), TestRule.Advice.NO_HOPS));

  private static Guard guard(String state) {
    Set<WarningSign> open = state.contains("yes") ? Set.of(WarningSign.HOT_JOINT) : Set.of();
    Set<WarningSign> unanswered =
        state.contains("unasked")
            ? ALL
            : state.contains("one left") ? Set.of(WarningSign.SUDDEN_NEURO) : Set.of();
    return new Guard(
        new Health(open, unanswered, Map.of(), List.of()),
        new Guard.Permission(
            !state.contains("no consent"), state.contains("minor"), state.contains("guardian")),
        !state.contains("hand"));
  }

  private static String said(Optional<Refusal> refusal) {
    return refusal.map(r -> r.getClass().getSimpleName()).orElse("-");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "all asked                          | -                 | -",
        "minor with guardian                | -                 | -",
        "unasked                            | AskFirst          | -",
        "one left                           | AskFirst          | -",
        "no consent                         | NoConsent         | NoConsent",
        "no consent, unasked                | NoConsent         | NoConsent",
        "minor                              | GuardianMissing   | GuardianMissing",
        "minor, no consent, unasked         | GuardianMissing   | GuardianMissing",
        "minor with guardian, unasked       | AskFirst          | -",
        "hand unknown                       | HandFirst         | -",
        "hand unknown, one left             | AskFirst          | -",
        "yes                                | WaitsForClinician | WaitsForClinician",
        "yes, minor, no consent, unasked    | WaitsForClinician | WaitsForClinician",
      })
  void whatMovesAndWhatIsHandedOutWaitsForTheGravestReason(
      String state, String moving, String correcting) {
    Guard guard = guard(state);
    assertThat(said(guard.refuses(Passage.MOVES))).isEqualTo(moving);
    assertThat(said(guard.refuses(Passage.HANDS_OUT))).isEqualTo(moving);
    assertThat(said(guard.gravest())).isEqualTo(correcting);
    assertThat(guard.refuses(Passage.OPEN)).isEmpty();
    assertThat(said(guard.refuses(Passage.SIDED)))
        .isEqualTo(state.contains("hand") ? "HandFirst" : "-");
    assertThat(byGuard(TryRefusal.of(guard, false, false, Optional.empty()))).isEqualTo(moving);
    assertThat(byGuard(TryRefusal.of(guard, true, false, Optional.empty()))).isEqualTo(correcting);
    if (!moving.equals("-")) {
      assertThat(byGuard(TryRefusal.of(guard, false, true, Optional.of(NO_HOPS))))
          .isEqualTo(moving);
    }
  }

  private static String byGuard(Optional<TryRefusal> refusal) {
    return said(refusal.map(r -> ((TryRefusal.ByGuard) r).refusal()));
  }

  @ParameterizedTest
  @EnumSource(WarningSign.class)
  void everySignIsAskedAndAnyYesWaits(WarningSign sign) {
    Guard.Permission adult = new Guard.Permission(true, false, false);
    assertThat(
            new Guard(new Health(Set.of(), Set.of(sign), Map.of(), List.of()), adult, true)
                .refuses(Passage.MOVES))
        .contains(new Refusal.AskFirst(Set.of(sign)));
    assertThat(
            new Guard(Health.of(Set.of(sign), List.of()), adult, true).refuses(Passage.HANDS_OUT))
        .contains(new Refusal.WaitsForClinician(Set.of(sign)));
  }

  @ParameterizedTest
  @CsvSource({
    "false,false,-",
    "true,false,VisitClosed",
    "false,true,ByCaution",
    "true,true,VisitClosed"
  })
  void aClosedVisitGoesBeforeACaution(boolean closed, boolean blocked, String refusal) {
    Optional<TryRefusal> rule = blocked ? Optional.of(NO_HOPS) : Optional.empty();
    assertThat(
            TryRefusal.of(guard("all asked"), false, closed, rule)
                .map(r -> r.getClass().getSimpleName())
                .orElse("-"))
        .isEqualTo(refusal);
  }
}
