package loosehip.app.exercise;

/** An exercise or drill of a practice's own. */
public sealed interface OwnItem permits OwnExercise, OwnDrill {
  /** What every own item's id begins with, in plans. */
  String PREFIX = "own-";

  /** Its id as the practice names it: small letters, digits, hyphens. */
  String id();

  /** How it is told. */
  ExerciseText text();
}
