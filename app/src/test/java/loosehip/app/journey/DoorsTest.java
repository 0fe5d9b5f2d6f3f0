package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import loosehip.app.door.Door;
import loosehip.app.fact.Facts;
import loosehip.app.store.Journal;
import loosehip.app.store.PlanVersions;
import loosehip.core.measure.Slot;
import loosehip.core.safety.Passage;
import loosehip.core.safety.WarningSign;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every address of a golfer, against everything that can shut its door. */
class DoorsTest extends FormsTest {
  /** What a page of a plan, a sheet or a test holds, and no other. */
  private static final List<String> MOVEMENT =
      List.of("id=\"try-form\"", "id=\"add-item\"", "class=\"sheet", "class=\"reset-card");

  private static final String IN_THE_PLAN = "Seated knee drops";

  @Autowired
  @Qualifier("requestMappingHandlerMapping")
  RequestMappingHandlerMapping mappings;

  @Autowired Journal journal;
  @Autowired PlanVersions versions;

  @BeforeEach
  void aGolferWithAPlan() throws Exception {
    taken("seated-rotation.right.internal", 22);
    taken("seated-rotation.left.internal", 24);
    taken("seated-rotation.left.external", 45);
    taken("trunk-turn.right", 40);
    jot("fault.sway=clear", "wish.minutes=20", "wish.days=5");
    send(post("/golfers/" + golfer + "/plan/give"));
    assertThat(file().given()).isPresent();
  }

  private void shut(String state) throws Exception {
    switch (state) {
      case "a sign is a yes" -> note(Facts.WARNING.about(WarningSign.HOT_JOINT).key(), "yes");
      case "a minor without a guardian" ->
          note("who.birth-year", String.valueOf(LocalDate.now().getYear() - 13));
      case "one sign is not asked" ->
          journal.note(
              file(), wren.account(), Facts.WARNING.about(WarningSign.SUDDEN_NEURO).takenBack());
      case "consent is taken back" ->
          journal.note(file(), wren.account(), Facts.CONSENT.takenBack());
      case "nobody said which hand" ->
          journal.note(file(), wren.account(), Facts.HANDED.takenBack());
      default -> throw new IllegalArgumentException(state);
    }
  }

  private Map<String, HandlerMethod> doors(RequestMethod verb) {
    Map<String, HandlerMethod> doors = new TreeMap<>();
    for (Map.Entry<RequestMappingInfo, HandlerMethod> e : mappings.getHandlerMethods().entrySet()) {
      if (e.getKey().getMethodsCondition().getMethods().contains(verb)) {
        e.getKey().getPatternValues().stream()
            .filter(p -> p.startsWith("/golfers/{id}"))
            .forEach(p -> doors.put(p, e.getValue()));
      }
    }
    return doors;
  }

  private String address(String pattern) {
    return pattern
        .replace("{id}", golfer)
        .replace("{card}", "hinge-contact")
        .replace("{slotKey}", "hinge-contact.lost")
        .replace("{fault}", "sway")
        .replace("{cause}", "trail-ir")
        .replace("{what}", "give")
        .replace("{visit}", file().visitId())
        .replace("{topic}", "rehearsal.sway")
        .replace("{subject}", "knee")
        .replace("{day}", LocalDate.now().toString())
        .replace("{item}", "seated-knee-drops")
        .replace("{still}", "no-such-still")
        .replace("{recording}", "no-such-recording")
        .replace("{link}", "no-such-link");
  }

  @Test
  void everyAddressOfAGolferSaysWhatGoesThroughIt() {
    Set<String> without = new LinkedHashSet<>();
    Set<String> outside = new LinkedHashSet<>();
    for (HandlerMethod handler : mappings.getHandlerMethods().values()) {
      boolean golfers =
          mappings.getHandlerMethods().entrySet().stream()
              .filter(e -> e.getValue().equals(handler))
              .anyMatch(
                  e ->
                      e.getKey().getPatternValues().stream()
                          .anyMatch(p -> p.startsWith("/golfers/{id}")));
      boolean door = handler.hasMethodAnnotation(Door.class);
      if (golfers && !door) {
        without.add(handler.getShortLogMessage());
      } else if (!golfers && door) {
        outside.add(handler.getShortLogMessage());
      }
    }
    assertThat(without).as("addresses without a door").isEmpty();
    assertThat(outside).as("doors nobody keeps").isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "a sign is a yes",
    "a minor without a guardian",
    "one sign is not asked",
    "consent is taken back",
    "nobody said which hand"
  })
  void nothingThatMovesOrIsHandedOutGoesThroughAShutDoor(String state) throws Exception {
    shut(state);
    for (Map.Entry<String, HandlerMethod> door : doors(RequestMethod.GET).entrySet()) {
      MockHttpServletResponse answer = send(get(address(door.getKey()))).andReturn().getResponse();
      assertThat(String.valueOf(answer.getContentType()))
          .as(door.getKey())
          .doesNotContain("pdf", "text/calendar");
      assertThat(answer.getContentAsString()).as(door.getKey()).doesNotContain(MOVEMENT);
      Door what = door.getValue().getMethodAnnotation(Door.class);
      if (what.value() != Passage.OPEN && what.value() != Passage.SIDED) {
        assertThat(answer.getStatus()).as(door.getKey()).isIn(200, 302);
        assertThat(answer.getContentAsString()).as(door.getKey()).doesNotContain(IN_THE_PLAN);
      }
    }
  }

  /** What the test above looks for is what an open door shows. */
  @Test
  void throughAnOpenDoorAllOfItGoes() throws Exception {
    String all = "";
    for (String page : List.of("plan", "sheet", "measure?mode=run", "reset", "handover")) {
      all += page("/golfers/" + golfer + "/" + page).andReturn().getResponse().getContentAsString();
    }
    assertThat(all).contains(MOVEMENT).contains(IN_THE_PLAN);
  }

  @ParameterizedTest
  @CsvSource({
    "a sign is a yes",
    "a minor without a guardian",
    "one sign is not asked",
    "consent is taken back",
    "nobody said which hand"
  })
  void nothingThatMovesIsKeptBehindAShutDoor(String state) throws Exception {
    shut(state);
    var before = file();
    int plans = versions.all(golfer).size();
    for (Map.Entry<String, HandlerMethod> door : doors(RequestMethod.POST).entrySet()) {
      Door what = door.getValue().getMethodAnnotation(Door.class);
      if (what.value() == Passage.OPEN && !what.asksItself()) {
        continue;
      }
      if (door.getKey().endsWith("/follow/{day}") || door.getKey().contains("/{item}")) {
        continue;
      }
      send(
          post(address(door.getKey()))
              .param("value", door.getKey().contains("words") ? "sacrum" : "40")
              .param("level", "3")
              .param("submitKey", door.getKey()));
    }
    note("rehearsal.sway", "can");
    note("again.sway", "clear");
    assertThat(file().tries()).isEqualTo(before.tries());
    assertThat(versions.all(golfer)).hasSize(plans);
    assertThat(Facts.REHEARSAL.in(file())).isEmpty();
    assertThat(Facts.AGAIN.in(file())).isEmpty();
    assertThat(Facts.SETUP_TODAY.in(file())).isEmpty();
  }

  /** No page names a side as trail or lead, and nothing seen of a stance or a swing is kept. */
  @Test
  void nothingSidedIsShownOrKeptBeforeTheHandIsSaid() throws Exception {
    shut("nobody said which hand");
    int before = file().facts().size();
    note("setup.trailFlare", "20").andExpect(content().string(containsString("which hand?")));
    note("fault.slide", "clear").andExpect(content().string(containsString("which hand?")));
    assertThat(file().facts()).hasSize(before);
    for (String station :
        List.of("talk", "measure", "set-up", "swing", "links", "plan", "visits")) {
      String page =
          page("/golfers/" + golfer + "/" + station).andReturn().getResponse().getContentAsString();
      assertThat(page).as(station).doesNotContain("trail (", "lead (", "id=\"margins\"");
      assertThat(page).as(station).contains("hand not said");
    }
    shut("consent is taken back");
    send(post("/golfers/" + golfer + "/talk/hand").param("hand", "left"))
        .andExpect(redirectedUrlPattern("/golfers/*/talk"));
    assertThat(Facts.HANDED.in(file())).as("without consent").isEmpty();
    note("consent", "wording 1");
    send(post("/golfers/" + golfer + "/talk/hand")
            .param("hand", "left")
            .param("then", "/golfers/" + golfer + "/swing"))
        .andExpect(redirectedUrlPattern("/golfers/*/swing"));
    page("/golfers/" + golfer + "/measure?mode=run")
        .andExpect(content().string(containsString("trail (L)")));
  }

  /** One key, and the page that was asked for. */
  @Test
  void allNoOnAShutPageLeadsOnToIt() throws Exception {
    shut("one sign is not asked");
    String sheet = "/golfers/" + golfer + "/sheet";
    String shut = page(sheet).andReturn().getResponse().getContentAsString();
    assertThat(shut).contains("Ask first", "One warning sign was not asked", "data-all-no");
    send(post("/golfers/" + golfer + "/talk/all-no").param("then", sheet))
        .andExpect(redirectedUrlPattern("/golfers/*/sheet"));
    page(sheet).andExpect(status().isOk());
    assertThat(page(sheet).andReturn().getResponse().getContentAsString())
        .contains("class=\"sheet")
        .doesNotContain("Ask first");
    send(post("/golfers/" + golfer + "/talk/all-no").param("then", "//elsewhere.example/x"))
        .andExpect(redirectedUrlPattern("/golfers/*/talk"));
  }

  /** What was taken earlier may be put right without asking: nobody moves for it. */
  @Test
  void anOldTryIsCorrectedWithoutAskingButNotBehindAYes() throws Exception {
    shut("one sign is not asked");
    String tries = "/golfers/" + golfer + "/measure/trunk-turn.right/tries";
    String row = file().tries(Slot.parse("trunk-turn.right").orElseThrow()).get(0).rowId();
    send(post(tries).param("value", "41").param("correcting", row).param("submitKey", "a"));
    assertThat(file().tries()).anyMatch(t -> t.value().filter(v -> v == 41).isPresent());
    shut("a sign is a yes");
    String now = file().tries(Slot.parse("trunk-turn.right").orElseThrow()).get(0).rowId();
    send(post(tries).param("value", "42").param("correcting", now).param("submitKey", "b"));
    assertThat(file().tries()).noneMatch(t -> t.value().filter(v -> v == 42).isPresent());
  }
}
