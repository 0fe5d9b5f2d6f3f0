package loosehip.app.glossary;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import loosehip.app.figure.Drawing;
import loosehip.app.figure.Figures;
import loosehip.app.words.Text;
import loosehip.core.link.PivotFault;
import loosehip.core.link.SetupFault;
import org.springframework.stereotype.Component;

/** Every word of the trade: those of {@code terms.txt}, and the faults as the core tells them. */
@Component
public class Glossary {
  private static final String TERMS = "/loosehip/app/glossary/terms.txt";
  private static final String SIGN = "sign:";
  private static final int PARTS = 5;

  private final Map<String, Term> terms = new LinkedHashMap<>();

  Glossary(Figures figures) {
    lines().forEach(line -> add(of(line, figures)));
    for (PivotFault fault : PivotFault.values()) {
      add(
          new Term(
              fault.id(),
              Text.lower(fault.title()),
              List.of(fault.title()),
              "A pivot fault, looked for at " + fault.phase() + ": " + fault.seen() + ".",
              figures.find(fault.id() + ".clear"),
              ""));
    }
    for (SetupFault fault : SetupFault.values()) {
      Optional<Drawing> drawing =
          Stream.of(".flat.clear", ".front.clear")
              .flatMap(view -> figures.find(fault.id() + view).stream())
              .findFirst();
      add(
          new Term(
              fault.id(),
              Text.lower(fault.title()),
              List.of(fault.title()),
              "A set-up fault: " + fault.seen() + ".",
              drawing,
              ""));
    }
  }

  private void add(Term term) {
    if (terms.put(term.id(), term) != null) {
      throw new IllegalStateException("Two terms are called " + term.id());
    }
  }

  private static Term of(String line, Figures figures) {
    String[] parts = line.split("\\|", -1);
    if (parts.length != PARTS) {
      throw new IllegalStateException("A term has five parts: " + line);
    }
    String picture = parts[3].strip();
    boolean sign = picture.startsWith(SIGN);
    return new Term(
        parts[0].strip(),
        parts[1].strip(),
        Arrays.stream(parts[2].split(",")).map(String::strip).toList(),
        parts[4].strip(),
        sign ? Optional.empty() : figures.find(picture),
        sign ? picture.substring(SIGN.length()) : "");
  }

  /** The lines of the file that hold a term. */
  static List<String> lines() {
    List<String> lines = new ArrayList<>();
    try (BufferedReader in =
        new BufferedReader(
            new InputStreamReader(
                Objects.requireNonNull(Glossary.class.getResourceAsStream(TERMS)),
                StandardCharsets.UTF_8))) {
      for (String line = in.readLine(); line != null; line = in.readLine()) {
        if (!line.isBlank() && !line.startsWith("#")) {
          lines.add(line);
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return lines;
  }

  /** A term by its id. */
  Optional<Term> find(String id) {
    return Optional.ofNullable(terms.get(id));
  }

  /** Every term, by its word. */
  Collection<Term> all() {
    return terms.values().stream()
        .sorted(Comparator.comparing(t -> t.word().toLowerCase(Locale.ROOT)))
        .toList();
  }

  /** What a page looks for: each form of a word with the term it stands for, the longest first. */
  List<Form> forms() {
    return terms.values().stream()
        .flatMap(t -> t.forms().stream().filter(f -> f.length() > 2).map(f -> new Form(f, t.id())))
        .sorted(Comparator.comparingInt((Form f) -> f.form().length()).reversed())
        .toList();
  }

  /** A form of a word. */
  public record Form(String form, String term) {}
}
