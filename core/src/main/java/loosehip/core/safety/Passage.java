package loosehip.core.safety;

/** What goes through a door, as far as safety is concerned. */
public enum Passage {
  /** Reading, looking at a swing, correcting what is old: nobody moves for it. */
  OPEN,
  /** Looking at a stance or a swing: nobody is asked to move, but trail and lead must be known. */
  SIDED,
  /** A test, a trial of a set-up, a rehearsal, a plan: somebody moves for it. */
  MOVES,
  /** What leaves the room: on paper, in a calendar, on a phone, in a colleague's hand. */
  HANDS_OUT
}
