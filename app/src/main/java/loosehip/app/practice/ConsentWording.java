package loosehip.app.practice;

/**
 * A wording consent is given to.
 *
 * @param id under which a golfer's consent is noted; another one for other words
 * @param text what is read out
 */
public record ConsentWording(String id, String text) {
  /** What is read out until a practice has words of its own. */
  public static final ConsentWording SHIPPED =
      new ConsentWording(
          "wording 1",
          "“I agree that this practice keeps what I say about my health and what is measured, to plan"
              + " my training. I can see all of it and have it erased at any time.”");

  /** A practice's own words, the so-manieth. */
  static ConsentWording own(int number, String text) {
    return new ConsentWording("own wording " + number, text);
  }
}
