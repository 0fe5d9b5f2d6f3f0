package loosehip.app.journey;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** The application on a port of its own with an empty data base. */
@Tag("browser")
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
abstract class JourneyTest {
  @LocalServerPort int port;

  @DynamicPropertySource
  static void home(DynamicPropertyRegistry registry) {
    registry.add("loose-hip.home", JourneyTest::freshHome);
  }

  static Path freshHome() {
    try {
      return Files.createTempDirectory("loose-hip-test");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
