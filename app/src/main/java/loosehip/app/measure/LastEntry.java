package loosehip.app.measure;

/**
 * What the last entry left behind: what was typed, what is to be said about it, and which try was
 * acted on.
 *
 * @param typed what stays in the field
 * @param correcting row it corrects; empty for a new try
 * @param confirm unusual number to be confirmed; empty when none
 * @param problem why it was not taken, in words; empty when it was
 * @param ordinal which try was acted on, 1 to 5; 0 for the last one
 */
record LastEntry(String typed, String correcting, String confirm, String problem, int ordinal) {
  static final LastEntry NONE = on(0);

  LastEntry(String typed, String correcting, String confirm, String problem) {
    this(typed, correcting, confirm, problem, 0);
  }

  /** Something was done to a taken try. */
  static LastEntry on(int ordinal) {
    return new LastEntry("", "", "", "", ordinal);
  }

  /** Nothing typed stays; this is what went wrong. */
  static LastEntry problem(String words) {
    return new LastEntry("", "", "", words);
  }
}
