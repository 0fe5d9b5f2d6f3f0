package loosehip.app.signin;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import loosehip.app.RunningApplication;
import loosehip.app.Settings;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;

/** What is sent is measured before it is read; spoken to by hand, so that nothing is tidied up. */
@TestPropertySource(properties = "spring.application.name=empty-data-base")
class BodySizesTest extends RunningApplication {
  @Autowired Settings settings;

  private String said(String head, String body) throws IOException {
    try (Socket socket = new Socket("127.0.0.1", port)) {
      socket.setSoTimeout(5000);
      OutputStream out = socket.getOutputStream();
      out.write((head.replace("\n", "\r\n") + "\r\n\r\n" + body).getBytes(StandardCharsets.UTF_8));
      out.flush();
      InputStream in = socket.getInputStream();
      byte[] start = in.readNBytes(15);
      return new String(start, StandardCharsets.UTF_8);
    }
  }

  private long inUploads() throws IOException {
    try (Stream<Path> files = Files.list(settings.home().resolve("uploads"))) {
      return files.count();
    }
  }

  @Test
  void aStrangersUploadIsRefusedUnread() throws IOException {
    for (String address : new String[] {"/readings", "/golfers/x/stills", "/sign-in"}) {
      assertThat(
              said(
                  "POST "
                      + address
                      + " HTTP/1.1\nHost: localhost\nContent-Type: multipart/form-data; boundary=b"
                      + "\nContent-Length: 399000000",
                  "--b\r\nContent-Disposition: form-data; name=\"file\"; filename=\"x\"\r\n\r\nxx"))
          .as(address)
          .startsWith("HTTP/1.1 413");
    }
    assertThat(inUploads()).isZero();
  }

  @Test
  void aLengthMustBeSaid() throws IOException {
    assertThat(
            said(
                "POST /sign-in HTTP/1.1\nHost: localhost\nTransfer-Encoding: chunked",
                "5\r\nusern\r\n"))
        .startsWith("HTTP/1.1 411");
  }

  @Test
  void anotherNameIsNotAnsweredTo() throws IOException {
    assertThat(said("GET /sign-in HTTP/1.1\nHost: rebound.example", "")).startsWith("HTTP/1.1 404");
    for (String name : new String[] {"localhost", "127.0.0.1:" + port, "[::1]"}) {
      assertThat(said("GET /sign-in HTTP/1.1\nHost: " + name, "")).startsWith("HTTP/1.1 200");
    }
  }

  @ParameterizedTest
  @CsvSource({
    "/sign-in, false, 8192",
    "/golfers/x/notes/y, false, 8192",
    "/golfers/x/notes/y, true, 262144",
    "/golfers/x/stills, true, 20971520",
    "/golfers/x/stills/more/than, true, 2097152",
    "/golfers/x/recordings, true, 20971520",
    "/golfers/x/recordings/y/take, true, 262144",
    "/readings, true, 419430400",
    "/readings, false, 8192",
    "/r/token/log, false, 131072",
    "/i/token/angles, false, 131072"
  })
  void eachAddressHasItsSize(String address, boolean signedIn, long most) {
    assertThat(BodySizes.most(address, signedIn)).isEqualTo(most);
  }
}
