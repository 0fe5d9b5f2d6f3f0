package loosehip.app.calendar;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.Period;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.ComponentList;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.PropertyList;
import net.fortuna.ical4j.model.TimeZoneRegistryFactory;
import net.fortuna.ical4j.model.component.CalendarComponent;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Action;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Status;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Trigger;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/**
 * Writes a plan as a calendar. Every entry keeps its id from version to version of the plan, with a
 * higher sequence number, so that taking the file in again changes what is there; a session that is
 * no more is cancelled. Entries name no health matter.
 */
final class CalendarFile {
  private static final Duration BEFORE_SESSION = Duration.ofMinutes(-15);
  private static final Duration BEFORE_CHECK = Duration.ofDays(-1);

  private final String golferId;
  private final int version;
  private final ZoneId zone;
  private final Instant made;

  /**
   * @param golferId whose it is; only a digest of it enters the file
   * @param version of the plan, 0 while it is only proposed
   * @param made when the file is made
   */
  CalendarFile(String golferId, int version, ZoneId zone, Instant made) {
    this.golferId = golferId;
    this.version = version;
    this.zone = zone;
    this.made = made;
  }

  /** A session on a day. */
  record OnDay(LocalDate on, int seconds, List<String> things) {}

  /**
   * The calendar as text.
   *
   * @param at when sessions begin
   * @param gone days on which an earlier version had a session and this one has none
   */
  String write(
      List<OnDay> sessions,
      List<LocalDate> gone,
      LocalTime at,
      LocalDate halfWay,
      LocalDate retest) {
    List<CalendarComponent> all = new ArrayList<>();
    Optional.ofNullable(
            TimeZoneRegistryFactory.getInstance().createRegistry().getTimeZone(zone.getId()))
        .ifPresent(rules -> all.add(rules.getVTimeZone()));
    for (OnDay session : sessions) {
      long minutes = Math.max(1, Math.round(session.seconds() / 60.0));
      all.add(
          event(
              "session-" + session.on(),
              session.on().atTime(at).atZone(zone),
              Duration.ofMinutes(minutes),
              "Hip routine, " + minutes + " min",
              String.join("\n", session.things()),
              BEFORE_SESSION,
              "CONFIRMED"));
    }
    for (LocalDate day : gone) {
      all.add(
          event(
              "session-" + day,
              day.atTime(at).atZone(zone),
              Duration.ofMinutes(1),
              "Hip routine",
              "",
              BEFORE_SESSION,
              "CANCELLED"));
    }
    all.add(
        event(
            "half-way",
            halfWay.atTime(at).atZone(zone),
            Duration.ofMinutes(15),
            "Half-way check",
            "Tilt and hinge are looked at again; rungs may rise.",
            BEFORE_CHECK,
            "CONFIRMED"));
    all.add(
        event(
            "retest",
            retest.atTime(at).atZone(zone),
            Duration.ofMinutes(45),
            "Retest",
            "The same tests, the same way.",
            BEFORE_CHECK,
            "CONFIRMED"));
    Calendar calendar = new Calendar();
    calendar.setPropertyList(
        new PropertyList(
            List.<Property>of(
                new ProdId("-//Loose Hip//Plan//EN"),
                ImmutableVersion.VERSION_2_0,
                ImmutableCalScale.GREGORIAN)));
    calendar.setComponentList(new ComponentList<>(all));
    return calendar.toString();
  }

  private VEvent event(
      String what,
      ZonedDateTime start,
      Duration length,
      String summary,
      String description,
      Duration alarm,
      String status) {
    List<Property> properties = new ArrayList<>();
    properties.add(new Uid(uid(what)));
    properties.add(new DtStamp(made));
    properties.add(new Sequence(version));
    properties.add(new DtStart<>(start));
    properties.add(new DtEnd<>(start.plus(length)));
    properties.add(new Summary(summary));
    properties.add(new Status(status));
    if (!description.isEmpty()) {
      properties.add(new Description(description));
    }
    VAlarm reminder =
        new VAlarm(
            new PropertyList(
                List.<Property>of(
                    new Action("DISPLAY"),
                    new Trigger(alarm.toDays() == 0 ? alarm : Period.ofDays((int) alarm.toDays())),
                    new Description(summary))));
    return new VEvent(new PropertyList(properties), new ComponentList<>(List.of(reminder)));
  }

  /** The same for the same thing of the same golfer, whatever the version; names nobody. */
  private String uid(String what) {
    try {
      byte[] digest =
          MessageDigest.getInstance("SHA-256")
              .digest((golferId + " " + what).getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(digest, 0, 12) + "@loose-hip";
    } catch (NoSuchAlgorithmException impossible) {
      throw new IllegalStateException(impossible);
    }
  }
}
