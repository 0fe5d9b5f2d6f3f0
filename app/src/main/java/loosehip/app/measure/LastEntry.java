package loosehip.app.measure;

/**
 * What the last entry left behind: what was typed, and what is to be said about it.
 *
 * @param typed what stays in the field
 * @param correcting row it corrects; empty for a new try
 * @param confirm unusual number to be confirmed; empty when none
 * @param problem why it was not taken, in words; empty when it was
 */
record LastEntry(String typed, String correcting, String confirm, String problem) {
  static final LastEntry NONE = new LastEntry("", "", "", "");

  /** Nothing typed stays; this is what went wrong. */
  static LastEntry problem(String words) {
    return new LastEntry("", "", "", words);
  }
}
