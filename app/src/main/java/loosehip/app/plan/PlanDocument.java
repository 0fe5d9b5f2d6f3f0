package loosehip.app.plan;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.app.document.Documents;
import loosehip.core.body.Leg;
import loosehip.core.plan.Block;
import loosehip.core.plan.Catalogue;
import loosehip.core.plan.Days;
import loosehip.core.plan.Dose;
import loosehip.core.plan.Drill;
import loosehip.core.plan.DrillFor;
import loosehip.core.plan.DrillStep;
import loosehip.core.plan.Exercise;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.LadderId;
import loosehip.core.plan.LeftOut;
import loosehip.core.plan.NextRung;
import loosehip.core.plan.PlanEdits;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.PlanNote;
import loosehip.core.plan.Reason;
import loosehip.core.plan.Session;
import loosehip.core.plan.Why;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/**
 * A plan as it is kept when it is given: the block itself with its reasons, so that a later
 * measurement cannot change what a golfer holds in hand.
 *
 * @param start its first day
 * @param minutes minutes the golfer could give a day
 * @param halfWay the half-way check
 * @param retest the day of the retest
 * @param weeks each week's sessions
 * @param next what follows if it goes well; none in plans given before rungs waited for the log
 * @param drills the drill of every fault seen; none in plans given before they were kept
 * @param leftOut serious candidates that are not in it
 * @param notes what had to go, or stays open
 */
record PlanDocument(
    LocalDate start,
    int minutes,
    LocalDate halfWay,
    LocalDate retest,
    List<WeekPart> weeks,
    @Nullable List<NextRung> next,
    @Nullable List<DrillFor> drills,
    List<LeftOut> leftOut,
    List<PlanNote> notes) {

  /** A week. */
  record WeekPart(List<SessionPart> sessions) {}

  /** A day. */
  record SessionPart(int day, List<ItemPart> items) {}

  /**
   * One thing to do.
   *
   * @param role what it is in the session; an exercise or a drill in plans given before it was kept
   */
  record ItemPart(
      ItemId item,
      Dose.Prescribed much,
      Why why,
      PlanItem.@Nullable Role role,
      @Nullable Leg only,
      Drill.@Nullable Form form,
      @Nullable Double mostKg) {
    static ItemPart of(PlanItem i) {
      return new ItemPart(
          i.id(),
          i.much(),
          i.why(),
          i.role(),
          i.only().orElse(null),
          i.form().orElse(null),
          i.mostKg().orElse(null));
    }
  }

  private static final JsonMapper JSON =
      Documents.JSON
          .rebuild()
          .addMixIn(Reason.class, ReasonIs.class)
          .addMixIn(Why.Purpose.class, PurposeIs.class)
          .addMixIn(PlanNote.class, NoteIs.class)
          .build();

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Reason.ByCaution.class, name = "caution"),
    @JsonSubTypes.Type(value = Reason.ShiftedArc.class, name = "shifted-arc"),
    @JsonSubTypes.Type(value = Reason.MissingTools.class, name = "tool"),
    @JsonSubTypes.Type(value = Reason.OtherSchool.class, name = "school"),
    @JsonSubTypes.Type(value = Reason.ByLimit.class, name = "limit"),
    @JsonSubTypes.Type(value = Reason.NotYet.class, name = "not-yet"),
    @JsonSubTypes.Type(value = Reason.TooShort.class, name = "gate"),
    @JsonSubTypes.Type(value = Reason.NoTime.class, name = "time"),
    @JsonSubTypes.Type(value = Reason.SevenASession.class, name = "seven-a-session"),
    @JsonSubTypes.Type(value = Reason.NeedTooSmall.class, name = "need-too-small"),
    @JsonSubTypes.Type(value = Reason.OtherRung.class, name = "other-rung"),
    @JsonSubTypes.Type(value = Reason.NoRestDay.class, name = "rest-between"),
    @JsonSubTypes.Type(value = Reason.DownTwice.class, name = "up-and-down"),
    @JsonSubTypes.Type(value = Reason.NothingWarm.class, name = "cold"),
    @JsonSubTypes.Type(value = Reason.FirstNeedFirst.class, name = "first-need"),
    @JsonSubTypes.Type(value = Reason.FromWeek.class, name = "later"),
    @JsonSubTypes.Type(value = Reason.OtherStyle.class, name = "style"),
    @JsonSubTypes.Type(value = Reason.NotWhile.class, name = "beside-a-fault"),
    @JsonSubTypes.Type(value = Reason.Learnt.class, name = "learnt"),
    @JsonSubTypes.Type(value = Reason.Eased.class, name = "eased"),
    @JsonSubTypes.Type(value = Reason.Stopped.class, name = "stopped"),
    @JsonSubTypes.Type(value = Reason.TrainersHand.class, name = "trainer"),
    @JsonSubTypes.Type(value = Reason.AsWritten.class, name = "written")
  })
  private interface ReasonIs {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Why.Serves.class, name = "serves"),
    @JsonSubTypes.Type(value = Why.FreesFirst.class, name = "frees-first"),
    @JsonSubTypes.Type(value = Why.ForFaults.class, name = "faults"),
    @JsonSubTypes.Type(value = Why.ForSetup.class, name = "set-up"),
    @JsonSubTypes.Type(value = Why.Base.class, name = "base"),
    @JsonSubTypes.Type(value = Why.Settles.class, name = "settles"),
    @JsonSubTypes.Type(value = Why.ByHand.class, name = "trainer"),
    @JsonSubTypes.Type(value = Why.AsWritten.class, name = "written")
  })
  private interface PurposeIs {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = PlanNote.CouldNotHold.class, name = "could-not-hold"),
    @JsonSubTypes.Type(value = PlanNote.NoRoom.class, name = "no-room"),
    @JsonSubTypes.Type(value = PlanNote.TooManyDrills.class, name = "too-many-drills"),
    @JsonSubTypes.Type(value = PlanNote.NotServed.class, name = "not-served"),
    @JsonSubTypes.Type(value = PlanNote.NoFreeDay.class, name = "no-free-day"),
    @JsonSubTypes.Type(value = PlanNote.NoBodyWork.class, name = "no-body-work"),
    @JsonSubTypes.Type(value = PlanNote.MinutesFree.class, name = "minutes-free"),
    @JsonSubTypes.Type(value = PlanNote.FewDays.class, name = "few-days"),
    @JsonSubTypes.Type(value = PlanNote.AtPractice.class, name = "at-practice"),
    @JsonSubTypes.Type(value = PlanNote.FirstNeedIsShortWork.class, name = "first-need-short"),
    @JsonSubTypes.Type(value = PlanNote.AsWritten.class, name = "written")
  })
  private interface NoteIs {}

  /** The document of a block. */
  static PlanDocument of(Block block, int minutes) {
    return new PlanDocument(
        block.span().start(),
        minutes,
        block.halfWay(),
        block.retest(),
        block.weeks().stream()
            .map(
                week ->
                    new WeekPart(
                        week.sessions().stream()
                            .map(
                                s ->
                                    new SessionPart(
                                        s.day(), s.items().stream().map(ItemPart::of).toList()))
                            .toList()))
            .toList(),
        block.next(),
        block.drills(),
        block.leftOut(),
        block.notes());
  }

  /** The block; an item the catalogue no longer has is left away. */
  Block block(Catalogue catalogue) {
    List<Block.Week> read = new ArrayList<>();
    for (WeekPart week : weeks) {
      List<Session> sessions =
          week.sessions().stream()
              .map(
                  s ->
                      new Session(
                          s.day(),
                          s.items().stream()
                              .map(i -> item(i, catalogue))
                              .flatMap(Optional::stream)
                              .toList()))
              .toList();
      read.add(new Block.Week(read.size() + 1, sessions));
    }
    return new Block(
        List.copyOf(read),
        next == null ? List.of() : next,
        drills == null ? List.of() : drills,
        leftOut,
        notes,
        halfWay,
        retest);
  }

  private static Optional<PlanItem> item(ItemPart part, Catalogue catalogue) {
    Optional<Exercise> exercise = catalogue.find(part.item());
    PlanItem.Role usual = exercise.isPresent() ? PlanItem.Role.EXERCISE : PlanItem.Role.DRILL;
    PlanItem.Role role = part.role() == null ? usual : part.role();
    Optional<Dose> dose =
        role == PlanItem.Role.ROUTINE
            ? Optional.of(PlanItem.ROUTINE_DOSE)
            : catalogue.dose(part.item());
    return dose.map(
        d ->
            new PlanItem(
                part.item(),
                role,
                exercise,
                d,
                part.much(),
                d.seconds(part.much(), part.only() == null ? d.sides() : 1),
                part.why(),
                Optional.ofNullable(part.only()),
                Optional.ofNullable(part.form()),
                Optional.ofNullable(part.mostKg())));
  }

  /** As it is kept. */
  String write() {
    return JSON.writeValueAsString(this);
  }

  /** Reads what was kept. */
  static PlanDocument read(String kept) {
    return JSON.readValue(kept, PlanDocument.class);
  }

  /** The trainer's decisions as they are kept. */
  static String write(PlanEdits edits) {
    return JSON.writeValueAsString(edits);
  }

  /** Reads the trainer's decisions as they were kept. */
  static PlanEdits edits(String kept) {
    return JSON.readValue(kept, EditsPart.class).edits();
  }

  /**
   * The trainer's decisions.
   *
   * @param drills none in plans given before they were kept
   * @param cues none in plans given before they were kept
   */
  private record EditsPart(
      Map<ItemId, Days> pins,
      Set<ItemId> out,
      Map<LadderId, Integer> rungs,
      Map<ItemId, Dose.Prescribed> doses,
      @Nullable Map<ItemId, DrillStep> drills,
      @Nullable Map<ItemId, String> cues) {
    PlanEdits edits() {
      return new PlanEdits(
          pins,
          out,
          rungs,
          doses,
          drills == null ? Map.of() : drills,
          cues == null ? Map.of() : cues);
    }
  }
}
