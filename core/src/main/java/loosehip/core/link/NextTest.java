package loosehip.core.link;

import java.util.Optional;
import loosehip.core.body.Side;

/**
 * A test not yet taken, with what it would settle.
 *
 * @param id the screen test's id, {@code rehearsal:} and the fault's id, or {@code set-up}
 * @param title its name as shown
 * @param side the side to test, for tests with sides
 * @param minutes what it takes
 * @param value expected fall in uncertainty, bits a minute
 * @param why what it decides, in words
 */
public record NextTest(
    String id, String title, Optional<Side> side, double minutes, double value, String why) {}
