package loosehip.app.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import loosehip.app.figure.Figures;
import loosehip.app.golfer.GolferText;
import loosehip.app.golfer.Workup;
import loosehip.core.body.Handed;
import loosehip.core.measure.Position;
import loosehip.core.measure.RunningOrder;
import loosehip.core.measure.TestCard;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.context.annotation.AnnotationConfigApplicationContext;

class SheetViewsTest {
  private static final String HIP = "seated-rotation.right.internal";
  private static final SheetViews SHEETS = sheets();

  private static SheetViews sheets() {
    var context = new AnnotationConfigApplicationContext("loosehip.app.figure");
    return new SheetViews(new TestViews(new Instructions(), context.getBean(Figures.class)));
  }

  private static SheetView.Cell cell(String file, String key) {
    Workup workup = GolferText.workup(file);
    return SHEETS.cell(workup, TestCard.parse(key).orElseThrow(), LastEntry.NONE);
  }

  @ParameterizedTest(name = "{0} {1}: stay {2}")
  @CsvSource({
    "'', seated-rotation.right.internal, false",
    "try seated-rotation.right.internal 24, seated-rotation.right.internal, true",
    "try seated-rotation.right.internal 24 25, seated-rotation.right.internal, true",
    "try seated-rotation.right.internal 24 25 26, seated-rotation.right.internal, false",
    "try seated-rotation.right.internal 24 25 31, seated-rotation.right.internal, true",
    "try seated-rotation.right.internal 20 25 31 24 29, seated-rotation.right.internal, false",
    "try hinge-contact 40, hinge-contact, false",
    "try hinge-contact 40 47, hinge-contact, true",
    "try seated-rotation.right.internal 24; pain.seated-rotation.right.internal=5,"
        + " seated-rotation.right.internal, false",
  })
  void theSheetStaysWhereAnotherTryIsWorthIt(String file, String key, boolean stay) {
    if (file.contains("pain")) {
      file = file.replace(",", ";");
    }
    assertThat(cell(file, key).stay()).isEqualTo(stay);
  }

  @Test
  void aBlockedCellTakesNothingAndASkippedOneSaysWhy() {
    SheetView.Cell blocked = cell("caution.knee=left", "squat-depth");
    assertThat(blocked.blocked()).isTrue();
    assertThat(blocked.left()).startsWith("no deep squats");
    SheetView.Cell skipped = cell("skip.hinge-contact=no time", "hinge-contact");
    assertThat(skipped.blocked()).isFalse();
    assertThat(skipped.left()).isEqualTo("skipped: no time");
    assertThat(cell("skip.hinge-contact=no time; try hinge-contact 40", "hinge-contact").left())
        .isEmpty();
  }

  @Test
  void theFirstPositionWithSomethingOpenIsShown() {
    assertThat(SheetViews.position(GolferText.workup(""), Optional.empty()))
        .isEqualTo(Position.STANDING);
    assertThat(SheetViews.position(GolferText.workup("order=hips"), Optional.of("face-down")))
        .isEqualTo(Position.FACE_DOWN);
    assertThat(SheetViews.position(GolferText.workup("order=quick"), Optional.of("face-down")))
        .isEqualTo(Position.STANDING);
  }

  @ParameterizedTest
  @EnumSource(Position.class)
  void everyCardOfThePositionStandsOnItsSheetOnce(Position position) {
    Workup workup = GolferText.workup("order=full");
    SheetView sheet = SHEETS.of(workup, position);
    assertThat(sheet.rows().stream().flatMap(r -> r.cells().stream()).map(SheetView.Cell::key))
        .containsExactlyInAnyOrderElementsOf(
            RunningOrder.FULL.cards(Handed.RIGHT).stream()
                .filter(c -> c.test().position() == position)
                .map(TestCard::key)
                .toList());
    assertThat(sheet.next().isPresent()).isEqualTo(position != Position.ON_BACK);
    assertThat(sheet.positions().stream().mapToInt(SheetView.PositionTab::of).sum()).isEqualTo(44);
  }

  @Test
  void aCellSaysSideResultAndWhatIsTypedNext() {
    SheetView.Cell cell = cell("try " + HIP + " 24 26", HIP);
    assertThat(cell.side()).isEqualTo("trail (R)");
    assertThat(cell.live().entryLabel()).isEqualTo("third");
    assertThat(cell.live().result().orElseThrow().mean()).isEqualTo("25.0°");
    assertThat(cell("who.handed=left; try " + HIP + " 24", HIP).side()).isEqualTo("lead (R)");
    assertThat(cell("", "one-leg-stand.left.open").seconds()).isTrue();
  }
}
