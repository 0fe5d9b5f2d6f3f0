package loosehip.core.follow;

/** What follows at once from pain named while an item is done (domain/05, 09). */
public enum PainAnswer {
  /** Up to 2: go on. */
  CARRY_ON,
  /** 3 or 4: the easier form. */
  EASIER,
  /** From 5: the item is closed until the trainer has decided. */
  STOP;

  /**
   * What follows from so much pain.
   *
   * @param pain 0 to 10
   */
  public static PainAnswer of(int pain) {
    if (pain >= RungRule.STOP_PAIN) {
      return STOP;
    }
    return pain >= RungRule.STEP_BACK_PAIN ? EASIER : CARRY_ON;
  }
}
