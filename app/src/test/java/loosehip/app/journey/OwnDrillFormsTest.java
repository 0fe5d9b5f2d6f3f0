package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasToString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import loosehip.app.library.ExercisesPage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.ResultActions;

/** A practice's own drill: told once, then planned, printed, taken out and put back. */
class OwnDrillFormsTest extends FormsTest {
  private static final Map<String, String> POCKET =
      Map.ofEntries(
          Map.entry("name", "Pocket to the wall"),
          Map.entry("purpose", "sends the hip back"),
          Map.entry("start", "Stand a hand off a wall."),
          Map.entry("steps", "Turn; touch with the pocket"),
          Map.entry("feel", "The trail pocket going back."),
          Map.entry("spoils", "Sliding along."),
          Map.entry("harder", "With a club."),
          Map.entry("easier", "Half the turn."),
          Map.entry("stop", "A pinch in the groin."),
          Map.entry("dose", "1 x 10, 4"),
          Map.entry("faults", "sway"),
          Map.entry("demands", "none"),
          Map.entry("easierDemands", "same"));

  private ResultActions tell(Map<String, String> typed, String address) throws Exception {
    var request = multipart("/library/exercises/" + address);
    typed.forEach(request::param);
    return send(request);
  }

  @AfterEach
  void nothingOfItStays() throws Exception {
    send(post("/library/exercises/own/pocket-to-the-wall/drop"));
  }

  @Test
  void anOwnDrillIsPlannedPrintedTakenOutAndPutBack() throws Exception {
    tell(POCKET, "own/drill")
        .andExpect(
            flash().attribute("adding", hasToString(containsString("is in your catalogue"))));
    page("/library/exercises")
        .andExpect(content().string(containsString("Pocket to the wall")))
        .andExpect(content().string(containsString("groove, drill, your own")));
    page("/library/exercises/own.json")
        .andExpect(content().string(containsString("\"faults\" : [ \"sway\" ]")));

    note("fault.sway", "clear");
    note("wish.minutes", "20");
    note("wish.days", "5");
    note("wish.start", LocalDate.now().toString());
    send(post("/golfers/" + golfer + "/plan/give"));
    page("/golfers/" + golfer + "/sheet")
        .andExpect(content().string(containsString("Pocket to the wall")))
        .andExpect(content().string(containsString("A pinch in the groin.")));

    send(post("/library/exercises/own/pocket-to-the-wall/drop"))
        .andExpect(flash().attribute("adding", hasToString(containsString("is out of"))));
    page("/library/exercises").andExpect(content().string(not(containsString("Pocket to the"))));
    page("/golfers/" + golfer + "/sheet")
        .andExpect(content().string(containsString("Pocket to the wall")));
    page("/golfers/" + golfer + "/plan")
        .andExpect(content().string(containsString("would give another plan")));

    send(post("/library/exercises/own/pocket-to-the-wall/back"))
        .andExpect(flash().attribute("adding", hasToString(containsString("again"))));
    page("/library/exercises").andExpect(content().string(containsString("Pocket to the wall")));
  }

  /** What was typed stays, in the form it was typed into. */
  @Test
  void aDrillThatDoesNotSayWhatItsEasierFormAsksIsRefusedAndStaysTyped() throws Exception {
    Map<String, String> silent = new HashMap<>(POCKET);
    silent.remove("easierDemands");
    ExercisesPage.Adding refused =
        (ExercisesPage.Adding) tell(silent, "own/drill").andReturn().getFlashMap().get("adding");
    assertThat(refused.problems())
        .singleElement()
        .asString()
        .startsWith("its easier form asks of the body: is missing");
    String page =
        mvc.perform(get("/library/exercises").flashAttr("adding", refused).with(user(wren)))
            .andReturn()
            .getResponse()
            .getContentAsString();
    String drill = page.substring(page.indexOf("id=\"own-drill\""));
    assertThat(drill).contains("Pocket to the wall", "value=\"sway\" checked");
    assertThat(page.substring(0, page.indexOf("id=\"own-drill\"")))
        .doesNotContain("Pocket to the wall");
  }

  @Test
  void anExerciseAndADrillDoNotShareAName() throws Exception {
    tell(POCKET, "own/drill");
    Map<String, String> exercise = new HashMap<>(POCKET);
    exercise.remove("faults");
    exercise.remove("easierDemands");
    exercise.put("kind", "range");
    exercise.put("serves", "trail-ir");
    tell(exercise, "own")
        .andExpect(flash().attribute("adding", hasToString(containsString("would share the id"))));
    page("/library/exercises").andExpect(content().string(containsString("drill, your own")));
  }

  @Test
  void whatIsNotThereIsNeitherTakenOutNorPutBack() throws Exception {
    send(post("/library/exercises/own/never-was/drop"))
        .andExpect(flash().attribute("adding", hasToString(containsString("Nothing was changed"))));
    send(post("/library/exercises/own/never-was/back"))
        .andExpect(flash().attribute("adding", hasToString(containsString("put back"))));
  }
}
