package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import loosehip.app.document.Documents;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The tables for a researcher: whole where there are enough golfers, and telling of nobody. */
class ResearchFormsTest extends FormsTest {
  private static final String WORDS = "Wakes at four since the accident";

  private void golfer(String name, String born, String fault) throws Exception {
    golfer = golfers.add(wren.account(), name);
    note("consent", "wording 1");
    asked();
    note("who.birth-year", born);
    note("wish.want", WORDS);
    note("fault." + fault, "clear");
    for (String value : List.of("24", "26", "25")) {
      send(
          post("/golfers/" + golfer + "/measure/seated-rotation.left.internal/tries")
              .param("value", value)
              .param("submitKey", name + value));
    }
  }

  private Map<String, String> zip() throws Exception {
    byte[] bytes =
        page("/research.zip")
            .andExpect(status().isOk())
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    Map<String, String> files = new HashMap<>();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
      for (ZipEntry e = zip.getNextEntry(); e != null; e = zip.getNextEntry()) {
        files.put(e.getName(), new String(zip.readAllBytes(), StandardCharsets.UTF_8));
      }
    }
    return files;
  }

  @Test
  void fiveAreToldOfAndFewerAreNot() throws Exception {
    page("/research.zip")
        .andExpect(status().isNotFound())
        .andExpect(content().string(containsString("Fewer than five")));
    for (int i = 0; i < 5; i++) {
      golfer("Larch Quill " + i, "1961", "sway");
    }
    golfer("Only Oddfellow", "1990", "reverse-tilt");
    golfer("Young Lorne", "2012", "sway");

    send(post("/first-hour/golfer"));

    Map<String, String> files = zip();
    assertThat(files)
        .containsOnlyKeys(
            "golfers.csv",
            "readings.csv",
            "faults.csv",
            "plans.csv",
            "work.csv",
            "outcomes.csv",
            "dictionary.csv",
            "datapackage.json",
            "README.md");
    assertThat(String.join("\n", files.values()))
        .doesNotContain(
            "Larch", "Oddfellow", "Lorne", "Isla", WORDS, "1961", "2026", "reverse-tilt");
    assertThat(files.get("faults.csv").lines().skip(1))
        .hasSize(5)
        .allMatch(l -> l.contains("sway"));
    assertThat(files.get("readings.csv").lines().filter(l -> l.contains(",26,deg,"))).hasSize(6);
    List<String> people = files.get("golfers.csv").lines().skip(1).toList();
    assertThat(people).filteredOn(l -> l.contains("60 to 69,right")).hasSize(5);
    // Isla, whose age nobody knows, and the only one of their age
    assertThat(people).filteredOn(l -> l.matches("G\\d+,,,.*")).hasSize(2);
    everyColumnIsTold(files);
  }

  private static void everyColumnIsTold(Map<String, String> files) {
    JsonNode described = Documents.JSON.readTree(files.get("datapackage.json"));
    assertThat(described.get("profile").asString()).isEqualTo("tabular-data-package");
    Set<String> paths = new HashSet<>();
    for (JsonNode resource : described.get("resources")) {
      String path = resource.get("path").asString();
      paths.add(path);
      String head = files.get(path).lines().findFirst().orElseThrow();
      List<String> fields =
          resource
              .get("schema")
              .get("fields")
              .valueStream()
              .map(f -> f.get("name").asString())
              .toList();
      assertThat(String.join(",", fields)).isEqualTo(head);
      assertThat(resource.get("schema").get("fields").valueStream())
          .allMatch(f -> !f.get("description").asString().isEmpty());
      fields.forEach(f -> assertThat(files.get("dictionary.csv")).contains(path + "," + f + ","));
    }
    assertThat(paths).hasSize(6);
  }
}
