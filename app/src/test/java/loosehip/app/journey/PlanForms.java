package loosehip.app.journey;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.LocalDate;
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
  void aStiffGolferWithTime() {
    taken("seated-rotation.right.internal", 22);
    taken("seated-rotation.left.internal", 24);
    taken("seated-rotation.left.external", 45);
    taken("trunk-turn.right", 30);
    taken("bridge-hold.left", 8);
    taken("bridge-hold.right", 9);
    jot(
        "fault.sway=clear",
        "fault.reverse-tilt=clear",
        "wish.minutes=30",
        "wish.days=5",
        "wish.tool-club=yes",
        "wish.tool-chair=yes",
        "wish.start=" + LocalDate.now());
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
