package loosehip.app.floor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import loosehip.core.floor.FloorTemplate;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FloorTemplatesTest {
  private static final double MM = 25.4 / 72;

  private final FloorTemplates templates = new FloorTemplates();

  /** A straight line of a page, in millimetres. */
  record Line(double x1, double y1, double x2, double y2) {
    double length() {
      return Math.hypot(x2 - x1, y2 - y1);
    }

    double degreesFromUp() {
      return Math.toDegrees(Math.atan2(x2 - x1, y2 - y1));
    }
  }

  @ParameterizedTest(name = "{0}° on {1}: {2} by {3} mm")
  @CsvSource({"60, a4, 210, 297", "45, letter, 215.9, 279.4", "90, a4, 210, 297"})
  void everySheetHasTheRightSizeAndABarOfTenCentimetres(
      String angle, String paper, double width, double height) throws IOException {
    FloorTemplate template = FloorTemplates.template(angle, "50", paper).orElseThrow();
    try (PDDocument document = Loader.loadPDF(templates.pdf(template))) {
      assertThat(document.getNumberOfPages()).isEqualTo(template.tiles().size());
      for (PDPage page : document.getPages()) {
        assertThat(page.getMediaBox().getWidth() * MM).isCloseTo(width, within(0.05));
        assertThat(page.getMediaBox().getHeight() * MM).isCloseTo(height, within(0.05));
        List<Line> bars =
            lines(page).stream()
                .filter(l -> Math.abs(l.y1() - l.y2()) < 1e-3 && l.length() > 90)
                .filter(l -> l.y1() > 0 && l.y1() < 20)
                .toList();
        assertThat(bars).hasSize(1);
        assertThat(bars.get(0).length()).isCloseTo(100, within(0.05));
      }
    }
  }

  @Test
  void theLongLinesMakeTheAngleAtTrueLength() throws IOException {
    FloorTemplate template = FloorTemplates.template("60", "50", "a4").orElseThrow();
    try (PDDocument document = Loader.loadPDF(templates.pdf(template))) {
      List<Line> longOnes =
          lines(document.getPage(0)).stream().filter(l -> l.length() > 450).toList();
      assertThat(longOnes).hasSize(2);
      assertThat(longOnes).allSatisfy(l -> assertThat(l.length()).isCloseTo(500, within(0.1)));
      assertThat(longOnes.get(1).degreesFromUp() - longOnes.get(0).degreesFromUp())
          .isCloseTo(60, within(0.01));
    }
  }

  @Test
  void theSvgIsInMillimetresWithTheSameBar() {
    FloorTemplate template = FloorTemplates.template("60", "50", "letter").orElseThrow();
    String sheet = templates.svg(template, 1).orElseThrow();
    assertThat(sheet).contains("width=\"215.90mm\"").contains("height=\"279.40mm\"");
    assertThat(sheet).contains("viewBox=").contains("h100.00\"");
    Matcher box = Pattern.compile("viewBox=\"\\S+ \\S+ (\\S+) (\\S+)\"").matcher(sheet);
    assertThat(box.find()).isTrue();
    assertThat(box.group(1)).isEqualTo("215.90");
    assertThat(templates.svg(template, 0)).isPresent();
    assertThat(templates.svg(template, 99)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"95, 50, a4", "60, 5, a4", "sixty, 50, a4", "60, 50, a9"})
  void whatCannotBePrintedIsNot(String angle, String radius, String paper) {
    assertThat(FloorTemplates.template(angle, radius, paper)).isEmpty();
  }

  private static List<Line> lines(PDPage page) throws IOException {
    List<Object> tokens = new PDFStreamParser(page).parse();
    List<Line> lines = new ArrayList<>();
    List<Double> operands = new ArrayList<>();
    double x = 0;
    double y = 0;
    for (Object token : tokens) {
      if (token instanceof COSNumber number) {
        operands.add(number.floatValue() * MM);
      } else if (token instanceof Operator operator) {
        if (operator.getName().equals("l")) {
          lines.add(new Line(x, y, operands.get(0), operands.get(1)));
        }
        if (operator.getName().equals("m") || operator.getName().equals("l")) {
          x = operands.get(0);
          y = operands.get(1);
        }
        operands.clear();
      }
    }
    return lines;
  }
}
