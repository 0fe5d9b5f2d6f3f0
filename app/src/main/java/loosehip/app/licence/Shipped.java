package loosehip.app.licence;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import loosehip.app.document.Documents;
import tools.jackson.databind.JsonNode;

/**
 * A part that ships.
 *
 * @param name what it is called
 * @param version its version; empty for fonts
 * @param licences under which it may be used, one of them where there are several
 */
public record Shipped(String name, String version, List<String> licences) {
  private static final String BILL = "/META-INF/sbom/application.cdx.json";

  /** What the build does not know of: the fonts, each with its licence beside it. */
  private static final List<Shipped> FONTS =
      List.of(
          new Shipped("Atkinson Hyperlegible Next (font)", "", List.of("OFL-1.1")),
          new Shipped("Bitter (font)", "", List.of("OFL-1.1")));

  /** Everything that ships, by name: the bill of materials (CycloneDX) in the jar, and fonts. */
  public static List<Shipped> all() {
    List<Shipped> all = new ArrayList<>(FONTS);
    try (InputStream bill = Shipped.class.getResourceAsStream(BILL)) {
      Documents.JSON
          .readTree(Objects.requireNonNull(bill, BILL))
          .path("components")
          .forEach(c -> all.add(component(c)));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    all.sort(Comparator.comparing(Shipped::name, String.CASE_INSENSITIVE_ORDER));
    return all;
  }

  private static Shipped component(JsonNode component) {
    List<String> licences = new ArrayList<>();
    for (JsonNode each : component.path("licenses")) {
      String expression = each.path("expression").asString("");
      String id = each.path("license").path("id").asString("");
      String name = each.path("license").path("name").asString("");
      licences.add(expression.isEmpty() ? id.isEmpty() ? name : id : expression);
    }
    String group = component.path("group").asString("");
    String name = component.path("name").asString("");
    return new Shipped(
        group.isEmpty() ? name : group + ":" + name,
        component.path("version").asString(""),
        List.copyOf(licences));
  }
}
