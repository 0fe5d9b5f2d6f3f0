package loosehip.app.signin;

import loosehip.app.Settings;
import loosehip.app.store.Accounts;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.ApplicationContext;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Says where the application answers, and on an empty data base prints the owner's set-up link. */
@Component
@Lazy(false)
class FirstStart {
  private final Accounts accounts;
  private final Settings settings;
  private final ApplicationContext context;

  FirstStart(Accounts accounts, Settings settings, ApplicationContext context) {
    this.accounts = accounts;
    this.settings = settings;
    this.context = context;
  }

  @EventListener(ApplicationReadyEvent.class)
  void ready() {
    if (!(context instanceof ServletWebServerApplicationContext web)
        || web.getWebServer() == null) {
      return;
    }
    String address = "http://localhost:" + web.getWebServer().getPort() + "/";
    System.out.println();
    System.out.println(
        "Loose Hip answers at " + address + (settings.demo() ? "  (demo data)" : ""));
    if (!settings.demo() && accounts.none()) {
      System.out.println("Nobody can sign in yet. Make the owner's account once, here:");
      System.out.println("  " + address + "set-up/" + accounts.freshSetUpToken());
    }
    System.out.println("Stop it with Ctrl-C.");
  }
}
