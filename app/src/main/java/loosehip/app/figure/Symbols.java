package loosehip.app.figure;

import java.util.Map;

/**
 * Drawings as symbols of one SVG file. Lines take their colours from the page that uses them, by
 * the custom properties of its style sheet, so that a symbol is right on paper ground and dim.
 */
final class Symbols {
  private Symbols() {}

  static String of(Map<String, Drawing> drawings) {
    StringBuilder svg = new StringBuilder("<svg xmlns=\"http://www.w3.org/2000/svg\">\n");
    drawings.forEach(
        (name, drawing) -> {
          svg.append("<symbol id=\"").append(name).append("\" viewBox=\"0 0 200 204\">");
          drawing.strokes().forEach(s -> svg.append(path(s)));
          svg.append("</symbol>\n");
        });
    return svg.append("</svg>\n").toString();
  }

  private static String path(Stroke stroke) {
    String ghost = stroke.ghost() ? " opacity=\".32\" stroke-dasharray=\"7 6\"" : "";
    return "<path d=\"" + stroke.path() + "\" " + look(stroke.style()) + ghost + "/>";
  }

  private static String look(String style) {
    String round = " stroke-linecap=\"round\" stroke-linejoin=\"round\"";
    return switch (style) {
      case "limb" -> line("--fig-limb", "var(--fig-width, 5)") + round;
      case "head" -> "fill=\"var(--fig-head)\" stroke=\"var(--fig-ink)\" stroke-width=\"4\"";
      case "prop" -> line("--soft", "4") + " stroke-linecap=\"round\"";
      case "ground" -> line("--rule", "3");
      case "arrow" -> line("--lead", "3") + " stroke-linecap=\"round\"";
      case "arrow-head" -> "fill=\"var(--lead)\"";
      case "ref" -> line("--soft", "2") + " stroke-dasharray=\"5 5\"";
      case "mark" -> line("--lead", "3.4") + " stroke-dasharray=\"3 4\"";
      default -> line("--fig-ink", "var(--fig-width, 5)") + round;
    };
  }

  private static String line(String ink, String width) {
    return "fill=\"none\" stroke=\"var(" + ink + ")\" stroke-width=\"" + width + "\"";
  }
}
