package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import loosehip.app.Settings;
import loosehip.app.trace.TraceFiles;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;

/** Erased is erased: nothing of it is found in the folder afterwards, looked at byte by byte. */
class ErasureFormsTest extends FormsTest {
  private static final String NAME = "Quenby Thistlewood";

  @Autowired Settings settings;

  private List<String> found(List<String> secrets) throws IOException {
    List<String> found = new ArrayList<>();
    try (Stream<Path> files = Files.walk(settings.home())) {
      for (Path file : files.filter(Files::isRegularFile).toList()) {
        String lower = letters(file).toLowerCase(Locale.ROOT);
        secrets.stream()
            .filter(s -> lower.contains(s.toLowerCase(Locale.ROOT)))
            .forEach(s -> found.add(s + " in " + file.getFileName()));
      }
    }
    return found;
  }

  /** What is in a file; nothing when another test's file was deleted just now. */
  private static String letters(Path file) throws IOException {
    try {
      return new String(Files.readAllBytes(file), StandardCharsets.ISO_8859_1);
    } catch (NoSuchFileException gone) {
      return "";
    }
  }

  private void readings(String name, String lines) throws Exception {
    String address =
        send(multipart("/readings")
                .file(
                    new MockMultipartFile(
                        "file", name, "text/csv", lines.getBytes(StandardCharsets.UTF_8))))
            .andReturn()
            .getResponse()
            .getRedirectedUrl();
    for (int i = 0; i < 100; i++) {
      String state = page(address + "/state").andReturn().getResponse().getContentAsString();
      if (!state.contains("hx-trigger")) {
        return;
      }
      Thread.sleep(50);
    }
  }

  @Test
  void nothingOfAnErasedGolferIsFoundInTheFolder() throws Exception {
    String kept = golfer;
    note("wish.want", "stays-where-it-is");
    golfer = golfers.add(wren.account(), NAME);
    note("consent", "wording 1");
    asked();
    note("wish.want", "wants-a-longer-marmalade");
    note("wish.want", "");
    note("test-note.hinge-contact", "note-about-a-walrus");
    send(
        post("/golfers/" + golfer + "/measure/hinge-contact/pain")
            .param("level", "4")
            .param("site", "behind-the-periscope"));
    send(post("/golfers/" + golfer + "/measure/hinge-contact/tries").param("value", "37.77"));
    send(
        multipart("/golfers/" + golfer + "/recordings")
            .file(
                new MockMultipartFile(
                    "recording",
                    "velvet-anchor.csv",
                    "text/csv",
                    TraceFiles.movement(loosehip.core.played.SwingKind.GOOD_ORDER))));
    send(post("/golfers/" + golfer + "/stills/consent").param("given", "yes"));
    ByteArrayOutputStream picture = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(500, 500, BufferedImage.TYPE_INT_RGB), "jpg", picture);
    send(
        multipart("/golfers/" + golfer + "/stills")
            .file(new MockMultipartFile("picture", "x.jpg", "image/jpeg", picture.toByteArray()))
            .param("view", "face-on")
            .param("checkpoint", "address"));
    readings(
        "thistlewood-winter.csv",
        "golfer,visit_date,test,side,part,try,value_deg\n"
            + NAME
            + ",2026-10-01,seated-rotation,left,internal,1,31.313\n"
            + NAME
            + ",2026-10-01,no-such-test,left,internal,1,31\n");

    List<String> secrets =
        List.of(
            "Thistlewood", "Quenby", "marmalade", "walrus", "periscope", "velvet-anchor", golfer);
    assertThat(found(secrets)).as("planted").hasSizeGreaterThanOrEqualTo(6);
    send(post("/golfers/" + golfer + "/erase").param("confirm", NAME));
    assertThat(found(secrets)).isEmpty();
    assertThat(found(List.of("stays-where-it-is"))).isNotEmpty();
    golfer = kept;
    assertThat(file().name()).isEqualTo("Isla Brodie");
  }
}
