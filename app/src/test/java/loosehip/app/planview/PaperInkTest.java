package loosehip.app.planview;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

/** The picture from above keeps its inks on paper. */
class PaperInkTest {
  @Test
  void rulesOfThePictureComeInTheLightThemesInks() {
    String sheet =
        """
        :root {
          --ink: #20302f; --trail: #24585c;
        }
        :root[data-theme="dim"] {
          --ink: #efe8d8; --trail: #82bfc0;
        }
        body { color: var(--ink); }
        .pv-foot-trail path, .pv-foot { fill: var(--trail); stroke: var(--ink); }
        .ball { fill: var(--ink); }
        .brand { fill: var(--ink); }
        """;
    assertThat(PaperInk.of(sheet).lines())
        .containsExactly(
            ".pv-foot-trail path, .pv-foot { fill: #24585c; stroke: #20302f; }",
            ".ball { fill: #20302f; }");
    assertThatThrownBy(() -> PaperInk.of(".ball { fill: var(--gone); }"))
        .hasMessageContaining("--gone");
  }

  /** Whatever class the drawing uses has a rule, and no ink is left open. */
  @Test
  void theShippedSheetHasARuleForEveryPart() {
    assertThat(PaperInk.styles())
        .contains(".pv-band", ".pv-trail-hip", ".pv-lead-hip", ".pv-pelvis ", ".lead-line", ".ball")
        .doesNotContain("var(");
  }
}
