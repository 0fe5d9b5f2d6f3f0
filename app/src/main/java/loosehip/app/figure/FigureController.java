package loosehip.app.figure;

import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** All drawings that never change in one file, which a browser fetches once. */
@Controller
class FigureController {
  private static final Duration LONG = Duration.ofDays(365);

  private final Figures figures;

  FigureController(Figures figures) {
    this.figures = figures;
  }

  /** The symbols; an address of another edition gets those of this one, unkept. */
  @GetMapping("/figures/{edition}.svg")
  ResponseEntity<String> symbols(@PathVariable String edition) {
    CacheControl keep =
        edition.equals(figures.edition())
            ? CacheControl.maxAge(LONG).cachePublic().immutable()
            : CacheControl.noStore();
    return ResponseEntity.ok()
        .cacheControl(keep)
        .contentType(MediaType.valueOf("image/svg+xml"))
        .body(figures.symbols());
  }
}
