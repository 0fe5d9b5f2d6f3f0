package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** The letter is there when it is needed most: while everything waits for a clinician. */
class LetterFormsTest extends FormsTest {
  @Test
  void aGolferWhoWaitsCanBeGivenALetter() throws Exception {
    send(post("/golfers/" + golfer + "/measure/hinge-contact/tries").param("value", "37"));
    note("warning.night-pain", "yes");
    page("/golfers/" + golfer + "/talk")
        .andExpect(content().string(containsString("A letter for the clinician")));
    String why = "Wakes at four. <b>Since</b> May.\nNothing helps.";
    send(post("/golfers/" + golfer + "/letter").param("why", why))
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("&lt;b&gt;Since&lt;/b&gt;"),
                        not(containsString("<b>Since</b>")),
                        containsString("answered yes to"))));
    byte[] pdf =
        send(post("/golfers/" + golfer + "/letter.pdf").param("why", why))
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    try (PDDocument document = Loader.loadPDF(pdf)) {
      assertThat(document.getNumberOfPages()).isEqualTo(1);
      assertThat(new PDFTextStripper().getText(document))
          .contains("Isla Brodie", "Wakes at four", "37", "What I would like to know");
    }
    String bundle =
        page("/golfers/" + golfer + "/fhir.json").andReturn().getResponse().getContentAsString();
    assertThat(bundle).contains("\"resourceType\": \"Bundle\"", "37").doesNotContain("Isla");
    assertThat(file().facts().values()).noneMatch(n -> n.value().contains("Wakes at four"));
  }
}
