package loosehip.app.plan;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import loosehip.app.document.Documents;
import loosehip.core.plan.Block;
import loosehip.core.plan.Catalogue;
import loosehip.core.plan.Dose;
import loosehip.core.plan.Exercise;
import loosehip.core.plan.ItemId;
import loosehip.core.plan.LeftOut;
import loosehip.core.plan.PlanEdits;
import loosehip.core.plan.PlanItem;
import loosehip.core.plan.PlanNote;
import loosehip.core.plan.Reason;
import loosehip.core.plan.Session;
import loosehip.core.plan.Why;
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
 * @param leftOut serious candidates that are not in it
 * @param notes what had to go, or stays open
 */
record PlanDocument(
    LocalDate start,
    int minutes,
    LocalDate halfWay,
    LocalDate retest,
    List<WeekPart> weeks,
    List<LeftOut> leftOut,
    List<PlanNote> notes) {

  /** A week. */
  record WeekPart(List<SessionPart> sessions) {}

  /** A day. */
  record SessionPart(int day, List<ItemPart> items) {}

  /** One thing to do. */
  record ItemPart(ItemId item, Dose.Prescribed much, Why why) {}

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
    @JsonSubTypes.Type(value = Reason.Stopped.class, name = "stopped"),
    @JsonSubTypes.Type(value = Reason.TrainersHand.class, name = "trainer"),
    @JsonSubTypes.Type(value = Reason.AsWritten.class, name = "written")
  })
  private interface ReasonIs {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
  @JsonSubTypes({
    @JsonSubTypes.Type(value = Why.Serves.class, name = "serves"),
    @JsonSubTypes.Type(value = Why.FreesFirst.class, name = "frees-first"),
    @JsonSubTypes.Type(value = Why.ForFault.class, name = "fault"),
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
                                        s.day(),
                                        s.items().stream()
                                            .map(i -> new ItemPart(i.id(), i.much(), i.why()))
                                            .toList()))
                            .toList()))
            .toList(),
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
    return new Block(List.copyOf(read), leftOut, notes, halfWay, retest);
  }

  private static Optional<PlanItem> item(ItemPart part, Catalogue catalogue) {
    Optional<Exercise> exercise = catalogue.find(part.item());
    return catalogue
        .dose(part.item())
        .map(
            dose ->
                new PlanItem(
                    part.item(),
                    exercise,
                    dose,
                    part.much(),
                    dose.seconds(part.much()),
                    part.why()));
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
    return JSON.readValue(kept, PlanEdits.class);
  }
}
