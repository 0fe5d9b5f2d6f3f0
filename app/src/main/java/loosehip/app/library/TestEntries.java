package loosehip.app.library;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import loosehip.app.golfer.Standards;
import loosehip.app.golfer.StandardsShelf;
import loosehip.app.store.Account;
import loosehip.app.store.Accounts;
import loosehip.app.store.Noted;
import loosehip.app.store.PracticeValues;
import loosehip.app.unit.Shown;
import loosehip.app.words.Dates;
import loosehip.app.words.Numbers;
import loosehip.app.words.SafetyWords;
import loosehip.core.measure.AngleKind;
import loosehip.core.measure.BandScale;
import loosehip.core.measure.BandScales;
import loosehip.core.measure.Compensation;
import loosehip.core.measure.Method;
import loosehip.core.measure.OwnRepeatability;
import loosehip.core.measure.Part;
import loosehip.core.measure.ScreenTest;
import loosehip.core.measure.Unit;
import loosehip.core.safety.Demand;
import loosehip.core.safety.TestDemands;
import org.springframework.stereotype.Component;

/** Lays out the tests and methods of a practice, its own values beside the shipped ones. */
@Component
class TestEntries {
  private final StandardsShelf shelf;
  private final PracticeValues values;
  private final Accounts accounts;

  TestEntries(StandardsShelf shelf, PracticeValues values, Accounts accounts) {
    this.shelf = shelf;
    this.values = values;
    this.accounts = accounts;
  }

  /** Every test, parts with edges of their own after it. */
  List<TestEntry> tests(Account account) {
    Standards standards = shelf.of(account.practiceId());
    List<TestEntry> entries = new ArrayList<>();
    for (ScreenTest test : ScreenTest.values()) {
      entries.add(entry(account, standards, test, Optional.empty()));
      test.parts().stream()
          .filter(test::hasOwnScale)
          .forEach(p -> entries.add(entry(account, standards, test, Optional.of(p))));
    }
    return entries;
  }

  TestEntry entry(Account account, Standards standards, ScreenTest test, Optional<Part> part) {
    boolean numbers = test.unit() != Unit.WORD;
    String outcomes =
        numbers
            ? ""
            : String.join(", ", test.words(test.hasWholeNumber() ? Optional.empty() : part));
    String title = test.title() + part.map(p -> ", " + p.word()).orElse("");
    String watched =
        test.compensations().stream().map(Compensation::word).collect(Collectors.joining(", "));
    String about =
        test.position().word()
            + " · "
            + test.minutes()
            + " min"
            + (test.sided() ? " · both sides" : "")
            + (watched.isEmpty() ? "" : " · watch: " + watched)
            + demands(TestDemands.of(test, part));
    return new TestEntry(
        BandScales.key(test, part),
        title,
        about,
        (title + " " + about + " " + outcomes + " " + test.id()).toLowerCase(Locale.ROOT),
        numbers ? range(test) : "",
        numbers ? Optional.of(scale(account, standards, test, part)) : Optional.empty(),
        outcomes,
        "");
  }

  private static String demands(Set<Demand> demands) {
    return demands.isEmpty() ? "" : " · asks: " + SafetyWords.demands(demands);
  }

  private static String range(ScreenTest test) {
    Shown unit = Shown.of(test.unit());
    return "takes "
        + Numbers.plain(unit.of(test.range().hardLow()))
        + " to "
        + Numbers.plain(unit.of(test.range().hardHigh()))
        + unit.sign()
        + ", asks outside "
        + Numbers.plain(unit.of(test.range().usualLow()))
        + " to "
        + Numbers.plain(unit.of(test.range().usualHigh()));
  }

  private TestEntry.Scale scale(
      Account account, Standards standards, ScreenTest test, Optional<Part> part) {
    BandScale now = standards.scales().of(test, part);
    BandScale shipped = test.scale(part);
    double low = Math.min(test.range().usualLow(), Math.min(now.close(), now.enough()));
    double high = Math.max(test.range().usualHigh(), Math.max(now.close(), now.enough()));
    if (test.unit() == Unit.SECONDS) {
      high = Math.min(high, 2 * now.enough());
    }
    double span = high - low;
    Shown unit = Shown.of(test.unit());
    return new TestEntry.Scale(
        Numbers.plain(unit.of(now.enough())),
        Numbers.plain(unit.of(now.close())),
        Numbers.plain(unit.of(shipped.enough())),
        Numbers.plain(unit.of(shipped.close())),
        !now.equals(shipped),
        now.moreIsBetter(),
        unit.sign(),
        100 * (now.enough() - low) / span,
        100 * (now.close() - low) / span,
        Numbers.plain(unit.of(low)),
        Numbers.plain(unit.of(high)),
        history(account, Standards.bandTopic(test, part)));
  }

  private List<String> history(Account account, String topic) {
    return values.history(account.practiceId(), topic).stream().map(TestEntries::line).toList();
  }

  private static String line(Noted noted) {
    String what =
        noted.value().isEmpty()
            ? "reset to the shipped values"
            : "enough, close: " + String.join(", ", noted.value().split(" "));
    return what + ". " + noted.by() + ", " + Dates.moment(noted.at());
  }

  /**
   * The four methods, with everybody's own scatter worked out anew.
   *
   * @param asked the method something was typed for
   * @param problem why that was not kept; empty when it was
   */
  List<TestEntry.MethodEntry> methods(Account account, Optional<Method> asked, String problem) {
    Standards standards = shelf.anew(account.practiceId());
    Map<String, String> people = accounts.people(account.practiceId());
    return Arrays.stream(Method.values())
        .map(
            m ->
                new TestEntry.MethodEntry(
                    m.id(),
                    m.word(),
                    Numbers.plain(standards.defaultDeviation(m)),
                    Numbers.plain(m.tryDeviation()),
                    standards.byMethod().containsKey(m),
                    people.entrySet().stream()
                        .flatMap(p -> scatters(standards, p.getKey(), p.getValue(), m))
                        .toList(),
                    asked.filter(m::equals).map(a -> problem).orElse("")))
        .toList();
  }

  /** What is known of one hand by one method, a line a kind of test. */
  private static Stream<String> scatters(
      Standards standards, String account, String name, Method method) {
    List<String> lines = new ArrayList<>();
    for (AngleKind kind : AngleKind.values()) {
      standards
          .own(account, method, kind)
          .ifPresent(
              own ->
                  lines.add(name + ", " + kind.words() + ": " + scatter(own, standards, method)));
    }
    return lines.isEmpty() ? Stream.of(name + ": no two tries in a set yet") : lines.stream();
  }

  private static String scatter(OwnRepeatability own, Standards standards, Method method) {
    String known =
        String.format(
            Locale.ROOT,
            "%.1f from %d degrees of freedom%s, ",
            own.deviation(),
            own.freedom(),
            own.blind() ? " of blind sets" : "");
    double inUse = own.inUse(standards.defaultDeviation(method));
    return known
        + (!own.takesOver()
            ? "used from " + OwnRepeatability.TAKES_OVER_AT
            : inUse > own.deviation()
                ? "half the default in use (" + Numbers.plain(inUse) + ")"
                : "in use");
  }
}
