package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import loosehip.app.store.FileReadings;
import loosehip.app.store.ReadingFiles;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpSession;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;

/** A table of one's own: matched, asked about, remembered, checked, taken and taken back. */
class TableFormsTest extends FormsTest {
  private static final String TABLE =
      "Name\tDay\tSit in L\tKnee to wall L\nQuill Larch\t03/04/2024\t24/26\t4\n"
          + "Nobody Here\t03/04/2024\t30\t4\n";

  @Autowired ReadingFiles readingFiles;
  @Autowired FileReadings readings;

  private final MockHttpSession session = new MockHttpSession();

  private ResultActions as(AbstractMockHttpServletRequestBuilder<?> request) throws Exception {
    return mvc.perform(request.session(session).with(user(wren)).with(csrf()));
  }

  private String brought(String text) throws Exception {
    String address =
        as(multipart("/tables").param("pasted", text)).andReturn().getResponse().getRedirectedUrl();
    assertThat(address).startsWith("/tables/");
    return address;
  }

  private ReadingFiles.FileState settled(String address) throws Exception {
    String id = address.substring(address.lastIndexOf('/') + 1);
    for (int i = 0; i < 400; i++) {
      ReadingFiles.FileState state =
          readingFiles.find(wren.account().practiceId(), id).orElseThrow();
      if (!state.busy()) {
        return state;
      }
      Thread.sleep(50);
    }
    throw new AssertionError("The file is still busy after 20 s");
  }

  @Test
  void nothingIsCheckedWhileTheTableLeavesSomethingOpenAndThenItIsReadAsSaid() throws Exception {
    golfer = golfers.add(wren.account(), "Quill Larch");
    note("consent", "wording 1");
    asked();
    String at = brought(TABLE);
    as(get(at))
        .andExpect(content().string(containsString("“03/04/2024” is which day?")))
        .andExpect(content().string(containsString("1 name nobody here has:")));
    as(post(at + "/check")
            .param("c0", "golfer")
            .param("c1", "date")
            .param("c2", "seated-rotation left internal")
            .param("c3", "ankle-wall left"))
        .andExpect(content().string(containsString("Not checked yet: “03/04/2024”")));

    as(post(at)
            .param("c0", "golfer")
            .param("c1", "date")
            .param("c2", "seated-rotation left internal")
            .param("c3", "ankle-wall left")
            .param("q-order", "day-first")
            .param("q-length", "inch"))
        .andExpect(content().string(containsString("3 Apr 2024")))
        .andExpect(content().string(containsString("10.16 cm")));
    String file =
        as(post(at + "/check")
                .param("c0", "golfer")
                .param("c1", "date")
                .param("c2", "seated-rotation left internal")
                .param("c3", "ankle-wall left")
                .param("q-read-with", "goniometer"))
            .andExpect(redirectedUrlPattern("/readings/*"))
            .andReturn()
            .getResponse()
            .getRedirectedUrl();
    ReadingFiles.FileState state = settled(file);
    assertThat(state.counts()).containsEntry("new", 3).containsEntry("refused", 2);
    as(get(file))
        .andExpect(content().string(containsString("row 2, “Knee to wall L”")))
        .andExpect(content().string(containsString("Seated hip turn, left, inward, try 2")));

    as(post(file + "/take"));
    assertThat(settled(file).taken()).isTrue();
    assertThat(standing()).containsEntry("ankle-wall.left 1", 10.2);
    assertThat(standing()).containsEntry("seated-rotation.left.internal 2", 26.0).hasSize(3);
    as(post(file + "/undo"));
    assertThat(settled(file).undone()).isTrue();
    assertThat(standing()).isEmpty();

    // the meaning of a head that says nothing by itself is remembered
    String again = brought(TABLE.replace("24/26", "27"));
    as(get(again))
        .andExpect(content().string(containsString("Seated hip turn, left, inward</td>")));
  }

  /** The numbers of the table's day, by slot and try. */
  private Map<String, Double> standing() {
    Map<String, Double> standing = new HashMap<>();
    readings
        .standing(golfer, LocalDate.of(2024, 4, 3))
        .forEach((key, taken) -> standing.put(key, taken.value().orElseThrow()));
    return standing;
  }

  @Test
  void anotherNumberOfHeadRowsLooksAnew() throws Exception {
    String at = brought("Clinic of spring\t\nName\tDay\tPlank\nIsla Brodie\t2024-04-03\t40\n");
    as(get(at)).andExpect(content().string(containsString("1 rows below 2 rows of heads")));
    as(post(at).param("heads", "1")).andExpect(header().string("HX-Refresh", "true"));
    as(get(at)).andExpect(content().string(containsString("2 rows below the head")));
  }

  @Test
  void whatIsNoTableIsSaidAndNothingIsKept() throws Exception {
    for (String text : List.of("", "a sentence without columns")) {
      as(multipart("/tables").param("pasted", text))
          .andExpect(flash().attributeExists("tableProblem"));
    }
    byte[] workbook = "PK\u0003\u0004....".getBytes(StandardCharsets.UTF_8);
    as(multipart("/tables")
            .file(new MockMultipartFile("file", "clinic.xlsx", "application/x", workbook)))
        .andExpect(flash().attribute("tableProblem", containsString("copy them and paste")));
    as(get("/tables/gone")).andExpect(status().isNotFound());
  }

  @Test
  void aTableIsItsOwnSessionsAlone() throws Exception {
    String at = brought(TABLE);
    mvc.perform(get(at).with(user(wren))).andExpect(status().isNotFound());
    as(post(at + "/drop"));
    as(get(at)).andExpect(status().isNotFound());
  }

  @Test
  void hostileCellsAreShownAsText() throws Exception {
    String at = brought("Name\tDay\tPlank\n<script>alert(1)</script>\t2024-04-03\t=1+1\n");
    as(get(at))
        .andExpect(content().string(not(containsString("<script>alert"))))
        .andExpect(content().string(containsString("&lt;script&gt;")));
  }
}
