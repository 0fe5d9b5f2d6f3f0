package loosehip.app.journey;

import static org.assertj.core.api.Assertions.assertThat;

import loosehip.app.store.Glance;
import org.junit.jupiter.api.Test;

/** Whoever opens a list finds everybody as they stand now, though no save waited for it. */
class ListsInStepFormsTest extends FormsTest {
  private String shown(String address) throws Exception {
    return page(address).andReturn().getResponse().getContentAsString();
  }

  private Glance kept() {
    return golfers.all(wren.account().practiceId()).stream()
        .filter(g -> g.golferId().equals(golfer))
        .findFirst()
        .orElseThrow();
  }

  /** Written past every form, as by a program that ended before it could tell anybody. */
  @Test
  void aWarningSignStandsOnTodayHoweverItWasWritten() throws Exception {
    jot("warning.night-pain=yes");
    assertThat(kept().words()).isEqualTo("new: start with the talk");
    assertThat(shown("/")).contains("waiting for a clinician&#39;s clearance");
    assertThat(kept().words()).isEqualTo("waiting for a clinician's clearance");
  }

  @Test
  void whoIsFoundByNameStandsAsTheyStandNow() throws Exception {
    shown("/");
    jot("who.birth-year=1960", "who.handed=left");
    assertThat(shown("/find?q=brodie")).contains(", left-handed");
  }

  /** The next list is right even where the golfer in the list was written before. */
  @Test
  void aNameOnTodayIsTheNewOneAtOnce() throws Exception {
    assertThat(shown("/")).contains("Isla Brodie");
    golfers.rename(files.load(wren.account().practiceId(), golfer).orElseThrow(), "Isla <b>Kerr");
    assertThat(shown("/")).contains("Isla &lt;b&gt;Kerr").doesNotContain("<b>Kerr");
  }
}
