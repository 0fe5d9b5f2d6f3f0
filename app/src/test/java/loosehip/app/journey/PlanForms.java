package loosehip.app.journey;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.LocalDate;
import java.util.List;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.plan.Plans;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.web.util.HtmlUtils;

/** A stiff golfer with time, whose plan and log are sent as forms without a browser. */
abstract class PlanForms extends FormsTest {
  @Autowired Workups workups;
  @Autowired Plans plans;

  @BeforeEach
  void aStiffGolferWithTime() throws Exception {
    for (String take :
        List.of(
            "seated-rotation.right.internal 22",
            "seated-rotation.left.internal 24",
            "seated-rotation.left.external 45",
            "trunk-turn.right 30",
            "bridge-hold.left 8",
            "bridge-hold.right 9")) {
      String[] words = take.split(" ");
      send(
          post("/golfers/" + golfer + "/measure/" + words[0] + "/tries")
              .param("value", words[1])
              .param("submitKey", take));
    }
    for (String fact :
        List.of(
            "fault.sway=clear",
            "fault.reverse-tilt=clear",
            "wish.minutes=30",
            "wish.days=5",
            "wish.tool-club=yes",
            "wish.tool-chair=yes")) {
      String[] halves = fact.split("=");
      note(halves[0], halves[1]);
    }
    note("wish.start", LocalDate.now().toString());
  }

  String read(String address) throws Exception {
    return HtmlUtils.htmlUnescape(page(address).andReturn().getResponse().getContentAsString());
  }

  ResultActions plan(String what, String... params) throws Exception {
    var request = post("/golfers/" + golfer + "/plan/" + what);
    for (int i = 0; i < params.length; i += 2) {
      request.param(params[i], params[i + 1]);
    }
    return send(request);
  }

  Workup workup() {
    return workups.open(wren.account(), golfer);
  }

  Plans.Plan now() {
    return plans.of(workup()).orElseThrow();
  }

  int version() {
    return now().kept().orElseThrow().number();
  }

  ResultActions say(Object day, String item, String... params) throws Exception {
    var request = post("/golfers/" + golfer + "/follow/" + day + "/" + item);
    for (int i = 0; i < params.length; i += 2) {
      request.param(params[i], params[i + 1]);
    }
    return send(request);
  }
}
