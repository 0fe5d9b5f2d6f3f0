package loosehip.app.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.Optional;
import loosehip.app.store.OwnExercises;
import loosehip.core.plan.Catalogue;
import loosehip.core.plan.Drill;
import loosehip.core.plan.Exercise;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.LadderId;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A practice's own exercises on ladders of their own, and those out of use. */
class ExerciseShelfTest {
  private static final String PRACTICE = "practice-1";
  private static final String ONE =
      """
      {"id": "%s", "name": "%s", "purpose": "turns", "start": "Stand.", "steps": ["Turn"],
       "feel": "hip", "spoils": "haste", "harder": "more", "easier": "less", "stop": "pain",
       "kind": "range", "serves": ["trail-ir"], "dose": "1 x 8-10, 3 ps"%s}""";

  private final OwnExercises store = mock();
  private final ExerciseShelf shelf = new ExerciseShelf(store);

  private static OwnExercises.Stored kept(String id, String above) {
    String more = above.isEmpty() ? "" : ", \"above\": \"" + above + "\"";
    return new OwnExercises.Stored(id, ONE.formatted(id, "The " + id, more), false);
  }

  private static ItemId planId(String id) {
    return ExerciseShelf.planId(PRACTICE, id);
  }

  private static LadderId ladder() {
    return LadderId.of(planId("low").id());
  }

  @BeforeEach
  void threeRungsAndOneOutOfUse() {
    List<OwnExercises.Stored> inForce =
        List.of(kept("low", ""), kept("mid", "low"), kept("high", "mid"));
    when(store.of(PRACTICE)).thenReturn(inForce);
    when(store.ever(PRACTICE))
        .thenReturn(List.of(kept("gone", ""), kept("low", ""), kept("mid", "low")));
  }

  @Test
  void aHarderRungStandsOnTheLadderOfTheLowest() {
    Catalogue catalogue = shelf.of(PRACTICE);
    assertThat(catalogue.ladders().get(ladder()))
        .extracting(Exercise::id)
        .containsExactly(planId("low"), planId("mid"), planId("high"));
    assertThat(catalogue.exercises(ladder(), 3))
        .extracting(Exercise::id)
        .containsExactly(planId("high"));
    assertThat(catalogue.ladders()).containsKey(LadderId.of("glute"));
  }

  @Test
  void whatIsOutOfUseIsFoundWithItsWordsButNotPlanned() {
    Catalogue catalogue = shelf.of(PRACTICE);
    assertThat(catalogue.find(planId("gone"))).isPresent();
    assertThat(catalogue.exercises()).extracting(Exercise::id).doesNotContain(planId("gone"));
    assertThat(shelf.text(planId("gone"))).map(ExerciseText::name).contains("The gone");
    assertThat(shelf.text(planId("gone"))).map(ExerciseText::id).contains(planId("gone").id());
    assertThat(shelf.text(planId("never"))).isEmpty();
  }

  @Test
  void aCatalogueIsReadOnceAndAnewAfterAChange() {
    Catalogue first = shelf.of(PRACTICE);
    when(store.of(PRACTICE)).thenReturn(List.of(kept("low", "")));
    assertThat(shelf.of(PRACTICE)).isSameAs(first);
    assertThat(shelf.anew(PRACTICE).ladders().get(ladder())).hasSize(1);
  }

  @Test
  void ownDrillsStandBeforeOrAfterTheShippedOnesAndKeepTheirWords() {
    when(store.of(PRACTICE)).thenReturn(List.of(drill("early", false), drill("late", true)));
    when(store.ever(PRACTICE)).thenReturn(List.of(drill("gone", false)));
    Catalogue catalogue = shelf.anew(PRACTICE);
    List<ItemId> ids = catalogue.drills().stream().map(Drill::id).toList();
    assertThat(ids).startsWith(planId("early")).endsWith(planId("late"));
    assertThat(ids).doesNotContain(planId("gone")).hasSizeGreaterThan(30);
    assertThat(catalogue.drill(planId("gone"))).isPresent();
    assertThat(shelf.text(planId("late"))).map(ExerciseText::name).contains("The late");
    assertThat(shelf.last(PRACTICE, "gone")).map(OwnItem::id).contains("gone");
    assertThat(shelf.last(PRACTICE, "never")).isEmpty();
  }

  private static OwnExercises.Stored drill(String id, boolean last) {
    String text =
        ONE.formatted(
                id, "The " + id, ", \"demands\": [], \"easierDemands\": [], \"last\": " + last)
            .replace("\"kind\": \"range\", \"serves\": [\"trail-ir\"]", "\"faults\": [\"sway\"]");
    return new OwnExercises.Stored(id, text, false);
  }

  @Test
  void twoPracticesDoNotShareAnId() {
    assertThat(ExerciseShelf.planId("practice-2", "low")).isNotEqualTo(planId("low"));
    assertThat(planId("low").id()).startsWith(OwnItem.PREFIX);
  }

  @Test
  void aPhotoIsGivenOnlyForWhatIsKnown() {
    shelf.of(PRACTICE);
    when(store.photo(PRACTICE, "low")).thenReturn(Optional.of(new byte[] {1, 2, 3}));
    assertThat(shelf.photo(planId("low"))).contains("data:image/jpeg;base64,AQID");
    assertThat(shelf.photo(planId("mid"))).isEmpty();
    assertThat(shelf.photo(ItemId.of("bridge"))).isEmpty();
  }
}
