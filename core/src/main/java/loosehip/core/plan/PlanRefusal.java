package loosehip.core.plan;

/** Why a change of a plan cannot be; nothing is changed then. */
public sealed interface PlanRefusal {

  /** The item is not done on the day named, or there is no such day. */
  record NoSuchDay() implements PlanRefusal {}

  /** The item is on that day already. */
  record ThereAlready(ItemId item) implements PlanRefusal {}

  /** Nothing is done on that day. */
  record RestDay() implements PlanRefusal {}

  /** The item needs 48 hours between its days. */
  record TooNear(ItemId item) implements PlanRefusal {}

  /** There is no such exercise or drill. */
  record NoSuchItem() implements PlanRefusal {}

  /** A caution keeps the item from this golfer. */
  record Blocked(ItemId item, Reason because) implements PlanRefusal {}

  /** The ladder has no other rung that way. */
  record NoOtherRung() implements PlanRefusal {}

  /** No other drill of its line may follow this one, or it has its reduced form already. */
  record NoOtherDrill(ItemId item) implements PlanRefusal {}

  /** A cue is longer than it may be. */
  record CueTooLong() implements PlanRefusal {}

  /** The dose has no other step that way. */
  record EndOfDose() implements PlanRefusal {}

  /** What the change is about could not be held in. */
  record NotHeld(PlanNote because) implements PlanRefusal {}

  /** Nothing could be planned at all. */
  record NothingPlanned() implements PlanRefusal {}
}
