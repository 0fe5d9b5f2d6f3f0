package loosehip.app.figure;

/**
 * One line of a drawing.
 *
 * @param style what it draws: {@code line}, {@code head}, {@code limb}, {@code prop}, {@code
 *     ground}, {@code arrow}, {@code arrow-head}, {@code mark}, {@code ref}
 * @param path its path
 * @param ghost whether it shows the start of a movement behind its end
 */
public record Stroke(String style, String path, boolean ghost) {
  private static final String INK = "#20302f";
  private static final String PALE = "#8a8f86";
  private static final String ACCENT = "#a94a1f";
  private static final String PAPER = "#ffffff";
  private static final String NONE = "none";

  /**
   * The styles it is shown with on a screen.
   *
   * @param leg whose limb is told apart: {@code trail}, {@code lead}, or empty for neither
   */
  public String styles(String leg) {
    String own =
        switch (style) {
          case "limb" -> leg.isEmpty() ? "fig-line" : "fig-line fig-limb-" + leg;
          default -> "fig-" + style;
        };
    return ghost ? own + " fig-ghost" : own;
  }

  /** Its path without the zeros that say nothing. */
  public String shortPath() {
    return path.replaceAll("\\.0(?![0-9])", "");
  }

  /** The colour it is filled with on paper. */
  public String fill() {
    return switch (style) {
      case "arrow-head" -> ACCENT;
      case "head" -> PAPER;
      default -> NONE;
    };
  }

  /** The colour it is drawn with on paper. */
  public String ink() {
    return switch (style) {
      case "arrow", "mark" -> ACCENT;
      case "prop", "ground", "ref" -> PALE;
      case "arrow-head" -> NONE;
      default -> INK;
    };
  }

  /** How thick it is, in units of the drawing. */
  public double width() {
    return style.equals("line") || style.equals("limb") ? 5 : 3.4;
  }
}
