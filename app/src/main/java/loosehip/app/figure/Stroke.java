package loosehip.app.figure;

/**
 * One line of a drawing.
 *
 * @param style what it draws: {@code line}, {@code head}, {@code limb}, {@code prop}, {@code
 *     ground}, {@code arrow}, {@code arrow-head}, {@code mark}, {@code ref}
 * @param path its path
 * @param ghost whether it shows the start of a movement behind its end
 */
public record Stroke(String style, String path, boolean ghost) {}
