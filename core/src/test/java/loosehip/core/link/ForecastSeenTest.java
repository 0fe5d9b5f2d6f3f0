package loosehip.core.link;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import loosehip.core.Golfers;
import loosehip.core.casefile.CaseFile;
import loosehip.core.casefile.Judgement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a short margin leads one to expect, held against what was seen. */
class ForecastSeenTest {
  private static final String TRAIL_SHORT =
      """
      test seated-rotation.right.internal 15
      test seated-rotation.left.external 50
      test seated-rotation.left.internal 45
      test trunk-turn.right 50
      """;
  private static final String ENOUGH =
      """
      test seated-rotation.right.internal 58
      test seated-rotation.left.external 58
      test seated-rotation.left.internal 58
      test trunk-turn.right 60
      """;

  private static Judgement of(String... parts) {
    CaseFile golfer = Golfers.of(String.join("\n", parts));
    return Judgement.of(golfer);
  }

  private static List<ForecastSeen> held(Judgement judged) {
    return ForecastSeen.of(
        judged.forecast(), judged.budget().orElseThrow(), judged.golfer().seen());
  }

  private static ForecastSeen.Kind kind(Judgement judged, String fault) {
    return held(judged).stream()
        .filter(f -> f.fault().id().equals(fault))
        .map(ForecastSeen::kind)
        .findFirst()
        .orElse(null);
  }

  @ParameterizedTest(name = "{0} {1} on a short trail hip: {2}")
  @CsvSource({
    "sway, clear, AGREES",
    "sway, slight, AGREES",
    "sway, none, NOT_SEEN",
    "reverse-tilt, none, NOT_SEEN",
  })
  void whatWasExpectedIsThereOrNot(String fault, String level, ForecastSeen.Kind kind) {
    Judgement judged = of(TRAIL_SHORT, "fault " + fault + " " + level);
    assertThat(kind(judged, fault)).isEqualTo(kind);
    assertThat(kind(judged, "trail-lock")).as("not looked at").isEqualTo(ForecastSeen.Kind.LOOK);
  }

  /**
   * A fault that its own margin does not ask for is a surprise; what no margin asks for is none.
   */
  @Test
  void whatIsSeenWithRoomToSpareIsASurprise() {
    Judgement free = of(ENOUGH, "fault sway clear", "fault slide slight", "fault dip clear");
    assertThat(kind(free, "sway")).isEqualTo(ForecastSeen.Kind.SURPRISE);
    assertThat(kind(free, "slide")).isEqualTo(ForecastSeen.Kind.SURPRISE);
    assertThat(kind(free, "dip")).isNull();
    assertThat(kind(free, "hang-back")).isNull();
    assertThat(held(of(ENOUGH, "fault sway none"))).isEmpty();
  }

  /** Going back is short, coming through is not: each fault is held against its own margin. */
  @Test
  void eachFaultIsHeldAgainstItsOwnMargin() {
    Judgement judged = of(TRAIL_SHORT, "fault slide clear", "fault short-turn clear");
    assertThat(kind(judged, "slide")).isEqualTo(ForecastSeen.Kind.SURPRISE);
    assertThat(kind(judged, "short-turn"))
        .as("the shoulders of a short trail hip are short too")
        .isEqualTo(ForecastSeen.Kind.AGREES);
  }

  @Test
  void aCloseMarginLeavesItOpen() {
    for (int in = 30; in < 58; in++) {
      Judgement judged =
          of(ENOUGH.replace("right.internal 58", "right.internal " + in), "fault sway clear");
      String band = judged.budget().orElseThrow().backMargin().orElseThrow().band().id();
      if (band.equals("close")) {
        assertThat(kind(judged, "sway")).isEqualTo(ForecastSeen.Kind.UNDECIDED);
        return;
      }
    }
    throw new AssertionError("no trail hip of these makes a close margin");
  }

  /** What this body does in the place of what was expected. */
  @Test
  void insteadNamesWhatWasSeenAndNotForecast() {
    Judgement judged = of(TRAIL_SHORT, "fault sway clear", "fault dip slight", "fault slide none");
    assertThat(ForecastSeen.instead(judged.forecast(), judged.golfer().seen()))
        .containsExactly(PivotFault.DIP);
    assertThat(ForecastSeen.instead(List.of(), judged.golfer().seen()))
        .containsExactly(PivotFault.SWAY, PivotFault.DIP);
  }

  @Test
  void everyKindHasWordsOfItsOwn() {
    assertThat(ForecastSeen.Kind.values())
        .extracting(ForecastSeen.Kind::words)
        .doesNotHaveDuplicates()
        .allMatch(words -> words.length() > 20);
  }
}
