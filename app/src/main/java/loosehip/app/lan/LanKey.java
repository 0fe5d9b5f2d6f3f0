package loosehip.app.lan;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.KeyStoreException;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.security.cert.X509Certificate;
import java.time.Clock;
import java.time.Duration;
import java.util.Base64;
import java.util.Collection;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import loosehip.app.Settings;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The key of the encrypted port: made on the spot by the JDK's keytool, for the addresses this
 * machine has, and kept beside the data. It is made anew when the addresses change or it is about
 * to run out.
 */
@Component
class LanKey {
  private static final String ALIAS = "loose-hip";
  private static final int DAYS = 390;
  private static final Duration RUNS_OUT = Duration.ofDays(14);
  private static final int KEYTOOL_SECONDS = 60;
  private static final int IP_ADDRESS = 7;

  private final Path folder;
  private final Lan lan;
  private final Clock clock;
  private @Nullable Held held;

  private record Held(FileTime written, X509Certificate certificate) {}

  LanKey(Settings settings, Lan lan, Clock clock) {
    this.folder = settings.home().resolve("lan");
    this.lan = lan;
    this.clock = clock;
  }

  /** The key's file, made where there is none that fits. */
  synchronized Path file() {
    Path file = folder.resolve("key.p12");
    try {
      if (!fits(file)) {
        make(file);
      }
      return file;
    } catch (IOException unwritten) {
      throw new UncheckedIOException(unwritten);
    }
  }

  /** What opens the file. */
  synchronized String password() {
    Path secret = folder.resolve("secret");
    try {
      if (!Files.exists(secret)) {
        Files.createDirectories(folder);
        closed(folder, "rwx------");
        byte[] bytes = new byte[24];
        new SecureRandom().nextBytes(bytes);
        Files.writeString(secret, Base64.getUrlEncoder().withoutPadding().encodeToString(bytes));
        closed(secret, "rw-------");
      }
      return Files.readString(secret).strip();
    } catch (IOException unwritten) {
      throw new UncheckedIOException(unwritten);
    }
  }

  /** The certificate a phone is asked to trust. */
  synchronized X509Certificate certificate() {
    try {
      return read(file());
    } catch (IOException | GeneralSecurityException unreadable) {
      throw new IllegalStateException("The key of the local network cannot be read", unreadable);
    }
  }

  /** The certificate of a file; opening it is slow on purpose, so once for as long as it stands. */
  private X509Certificate read(Path file) throws IOException, GeneralSecurityException {
    FileTime written = Files.getLastModifiedTime(file);
    if (held == null || !written.equals(held.written())) {
      try (InputStream in = Files.newInputStream(file)) {
        KeyStore store = KeyStore.getInstance("PKCS12");
        store.load(in, password().toCharArray());
        if (!(store.getCertificate(ALIAS) instanceof X509Certificate certificate)) {
          throw new KeyStoreException("The file holds no key of ours");
        }
        held = new Held(written, certificate);
      }
    }
    return held.certificate();
  }

  /** Its fingerprint, to be compared by eye. */
  String fingerprint() {
    try {
      byte[] digest = MessageDigest.getInstance("SHA-256").digest(certificate().getEncoded());
      return HexFormat.ofDelimiter(":").withUpperCase().formatHex(digest);
    } catch (GeneralSecurityException unreadable) {
      throw new IllegalStateException(unreadable);
    }
  }

  private boolean fits(Path file) {
    if (!Files.exists(file)) {
      return false;
    }
    try {
      X509Certificate kept = read(file);
      Collection<List<?>> names = kept.getSubjectAlternativeNames();
      Set<String> named =
          names == null
              ? Set.of()
              : names.stream()
                  .filter(n -> n.get(0).equals(IP_ADDRESS))
                  .map(n -> String.valueOf(n.get(1)))
                  .collect(Collectors.toSet());
      return named.containsAll(lan.addresses())
          && kept.getNotAfter().toInstant().isAfter(clock.instant().plus(RUNS_OUT));
    } catch (IOException | GeneralSecurityException unreadable) {
      return false;
    }
  }

  private void make(Path file) throws IOException {
    Files.createDirectories(folder);
    closed(folder, "rwx------");
    Files.deleteIfExists(file);
    held = null;
    Set<String> names = new TreeSet<>(lan.addresses());
    names.add("127.0.0.1");
    ProcessBuilder making =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "keytool").toString(),
                "-J-XX:TieredStopAtLevel=1",
                "-J-XX:+UseSerialGC",
                "-genkeypair",
                "-alias",
                ALIAS,
                "-keyalg",
                "EC",
                "-groupname",
                "secp256r1",
                "-validity",
                String.valueOf(DAYS),
                "-dname",
                "CN=Loose Hip in this room",
                "-ext",
                "bc=ca:true",
                "-ext",
                "eku=serverAuth",
                "-ext",
                "san=" + names.stream().map(n -> "ip:" + n).collect(Collectors.joining(",")),
                "-storetype",
                "PKCS12",
                "-keystore",
                file.toString(),
                "-storepass:env",
                "LOOSE_HIP_KEY")
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
            .directory(folder.toFile());
    // By the environment: what stands on a command line can be read by others on this machine.
    making.environment().put("LOOSE_HIP_KEY", password());
    Process keytool = making.start();
    try {
      if (!keytool.waitFor(KEYTOOL_SECONDS, TimeUnit.SECONDS) || keytool.exitValue() != 0) {
        keytool.destroyForcibly();
        throw new IOException("keytool made no key; is this a whole JDK?");
      }
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      throw new IOException("Stopped while a key was made", stopped);
    }
    closed(file, "rw-------");
  }

  private static void closed(Path path, String to) throws IOException {
    if (Files.getFileStore(path).supportsFileAttributeView("posix")) {
      Files.setPosixFilePermissions(path, PosixFilePermissions.fromString(to));
    }
  }
}
