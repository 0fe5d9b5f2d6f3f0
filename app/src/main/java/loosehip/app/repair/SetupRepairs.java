package loosehip.app.repair;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import loosehip.app.exercise.ExerciseText;
import loosehip.app.exercise.ExerciseTexts;
import loosehip.app.golfer.Workup;
import loosehip.app.words.Text;
import loosehip.core.link.Seen;
import loosehip.core.link.SetupFault;
import loosehip.core.plan.SetupRoutine;
import loosehip.core.safety.Passage;
import org.springframework.stereotype.Component;

/**
 * What puts the set-up faults seen right: of each the check, the cue and the two-minute routine, in
 * the order of putting right, two at a time.
 */
@Component
public class SetupRepairs {
  private static final String LOOK = "look: ";

  private final ExerciseTexts texts;

  /** Repairs told in these words. */
  public SetupRepairs(ExerciseTexts texts) {
    this.texts = texts;
  }

  /**
   * One routine with the faults it puts right.
   *
   * @param faults what was seen, with its level
   * @param check how to see at once whether it is right
   * @param cue what it should feel like
   * @param routine the routine
   * @param now whether it is worked on now, rather than once the first two are right
   */
  public record Repair(String faults, String check, String cue, ExerciseText routine, boolean now) {
    /** All of it in one line, as the handover has it. */
    public String line() {
      return faults + ": " + Text.lower(routine.name()) + ". Check: " + check;
    }
  }

  /**
   * What puts right what is seen at address, in order; empty when nothing is seen, and while nobody
   * may be asked to move: a routine is movement.
   */
  public List<Repair> of(Workup workup) {
    if (workup.guard().refuses(Passage.MOVES).isPresent()) {
      return List.of();
    }
    Seen seen = workup.golfer().seen().in(workup.golfer().shape());
    List<Repair> repairs = new ArrayList<>();
    for (Map.Entry<SetupRoutine, List<SetupFault>> due : SetupRoutine.of(seen).entrySet()) {
      ExerciseText text = texts.of(due.getKey().id());
      repairs.add(
          new Repair(
              due.getValue().stream()
                  .map(f -> f.title() + ", " + seen.level(f).word())
                  .collect(Collectors.joining("; ")),
              text.purpose().startsWith(LOOK)
                  ? text.purpose().substring(LOOK.length())
                  : text.purpose(),
              text.feel(),
              text,
              repairs.size() < SetupRoutine.MOST));
    }
    return repairs;
  }

  /**
   * Which set-up faults are put right first, in words; blank when none is seen. Where one is, no
   * page may say that there is nothing to change.
   */
  public static String first(Workup workup) {
    Seen seen = workup.golfer().seen().in(workup.golfer().shape());
    List<String> faults =
        SetupRoutine.of(seen).values().stream()
            .limit(SetupRoutine.MOST)
            .flatMap(List::stream)
            .map(f -> Text.lower(f.title()))
            .toList();
    return Text.list(faults);
  }
}
