package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import loosehip.app.plan.LogSteps;
import loosehip.app.store.Homework;
import loosehip.app.store.PhoneLinks;
import loosehip.core.plan.Session;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** A golfer with a plan that runs, a link to it, and what a phone does with it. */
abstract class PhoneForms extends PlanForms {
  static final Pattern TOKEN = Pattern.compile("/r/([A-Za-z0-9_-]{22})/");

  @Autowired PhoneLinks links;
  @Autowired Homework homework;
  @Autowired LogSteps steps;

  String token;
  String item;
  LocalDate day;
  int version;

  /** A plan that runs for a fortnight, and a link to it. */
  @BeforeEach
  void aLink() throws Exception {
    note("wish.days", "7");
    note("wish.start", LocalDate.now().minusDays(13).toString());
    plans.giveFrom(workup(), wren.account(), LocalDate.EPOCH);
    token = make();
    version = version();
    day = LocalDate.now();
    item = asked(day).items().get(1).id().id();
  }

  Session asked(LocalDate on) {
    return now().block().session(on).orElseThrow();
  }

  String make() throws Exception {
    var made = send(post("/golfers/" + golfer + "/phone")).andReturn();
    String shown = String.valueOf(made.getFlashMap().get("madeToken"));
    String page =
        mvc.perform(
                get("/golfers/" + golfer + "/phone").flashAttr("madeToken", shown).with(user(wren)))
            .andReturn()
            .getResponse()
            .getContentAsString();
    Matcher found = TOKEN.matcher(page);
    assertThat(found.find()).isTrue();
    assertThat(found.group(1)).isEqualTo(shown);
    assertThat(page).contains("class=\"qr\"", "It works until");
    return shown;
  }

  /** A request of somebody who is not signed in, from a source of its own. */
  ResultActions phone(MockHttpServletRequestBuilder request, String source) throws Exception {
    return mvc.perform(
        request.with(
            r -> {
              r.setRemoteAddr(source);
              return r;
            }));
  }

  String opened() throws Exception {
    return phone(get("/r/" + token + "/"), "10.0.0.1")
        .andExpect(status().isOk())
        .andReturn()
        .getResponse()
        .getContentAsString();
  }

  ResultActions sent(String json) throws Exception {
    return phone(
        post("/r/" + token + "/log").contentType(MediaType.APPLICATION_JSON).content(json),
        "10.0.0.1");
  }

  String entry(String key, String more) {
    return """
        {"key":"%s","at":1000,"day":"%s","plan":%d,"item":"%s"%s}"""
        .formatted(key, day, version, item, more);
  }

  ResultActions say(String key, String more) throws Exception {
    return sent("{\"sentAt\":2000,\"entries\":[" + entry(key, more) + "]}");
  }

  List<Homework.Said> log() {
    return homework.of(golfer).stream().filter(k -> k.item().id().equals(item)).toList();
  }
}
