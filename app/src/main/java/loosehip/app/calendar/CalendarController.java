package loosehip.app.calendar;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import loosehip.app.door.Door;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.golfer.Workup;
import loosehip.app.golfer.Workups;
import loosehip.app.paper.Pdf;
import loosehip.app.plan.Plans;
import loosehip.app.signin.SignedIn;
import loosehip.app.store.PlanVersions;
import loosehip.core.safety.Passage;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** Answers with the golfer's plan as a calendar file. */
@Controller
class CalendarController {
  private static final LocalTime USUAL = LocalTime.of(18, 0);

  private final Workups workups;
  private final Plans plans;
  private final ExerciseTexts texts;
  private final Clock clock;

  CalendarController(Workups workups, Plans plans, ExerciseTexts texts, Clock clock) {
    this.workups = workups;
    this.plans = plans;
    this.texts = texts;
    this.clock = clock;
  }

  @Door(Passage.HANDS_OUT)
  @GetMapping("/golfers/{id}/plan.ics")
  ResponseEntity<byte[]> calendar(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String at,
      @RequestParam(defaultValue = "") String zone,
      @AuthenticationPrincipal SignedIn user) {
    Workup workup = workups.open(user.account(), id);
    Optional<Plans.Plan> plan = plans.of(workup).filter(p -> !p.unsafe() && !p.block().empty());
    if (plan.isEmpty()) {
      return Pdf.instead("/golfers/" + id + "/plan");
    }
    String text =
        new CalendarFile(
                id,
                plan.get().kept().map(PlanVersions.Version::number).orElse(0),
                zone(zone),
                clock.instant())
            .write(
                sessions(plan.get()),
                gone(workup, plan.get()),
                time(at),
                plan.get().block().halfWay(),
                plan.get().block().retest());
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_TYPE, "text/calendar; charset=utf-8")
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("routine.ics").build().toString())
        .body(text.getBytes(StandardCharsets.UTF_8));
  }

  private static LocalTime time(String at) {
    try {
      return at.isBlank() ? USUAL : LocalTime.parse(at);
    } catch (DateTimeParseException unreadable) {
      return USUAL;
    }
  }

  /** The zone the browser is in; the machine's where it tells none that is known. */
  private static ZoneId zone(String told) {
    return ZoneId.getAvailableZoneIds().contains(told) ? ZoneId.of(told) : ZoneId.systemDefault();
  }

  private List<CalendarFile.OnDay> sessions(Plans.Plan plan) {
    return plan.block().weeks().stream()
        .flatMap(
            w ->
                w.sessions().stream()
                    .map(
                        s ->
                            new CalendarFile.OnDay(
                                plan.block().span().date(w.number(), s.day()),
                                s.seconds(),
                                s.items().stream().map(i -> texts.of(i.id()).name()).toList())))
        .toList();
  }

  /** Days of earlier versions that have no session any more. */
  private List<LocalDate> gone(Workup workup, Plans.Plan now) {
    TreeSet<LocalDate> days = new TreeSet<>();
    plans.earlier(workup).forEach(p -> sessions(p).forEach(e -> days.add(e.on())));
    sessions(now).forEach(e -> days.remove(e.on()));
    return List.copyOf(days);
  }
}
