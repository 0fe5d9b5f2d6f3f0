package loosehip.app.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;

/** Written, then read back by the library's own parser. */
class CalendarFileTest {
  private static final ZoneId EDINBURGH = ZoneId.of("Europe/London");
  private static final LocalDate WINTER = LocalDate.of(2027, 3, 26);
  private static final LocalDate SUMMER = LocalDate.of(2027, 3, 29);

  private static String written(int version, List<LocalDate> gone) {
    return new CalendarFile("golfer-1", version, EDINBURGH, Instant.parse("2027-03-01T10:00:00Z"))
        .write(
            List.of(
                new CalendarFile.OnDay(WINTER, 610, List.of("Bridge", "Wall taps")),
                new CalendarFile.OnDay(SUMMER, 900, List.of("Bridge"))),
            gone,
            LocalTime.of(18, 0),
            LocalDate.of(2027, 4, 16),
            LocalDate.of(2027, 5, 7));
  }

  private static List<VEvent> events(String text) throws Exception {
    Calendar calendar = new CalendarBuilder().build(new StringReader(text));
    assertThat(calendar.validate().hasErrors()).isFalse();
    return calendar.<VEvent>getComponents("VEVENT");
  }

  private static VEvent event(List<VEvent> events, String summary, int index) {
    return events.stream()
        .filter(e -> e.getSummary().getValue().startsWith(summary))
        .toList()
        .get(index);
  }

  private static String value(VEvent event, String name) {
    return event.<Property>getProperty(name).orElseThrow().getValue();
  }

  @Test
  void sessionsChecksAndAlarmsAreReadBackAtTheRightHour() throws Exception {
    List<VEvent> events = events(written(2, List.of()));
    assertThat(events).hasSize(4);
    VEvent winter = event(events, "Hip routine, 10 min", 0);
    VEvent summer = event(events, "Hip routine, 15 min", 0);
    assertThat(instant(winter)).isEqualTo(Instant.parse("2027-03-26T18:00:00Z"));
    // after the clocks have gone forward, six in the evening is five in UTC
    assertThat(instant(summer)).isEqualTo(Instant.parse("2027-03-29T17:00:00Z"));
    assertThat(value(winter, "DESCRIPTION")).isEqualTo("Bridge\nWall taps");
    assertThat(winter.getAlarms()).hasSize(1);
    assertThat(written(2, List.of())).contains("BEGIN:VTIMEZONE", "TRIGGER:-PT15M", "TRIGGER:-P1D");
    assertThat(event(events, "Retest", 0).getAlarms()).hasSize(1);
    assertThat(event(events, "Half-way check", 0)).isNotNull();
  }

  private static Instant instant(VEvent event) {
    return ZonedDateTime.from(event.getStartDate().orElseThrow().getDate()).toInstant();
  }

  @Test
  void aLaterVersionKeepsTheIdsAndCancelsWhatIsGone() throws Exception {
    List<VEvent> one = events(written(1, List.of()));
    List<VEvent> two = events(written(2, List.of(LocalDate.of(2027, 3, 30))));
    assertThat(value(event(two, "Retest", 0), "UID"))
        .isEqualTo(value(event(one, "Retest", 0), "UID"));
    assertThat(value(event(two, "Hip routine", 0), "UID"))
        .isEqualTo(value(event(one, "Hip routine", 0), "UID"));
    assertThat(one.stream().map(e -> value(e, "UID"))).doesNotHaveDuplicates();
    assertThat(value(event(two, "Retest", 0), "SEQUENCE")).isEqualTo("2");
    assertThat(two).hasSize(5);
    assertThat(two.stream().filter(e -> value(e, "STATUS").equals("CANCELLED"))).hasSize(1);
    assertThat(written(1, List.of())).doesNotContain("golfer-1");
  }
}
