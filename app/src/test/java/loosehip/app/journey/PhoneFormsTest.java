package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import loosehip.app.fact.SessionTold;
import loosehip.app.signin.SignedIn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The golfer's page and what a phone sends to it, without a browser. */
class PhoneFormsTest extends PhoneForms {
  @Test
  void theLinkIsShownOnceAndOpensThePlanWithoutAnAccount() throws Exception {
    assertThat(opened())
        .contains("Isla", "Begin", "data-base=\"/r/" + token + "/\"")
        .contains("id=\"routine\"");
    phone(get("/r/" + token + "/"), "10.0.0.1")
        .andExpect(header().string("Referrer-Policy", "no-referrer"))
        .andExpect(header().string("Cache-Control", containsString("no-store")))
        .andExpect(header().doesNotExist("Set-Cookie"));
    assertThat(read("/golfers/" + golfer + "/phone"))
        .doesNotContain(token)
        .contains("first opened");
    assertThat(links.of(golfer)).hasSize(1).allMatch(l -> l.open(LocalDate.now()));
  }

  /** First name, plan and own log: nothing of health, birth, other visits, other pages. */
  @Test
  void thePageShowsNothingBeyondThePlan() throws Exception {
    note("who.history", "an old story about a bicycle");
    note("who.birth-year", "1961");
    note("caution.wrist", "left");
    note("caution-note.wrist", "fell on the ice");
    note("pain-now.back", "2");
    String page = opened();
    assertThat(page)
        .doesNotContain("Brodie", "bicycle", "1961", "fell on the ice", "fell", golfer)
        .doesNotContain("/golfers/", "early-stop", file().visitId(), "_csrf", "seated-rotation");
    assertThat(page).doesNotContainIgnoringCase("caution").doesNotContainIgnoringCase("warning");
  }

  @Test
  void whatWasCutOrNeverWasIsAnsweredAlike() throws Exception {
    String gone =
        phone(get("/r/AAAAAAAAAAAAAAAAAAAAAA/"), "10.0.0.2")
            .andExpect(status().isGone())
            .andReturn()
            .getResponse()
            .getContentAsString();
    send(post("/golfers/" + golfer + "/phone/" + links.of(golfer).get(0).id() + "/cut"));
    phone(get("/r/" + token + "/"), "10.0.0.3")
        .andExpect(status().isGone())
        .andExpect(content().string(gone));
    for (String below : List.of("", "/", "/worker.js", "/routine.webmanifest")) {
      phone(get("/r/" + token + below), "10.0.0.3").andExpect(status().isGone());
    }
    say("k", ",\"done\":\"top\"").andExpect(status().isGone());
    assertThat(log()).isEmpty();
    assertThat(read("/golfers/" + golfer + "/phone")).contains(", cut ");
  }

  @Test
  void whoeverGuessesIsNotLookedUpAnyMore() throws Exception {
    for (int i = 0; i < 20; i++) {
      phone(get("/r/guess" + i + "/"), "10.0.9.9").andExpect(status().isGone());
    }
    phone(get("/r/" + token + "/"), "10.0.9.9").andExpect(status().isGone());
    phone(get("/r/" + token + "/"), "10.0.0.1").andExpect(status().isOk());
  }

  @Test
  void aLinkEndsWithTheBlock() throws Exception {
    String ended = links.make(file(), wren.account(), LocalDate.now().minusDays(1));
    phone(get("/r/" + ended + "/"), "10.0.0.1").andExpect(status().isGone());
    String lastDay = links.make(file(), wren.account(), LocalDate.now());
    phone(get("/r/" + lastDay + "/"), "10.0.0.1").andExpect(status().isOk());
  }

  @ParameterizedTest
  @CsvSource({
    "warning.hot-joint, yes, Stop the routine and speak to your trainer",
    "warning.hot-joint, '', has something to ask you",
    "consent, '', has something to ask you",
    "who.birth-year, 2014, guardian",
  })
  void behindAShutDoorThereIsNoPlanAndNothingIsKept(String fact, String value, String says)
      throws Exception {
    note(fact, value);
    assertThat(opened()).contains(says).doesNotContain("data-begin", "id=\"sheet\"", item);
    boolean asksOnly = fact.startsWith("warning") && value.isEmpty();
    say("k", ",\"done\":\"top\"")
        .andExpect(content().string(containsString("\"shut\":true")))
        .andExpect(
            content().string(asksOnly ? containsString("\"k\"") : not(containsString("\"k\""))));
    assertThat(log()).hasSize(asksOnly ? 1 : 0);
    assertThat(links.of(golfer)).isNotEmpty();
  }

  @Test
  void oneBadEntryLosesNoOther() throws Exception {
    String bad =
        String.join(
            ",",
            entry("effort", ",\"done\":\"top\",\"effort\":11"),
            entry("pain", ",\"pain\":-1"),
            entry("good", ",\"done\":\"top\",\"effort\":5,\"pain\":1"),
            "null",
            "{\"key\":\"where\",\"at\":1,\"day\":\"" + day + "\",\"item\":\"no-such-thing\"}",
            "{\"key\":\"when\",\"item\":\"" + item + "\"}",
            "{\"done\":\"top\"}");
    sent("{\"sentAt\":2000,\"entries\":[" + bad + "],\"more\":{\"unknown\":[1]}}")
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("\"got\":[\"good\"]")))
        .andExpect(content().string(containsString("Effort goes from 0 to 10")))
        .andExpect(content().string(containsString("not in your plan on this day")));
    assertThat(log()).singleElement().satisfies(k -> assertThat(k.log().effort()).contains(5));
  }

  @ParameterizedTest
  @CsvSource({"'', 400", "nonsense, 400", "[1], 400", "'{\"entries\":7}', 400", "{}, 200"})
  void whatCannotBeReadIsRefusedWhole(String body, int answer) throws Exception {
    sent(body).andExpect(status().is(answer));
    assertThat(log()).isEmpty();
  }

  @Test
  void aFloodIsTakenInPieces() throws Exception {
    String many =
        IntStream.range(0, 400)
            .mapToObj(i -> entry("k" + i, ",\"done\":\"top\",\"effort\":5"))
            .collect(Collectors.joining(","));
    String answer =
        sent("{\"sentAt\":2000,\"entries\":[" + many + "]}")
            .andReturn()
            .getResponse()
            .getContentAsString();
    assertThat(answer).contains("\"k99\"").doesNotContain("\"k100\"");
    sent("{\"entries\":[" + "\"x\",".repeat(40_000) + "1]}").andExpect(status().is(413));
    assertThat(log()).hasSize(1);
  }

  /** The phone's clock is three years behind, and the page's day is unreadable. */
  @Test
  void aWrongClockSpoilsNoDay() throws Exception {
    long at = Instant.parse("2023-05-05T10:00:00Z").toEpochMilli();
    sent(
        """
        {"sentAt":%d,"entries":[{"key":"a","at":%d,"day":"2023-05-05","plan":%d,"item":"%s",
        "done":"top"}]}"""
            .formatted(at + 60_000, at, version, item));
    assertThat(log()).extracting(k -> k.log().on()).containsExactly(LocalDate.now());
    sent(
        """
        {"sentAt":%d,"entries":[{"key":"b","at":%d,"day":"%s","plan":%d,"item":"%s","done":"top"}]}"""
            .formatted(at, at + 9_000_000, LocalDate.now().plusDays(3), version, item));
    assertThat(log()).hasSize(1);
  }

  @Test
  void aWeekLateAndUnderAVersionReplacedSinceItIsKeptWhereItBelongs() throws Exception {
    int old = version;
    plan("item/" + item + "/out");
    send(post("/golfers/" + golfer + "/plan/replan"));
    day = LocalDate.now().minusDays(7);
    sent(
        """
        {"sentAt":9,"entries":[{"key":"late","at":1,"day":"%s","plan":%d,"item":"%s","done":"top"}]}"""
            .formatted(day, old, item));
    assertThat(log())
        .singleElement()
        .satisfies(
            k -> {
              assertThat(k.plan()).isEqualTo(old);
              assertThat(k.log().on()).isEqualTo(day);
            });
  }

  @Test
  void theWholeSessionKeepsItsMinutesAndItsWord() throws Exception {
    sent("""
            {"sentAt":9,"entries":[{"key":"s","at":1,"day":"%s","effort":6,"minutes":14,
            "felt":"heavy legs"}]}"""
            .formatted(day))
        .andExpect(content().string(containsString("\"got\":[\"s\"]")));
    var told = SessionTold.ON.about(day).in(file()).orElseThrow();
    assertThat(told.minutes()).contains(14);
    assertThat(told.mood()).isEqualTo("heavy legs");
    assertThat(told.byPhone()).isTrue();
  }

  @Test
  void anErasedGolferLeavesNothingToOpen() throws Exception {
    golfers.erase(file());
    phone(get("/r/" + token + "/"), "10.0.0.5").andExpect(status().isGone());
    say("k", ",\"done\":\"top\"").andExpect(status().isGone());
  }

  @Test
  void anotherPracticeCutsNothing() throws Exception {
    String other = "wren-of-elsewhere";
    var account =
        accounts
            .bySignInName(other)
            .orElseGet(() -> accounts.addPractice("Elsewhere", "Ewan", other, "hash"));
    String theirs = golfers.add(account, "Ewan Kerr");
    String link = links.of(golfer).get(0).id();
    mvc.perform(
        post("/golfers/" + theirs + "/phone/" + link + "/cut")
            .with(user(new SignedIn(account)))
            .with(csrf()));
    phone(get("/r/" + token + "/"), "10.0.0.1").andExpect(status().isOk());
  }
}
