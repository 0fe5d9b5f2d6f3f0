package loosehip.app.casefile;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Handed;
import loosehip.core.body.Side;
import loosehip.core.casefile.CaseFile;
import loosehip.core.link.Complaint;
import loosehip.core.link.Habit;
import loosehip.core.link.Level;
import loosehip.core.link.PivotFault;
import loosehip.core.link.Rehearsal;
import loosehip.core.link.Seen;
import loosehip.core.link.SetupFault;
import loosehip.core.measure.Screen;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.Downswing;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.plan.Tool;
import loosehip.core.plan.Wishes;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Health;
import loosehip.core.safety.NotedCaution;
import loosehip.core.safety.WarningSign;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads a case file of version 1. Unknown keys are refused; missing parts mean "not measured". */
public final class CaseReader {
  /** The name every case file carries. */
  public static final String FORMAT = "loose-hip-case";

  /** The only version there is. */
  public static final int VERSION = 1;

  private static final JsonMapper JSON = JsonMapper.builder().build();

  private final List<Problem> problems = new ArrayList<>();
  private final LocalDate today;

  private CaseReader(LocalDate today) {
    this.today = today;
  }

  /**
   * What came of reading: a case, or the problems.
   *
   * @param golfer the case; empty when there is any problem
   * @param problems everything that is wrong, in the order of the file
   */
  public record Outcome(Optional<CaseFile> golfer, List<Problem> problems) {}

  /**
   * Reads a file's text.
   *
   * @param today the day a block starts when the file names none
   */
  public static Outcome read(String text, LocalDate today) {
    CaseReader reader = new CaseReader(today);
    Optional<CaseFile> golfer = Optional.empty();
    if (text.isBlank()) {
      Problem empty = new Problem("", "the file is empty", "put a case file here");
      return new Outcome(golfer, List.of(empty));
    }
    try {
      JsonNode json = JSON.readTree(text);
      golfer = reader.golfer(new Node(json, "", reader.problems));
    } catch (JacksonException broken) {
      var at = broken.getLocation();
      String where =
          at == null ? "" : " at line " + at.getLineNr() + ", column " + at.getColumnNr();
      reader.problems.add(
          new Problem(
              "", "is not JSON: it breaks off or goes wrong" + where, "mend the file there"));
    }
    return new Outcome(
        reader.problems.isEmpty() ? golfer : Optional.empty(), List.copyOf(reader.problems));
  }

  private Optional<CaseFile> golfer(Node file) {
    file.keys(
        "format",
        "version",
        "golfer",
        "complaints",
        "health",
        "screen",
        "setup",
        "swing",
        "school",
        "plan");
    if (!file.text("format").filter(FORMAT::equals).isPresent()) {
      problems.add(new Problem("/format", "is not \"" + FORMAT + "\"", "put \"" + FORMAT + "\""));
    }
    Optional<Integer> version = file.whole("version", 0, Integer.MAX_VALUE);
    if (!version.filter(v -> v == VERSION).isPresent()) {
      problems.add(
          new Problem("/version", "is not " + VERSION, "this program reads version " + VERSION));
      return Optional.empty();
    }
    Handed handed = who(file);
    Set<Complaint> complaints = EnumSet.noneOf(Complaint.class);
    complaints.addAll(
        file.ids("complaints", Complaint::parse, KnownIds.of(Complaint.values(), Complaint::id)));
    Health health = file.child("health").map(this::health).orElse(Health.CLEAR);
    Screen screen = ScreenReader.read(file);
    Optional<Node> setup = file.child("setup");
    Optional<Node> swing = file.child("swing");
    Setup figures = figures(setup, swing);
    Seen seen = seen(setup, swing);
    School school =
        file.id("school", School::parse, KnownIds.of(School.values(), School::id))
            .orElse(School.ROTATION_FIRST);
    Optional<Wishes> wishes = file.child("plan").map(this::wishes);
    return Optional.of(
        new CaseFile(handed, complaints, health, screen, figures, seen, school, wishes));
  }

  private Handed who(Node file) {
    return file.child("golfer")
        .flatMap(
            golfer -> {
              golfer.keys("ref", "birthYear", "handed", "heightCm");
              golfer.text("ref");
              golfer.whole("birthYear", 1900, today.getYear());
              golfer.number("heightCm", 100, 230);
              return golfer.id("handed", Handed::parse, KnownIds.of(Handed.values(), Handed::id));
            })
        .orElse(Handed.RIGHT);
  }

  private Health health(Node health) {
    health.keys("warningSigns", "cautions");
    Set<WarningSign> signs =
        new HashSet<>(
            health.ids(
                "warningSigns",
                WarningSign::parse,
                KnownIds.of(WarningSign.values(), WarningSign::id)));
    List<NotedCaution> cautions = new ArrayList<>();
    for (Node item : health.items("cautions")) {
      item.keys("id", "side");
      Optional<Caution> caution =
          item.id("id", Caution::parse, KnownIds.of(Caution.values(), Caution::id));
      Optional<Side> side = item.id("side", Side::parse, KnownIds.of(Side.values(), Side::id));
      caution.ifPresent(c -> cautions.add(new NotedCaution(c, side, "", false)));
    }
    return new Health(signs, cautions);
  }

  private static Setup figures(Optional<Node> setup, Optional<Node> swing) {
    setup.ifPresent(
        s ->
            s.keys(
                "hipFlexion",
                "pelvicTilt",
                "rounding",
                "trailFlare",
                "leadFlare",
                "trailPinch",
                "leadPinch",
                "faults"));
    swing.ifPresent(s -> s.keys("trailKneeExtension", "leadRelease", "club", "faults", "habits"));
    return new Setup(
        figure(setup, "hipFlexion", Setup.USUAL_HIP_FLEXION),
        figure(setup, "pelvicTilt", 0),
        figure(setup, "rounding", 0),
        figure(setup, "trailFlare", 0),
        figure(setup, "leadFlare", 0),
        figure(setup, "trailPinch", 0),
        figure(setup, "leadPinch", 0),
        figure(swing, "trailKneeExtension", 0),
        swing
            .flatMap(
                s ->
                    s.id(
                        "leadRelease",
                        LeadRelease::parse,
                        KnownIds.of(LeadRelease.values(), LeadRelease::id)))
            .orElse(LeadRelease.HELD),
        swing
            .flatMap(s -> s.id("club", Club::parse, KnownIds.of(Club.values(), Club::id)))
            .orElse(Club.DRIVER));
  }

  private static double figure(Optional<Node> node, String name, double usual) {
    double[] bounds = Setup.BOUNDS.get(name);
    return node.flatMap(n -> n.number(name, bounds[0], bounds[1])).orElse(usual);
  }

  private static Seen seen(Optional<Node> setup, Optional<Node> swing) {
    Map<SetupFault, Level> setupFaults = new EnumMap<>(SetupFault.class);
    for (Node item : setup.map(s -> s.items("faults")).orElse(List.of())) {
      item.keys("id", "level");
      Optional<SetupFault> fault =
          item.id("id", SetupFault::parse, KnownIds.of(SetupFault.values(), SetupFault::id));
      Optional<Level> level =
          item.id("level", Level::parse, KnownIds.of(Level.values(), Level::id));
      fault.ifPresent(f -> setupFaults.put(f, level.orElse(Level.NOT_LOOKED_AT)));
    }
    Map<PivotFault, Level> faults = new LinkedHashMap<>();
    Map<PivotFault, Rehearsal> rehearsals = new EnumMap<>(PivotFault.class);
    for (Node item : swing.map(s -> s.items("faults")).orElse(List.of())) {
      item.keys("id", "level", "rehearsal");
      Optional<PivotFault> fault =
          item.id("id", PivotFault::parse, KnownIds.of(PivotFault.values(), PivotFault::id));
      Optional<Level> level =
          item.id("level", Level::parse, KnownIds.of(Level.values(), Level::id));
      Optional<Rehearsal> rehearsal =
          item.id("rehearsal", Rehearsal::parse, KnownIds.of(Rehearsal.values(), Rehearsal::id));
      fault.ifPresent(f -> faults.put(f, level.orElse(Level.NOT_LOOKED_AT)));
      fault.ifPresent(f -> rehearsal.ifPresent(r -> rehearsals.put(f, r)));
    }
    Set<Habit> habits =
        new HashSet<>(
            swing
                .map(s -> s.ids("habits", Habit::parse, KnownIds.of(Habit.values(), Habit::id)))
                .orElse(List.of()));
    return new Seen(setupFaults, faults, rehearsals, habits);
  }

  private Wishes wishes(Node plan) {
    plan.keys("minutesPerDay", "daysPerWeek", "weeks", "start", "tools", "downswing", "blackout");
    Optional<Downswing> downswing =
        plan.id("downswing", Downswing::parse, KnownIds.of(Downswing.values(), Downswing::id));
    Set<LocalDate> blackout = new HashSet<>();
    plan.items("blackout").forEach(n -> date(n).ifPresent(blackout::add));
    return new Wishes(
        plan.whole("minutesPerDay", 1, 120).orElse(15),
        plan.whole("daysPerWeek", 1, 7).orElse(5),
        plan.whole("weeks", 4, 8).orElse(Wishes.USUAL_WEEKS),
        plan.child("start").flatMap(this::date).orElse(today),
        new HashSet<>(plan.ids("tools", Tool::parse, KnownIds.of(Tool.values(), Tool::id))),
        blackout,
        downswing);
  }

  private Optional<LocalDate> date(Node node) {
    Optional<String> text = node.text();
    try {
      return text.map(LocalDate::parse);
    } catch (DateTimeParseException e) {
      node.wrong("\"" + text.orElse("") + "\" is no date", "put a date such as \"2027-01-11\"");
      return Optional.empty();
    }
  }
}
