package loosehip.app.pivot;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import loosehip.app.golfer.Bench;
import loosehip.core.pivot.Club;
import loosehip.core.pivot.LeadRelease;
import loosehip.core.pivot.School;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import org.springframework.web.util.UriComponentsBuilder;

/** Sets the pivot bench beside the work of a station. */
@Component
public class PivotInstrument {
  private static final Set<String> STATIONS = Set.of("set-up", "swing");

  private final PivotPages pages;

  PivotInstrument(PivotPages pages) {
    this.pages = pages;
  }

  /** Sets the bench beside a station, with nothing tried yet. */
  public void beside(Model model, Bench bench, String station) {
    beside(model, bench, station, Map.of());
  }

  private void beside(Model model, Bench bench, String station, Map<String, String> tried) {
    show(model, bench, tried);
    if (!bench.golfer().health().refer()) {
      model.addAttribute("here", station);
    }
  }

  /**
   * Sets it there again after a save, with what was being tried kept.
   *
   * @param page the address of the page the save came from; another than Set-up and Swing has none
   * @param tried what is tried, as {@code name=value&name=value}
   */
  public void again(Model model, Bench bench, Optional<String> page, Optional<String> tried) {
    page.map(p -> UriComponentsBuilder.fromUriString(p).build().getPathSegments())
        .filter(path -> !path.isEmpty())
        .map(path -> path.get(path.size() - 1))
        .filter(STATIONS::contains)
        .ifPresent(station -> beside(model, bench, station, words(tried.orElse(""))));
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

  void show(Model model, Bench bench, Map<String, String> asked) {
    Trial trial = Trial.of(asked, bench.golfer().setup(), bench.golfer().school());
    model.addAttribute("bench", bench);
    model.addAttribute("trial", trial);
    model.addAttribute("benchSchools", School.values());
    model.addAttribute("benchClubs", Club.values());
    model.addAttribute("benchReleases", LeadRelease.values());
    STATIONS.stream()
        .filter(s -> s.equals(asked.getOrDefault("back", "")))
        .forEach(s -> model.addAttribute("here", s));
    if (!bench.golfer().health().refer()) {
      model.addAttribute("p", pages.page(bench, trial));
    }
  }
}
