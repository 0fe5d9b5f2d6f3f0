package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.ResultActions;

/** The link of a phone that measures, and what it sends, without a browser. */
class InclinometerFormsTest extends FormsTest {
  private static final Pattern LINK = Pattern.compile("/i/[A-Za-z0-9_-]{22}");

  private String joined() throws Exception {
    String page =
        send(post("/golfers/" + golfer + "/inclinometer/join"))
            .andExpect(status().isOk())
            .andReturn()
            .getResponse()
            .getContentAsString();
    Matcher link = LINK.matcher(page);
    assertThat(link.find()).isTrue();
    return link.group();
  }

  private ResultActions phone(String address, String what, String phone, String body)
      throws Exception {
    return mvc.perform(
        post(address + what)
            .queryParam("phone", phone)
            .contentType(MediaType.APPLICATION_JSON)
            .content(body));
  }

  @Test
  void thePageShowsAFirstNameAndNothingElse() throws Exception {
    mvc.perform(get(joined()))
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("Isla")))
        .andExpect(content().string(not(containsString("Brodie"))));
  }

  @Test
  void aCutAnUnknownAndAReplacedLinkAreAnsweredAlike() throws Exception {
    String first = joined();
    String second = joined();
    String gone =
        mvc.perform(get(first))
            .andExpect(status().isGone())
            .andReturn()
            .getResponse()
            .getContentAsString();
    send(post("/golfers/" + golfer + "/inclinometer/cut")).andExpect(status().isNoContent());
    for (String link : new String[] {second, "/i/" + "x".repeat(22)}) {
      mvc.perform(get(link)).andExpect(status().isGone()).andExpect(content().string(gone));
      phone(link, "/angles", "a", "[]").andExpect(status().isGone());
    }
  }

  @Test
  void theAngleIsThatOfItsAxisAndCountsFromItsZero() throws Exception {
    String link = joined();
    phone(link, "/here", "a", "").andExpect(status().isOk());
    phone(link, "/angles", "a", "[[1000,0,60,89.99]]")
        .andExpect(jsonPath("$.mine").value(true))
        .andExpect(jsonPath("$.listening").value(false))
        .andExpect(jsonPath("$.axis").value("Shank"))
        .andExpect(jsonPath("$.angle").value(30.0));
    phone(link, "/zero", "a", "").andExpect(jsonPath("$.angle").value(0.0));
    phone(link, "/angles", "a", "[[1050,0,40,89.99]]").andExpect(jsonPath("$.angle").value(20.0));
    phone(link, "/angles", "b", "[[1050,0,10,89.99]]").andExpect(jsonPath("$.mine").value(false));
    phone(link, "/angles", "a", "[]").andExpect(jsonPath("$.angle").value(20.0));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "[[2000,\"NaN\",0,0]]",
        "[[2000,1e308,1e308,1e308]]",
        "[[2000]]",
        "[null]",
        "[[]]",
        "[[9e99,0,200,0]]",
        "[[2000,null,60,1]]"
      })
  void whatIsNoAngleMovesNothing(String body) throws Exception {
    String link = joined();
    phone(link, "/here", "a", "");
    phone(link, "/angles", "a", "[[1000,0,60,89.99]]");
    int status = phone(link, "/angles", "a", body).andReturn().getResponse().getStatus();
    assertThat(status).isIn(200, 400);
    phone(link, "/angles", "a", "[]").andExpect(jsonPath("$.angle").value(30.0));
  }

  @Test
  void brokenAndOverlongBodiesAreRefused() throws Exception {
    String link = joined();
    phone(link, "/angles", "a", "{\"x\":").andExpect(status().isBadRequest());
    phone(link, "/angles", "a", "[" + " ".repeat(20_000) + "]")
        .andExpect(status().isContentTooLarge());
    phone(link, "/here", "p".repeat(5000), "").andExpect(status().isOk());
  }

  @Test
  void anErasedGolferTakesTheLinkWithThem() throws Exception {
    String link = joined();
    send(post("/golfers/" + golfer + "/erase").param("confirm", "Isla Brodie"));
    mvc.perform(get(link)).andExpect(status().isGone());
  }

  @Test
  void aDeviceThatIsNoneIsNotFound() throws Exception {
    send(get("/golfers/" + golfer + "/inclinometer").param("source", "sextant"))
        .andExpect(status().isNotFound());
    send(post("/golfers/" + golfer + "/inclinometer/zero").param("source", "sextant"))
        .andExpect(status().isNotFound());
  }
}
