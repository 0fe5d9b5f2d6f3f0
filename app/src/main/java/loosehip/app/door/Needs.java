package loosehip.app.door;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import loosehip.app.store.Position;

/** What somebody must be to be answered at an address. Without it everybody of the practice is. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.METHOD)
public @interface Needs {
  /** What they must be at least. */
  Position value();
}
