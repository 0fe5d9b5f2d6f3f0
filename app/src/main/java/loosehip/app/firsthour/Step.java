package loosehip.app.firsthour;

import loosehip.core.named.Named;

/** The steps of the first hour, in order. */
enum Step implements Named {
  UNITS(
      "units",
      "Units and paper",
      "What you type, read and print in. It can be changed on any day."),
  CONSENT(
      "consent",
      "What golfers agree to",
      "Read out before anything is kept. Use these words or your own; each change gets a number, so"
          + " that it stays known who agreed to what."),
  SCHOOLS(
      "schools",
      "The pivots you work towards",
      "Set-up offers these alone. What a body can pay for is worked out for all of them."),
  TOOLS(
      "tools",
      "What your golfers have at hand",
      "One tap ticks these for a new golfer on Talk; the plan uses nothing that is not ticked."),
  BAG(
      "bag",
      "Clubs for laying angles",
      "Measure a few clubs and sticks from tip to tip. Two from one point and a third across make an"
          + " exact angle on the floor."),
  HELPER(
      "helper",
      "Somebody who helps",
      "A helper measures and writes the log. They get a link of their own and set their password"
          + " themselves."),
  GOLFER(
      "golfer",
      "A practice golfer",
      "Made up, measured, with a swing that drifts. Tap about as you like and throw them away"
          + " afterwards, with everything you typed."),
  PLAN(
      "plan",
      "The first printed plan",
      "Open the practice golfer or somebody of your own, give the plan on station 6, and print the"
          + " sheet.");

  private final String id;
  private final String title;
  private final String why;

  Step(String id, String title, String why) {
    this.id = id;
    this.title = title;
    this.why = why;
  }

  @Override
  public String id() {
    return id;
  }

  String title() {
    return title;
  }

  /** What it is for, in a sentence or two. */
  String why() {
    return why;
  }
}
