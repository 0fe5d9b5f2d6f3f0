package loosehip.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The trainer's phone, played by the browser's own sensor override in a second context. */
class InclinometerJourneyTest extends MeasureJourney {
  private static final String CARD = "seated-rotation.right.internal";

  /** A phone that lies as it is told to. */
  private final class Phone implements AutoCloseable {
    private final BrowserContext context;
    private final Page page;
    private final CDPSession sensor;
    private final List<String> complaints = new ArrayList<>();

    Phone(String address) {
      context = Browser.phone(port);
      context.grantPermissions(List.of("accelerometer", "gyroscope", "magnetometer"));
      page = Browser.page(context, complaints);
      sensor = context.newCDPSession(page);
      swings(0.5);
      page.navigate(address);
    }

    /** Upright, swung sideways in the plane of its screen. */
    void swings(double degrees) {
      JsonObject lies = new JsonObject();
      lies.addProperty("alpha", 0);
      lies.addProperty("beta", 90 - degrees);
      lies.addProperty("gamma", 89.9);
      sensor.send("DeviceOrientation.setDeviceOrientationOverride", lies);
    }

    @Override
    public void close() {
      context.close();
    }
  }

  private String joined() {
    page.navigate("/golfers/" + golfer + "/measure?card=" + CARD + "&mode=run");
    page.locator("#entry").press("i");
    page.locator("label:has(input[name=incl-source][value=phone])").click();
    assertThat(page.locator(".incl-words")).containsText("No phone is joined");
    page.locator("[data-incl-join]").click();
    assertThat(page.locator(".incl-join .qr")).isVisible();
    return page.locator(".incl-address").inputValue().replaceFirst(".*/i/", "/i/");
  }

  @Test
  void threeTriesAreTakenTwoByHoldingStillAndOneByATap() {
    try (Phone phone = new Phone(joined())) {
      phone.page.locator("#begin").tap();
      assertThat(phone.page.locator("#axis")).hasText("Shank");
      phone.swings(31);
      assertThat(page.locator(".tries .try")).hasCount(1);
      assertThat(phone.page.locator("#says")).containsText("Taken: 31.0°");
      phone.swings(36);
      assertThat(page.locator(".tries .try")).hasCount(2);
      phone.swings(33);
      assertThat(page.locator(".incl-angle")).hasText("33.0°");
      phone.page.locator("#take").tap();
      assertThat(page.locator(".tries .try")).hasCount(3);
      assertThat(page.locator(".tries .number").nth(2)).hasText("33");
      assertThat(phone.page.locator("#count")).containsText("3 taken, the last 33.0°");
      assertThat(page.locator("#try-form select[name=method]")).hasValue("inclinometer");
      page.locator(".history summary").click();
      assertThat(page.locator(".try-history")).containsText("Try 1: 31 taken by phone");

      phone.page.locator("#zero").tap();
      assertThat(page.locator(".incl-angle")).hasText("0.0°");
      phone.page.close();
      assertThat(page.locator(".incl-words")).containsText("No angle from the phone for");
      assertThat(page.locator(".tries .try")).hasCount(3);
      assertThat(phone.complaints).isEmpty();
    }
  }

  @Test
  void aSecondPhoneTakesOverAndACutOneIsToldSo() {
    String address = joined();
    try (Phone first = new Phone(address);
        Phone second = new Phone(address)) {
      first.page.locator("#begin").tap();
      first.swings(12);
      assertThat(page.locator(".incl-angle")).hasText("12.0°");
      second.page.locator("#begin").tap();
      second.swings(25);
      assertThat(first.page.locator("#says")).containsText("Another phone took over");
      assertThat(page.locator(".incl-angle")).hasText("25.0°");
      page.locator("[data-incl-cut]").click();
      assertThat(second.page.locator("#says")).containsText("cut, or its hour is over");
      assertThat(page.locator(".incl-words")).containsText("No phone is joined");
      second.page.reload();
      assertThat(second.page.locator("h1")).hasText("Nothing here any more");
    }
  }

  @Test
  void aPhoneWithoutASensorLeavesTheNumberPad() {
    assertThat(told(joined(), "granted"))
        .containsPattern("no sensor.*Use the number pad on Measure");
  }

  @Test
  void aPhoneThatMayNotSaySaysSoAndLeavesTheNumberPad() {
    assertThat(told(joined(), "denied"))
        .containsPattern("not allowed.*browser's settings.*Use the number pad on Measure");
  }

  /** What a phone without a sensor says once its browser has answered whether it may feel. */
  private String told(String address, String may) {
    try (BrowserContext context = Browser.phone(port)) {
      context.addInitScript(
          "DeviceOrientationEvent.requestPermission = () => Promise.resolve('" + may + "')");
      Page phone = Browser.page(context, complaints);
      phone.navigate(address);
      phone.locator("#begin").tap();
      Locator says = phone.locator("#says");
      assertThat(says).containsText("Use the number pad on Measure");
      assertThat(complaints).isEmpty();
      return says.innerText();
    }
  }
}
