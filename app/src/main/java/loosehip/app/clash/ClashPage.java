package loosehip.app.clash;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import loosehip.app.document.Documents;
import loosehip.app.fact.Fact;
import loosehip.app.fact.Facts;
import loosehip.app.store.Clash;
import loosehip.app.words.Dates;

/**
 * Both sides of a clash, ready to be shown.
 *
 * @param by who said the other
 * @param at the time of day they said it
 * @param theirs what they said, in words
 * @param mine what was sent, in words
 * @param action where mine is sent again
 * @param fields what is sent again
 * @param json the same for a script
 */
public record ClashPage(
    String by,
    String at,
    String theirs,
    String mine,
    String action,
    List<Field> fields,
    String json) {
  private static final Set<String> NOT_AGAIN = Set.of("_csrf", "drawn", SeenFromRequest.OVER);

  /** A field of the form. */
  public record Field(String name, String value) {}

  static ClashPage of(Clash.Both both, HttpServletRequest request, Clock clock) {
    Map<String, Object> again = new LinkedHashMap<>();
    request
        .getParameterMap()
        .forEach(
            (name, values) -> {
              if (!NOT_AGAIN.contains(name)) {
                again.put(name, values.length == 1 ? values[0] : Arrays.asList(values));
              }
            });
    again.put(SeenFromRequest.OVER, both.row());
    List<Field> fields =
        request.getParameterMap().entrySet().stream()
            .filter(e -> !NOT_AGAIN.contains(e.getKey()))
            .flatMap(e -> Arrays.stream(e.getValue()).map(v -> new Field(e.getKey(), v)))
            .toList();
    return new ClashPage(
        both.by(),
        Dates.clock(LocalTime.ofInstant(both.at(), clock.getZone())),
        words(both.about(), both.theirs()),
        words(both.about(), both.mine()),
        request.getRequestURI(),
        Stream.concat(fields.stream(), Stream.of(new Field(SeenFromRequest.OVER, both.row())))
            .toList(),
        Documents.JSON.writeValueAsString(again));
  }

  private static String said(Fact<?> fact, String kept) {
    String label = fact.labelled(kept);
    return label.contains(": ") ? label : fact.codec().show().apply(kept);
  }

  private static String words(String about, Optional<String> value) {
    if (value.isEmpty()) {
      return "nothing, taken back";
    }
    return Facts.parse(about).map(fact -> said(fact, value.get())).orElse(value.get());
  }
}
