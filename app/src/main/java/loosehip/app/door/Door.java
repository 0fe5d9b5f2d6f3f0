package loosehip.app.door;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import loosehip.core.safety.Passage;

/** What goes through an address of a golfer. Without it the address stays shut for everybody. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.METHOD)
public @interface Door {
  /** What goes through. */
  Passage value();

  /**
   * Whether the handler asks the guard itself and answers in its own place on the page, so that
   * what was typed stays there. Its refusals are tested one by one.
   */
  boolean asksItself() default false;
}
