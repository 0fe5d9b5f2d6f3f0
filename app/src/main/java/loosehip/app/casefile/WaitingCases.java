package loosehip.app.casefile;

import jakarta.servlet.http.HttpSession;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import loosehip.app.document.Problem;
import loosehip.app.words.Typed;
import loosehip.core.casefile.CaseFile;
import loosehip.core.measure.Screen;
import loosehip.core.measure.TestCard;

/**
 * Case files that somebody brought and has not taken yet. They are health data nobody here has
 * consent for, so they wait in the session alone, are never written down, and go with it.
 */
final class WaitingCases {
  private static final String KEPT = "loose-hip.cases";
  private static final int MOST = 60;
  private static final int BYTES_MOST = 512 * 1024;
  private static final int NAME_MOST = 80;

  private final Map<String, Waiting> byId;

  private WaitingCases(Map<String, Waiting> byId) {
    this.byId = byId;
  }

  /**
   * A file that waits.
   *
   * @param golfer what it says; empty when it cannot be taken
   * @param problems everything that is wrong with it
   * @param newest the latest day it was measured on, where it says so
   * @param earlier what was measured on days before that
   * @param notes notes on tests
   */
  record Waiting(
      String id,
      String fileName,
      Optional<CaseFile> golfer,
      List<Problem> problems,
      Optional<LocalDate> newest,
      SortedMap<LocalDate, Screen> earlier,
      Map<TestCard, String> notes) {
    static Waiting of(String id, String fileName, CaseReader.Outcome read) {
      return new Waiting(
          id,
          fileName,
          read.golfer(),
          read.problems(),
          read.newest(),
          read.earlier(),
          read.notes());
    }

    static Waiting refused(String id, String fileName, List<Problem> problems) {
      return new Waiting(
          id, fileName, Optional.empty(), problems, Optional.empty(), new TreeMap<>(), Map.of());
    }
  }

  /** Those of a session. */
  @SuppressWarnings("unchecked")
  static WaitingCases of(HttpSession session) {
    synchronized (session) {
      Object kept = session.getAttribute(KEPT);
      if (kept == null) {
        kept = new LinkedHashMap<String, Waiting>();
        session.setAttribute(KEPT, kept);
      }
      return new WaitingCases((Map<String, Waiting>) kept);
    }
  }

  synchronized List<Waiting> all() {
    return List.copyOf(byId.values());
  }

  synchronized Optional<Waiting> one(String id) {
    return Optional.ofNullable(byId.get(id));
  }

  synchronized void drop(String id) {
    byId.remove(id);
  }

  /** Brings a case file, or a zip of them. */
  synchronized void bring(String fileName, byte[] bytes, LocalDate today) {
    if (bytes.length > 3 && bytes[0] == 'P' && bytes[1] == 'K' && bytes[2] == 3) {
      unpack(fileName, bytes, today);
    } else {
      read(fileName, bytes, today);
    }
  }

  private void unpack(String fileName, byte[] bytes, LocalDate today) {
    int found = 0;
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        String name = entry.getName().replaceAll(".*[/\\\\]", "");
        if (entry.isDirectory() || name.startsWith(".")) {
          continue;
        }
        found++;
        if (name.toLowerCase(Locale.ROOT).endsWith(".zip")) {
          refuse(name, "is a zip in a zip, which is not opened", "bring it by itself");
        } else {
          read(name, zip.readNBytes(BYTES_MOST + 1), today);
        }
      }
    } catch (IOException | IllegalArgumentException broken) {
      refuse(fileName, "breaks off or is damaged", "bring the zip again");
      return;
    }
    if (found == 0) {
      refuse(fileName, "holds no file", "bring a zip of case files");
    }
  }

  private void read(String fileName, byte[] bytes, LocalDate today) {
    if (bytes.length > BYTES_MOST) {
      refuse(fileName, "is larger than 512 kB", "a case file is one golfer's; bring them apart");
      return;
    }
    String text;
    try {
      text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
    } catch (CharacterCodingException e) {
      refuse(fileName, "is not UTF-8 text", "save the file as UTF-8");
      return;
    }
    CaseReader.Outcome outcome = CaseReader.read(text, today);
    keep(Waiting.of(id(), name(fileName), outcome));
  }

  private void refuse(String fileName, String what, String instead) {
    keep(Waiting.refused(id(), name(fileName), List.of(new Problem("", what, instead))));
  }

  private void keep(Waiting waiting) {
    if (byId.size() < MOST) {
      byId.put(waiting.id(), waiting);
    } else if (byId.size() == MOST) {
      List<Problem> full = new ArrayList<>();
      full.add(
          new Problem("", "was not read: " + MOST + " files wait already", "take those first"));
      byId.put("full", Waiting.refused("full", waiting.fileName(), full));
    }
  }

  private String id() {
    return UUID.randomUUID().toString().substring(0, 8);
  }

  private static String name(String fileName) {
    String line = Typed.line(fileName, NAME_MOST);
    return line.isEmpty() ? "a file" : line;
  }
}
