package loosehip.app.talk;

/** The wording consent is given to; the id changes with the words. */
public final class ConsentWording {
  /** Under which it is noted. */
  public static final String ID = "wording 1";

  /** What is read out. */
  public static final String TEXT =
      "“I agree that this practice keeps what I say about my health and what is measured, to plan my"
          + " training. I can see all of it and have it erased at any time.”";

  private ConsentWording() {}
}
