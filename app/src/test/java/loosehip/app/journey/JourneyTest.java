package loosehip.app.journey;

import loosehip.app.RunningApplication;
import org.junit.jupiter.api.Tag;

/** What is seen and done in a browser. */
@Tag("browser")
abstract class JourneyTest extends RunningApplication {}
