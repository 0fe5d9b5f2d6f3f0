package loosehip.app.pivot;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.app.golfer.Workup;
import loosehip.core.safety.Passage;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import org.springframework.web.util.UriComponentsBuilder;

/** Sets the pivot beside the work of a station, to be tried there. */
@Component
public class PivotInstrument {
  private static final Set<String> STATIONS = Set.of("set-up", "swing");

  private final PivotPages pages;

  PivotInstrument(PivotPages pages) {
    this.pages = pages;
  }

  /** Sets it beside a station, with nothing tried yet. */
  public void beside(Model model, Workup workup, String station) {
    beside(model, workup, station, Map.of());
  }

  private void beside(Model model, Workup workup, String station, Map<String, String> tried) {
    of(workup, tried, Optional.of(station)).ifPresent(p -> model.addAttribute("instrument", p));
  }

  /**
   * Sets it there again after a save, with what was being tried kept.
   *
   * @param page the address of the page the save came from; another than Set-up and Swing has none
   * @param tried what is tried, as {@code name=value&name=value}
   */
  public void again(Model model, Workup workup, Optional<String> page, Optional<String> tried) {
    page.flatMap(PivotInstrument::lastSegment)
        .filter(STATIONS::contains)
        .ifPresent(station -> beside(model, workup, station, words(tried.orElse(""))));
  }

  /** The last part of an address's path; empty when there is none, or no address. */
  private static Optional<String> lastSegment(String address) {
    try {
      List<String> path = UriComponentsBuilder.fromUriString(address).build().getPathSegments();
      return path.isEmpty() ? Optional.empty() : Optional.of(path.get(path.size() - 1));
    } catch (IllegalArgumentException noAddress) {
      return Optional.empty();
    }
  }

  private static Map<String, String> words(String tried) {
    Map<String, String> words = new LinkedHashMap<>();
    for (String word : tried.split("&")) {
      String[] halves = word.split("=", 2);
      if (halves.length == 2) {
        words.put(halves[0], halves[1]);
      }
    }
    return words;
  }

  /** What is tried; empty while this golfer may not move. */
  Optional<PivotPage> of(Workup workup, Map<String, String> asked, Optional<String> station) {
    if (workup.guard().refuses(Passage.MOVES).isPresent()) {
      return Optional.empty();
    }
    Trial trial = Trial.of(asked, workup.golfer().setup(), workup.golfer().school());
    return Optional.of(pages.page(workup, trial, station));
  }

  /** The station that what was asked for stands beside; empty when it is none. */
  static Optional<String> station(Map<String, String> asked) {
    return Optional.ofNullable(asked.get("back")).filter(STATIONS::contains);
  }
}
