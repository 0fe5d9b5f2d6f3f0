package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.Account;
import loosehip.app.store.Looks;
import loosehip.app.store.People;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.crypto.password.PasswordEncoder;

/** Who looked, at what: noted once, told to the owner, and about nobody once they are erased. */
class LooksFormsTest extends FormsTest {
  @Autowired Looks looks;
  @Autowired People people;
  @Autowired PasswordEncoder passwords;

  private List<String> acts() {
    return looks.of(wren.account().practiceId(), Integer.MAX_VALUE, 50).stream()
        .map(l -> l.act().id() + " " + l.golfer().orElse("-"))
        .toList();
  }

  @Test
  void openedPrintedExportedSharedAndErasedAreNoted() throws Exception {
    int before = acts().size();
    page("/golfers/" + golfer + "/talk");
    page("/golfers/" + golfer + "/measure");
    page("/golfers/" + golfer + "/everything.json");
    send(post("/golfers/" + golfer + "/inclinometer/join"));
    send(post("/library/bag").param("name", "x"));
    page("/golfers/nobody/talk").andExpect(status().isNotFound());
    List<String> noted = acts().subList(0, acts().size() - before);
    assertThat(noted)
        .startsWith("shared Isla Brodie", "exported Isla Brodie", "opened Isla Brodie");
    assertThat(noted.stream().filter(a -> a.startsWith("opened"))).hasSize(1);
    page("/golfers/" + golfer + "/looks")
        .andExpect(content().string(containsString("exported: everything")));
    page("/people/looks").andExpect(content().string(containsString("opened")));
    page("/people/looks.csv")
        .andExpect(content().string(containsString("exported,everything,Isla")));

    send(post("/golfers/" + golfer + "/erase").param("confirm", "Isla Brodie"));
    assertThat(acts().get(0)).isEqualTo("erased -");
    assertThat(acts().subList(0, acts().size() - before)).noneMatch(a -> a.contains("Isla"));
  }

  @Test
  void signInsAndRefusalsAreNotedAndHelpersSeeNone() throws Exception {
    people.password(wren.account().id(), passwords.encode("larch over the ninth green"));
    mvc.perform(
        post("/sign-in")
            .param("username", wren.account().signInName())
            .param("password", "wrong")
            .with(csrf()));
    assertThat(acts().get(0)).isEqualTo("refused -");
    Account moss =
        accounts
            .bySignInName("moss-looks")
            .orElseGet(() -> accounts.addHelper(wren.account(), "Moss", "moss-looks", "hash"));
    for (String address : List.of("/people/looks", "/people/looks.csv")) {
      mvc.perform(get(address).with(user(new SignedIn(moss)))).andExpect(status().isForbidden());
    }
    Account other = accounts.addPractice("Elsewhere", "Tor", "tor-looks", "hash");
    assertThat(looks.of(other.practiceId(), Integer.MAX_VALUE, 50)).isEmpty();
  }
}
