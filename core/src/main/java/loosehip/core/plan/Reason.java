package loosehip.core.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import loosehip.core.body.Leg;
import loosehip.core.limit.LimitKind;
import loosehip.core.link.Fault;
import loosehip.core.measure.ArcPattern;
import loosehip.core.measure.Band;
import loosehip.core.named.Named;
import loosehip.core.pivot.Downswing;
import loosehip.core.pivot.School;
import loosehip.core.safety.Clearance;
import loosehip.core.safety.Demand;
import loosehip.core.safety.NotedCaution;

/** Why an exercise or drill is not in a plan, as data. It is put into words where it is shown. */
public sealed interface Reason {

  /** Which kind of reason it is. */
  Kind kind();

  /** The kinds of reasons, by which files tell them apart. */
  enum Kind implements Named {
    CAUTION("caution"),
    SHIFTED_ARC("shifted-arc"),
    TOOL("tool"),
    SCHOOL("school"),
    GATE("gate"),
    TIME("time"),
    STOPPED("stopped"),
    SEVEN("seven-a-session"),
    TOO_SMALL("need-too-small"),
    RUNG("other-rung"),
    REST("rest-between"),
    POSITION("up-and-down"),
    COLD("cold"),
    FIRST_NEED("first-need"),
    LATER("later"),
    STYLE("style"),
    BESIDE("beside-a-fault"),
    LEARNT("learnt"),
    EASED("eased"),
    TRAINER("trainer"),
    WRITTEN("written");

    private final String id;

    Kind(String id) {
      this.id = id;
    }

    @Override
    public String id() {
      return id;
    }
  }

  /**
   * A caution on record blocks it.
   *
   * @param demand what it asks that the caution blocks; empty where the caution keeps it out
   *     whatever it asks, and in plans given before demands were kept
   */
  record ByCaution(NotedCaution noted, Optional<Demand> demand) implements Reason {
    @Override
    public Kind kind() {
      return Kind.CAUTION;
    }
  }

  /** A hip's arc is shifted, so that end-range work on it is not likely to help. */
  record ShiftedArc(Leg leg, ArcPattern arc) implements Reason {
    @Override
    public Kind kind() {
      return Kind.SHIFTED_ARC;
    }
  }

  /** Tools are missing: one of each set, in the order the item names them. */
  record MissingTools(List<Set<Tool>> tools) implements Reason {
    @Override
    public Kind kind() {
      return Kind.TOOL;
    }
  }

  /** Every session it could be in has its seven exercises. */
  record SevenASession() implements Reason {
    @Override
    public Kind kind() {
      return Kind.SEVEN;
    }
  }

  /** What it serves is needed too little. */
  record NeedTooSmall(LimitKind need) implements Reason {
    @Override
    public Kind kind() {
      return Kind.TOO_SMALL;
    }
  }

  /** Another exercise of the same ladder is in. */
  record OtherRung(ItemId in) implements Reason {
    @Override
    public Kind kind() {
      return Kind.RUNG;
    }
  }

  /** Hard work on the same limit leaves it no day with 48 hours on either side. */
  record NoRestDay(LimitKind limit) implements Reason {
    @Override
    public Kind kind() {
      return Kind.REST;
    }
  }

  /** The golfer would have to get down to the floor twice in a session. */
  record DownTwice() implements Reason {
    @Override
    public Kind kind() {
      return Kind.POSITION;
    }
  }

  /** It is deep, and nothing warm would come before it. */
  record NothingWarm() implements Reason {
    @Override
    public Kind kind() {
      return Kind.COLD;
    }
  }

  /** The need ranked first would get less time than another. */
  record FirstNeedFirst(LimitKind first) implements Reason {
    @Override
    public Kind kind() {
      return Kind.FIRST_NEED;
    }
  }

  /** It is for a later week of the block. */
  record FromWeek(int week) implements Reason {
    @Override
    public Kind kind() {
      return Kind.LATER;
    }
  }

  /** It belongs to another way to start down. */
  record OtherStyle(Downswing style) implements Reason {
    @Override
    public Kind kind() {
      return Kind.STYLE;
    }
  }

  /** It is not given while a fault stands. */
  record NotWhile(Fault stands) implements Reason {
    @Override
    public Kind kind() {
      return Kind.BESIDE;
    }
  }

  /** It held for a week: the next drill of its line has come. */
  record Learnt() implements Reason {
    @Override
    public Kind kind() {
      return Kind.LEARNT;
    }
  }

  /** It was made easier, by the trainer or because a step back was due in its log. */
  record Eased() implements Reason {
    @Override
    public Kind kind() {
      return Kind.EASED;
    }
  }

  /** It belongs to other schools. */
  record OtherSchool(Set<School> schools) implements Reason {
    @Override
    public Kind kind() {
      return Kind.SCHOOL;
    }
  }

  /** A clinician's clearance forbids what it asks. */
  record ByLimit(Clearance clearance, Demand demand) implements Reason {
    @Override
    public Kind kind() {
      return Kind.CAUTION;
    }
  }

  /** What must be measured before it is given is not there yet. */
  record NotYet(Gate gate) implements Reason {
    @Override
    public Kind kind() {
      return Kind.GATE;
    }
  }

  /** A limit that must be at least close is not. */
  record TooShort(LimitKind needs, Band is) implements Reason {
    @Override
    public Kind kind() {
      return Kind.GATE;
    }
  }

  /**
   * There is no time for it.
   *
   * @param seconds what it takes
   * @param minutes what the golfer gives a day
   * @param alone whether it would not fit even alone
   */
  record NoTime(int seconds, int minutes, boolean alone) implements Reason {
    @Override
    public Kind kind() {
      return Kind.TIME;
    }
  }

  /** Pain in the log stopped it. */
  record Stopped(LocalDate on) implements Reason {
    @Override
    public Kind kind() {
      return Kind.STOPPED;
    }
  }

  /** The trainer took it out. */
  record TrainersHand() implements Reason {
    @Override
    public Kind kind() {
      return Kind.TRAINER;
    }
  }

  /** As it was written into a plan given before reasons were kept as data. */
  record AsWritten(String words) implements Reason {
    @Override
    public Kind kind() {
      return Kind.WRITTEN;
    }
  }
}
