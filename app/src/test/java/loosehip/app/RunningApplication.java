package loosehip.app;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.boot.webmvc.test.autoconfigure.MockMvcBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/**
 * The application on a port of its own with an empty data base. It starts once for all tests that
 * ask for nothing else, with a browser or without: each of their classes has a practice of its own
 * in it.
 */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
@AutoConfigureMockMvc
@Import(RunningApplication.ElsewhereThanABrowser.class)
public abstract class RunningApplication {
  @LocalServerPort protected int port;

  @DynamicPropertySource
  static void home(DynamicPropertyRegistry registry) {
    registry.add("loose-hip.home", RunningApplication::freshHome);
  }

  /** Requests without a browser: their wrong passwords keep no browser waiting. */
  static final class ElsewhereThanABrowser {
    @Bean
    MockMvcBuilderCustomizer fromElsewhere() {
      return mvc -> mvc.defaultRequest(get("/").remoteAddress("127.0.0.8"));
    }
  }

  /** A data folder nobody has used. */
  public static Path freshHome() {
    try {
      return Files.createTempDirectory("loose-hip-test");
    } catch (IOException full) {
      throw new UncheckedIOException(full);
    }
  }
}
