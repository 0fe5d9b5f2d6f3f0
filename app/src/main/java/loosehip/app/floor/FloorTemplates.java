package loosehip.app.floor;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import loosehip.app.words.Typed;
import loosehip.core.floor.FloorTemplate;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.springframework.stereotype.Component;

/** Draws the floor template at true scale: PDF points and SVG millimetres, never pixels. */
@Component
class FloorTemplates {
  private static final double POINTS_PER_MM = 72 / 25.4;
  private static final float STRONG = 2.2f;
  private static final float LIGHT = 0.6f;
  private static final String CAPTION =
      "This bar is 10 cm (3 15/16 in) long. If not, print at 100 %, unscaled.";

  /** The template asked for; empty when the angle, the length or the paper cannot be. */
  static Optional<FloorTemplate> template(String angle, String radius, String paper) {
    Optional<Double> degrees = Typed.number(angle);
    Optional<Double> centimetres = Typed.number(radius);
    Optional<FloorTemplate.Paper> on =
        Arrays.stream(FloorTemplate.Paper.values()).filter(p -> p.id().equals(paper)).findFirst();
    try {
      return degrees.isEmpty() || centimetres.isEmpty()
          ? Optional.empty()
          : on.map(p -> new FloorTemplate(degrees.get(), centimetres.get() * 10, p));
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  byte[] pdf(FloorTemplate template) throws IOException {
    try (PDDocument document = new PDDocument();
        InputStream letters =
            Objects.requireNonNull(
                FloorTemplates.class.getResourceAsStream(
                    "/static/fonts/AtkinsonHyperlegibleNext-Regular.ttf"))) {
      PDFont font = PDType0Font.load(document, letters);
      for (FloorTemplate.Tile tile : template.tiles()) {
        PDPage page =
            new PDPage(
                new PDRectangle(
                    points(template.paper().width()), points(template.paper().height())));
        document.addPage(page);
        try (PDPageContentStream out = new PDPageContentStream(document, page)) {
          new Sheet(template, tile, out, font).draw();
        }
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  private static float points(double millimetres) {
    return (float) (millimetres * POINTS_PER_MM);
  }

  /** One sheet being drawn. */
  private record Sheet(
      FloorTemplate template, FloorTemplate.Tile tile, PDPageContentStream out, PDFont font) {

    void draw() throws IOException {
      out.saveGraphicsState();
      out.addRect(
          x(tile.left()),
          y(tile.top() + template.printableHeight()),
          points(template.printableWidth()),
          points(template.printableHeight()));
      out.clip();
      for (FloorTemplate.Stroke stroke : template.strokes()) {
        out.setLineWidth(stroke.strong() ? STRONG : LIGHT);
        line(x(stroke.x1()), y(stroke.y1()), x(stroke.x2()), y(stroke.y2()));
      }
      for (FloorTemplate.Label label : template.labels()) {
        text(x(label.x()), y(label.y()), 13, label.text());
      }
      out.restoreGraphicsState();
      frame();
      checkBar();
    }

    private void frame() throws IOException {
      out.setLineWidth(0.4f);
      out.setLineDashPattern(new float[] {3, 3}, 0);
      out.addRect(
          points(FloorTemplate.MARGIN),
          points(template.paper().height() - FloorTemplate.MARGIN - template.printableHeight()),
          points(template.printableWidth()),
          points(template.printableHeight()));
      out.stroke();
      out.setLineDashPattern(new float[] {}, 0);
    }

    private void checkBar() throws IOException {
      float left = points(FloorTemplate.MARGIN);
      float base = points(FloorTemplate.MARGIN + 4);
      out.setLineWidth(1.4f);
      line(left, base, left + points(FloorTemplate.CHECK_BAR), base);
      for (double end : new double[] {0, FloorTemplate.CHECK_BAR}) {
        float at = left + points(end);
        line(at, base - 5, at, base + 5);
      }
      text(left, base - 14, 8, CAPTION);
      text(
          left + points(FloorTemplate.CHECK_BAR) + 10,
          base - 3,
          9,
          "Sheet %d: row %d, column %d. Lay the dashed frames %.0f mm over each other."
              .formatted(tile.number(), tile.row(), tile.column(), FloorTemplate.OVERLAP));
    }

    private void line(float x1, float y1, float x2, float y2) throws IOException {
      out.moveTo(x1, y1);
      out.lineTo(x2, y2);
      out.stroke();
    }

    private void text(float x, float y, float size, String words) throws IOException {
      out.beginText();
      out.setFont(font, size);
      out.newLineAtOffset(x, y);
      out.showText(words);
      out.endText();
    }

    private float x(double drawing) {
      return points(FloorTemplate.MARGIN + drawing - tile.left());
    }

    private float y(double drawing) {
      return points(template.paper().height() - FloorTemplate.MARGIN - (drawing - tile.top()));
    }
  }

  /** One sheet, from 1, or the whole drawing as sheet 0; empty when there is no such sheet. */
  Optional<String> svg(FloorTemplate template, int sheet) {
    if (sheet == 0) {
      return Optional.of(whole(template));
    }
    return template.tiles().stream()
        .filter(t -> t.number() == sheet)
        .findFirst()
        .map(t -> sheetSvg(template, t));
  }

  private static String whole(FloorTemplate template) {
    double width = template.radius() * Math.sin(Math.toRadians(template.degrees())) + 60;
    double height = template.radius() + 80;
    StringBuilder svg = open(width, height, -30, -template.radius() - 40);
    drawing(template, svg);
    bar(svg, -25, 30);
    return svg.append("</svg>").toString();
  }

  private static String sheetSvg(FloorTemplate template, FloorTemplate.Tile tile) {
    double left = tile.left() - FloorTemplate.MARGIN;
    double top = tile.top() - FloorTemplate.MARGIN;
    StringBuilder svg = open(template.paper().width(), template.paper().height(), left, top);
    svg.append(
        String.format(
            Locale.ROOT,
            "<clipPath id=\"sheet\"><rect x=\"%.2f\" y=\"%.2f\" width=\"%.2f\" height=\"%.2f\"/>"
                + "</clipPath><g clip-path=\"url(#sheet)\">",
            tile.left(),
            tile.top(),
            template.printableWidth(),
            template.printableHeight()));
    drawing(template, svg);
    svg.append("</g>");
    bar(svg, tile.left(), top + template.paper().height() - FloorTemplate.MARGIN - 4);
    return svg.append("</svg>").toString();
  }

  private static StringBuilder open(double width, double height, double left, double top) {
    return new StringBuilder(
        String.format(
            Locale.ROOT,
            "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%.2fmm\" height=\"%.2fmm\""
                + " viewBox=\"%.2f %.2f %.2f %.2f\">",
            width,
            height,
            left,
            top,
            width,
            height));
  }

  private static void drawing(FloorTemplate template, StringBuilder svg) {
    for (FloorTemplate.Stroke s : template.strokes()) {
      svg.append(
          String.format(
              Locale.ROOT,
              "<line x1=\"%.3f\" y1=\"%.3f\" x2=\"%.3f\" y2=\"%.3f\" stroke=\"#20302f\""
                  + " stroke-width=\"%.2f\"/>",
              s.x1(),
              s.y1(),
              s.x2(),
              s.y2(),
              s.strong() ? 0.8 : 0.2));
    }
    for (FloorTemplate.Label l : template.labels()) {
      svg.append(
          String.format(
              Locale.ROOT,
              "<text x=\"%.2f\" y=\"%.2f\" font-size=\"6\" font-family=\"sans-serif\">%s</text>",
              l.x(),
              l.y(),
              l.text()));
    }
  }

  private static void bar(StringBuilder svg, double x, double y) {
    svg.append(
        String.format(
            Locale.ROOT,
            "<path id=\"check-bar\" d=\"M%.2f %.2fh%.2f\" stroke=\"#20302f\" stroke-width=\"0.5\"/>"
                + "<text x=\"%.2f\" y=\"%.2f\" font-size=\"3.4\" font-family=\"sans-serif\">%s"
                + "</text>",
            x,
            y,
            FloorTemplate.CHECK_BAR,
            x,
            y + 4.5,
            CAPTION));
  }
}
