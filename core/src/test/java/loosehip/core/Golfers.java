package loosehip.core;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
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
import loosehip.core.named.Named;
import loosehip.core.pivot.School;
import loosehip.core.pivot.Setup;
import loosehip.core.plan.Tool;
import loosehip.core.plan.Wishes;
import loosehip.core.safety.Caution;
import loosehip.core.safety.Health;
import loosehip.core.safety.NotedCaution;

/**
 * A golfer written as a trainer would tell them, a line each: {@code hand left}, {@code school
 * free-turn}, {@code test seated-rotation.left.internal 20}, {@code fault sway clear cannot},
 * {@code setup hunched clear}, {@code habit held-still}, {@code says lost-distance}, {@code caution
 * knee left}, {@code pain 5} for the back, {@code tools club wall}, {@code gives 15 5}.
 */
public final class Golfers {
  private Handed handed = Handed.RIGHT;
  private School school = School.ROTATION_FIRST;
  private final StringBuilder sheet = new StringBuilder();
  private final Map<PivotFault, Level> faults = new EnumMap<>(PivotFault.class);
  private final Map<PivotFault, Rehearsal> rehearsals = new EnumMap<>(PivotFault.class);
  private final Map<SetupFault, Level> setup = new EnumMap<>(SetupFault.class);
  private final Set<Habit> habits = EnumSet.noneOf(Habit.class);
  private final Set<Complaint> complaints = EnumSet.noneOf(Complaint.class);
  private final List<NotedCaution> cautions = new ArrayList<>();
  private final Set<Tool> tools = EnumSet.noneOf(Tool.class);
  private int minutes = 15;
  private int days = 5;

  private Golfers() {}

  /** The case of this text. */
  public static CaseFile of(String text) {
    Golfers golfer = new Golfers();
    text.lines().map(String::strip).filter(l -> !l.isEmpty()).forEach(golfer::line);
    return golfer.caseFile();
  }

  private void line(String line) {
    String[] words = line.split("\\s+");
    switch (words[0]) {
      case "hand" -> handed = known(Handed.class, words[1]);
      case "school" -> school = known(School.class, words[1]);
      case "test" -> sheet.append(line.substring(5)).append('\n');
      case "fault" -> {
        PivotFault fault = known(PivotFault.class, words[1]);
        faults.put(fault, known(Level.class, words[2]));
        if (words.length > 3) {
          rehearsals.put(fault, known(Rehearsal.class, words[3]));
        }
      }
      case "setup" -> setup.put(known(SetupFault.class, words[1]), known(Level.class, words[2]));
      case "habit" -> habits.add(known(Habit.class, words[1]));
      case "says" -> complaints.add(known(Complaint.class, words[1]));
      case "caution" ->
          cautions.add(
              NotedCaution.of(
                  known(Caution.class, words[1]),
                  words.length > 2 ? Named.parse(Side.class, words[2]) : Optional.empty()));
      case "pain" -> cautions.add(sore(Integer.parseInt(words[1])));
      case "tools" -> List.of(words).stream().skip(1).forEach(t -> tools.add(known(Tool.class, t)));
      case "gives" -> {
        minutes = Integer.parseInt(words[1]);
        days = Integer.parseInt(words[2]);
      }
      default -> throw new AssertionError("no line of a golfer: " + line);
    }
  }

  private static NotedCaution sore(int now) {
    return new NotedCaution(
        Caution.BACK,
        Optional.empty(),
        "",
        new NotedCaution.Detail(
            Optional.of(now), Optional.empty(), Optional.empty(), false, false, false),
        Optional.empty());
  }

  private static <E extends Enum<E> & Named> E known(Class<E> type, String id) {
    return Named.parse(type, id).orElseThrow(() -> new AssertionError("no " + type + " " + id));
  }

  private CaseFile caseFile() {
    return new CaseFile(
        handed,
        complaints,
        Health.of(Set.of(), cautions),
        Screens.of(sheet.toString()),
        Setup.PLAIN,
        new Seen(setup, faults, rehearsals, habits),
        school,
        Optional.of(new Wishes(minutes, days, 6, RandomGolfers.START, tools)));
  }
}
