package loosehip.app.lan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.KeyStore;
import java.security.cert.X509Certificate;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLSocket;
import javax.net.ssl.TrustManagerFactory;
import loosehip.app.RunningApplication;
import loosehip.app.Settings;
import loosehip.app.store.Accounts;
import org.apache.tomcat.util.http.MimeHeaders;
import org.apache.tomcat.util.http.Rfc6265CookieProcessor;
import org.apache.tomcat.util.http.ServerCookies;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** The encrypted port for phones in the room. It listens on the loopback address alone here. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
@DirtiesContext
class LanTest {
  private static final String HERE = "127.0.0.1";

  @Autowired Lan lan;
  @Autowired LanKey key;
  @Autowired Settings settings;
  @Autowired Accounts accounts;
  @LocalServerPort int plain;

  @DynamicPropertySource
  static void lan(DynamicPropertyRegistry registry) {
    registry.add("loose-hip.home", RunningApplication::freshHome);
    registry.add("loose-hip.lan.on", () -> "true");
    registry.add("loose-hip.lan.address", () -> HERE);
    registry.add("loose-hip.lan.port", LanTest::freePort);
  }

  private static int freePort() {
    try (ServerSocket any = new ServerSocket(0)) {
      return any.getLocalPort();
    } catch (IOException none) {
      throw new IllegalStateException(none);
    }
  }

  /** The answer to a request over the encrypted port, by a phone that trusts the certificate. */
  private String asked(String path, String host) throws Exception {
    KeyStore trusted = KeyStore.getInstance(KeyStore.getDefaultType());
    trusted.load(null);
    trusted.setCertificateEntry("room", key.certificate());
    TrustManagerFactory trust =
        TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
    trust.init(trusted);
    SSLContext context = SSLContext.getInstance("TLS");
    context.init(null, trust.getTrustManagers(), null);
    try (SSLSocket socket = (SSLSocket) context.getSocketFactory().createSocket(HERE, lan.port())) {
      var names = socket.getSSLParameters();
      names.setEndpointIdentificationAlgorithm("HTTPS");
      socket.setSSLParameters(names);
      socket.setSoTimeout(20_000);
      return spoken(socket, path, host);
    }
  }

  private static String spoken(Socket socket, String path, String host) throws IOException {
    socket
        .getOutputStream()
        .write(
            ("GET " + path + " HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n\r\n")
                .getBytes(StandardCharsets.US_ASCII));
    return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
  }

  @Test
  void thePhonesPageTheSignInAndHowToTrustItAnswer() throws Exception {
    String here = HERE + ":" + lan.port();
    assertThat(asked("/trust", here)).startsWith("HTTP/1.1 200").contains(key.fingerprint());
    assertThat(asked("/sign-in", here))
        .startsWith("HTTP/1.1 200")
        .contains("Strict-Transport-Security")
        .containsPattern("Set-Cookie: __Host-LOOSEHIP=[^\\r\\n]*Secure")
        .containsPattern("Set-Cookie: __Host-LOOSEHIP=[^\\r\\n]*Path=/;")
        .containsPattern("(?i)Set-Cookie: __Host-LOOSEHIP=[^\\r\\n]*HttpOnly[^\\r\\n]*SameSite=lax")
        .doesNotContain("Set-Cookie: LOOSEHIP=");
    assertThat(asked("/r/AAAAAAAAAAAAAAAAAAAAAA/", here)).startsWith("HTTP/1.1 410");
    assertThat(asked("/", here)).startsWith("HTTP/1.1 302");
    assertThat(asked("/trust/loose-hip.crt", here)).contains("application/x-x509-ca-cert");
  }

  /**
   * The session comes back under the name it went out by, and a plain one beside it is nobody's.
   */
  @Test
  void theSessionIsReadByItsPrefixedNameAlone() {
    Rfc6265CookieProcessor cookies = new HostCookies();
    MimeHeaders headers = new MimeHeaders();
    headers.addValue("cookie").setString("LOOSEHIP=planted; __Host-LOOSEHIP=mine; other=1");
    headers.getValue("cookie").toBytes();
    ServerCookies read = new ServerCookies(4);
    cookies.parseCookieHeader(headers, read);
    List<String> sessions = new ArrayList<>();
    for (int i = 0; i < read.getCookieCount(); i++) {
      if (read.getCookie(i).getName().toString().equals("LOOSEHIP")) {
        sessions.add(read.getCookie(i).getValue().toString());
      }
    }
    assertThat(sessions).containsExactly("mine");
  }

  @Test
  void theOwnersSetUpAnswersOnThisMachineAlone() throws Exception {
    String token = accounts.freshSetUpToken();
    assertThat(asked("/set-up/" + token, HERE + ":" + lan.port())).startsWith("HTTP/1.1 404");
    try (Socket socket = new Socket(HERE, plain)) {
      assertThat(spoken(socket, "/set-up/" + token, "localhost:" + plain))
          .startsWith("HTTP/1.1 200");
    }
  }

  @Test
  void noOtherNameIsAnsweredTo() throws Exception {
    assertThat(asked("/sign-in", "rebound.example")).startsWith("HTTP/1.1 404");
    assertThat(asked("/sign-in", "localhost:" + lan.port())).startsWith("HTTP/1.1 404");
  }

  /** Another address, or a key about to run out: a new one, and a broken file is made anew. */
  @Test
  void theKeyIsMadeAnewWhenItNoLongerFits() throws IOException {
    Path home = RunningApplication.freshHome();
    Clock today = Clock.systemUTC();
    X509Certificate first = key(home, HERE, today).certificate();
    assertThat(key(home, HERE, today).certificate()).isEqualTo(first);
    X509Certificate moved = key(home, "10.1.2.3", today).certificate();
    assertThat(moved).isNotEqualTo(first);
    Clock late = Clock.offset(today, Duration.ofDays(380));
    assertThat(key(home, "10.1.2.3", late).certificate()).isNotEqualTo(moved);
    Files.writeString(home.resolve("lan").resolve("key.p12"), "no key");
    assertThat(key(home, "10.1.2.3", today).certificate().getNotAfter()).isInTheFuture();
  }

  private static LanKey key(Path home, String address, Clock clock) {
    return new LanKey(new Settings(home, false), new Lan(new LanSettings(true, 1, address)), clock);
  }

  @Test
  void theKeyIsMadeOnceForItsAddressesAndClosedToOthers() throws Exception {
    X509Certificate certificate = key.certificate();
    assertThat(certificate.getSubjectAlternativeNames().toString()).contains(HERE);
    certificate.checkValidity();
    assertThat(key.certificate()).isEqualTo(certificate);
    Path folder = settings.home().resolve("lan");
    if (Files.getFileStore(folder).supportsFileAttributeView("posix")) {
      assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder)))
          .isEqualTo("rwx------");
      assertThat(
              PosixFilePermissions.toString(
                  Files.getPosixFilePermissions(folder.resolve("key.p12"))))
          .isEqualTo("rw-------");
      assertThat(
              PosixFilePermissions.toString(
                  Files.getPosixFilePermissions(folder.resolve("secret"))))
          .isEqualTo("rw-------");
    }
    assertThat(lan.bases()).containsExactly("https://" + HERE + ":" + lan.port());
  }
}
